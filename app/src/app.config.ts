import {
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { provideRouter, withNavigationErrorHandler, withRouterConfig } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { routes } from './app.routes';
import { AppUpdates } from './platform/app-updates';
import { provideStore } from './store/provide-store';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideRouter(
      routes,
      withNavigationErrorHandler((e) => inject(AppUpdates).partIsGone(e.error)),
      withRouterConfig({ resolveNavigationPromiseOnError: true }), // told by the handler, which throws what it does not know
    ),
    provideStore(),
    provideServiceWorker('tinder-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:10000' }),
  ],
};
