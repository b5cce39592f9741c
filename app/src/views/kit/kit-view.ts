import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { Sides } from '../../commands/sides';
import { ComparePanel } from './compare-panel';
import { DiaryPanel } from './diary-panel';
import { FinderPanel } from './finder-panel';
import { KitAnswer } from './kit-answer';
import { KitPicker } from './kit-picker';
import { KitPieces } from './kit-pieces';
import { KitsList } from './kits-list';
import { LightenPanel } from './lighten-panel';
import { LossesPanel } from './losses-panel';
import { NestPanel } from './nest-panel';
import { PiecesList } from './pieces-list';
import { MissingPart } from '../../ui/missing-part';

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
    KitAnswer,
    KitPicker,
    KitPieces,
    KitsList,
    LightenPanel,
    LossesPanel,
    NestPanel,
    PiecesList,
    Sides,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Kit</h1>
    <div class="tools">
      <app-sides label="What to do with the kits" panelId="kit-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
      @if (side() === 'build') {
        <div class="acts"><app-kit-picker /></div>
      }
    </div>
    <div id="kit-side" role="tabpanel" [attr.aria-labelledby]="'kit-side-' + side()">
      @switch (side()) {
        @case ('build') {
          <div class="one-look stacked answer-first">
            <app-nest-panel class="first" />
            <app-kit-answer class="answer" />
            <div class="lists then">
              <app-kit-pieces />
              <app-pieces-list />
            </div>
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
            <app-kits-list />
            <app-compare-panel />
          } @error {
            <app-missing-part />
          }
        }
        @case ('lighter') {
          @defer (on immediate) {
            <app-lighten-panel />
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
  styleUrls: ['../../commands/sides-view.less', '../../parts/answer/one-look.less'],
  styles: `
    // room for the pot, so that nothing jumps when what is in it is known
    app-nest-panel {
      min-height: 24rem;
    }
    .lists {
      display: grid;
      grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
      gap: 1rem 2rem;
      padding-top: 0.625rem;
      border-top: 1px solid var(--hairline);
    }
    @media (max-width: 720px) {
      .lists {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class KitView {
  protected readonly sides = SIDES;
  protected readonly side = signal<Side>('build');
}
