import { bootstrapApplication } from '@angular/platform-browser';
import { appConfig } from './app.config';
import { startPlanWorker } from './platform/create-plan-worker';
import { AppShell } from './shell/app-shell';

startPlanWorker();
bootstrapApplication(AppShell, appConfig).catch((error: unknown) => console.error(error));
