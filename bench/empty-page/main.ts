import { Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { provideRouter } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { NzButtonComponent } from 'ng-zorro-antd/button';

/** As little as an Angular page can be that has what ours has of the framework and one button of NG-ZORRO: what ours takes longer is our own. */
@Component({
  selector: 'app-root',
  imports: [NzButtonComponent],
  template: `
    <button nz-button type="button" (click)="isPressed.set(true)">Show</button>
    @if (isPressed()) {
      <p class="there">there</p>
    }
  `,
})
class EmptyPage {
  protected readonly isPressed = signal(false);
}

bootstrapApplication(EmptyPage, {
  providers: [
    provideZonelessChangeDetection(),
    provideRouter([]),
    provideServiceWorker('ngsw-worker.js', { registrationStrategy: 'registerWhenStable:10000' }),
  ],
}).catch((error: unknown) => console.error(error));
