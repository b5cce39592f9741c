import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { ANNOYANCES, LIMITS, type Annoyance } from '@tinder/core/domain/model';
import { WorkspaceStore } from '../../store/workspace-store';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { ANNOYANCE_WORDS } from '../../words/annoyance-words';
import { factorWords } from '../../words/log-words';
import { loadedWords } from '../../words/pack-words';
import { limitWords, oddsWords } from '../../words/risk-words';
import { Units } from '../../words/units';
import { TaperChart } from './taper-chart';
import { WalkSavings } from './walk-savings';
import { WalkStudy } from './walk-study';

/** Will it last: the taper as it went and as it will go, the least annoying way out when it is tight, what may be spent when it is not. */
@Component({
  selector: 'app-ahead-panel',
  imports: [NzButtonComponent, QuantityField, StudyNote, TaperChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.walking(); as w) {
      <h2>To {{ w.here.carry.to }}</h2>
      <p class="big">{{ chance() }}</p>
      <app-taper-chart [here]="w.here" />
      <app-study-note [study]="study.stretched" />
      @for (s of savings.ways(); track s.heading) {
        <h2>{{ s.heading }}</h2>
        <p class="big">{{ s.words }}</p>
        @if (s.saving; as saving) {
          <button nz-button class="tap" type="button" [disabled]="!study.stretched.fresh()" (click)="savings.apply(saving)">Apply</button>
        }
      }
      @if (next(); as words) {
        <h2>At {{ w.here.carry.to }}</h2>
        <p>{{ words }}</p>
      }
      <details>
        <summary>Savings you would accept, mildest first</summary>
        <ol>
          @for (a of order(); track a; let i = $index, first = $first) {
            <li>
              <span>{{ words[a] }}</span>
              <button
                nz-button
                nzSize="small"
                type="button"
                [disabled]="first"
                [attr.aria-label]="'Milder: ' + words[a]"
                (click)="milder(i)"
              >
                Milder
              </button>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Never: ' + words[a]" (click)="never(a)">Never</button>
            </li>
          }
        </ol>
        @for (a of refused(); track a) {
          <button nz-button nzSize="small" type="button" (click)="accept(a)">Accept: {{ words[a] }}</button>
        }
        <div class="fields">
          <span class="name">Shop off the trail, on day</span>
          <app-quantity-field
            label="Day of the shop off the trail"
            quantity="count"
            placeholder="none"
            [bare]="true"
            [value]="trip().detour?.day ?? null"
            [limits]="L.tripDays"
            (valueChange)="detour($event)"
          />
          @if (trip().detour) {
            <button nz-button nzSize="small" type="button" (click)="noDetour()">There is none</button>
          }
        </div>
      </details>
    }
  `,
  styleUrl: './walk.less',
  styles: `
    ol {
      margin: 0;
      padding-left: 1.4em;
    }
    li button {
      margin-left: 0.75rem;
    }
    .fields {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 0.875rem;
      align-items: baseline;
    }
    app-quantity-field {
      width: 4.375rem;
    }
    .name {
      color: var(--ink-quiet);
    }
  `,
})
export class AheadPanel {
  protected readonly study = inject(WalkStudy);
  protected readonly savings = inject(WalkSavings);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly trip = this.store.trip;
  protected readonly words = ANNOYANCE_WORDS;
  protected readonly L = LIMITS;
  protected readonly order = computed(() => this.trip().annoyances);
  protected readonly refused = computed(() => ANNOYANCES.filter((a) => !this.order().includes(a)));

  constructor() {
    this.study.stretchWanted.set(true);
  }

  protected readonly chance = computed(() => {
    const here = this.study.walking()?.here;
    if (!here) return '';
    const { units } = this;
    return `About ${units.text(Math.max(0, here.leftG.mean), 'mass')} are left (± ${units.text(here.leftG.sd, 'mass')}). Chance of running out before ${here.carry.to}: ${oddsWords(here.forecast.runOut)}; your limit is ${limitWords(here.limit)}. ${factorWords(here.factor)}`;
  });

  protected readonly next = computed(() => {
    const next = this.study.walking()?.here.next;
    if (!next) return undefined;
    const listed = next.bought.map((c) => loadedWords(c, this.units)).join('; ');
    const verb = next.supply === 'shop' ? 'Buy' : 'Collect from the mail drop:';
    return listed
      ? `${verb} ${listed}, counting what you will bring: ${this.units.text(next.fuelG, 'mass')} of fuel to ${next.to}.`
      : `Nothing has to be bought: ${this.units.text(next.fuelG, 'mass')} go on to ${next.to}.`;
  });

  protected milder(i: number): void {
    const order = [...this.order()];
    [order[i - 1], order[i]] = [order[i], order[i - 1]];
    this.store.editTripWith('savings you would accept', { annoyances: order });
  }

  protected never(a: Annoyance): void {
    this.store.editTripWith('savings you would accept', { annoyances: this.order().filter((x) => x !== a) });
  }

  protected accept(a: Annoyance): void {
    this.store.editTripWith('savings you would accept', { annoyances: [...this.order(), a] });
  }

  protected detour(day: number): void {
    this.store.editTripWith('shop off the trail', {
      detour: { day: Math.round(day), name: this.trip().detour?.name ?? 'shop off the trail' },
    });
  }

  protected noDetour(): void {
    this.store.editTripWith('no shop off the trail', { detour: null });
  }
}
