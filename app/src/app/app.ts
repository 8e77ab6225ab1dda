import { ChangeDetectionStrategy, Component, computed, effect, inject, Injector } from '@angular/core';
import { Location } from '@angular/common';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router, RouterOutlet } from '@angular/router';
import { filter, map, timer } from 'rxjs';
import { ownOf } from '@orvin/core/ground/records';
import { FocusKeeper } from './frame/focus-keeper';
import { FormulaStrip } from './frame/formula-strip';
import { ImportQuestion } from './frame/import-question';
import { KeepVersion } from './frame/keep-version';
import { Keyboard } from './frame/keyboard';
import { KeysDialog } from './frame/keys-dialog';
import { PicturesDialog } from './frame/pictures-dialog';
import { Rail } from './frame/rail';
import { ThemeSwitch } from './frame/theme';
import { ToastPlace } from './frame/toast-place';
import { STATION_NAMES } from './frame/stations';
import { TroubleStrip } from './frame/trouble';
import { Updates } from './frame/updates';
import { Keeping } from './parts/keeping';
import { Toasts } from './parts/toasts';
import { FormulaStore } from './store/formula-store';
import { Intake } from './work/intake';
import { OnBench } from './work/on-bench';

/** Milliseconds after the start, and between, that backups are looked after. */
const QUIET_START = 20_000;
const HOUR = 3_600_000;

@Component({
  selector: 'orv-root',
  imports: [
    FormulaStrip,
    ImportQuestion,
    KeepVersion,
    KeysDialog,
    PicturesDialog,
    Rail,
    RouterOutlet,
    ToastPlace,
    TroubleStrip,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <a class="skip" href="#station" (click)="toStation($event)" i18n>To the sheet</a>
    @if (!alone()) {
      <orv-rail />
    }
    @defer (when showsFormula()) {
      @if (showsFormula()) {
        <orv-formula-strip class="at-hand" />
      }
    } @loading {
      @if (showsFormula()) {
        <div class="strip-place"></div>
      }
    }
    <orv-trouble />
    <main id="station" tabindex="-1">
      @if (heading(); as heading) {
        <h1 class="unseen">{{ heading }}</h1>
      }
      <router-outlet />
    </main>
    @defer (when toasts.needed()) {
      <orv-toast-place />
    }
    @defer (when keyboard.helpOpen()) {
      <orv-keys-dialog />
    }
    @defer (when keyboard.picturesOpen()) {
      <orv-pictures-dialog />
    }
    @defer (when intake.question()) {
      @if (intake.question()) {
        <orv-import-question />
      }
    }
    @defer (when keeping.open()) {
      <orv-keep-version />
    }
  `,
  styleUrl: './app.css',
})
export class App {
  protected readonly keyboard = inject(Keyboard);
  protected readonly keeping = inject(Keeping);
  protected readonly toasts = inject(Toasts);
  protected readonly intake = inject(Intake);
  private readonly onBench = inject(OnBench);
  private readonly router = inject(Router);
  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map((event) => event.urlAfterRedirects),
    ),
    // its address is known before the router has come to it: what it holds has its place from the first paint on
    { initialValue: inject(Location).path() },
  );

  private readonly titleAtHand = () => {
    const title = this.onBench.record()?.formula.title ?? '';
    return title === '' ? $localize`a formula without a name` : title;
  };
  /** What this place is, for whom cannot see it; the sheet to cook from has its title in sight. */
  protected readonly heading = computed(() => {
    const [, station = '', , part] = this.url().split(/[/?]/, 5);
    if (station === '' || part === 'sheet') return undefined;
    const name = ownOf<string>(STATION_NAMES, station) ?? '';
    return this.showsFormula() ? `${name}: ${this.titleAtHand()}` : name;
  });

  constructor() {
    inject(ThemeSwitch);
    inject(FocusKeeper);
    const store = inject(FormulaStore);
    effect(() => {
      const notice = store.notice();
      if (notice !== undefined) this.toasts.show(notice);
    });
    const updates = inject(Updates);
    // nobody is told of it while a bake has the screen
    const told = effect(() => {
      if (!updates.waits() || this.alone()) return;
      told.destroy();
      const reload = { label: $localize`Reload`, run: () => location.reload() };
      this.toasts.show(
        $localize`A newer Orvin is here.`,
        $localize`It is used from the next start on; nothing is lost by it.`,
        reload,
      );
    });
    timer(HOUR, HOUR)
      .pipe(takeUntilDestroyed())
      .subscribe(() => updates.look());
    const injector = inject(Injector);
    // once the first screen stands: nobody waits for a backup
    timer(QUIET_START, HOUR)
      .pipe(takeUntilDestroyed())
      .subscribe(() => void import('./frame/backup-news').then(({ BackupNews }) => injector.get(BackupNews).look(Date.now()))); // prettier-ignore
    // only where the baker asked for it: nobody else loads what finds out
    if ('Notification' in globalThis && Notification.permission === 'granted')
      void import('./work/keeping-reminders').then(({ KeepingReminders }) => {
        injector.get(KeepingReminders).say();
      });
  }

  /** A bake that is under way has the whole screen: it is read across the counter. */
  protected alone(): boolean {
    return /^\/bake\/[^/?]/.test(this.url());
  }

  protected showsFormula(): boolean {
    return /^\/(?:bench|batch|oven)\/(?!.*\/sheet)/.test(this.url());
  }

  protected toStation(event: Event): void {
    event.preventDefault();
    document.getElementById('station')?.focus();
  }
}
