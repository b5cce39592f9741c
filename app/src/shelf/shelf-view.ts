import { ChangeDetectionStrategy, Component, ElementRef, signal, viewChild } from '@angular/core';
import { Sides } from '../commands/sides';
import { AddContainer } from './add-container';
import { ContainerCard } from './container-card';
import { Cupboard } from './cupboard';
import { ForTripPanel } from './for-trip-panel';
import { JoinPanel } from './join-panel';
import { SeasonPanel } from './season-panel';
import { ShelfFiles } from './shelf-files';
import { MissingPart } from '../ui/missing-part';

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
  imports: [MissingPart, AddContainer, ContainerCard, Cupboard, ForTripPanel, JoinPanel, SeasonPanel, ShelfFiles, Sides],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Shelf</h1>
    <app-sides label="What to do with the shelf" panelId="shelf-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
    <div id="shelf-side" role="tabpanel" [attr.aria-labelledby]="'shelf-side-' + side()">
      @switch (side()) {
        @case ('cupboard') {
          <div class="look">
            <div>
              <app-add-container (added)="toCard()" />
              <app-cupboard (chosen)="toCard()" />
              <app-shelf-files />
            </div>
            <app-container-card #card />
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
  styleUrl: '../commands/sides-view.less',
})
export class ShelfView {
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('cupboard');
  private readonly card = viewChild<unknown, ElementRef<HTMLElement>>('card', { read: ElementRef });

  /** Where the card stands below the cupboard, as on a phone, it is brought into sight. */
  protected toCard(): void {
    this.card()?.nativeElement.scrollIntoView({ block: 'nearest' });
  }
}
