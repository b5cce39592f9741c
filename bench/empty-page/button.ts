import { Component, provideZonelessChangeDetection } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { NzButtonComponent } from 'ng-zorro-antd/button';

/** The same with one button of NG-ZORRO: what a page of that library takes before it is anything. */
@Component({ selector: 'app-root', imports: [NzButtonComponent], template: '<button nz-button class="there">there</button>' })
class ButtonPage {}

bootstrapApplication(ButtonPage, {
  providers: [
    provideZonelessChangeDetection(),
    provideRouter([]),
    provideServiceWorker('ngsw-worker.js', { registrationStrategy: 'registerWhenStable:10000' }),
  ],
}).catch((error: unknown) => console.error(error));
