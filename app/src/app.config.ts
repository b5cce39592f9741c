import {
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { provideRouter, withNavigationErrorHandler, withRouterConfig } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { routes } from './app.routes';
import { AppUpdates } from './platform/app-updates';
import { provideStore } from './store/provide-store';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideRouter(
      routes,
      withNavigationErrorHandler((e) => inject(AppUpdates).viewIsGone(e.error)),
      withRouterConfig({ resolveNavigationPromiseOnError: true }), // told by the handler, which throws what it does not know
    ),
    provideNzI18n(en_US),
    provideStore(),
    provideServiceWorker('ngsw-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:10000' }),
  ],
};
