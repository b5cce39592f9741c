import { bootstrapApplication } from '@angular/platform-browser';
import { appConfig } from './app.config';
import { AppShell } from './shell/app-shell';

bootstrapApplication(AppShell, appConfig).catch((error: unknown) => console.error(error));
