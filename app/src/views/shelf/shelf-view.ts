import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal, viewChild } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Sides } from '../../commands/sides';
import { AddContainer } from './add-container';
import { ContainerCard } from './container-card';
import { Cupboard } from './cupboard';
import { ForTripPanel } from './for-trip-panel';
import { JoinPanel } from './join-panel';
import { LookGuide } from './look-guide';
import { SeasonPanel } from './season-panel';
import { ShelfFiles } from './shelf-files';
import { ShelfStudy } from './shelf-study';
import { MissingPart } from '../../ui/missing-part';
import { answerFirstScreen } from '../../ui/wide-screen';

const SIDES = [
  { value: 'cupboard', label: 'Containers' },
  { value: 'trip', label: 'For this trip' },
  { value: 'join', label: 'Combine leftovers' },
  { value: 'season', label: 'Later trips' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Shelf: what stands in the cupboard, how that is known, and what it is good for. */
@Component({
  selector: 'app-shelf-view',
  imports: [
    MissingPart,
    AddContainer,
    ContainerCard,
    Cupboard,
    ForTripPanel,
    JoinPanel,
    LookGuide,
    NzButtonComponent,
    SeasonPanel,
    ShelfFiles,
    Sides,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Shelf</h1>
    <div class="tools">
      <app-sides
        label="What to do with the shelf"
        panelId="shelf-side"
        [options]="sides"
        [value]="side()"
        (valueChange)="side.set($event)"
      />
      @if (side() === 'cupboard') {
        <div class="acts">
          <button nz-button type="button" [attr.aria-expanded]="adds()" aria-controls="add-container" (click)="adding.set(!adds())">
            Add container
          </button>
        </div>
      }
    </div>
    <div id="shelf-side" role="tabpanel" [attr.aria-labelledby]="'shelf-side-' + side()">
      @switch (side()) {
        @case ('cupboard') {
          <div class="one-look stacked">
            <div class="first">
              <div id="add-container">
                @if (adds()) {
                  <app-add-container (added)="toCard()" />
                }
              </div>
              <app-cupboard (chosen)="toCard()" />
            </div>
            <app-container-card #card class="answer" />
            <div class="then">
              @if (study.open(); as open) {
                <app-look-guide [of]="open" />
              }
              <app-shelf-files />
            </div>
          </div>
        }
        @case ('trip') {
          @defer (on immediate) {
            <app-for-trip-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('join') {
          @defer (on immediate) {
            <app-join-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('season') {
          @defer (on immediate) {
            <app-season-panel />
          } @error {
            <app-missing-part />
          }
        }
      }
    </div>
  `,
  styleUrls: ['../../commands/sides-view.less', '../../parts/answer/one-look.less'],
})
export class ShelfView {
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('cupboard');
  protected readonly study = inject(ShelfStudy);
  protected readonly adding = signal(false);
  /** What belongs on an empty shelf is asked for at once. */
  protected readonly adds = computed(() => this.adding() || this.study.items().length === 0);
  private readonly card = viewChild<unknown, ElementRef<HTMLElement>>('card', { read: ElementRef });

  private readonly isBelow = answerFirstScreen();

  /** Where the card stands below the cupboard, as on a phone, it is brought into sight. */
  protected toCard(): void {
    if (this.isBelow()) this.card()?.nativeElement.scrollIntoView({ block: 'nearest' });
  }
}
