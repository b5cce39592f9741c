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
import { InTurn } from '../ui/in-turn';

const SIDES = [
  { value: 'build', label: 'build it' },
  { value: 'find', label: 'find one' },
  { value: 'compare', label: 'side by side' },
  { value: 'lighter', label: 'make it lighter' },
  { value: 'lose', label: 'lose one' },
  { value: 'diary', label: 'diary' },
] as const;
type Side = (typeof SIDES)[number]['value'];

/** Kit: weighed pieces become kits; kits are nested, compared, lightened and taken apart on this trip. */
@Component({
  selector: 'app-kit-view',
  imports: [ComparePanel, DiaryPanel, FinderPanel, InTurn, KitBuilder, KitsList, LadderPanel, LossesPanel, NestPanel, PiecesList, Sides],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h1 class="hidden-text">Kit</h1>
    <app-sides label="What to do with the kits" panelId="kit-side" [options]="sides" [value]="side()" (valueChange)="side.set($event)" />
    <div id="kit-side" role="tabpanel" [attr.aria-labelledby]="'kit-side-' + side()">
      @switch (side()) {
        @case ('build') {
          <div class="build">
            <div>
              <app-kits-list *appInTurn="1" />
              <app-pieces-list *appInTurn="2" />
            </div>
            <app-kit-builder *appInTurn="3" />
            <app-nest-panel *appInTurn="4" />
          </div>
        }
        @case ('find') {
          <app-finder-panel *appInTurn="1" />
        }
        @case ('compare') {
          <app-compare-panel *appInTurn="1" />
        }
        @case ('lighter') {
          <app-ladder-panel *appInTurn="1" />
        }
        @case ('lose') {
          <app-losses-panel *appInTurn="1" />
        }
        @case ('diary') {
          <app-diary-panel *appInTurn="1" />
        }
      }
    </div>
  `,
  styleUrl: '../commands/sides-view.less',
  styles: `
    .build {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr) minmax(0, 1fr);
      gap: 16px 32px;
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
