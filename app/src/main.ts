import { isDevMode } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/app';
import { appConfig } from './app/app.config';
import { loadAhead } from './app/app.routes';
import { elsewhere } from './app/frame/language';
import { trustOwnScripts } from './app/trusted-scripts';

trustOwnScripts();
const other = isDevMode() ? undefined : elsewhere(document.baseURI, location.href, navigator.languages);
if (other !== undefined) location.replace(other);
else {
  loadAhead(location.pathname.slice(new URL(document.baseURI).pathname.length));
  void bootstrapApplication(App, appConfig);
}
