import { ChangeDetectionStrategy, Component, computed, effect, inject, output } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { WorkspaceStore } from '../../store/workspace-store';
import { Icon } from '../../ui/icon';
import { StudyNote } from '../../ui/study-note';
import { asSeenWords, readsLessWords } from '../../words/tripwire-words';
import { Units } from '../../words/units';
import { walkStandWords } from '../../words/walk-verdict-words';
import { FuelBar } from './fuel-bar';
import { WalkSavings } from './walk-savings';
import { WalkStudy } from './walk-study';

/** Where one stands, first thing at camp: enough, tight or not enough in one coloured block, what is left, and the mildest thing to do. */
@Component({
  selector: 'app-stand-panel',
  imports: [FuelBar, Icon, NzButtonComponent, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (stand(); as s) {
      <div class="state" [class]="s.state" role="group" aria-label="Will it last">
        <app-icon [name]="s.state" />
        <p>
          <b>{{ s.lead }}</b> {{ s.rest }}
        </p>
      </div>
      <div>
        <p class="quiet">{{ s.day }}</p>
        <app-fuel-bar [here]="s.here">{{ s.seen }}</app-fuel-bar>
      </div>
      @if (s.state === 'within') {
        @if (s.save) {
          <p>{{ s.save }}</p>
        }
      } @else {
        <div class="do">
          <h2>What to do</h2>
          <app-study-note [study]="study.stretched" />
          @if (way(); as w) {
            @if (!w.saving) {
              <p>{{ w.heading }}.</p>
            }
            <p>{{ w.words }}</p>
            <div class="taps">
              @if (w.saving; as saving) {
                <button nz-button class="tap" type="button" [disabled]="!study.stretched.fresh()" (click)="savings.apply(saving)">
                  Apply
                </button>
              }
              <button nz-button class="tap" type="button" (click)="others.emit()">Other ways</button>
            </div>
          } @else {
            <p class="quiet">Looking for the mildest way…</p>
          }
        </div>
      }
    }
  `,
  styleUrl: './walk.less',
  styles: `
    .state {
      display: grid;
      grid-template-columns: 2rem minmax(0, 1fr);
      gap: 0.875rem;
      align-items: center;
      min-height: 5.5rem;
      padding: 0.75rem 1rem;
      background: var(--lichen-ground);
      p {
        margin: 0;
        font-size: 1.0625rem;
        line-height: 1.3;
      }
      b {
        display: block;
        font-size: 1.75rem;
        line-height: 1.15;
      }
      app-icon {
        font-size: 2rem;
      }
    }
    .tight,
    .short {
      background: var(--alarm-ground);
      color: var(--alarm-ink);
      outline: 2px solid var(--ember-text);
      outline-offset: -2px;
    }
    .do {
      min-height: 6.5rem;
    }
    h2,
    p {
      margin: 0.375rem 0;
      line-height: 1.35;
    }
    @media (min-width: 1181px) {
      :host {
        display: grid;
        grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.2fr) minmax(0, 1fr);
        gap: 1.5rem;
        align-items: start;
        padding: 0.5rem 0 0.75rem;
      }
    }
  `,
})
export class StandPanel {
  protected readonly study = inject(WalkStudy);
  protected readonly savings = inject(WalkSavings);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  /** Other ways out were asked for. */
  readonly others = output();

  constructor() {
    effect(() => {
      const stand = this.stand();
      if (stand && stand.state !== 'within') this.study.stretchWanted.set(true);
    });
  }

  protected readonly stand = computed(() => {
    const walking = this.study.walking();
    if (!walking) return undefined;
    const { here, reads, save } = walking;
    const late = this.store.trip().walk?.daysLate ?? 0;
    const days = late === 0 ? '' : late > 0 ? `, ${late} late` : `, ${-late} early`;
    const camp = save?.day === here.day ? 'Tonight' : `At the camp of day ${save?.day}`;
    return {
      here,
      ...walkStandWords(here, this.units),
      day: `Day ${here.day}${days}, ${here.carry.from} to ${here.carry.to}`,
      seen: asSeenWords(reads, this.units),
      save: save && `${camp}, start saving fuel if ${readsLessWords(save.below, this.units)}.`,
    };
  });
  /** The mildest of them. */
  protected readonly way = computed(() => this.savings.ways()?.[0]);
}
