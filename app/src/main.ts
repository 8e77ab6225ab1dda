import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/app';
import { appConfig } from './app/app.config';
import { trustOwnScripts } from './app/trusted-scripts';

trustOwnScripts();
void bootstrapApplication(App, appConfig);
