import { Component, provideZonelessChangeDetection } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';

/** As little as an Angular page can be that has what ours has of the framework: what ours takes longer is our own. */
@Component({ selector: 'app-root', template: '<p class="there">there</p>' })
class EmptyPage {}

bootstrapApplication(EmptyPage, {
  providers: [
    provideZonelessChangeDetection(),
    provideRouter([]),
    provideServiceWorker('ngsw-worker.js', { registrationStrategy: 'registerWhenStable:10000' }),
  ],
}).catch((error: unknown) => console.error(error));
