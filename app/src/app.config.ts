import {
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
  type ApplicationConfig,
} from '@angular/core';
import { provideRouter, withNavigationErrorHandler, withRouterConfig } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideNzNoAnimation } from 'ng-zorro-antd/core/animation';
import { routes } from './app.routes';
import { AppUpdates } from './platform/app-updates';
import { provideStore } from './store/provide-store';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideNzNoAnimation(), // a menu that opens again while it closes would be taken away with what has closed
    provideRouter(
      routes,
      withNavigationErrorHandler((e) => inject(AppUpdates).partIsGone(e.error)),
      withRouterConfig({ resolveNavigationPromiseOnError: true }), // told by the handler, which throws what it does not know
    ),
    provideStore(),
    provideServiceWorker('tinder-worker.js', { enabled: !isDevMode(), registrationStrategy: 'registerWhenStable:10000' }),
  ],
};
