import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';

/** Starts a page that has what ours has of the framework. */
export function start(page: Type<unknown>): void {
  bootstrapApplication(page, {
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      provideServiceWorker('ngsw-worker.js', { registrationStrategy: 'registerWhenStable:10000' }),
    ],
  }).catch((error: unknown) => console.error(error));
}
