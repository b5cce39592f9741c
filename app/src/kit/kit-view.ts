import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { Sides } from '../commands/sides';
import { ComparePanel } from './compare-panel';
import { DiaryPanel } from './diary-panel';
import { FinderPanel } from './finder-panel';
import { KitBuilder } from './kit-builder';
import { KitsList } from './kits-list';
import { LadderPanel } from './ladder-panel';
import { LossesPanel } from './losses-panel';
import { NestPanel } from './nest-panel';
import { PiecesList } from './pieces-list';
import { MissingPart } from '../ui/missing-part';

const SIDES = [
  { value: 'build', label: 'Build' },
  { value: 'find', label: 'Find the best' },
  { value: 'compare', label: 'Compare' },
  { value: 'lighter', label: 'Lighten' },
  { value: 'lose', label: 'If you lose it' },
  { value: 'diary', label: 'Gear log' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Kit: weighed pieces become kits; kits are nested, compared, lightened and taken apart on this trip. */
@Component({
  selector: 'app-kit-view',
  imports: [
    MissingPart,
    ComparePanel,
    DiaryPanel,
    FinderPanel,
    KitBuilder,
    KitsList,
    LadderPanel,
    LossesPanel,
    NestPanel,
    PiecesList,
    Sides,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Kit</h1>
    <app-sides label="What to do with the kits" panelId="kit-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
    <div id="kit-side" role="tabpanel" [attr.aria-labelledby]="'kit-side-' + side()">
      @switch (side()) {
        @case ('build') {
          <div class="build">
            <div>
              <app-kits-list />
              <app-pieces-list />
            </div>
            <app-kit-builder />
            <app-nest-panel />
          </div>
        }
        @case ('find') {
          @defer (on immediate) {
            <app-finder-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('compare') {
          @defer (on immediate) {
            <app-compare-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('lighter') {
          @defer (on immediate) {
            <app-ladder-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('lose') {
          @defer (on immediate) {
            <app-losses-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('diary') {
          @defer (on immediate) {
            <app-diary-panel />
          } @error {
            <app-missing-part />
          }
        }
      }
    </div>
  `,
  styleUrl: '../commands/sides-view.less',
  styles: `
    .build {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr) minmax(0, 1fr);
      gap: 1rem 2rem;
    }
    @media (max-width: 1000px) {
      .build {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class KitView {
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('build');
}
