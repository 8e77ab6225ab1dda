import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/app';
import { appConfig } from './app/app.config';
import { loadAhead } from './app/app.routes';
import { trustOwnScripts } from './app/trusted-scripts';

trustOwnScripts();
loadAhead(location.pathname);
void bootstrapApplication(App, appConfig);
