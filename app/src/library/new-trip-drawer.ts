import { ChangeDetectionStrategy, Component, effect, inject, signal } from '@angular/core';
import { NzDrawerComponent, NzDrawerContentDirective } from 'ng-zorro-antd/drawer';
import { Commands } from '../commands/commands';
import { HandedFile } from '../platform/handed-file';
import { Choice } from '../ui/choice';
import { TrackTrip } from './track-trip';
import { StarterTrip } from './starter-trip';
import { Dialog } from '../ui/dialog';

/** Two ways to a new trip: a few answers, or a track. */
@Component({
  selector: 'app-new-trip-drawer',
  imports: [Dialog, Choice, TrackTrip, NzDrawerComponent, NzDrawerContentDirective, StarterTrip],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-drawer [nzVisible]="commands.panel() === 'newTrip'" [nzWidth]="440" [nzClosable]="false" (nzOnClose)="commands.close()">
      <ng-container *nzDrawerContent>
        @if (commands.panel() === 'newTrip') {
          <section appDialog aria-labelledby="new-trip-title">
            <h2 id="new-trip-title" class="sign">a new trip</h2>
            <app-choice label="How to start" [options]="ways" [value]="way()" (valueChange)="way.set($event)" />
            @if (way() === 'answers') {
              <app-starter-trip (made)="commands.close()" />
            } @else {
              <app-track-trip (made)="commands.close()" />
            }
            <button class="ant-btn word" type="button" (click)="commands.close()">close <kbd>Esc</kbd></button>
          </section>
        }
      </ng-container>
    </nz-drawer>
  `,
  styles: `
    kbd {
      margin-left: 6px;
      font: inherit;
    }
  `,
})
export class NewTripDrawer {
  protected readonly commands = inject(Commands);
  protected readonly ways = [
    { value: 'answers', label: 'from a few answers' },
    { value: 'track', label: 'along a track' },
  ] as const;
  protected readonly way = signal<'answers' | 'track'>('answers');

  constructor() {
    const handed = inject(HandedFile);
    effect(() => handed.track() && this.way.set('track'));
  }
}
