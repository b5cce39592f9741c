import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { carried, takeOnRack, type FoundKit } from '@tinder/core/studies/found';
import { KitSection } from '../../charts/kit-section';
import { WorkspaceStore } from '../../store/workspace-store';
import { againstOwnWords, hotWords, litWords } from '../../words/finder-words';
import { oddsWords } from '../../words/risk-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { FinderSearch } from './finder-search';
import { KitStudy } from './kit-study';
import { Hint } from '../../ui/hint';

/** What is carried now, to set it against. */
export interface OwnKit {
  averageG: number;
  minutesADay: number;
}

/** One kit that was found: drawn, in figures, piece by piece, and to be taken. */
@Component({
  selector: 'app-found-kit',
  imports: [Hint, KitSection, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let c = found();
    <h2>{{ stove() }}</h2>
    <p class="quiet">{{ search.nameOf(c) }}</p>
    <p class="sum">
      <span class="big">{{ units.text(c.measured.averageG, 'mass') }}</span>
      <span class="quiet">average carried weight</span>
    </p>
    @if (against(); as words) {
      <p>{{ words }}</p>
    }
    <app-kit-section [kit]="c.kit" [width]="130" />
    <dl>
      <dt appHint="base kit weight">Base kit weight</dt>
      <dd>{{ units.text(c.measured.hardwareG, 'mass') }}</dd>
      <dt appHint="containers, on average">Containers</dt>
      <dd>{{ units.text(c.measured.containersG, 'mass') }}</dd>
      <dt appHint="fuel on hand">Fuel on hand</dt>
      <dd>{{ units.text(c.measured.fuelG, 'mass') }}</dd>
      <dt class="result" appHint="stove time a day">Stove time a day</dt>
      <dd class="result">{{ units.text(c.measured.minutesADay, 'minutes', 0) }}</dd>
      <dt appHint="fuel need a day">Fuel need a day</dt>
      <dd>{{ units.text(c.measured.dayG, 'mass', 1) }}</dd>
      <dt>Meals</dt>
      <dd>{{ hotWords(c.measured.hotADay) }}</dd>
      <dt appHint="still to buy">Still to buy</dt>
      <dd>{{ c.price > 0 ? units.text(c.price, 'price') : 'nothing' }}</dd>
      @if (search.chances()?.get(c.number); as chance) {
        <dt appHint="run-out risk">Run-out risk on the trip</dt>
        <dd>{{ odds(chance) }}</dd>
      }
    </dl>
    <p class="acts">
      <button nz-button nzType="primary" nzSize="large" nzBlock type="button" (click)="take(c, true)">Apply to this trip</button>
      <button nz-button nzSize="large" nzBlock type="button" (click)="take(c, false)">Save as a kit</button>
    </p>
    <details>
      <summary>Pieces of gear in it</summary>
      <p>
        @for (p of piecesOf(c); track $index) {
          {{ p.name }}<span class="quiet">{{ p.note }}</span
          >{{ $last ? '' : ', ' }}
        }
      </p>
    </details>
  `,
  styleUrls: ['../../parts/answer/sums.less', '../../parts/answer/answer-sums.less'],
  styles: `
    h2 {
      margin: 0;
    }
    p {
      margin: 0.25rem 0;
      line-height: 1.35;
    }
    .acts {
      display: grid;
      gap: 0.5rem;
      margin: 0.75rem 0;
    }
  `,
})
export class FoundKitCard {
  readonly found = input.required<FoundKit>();
  readonly own = input<OwnKit>();
  protected readonly search = inject(FinderSearch);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly kits = inject(KitStudy);
  protected readonly hotWords = hotWords;

  protected readonly odds = oddsWords;
  protected readonly stove = computed(() => sentenceStart(litWords(this.found())));
  protected readonly against = computed(() => {
    const own = this.own();
    return own && againstOwnWords(this.found().measured, own, this.units);
  });

  protected piecesOf({ pieces }: FoundKit): { name: string; note: string }[] {
    return pieces.map((p) => ({
      name: p.name,
      note: p.have === 'wish' && p.price !== null ? ` (${p.price > 0 ? this.units.text(p.price, 'price') : 'costs nothing'})` : '',
    }));
  }

  /** What was found becomes a kit of the rack; carried, the trip is cooked as it was found to be. */
  protected take(found: FoundKit, carry: boolean): void {
    const name = this.search.nameOf(found);
    const { ways } = this.search.wish();
    let id = '';
    const isDone = this.store.editRackAndTrip(carry ? `carry ${name}` : `put ${name} on the rack`, (rack, trip) => {
      const taken = takeOnRack(rack, found, name, () => crypto.randomUUID());
      id = taken.kit.id;
      return { rack: taken.rack, trip: carry ? carried(trip, taken.rack, taken.kit, ways, found) : trip };
    });
    if (isDone) this.kits.open(id);
  }
}
