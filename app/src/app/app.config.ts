import {
  type ApplicationConfig,
  ErrorHandler,
  inject,
  isDevMode,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
} from '@angular/core';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { MessageService } from 'primeng/api';
import { providePrimeNG } from 'primeng/config';
import { routes } from './app.routes';
import { Mishaps } from './frame/updates';
import { OrvinPreset } from './preset';
import { CHECK_ROWS, type CheckRows } from './store/checking';
import { openStores } from './store/open-stores';
import { Work } from './work/work-client';

const LISTED = { role: 'region', 'aria-label': $localize`To choose from` };

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideRouter(routes, withComponentInputBinding()),
    { provide: ErrorHandler, useClass: Mishaps },
    providePrimeNG({
      theme: {
        preset: OrvinPreset,
        // day and night are our own custom properties: PrimeNG's dark scheme never applies
        options: { darkModeSelector: '.never', cssLayer: { name: 'primeng', order: 'base, primeng, app' } },
      },
      ripple: false,
      // a list hangs on the body, beside every landmark: while it is open it is one of its own
      pt: { select: { pcOverlay: { root: LISTED } }, autocomplete: { pcOverlay: { root: LISTED } } },
    }),
    provideServiceWorker('ngsw-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:10000' }),
    MessageService,
    {
      provide: CHECK_ROWS,
      useFactory: (): CheckRows => {
        const work = inject(Work);
        return (table, rows) => work.run('check-rows', { table, rows });
      },
    },
    provideAppInitializer(() => inject(openStores)()),
  ],
};
