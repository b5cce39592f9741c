import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { EVERYTHING, gramPrices, packageById } from '@tinder/core/domain/carry';
import { stockOf } from '@tinder/core/domain/shelf';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { StudyNote } from '../../ui/study-note';
import { today } from '../../ui/today';
import { containersInWords } from '../../words/container-words';
import { EMPTIES_WORDS } from '../../words/look-guide-words';
import { Units } from '../../words/units';
import { Hint } from '../../ui/hint';
import { dateText } from '../../words/date-text';

/** Every trip with a day to come, one after another: what each takes from the shelf, what is bought where, and what a gram costs by size. */
@Component({
  selector: 'app-season-panel',
  imports: [Hint, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>What to buy for later trips</h2>
    <app-study-note [study]="asked" of="trips" />
    @if (plan(); as p) {
      <p class="sum">{{ p.sum }}</p>
      <table class="stacks">
        <thead>
          <tr>
            <th scope="col">Trip</th>
            <th scope="col">From</th>
            <th scope="col" appHint="takes from the shelf">Takes from the shelf</th>
            <th scope="col" appHint="buys, for a season">Buys</th>
            <th scope="col" class="number" appHint="for, in money">For</th>
          </tr>
        </thead>
        <tbody>
          @for (t of p.trips; track t.id) {
            <tr>
              <th scope="row">{{ t.name }}</th>
              <td data-label="From">{{ t.from }}</td>
              <td data-label="Takes from the shelf">{{ t.taken }}</td>
              <td data-label="Buys">{{ t.bought }}</td>
              <td data-label="For" class="number">{{ t.price }}</td>
            </tr>
          } @empty {
            <tr>
              <td colspan="5" class="quiet">No trip in the library starts today or later.</td>
            </tr>
          }
        </tbody>
      </table>
      @if (p.left) {
        <p>{{ p.left }}</p>
      }
    } @else if (!asked.problem()) {
      <p class="quiet">Planning one trip after another…</p>
    }
    <div class="two">
      <div>
        <h3>Price by size and shop</h3>
        <table class="stacks">
          <thead>
            <tr>
              <th scope="col">Package</th>
              <th scope="col">Where</th>
              <th scope="col" class="number">Price</th>
              <th scope="col" class="number">{{ hundred() }}</th>
            </tr>
          </thead>
          <tbody>
            @for (o of offers(); track $index) {
              <tr>
                <th scope="row">{{ o.name }}</th>
                <td data-label="Where">{{ o.where }}</td>
                <td data-label="Price" class="number">{{ o.price }}</td>
                <td [attr.data-label]="hundred()" class="number">{{ o.per }}</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <div>
        <h3>Empty containers</h3>
        <p>{{ empties }}</p>
      </div>
    </div>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    th,
    td {
      white-space: normal;
    }
    .sum {
      margin: 0.375rem 0;
      font: 700 1.1875rem/1.25 var(--signs);
    }
    .two {
      margin-top: 0.625rem;
    }
    p {
      max-width: 80ch;
      line-height: 1.35;
    }
  `,
})
export class SeasonPanel {
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly empties = EMPTIES_WORDS;

  protected readonly asked = study(
    RESTING,
    () => ({ rack: this.store.rack(), library: this.store.workspace().library }),
    ({ rack, library }, run) => {
      const trips = library.filter((s) => !s.archived).map((s) => s.trip);
      return this.worker.ask('season', { rack }, { trips, today: today() }, run);
    },
  );
  protected readonly hundred = computed(() => `for ${this.units.text(100, 'mass')}`);
  protected readonly plan = computed(() => {
    const season = this.asked.fresh() ? this.asked.last()?.answer : undefined;
    if (!season) return undefined;
    const text = (v: number, q: 'mass' | 'price'): string => this.units.text(v, q);
    const left = season.shelf.map((c) => ({ c, g: stockOf(c).left.massG })).filter((x) => x.g >= 1);
    return {
      sum: `${text(season.price, 'price')} to buy in all; ${text(season.priceWithoutShelf, 'price')} if the shelf were empty, ${text(season.priceByMoney, 'price')} if only money counted.`,
      trips: season.trips.map((t) => ({
        id: t.id,
        name: t.name,
        from: dateText(t.startDate),
        taken: t.taken.map((x) => `${x.name} (${text(x.fuelG, 'mass')})`).join(', ') || 'nothing',
        bought: t.bought.map((b) => `${b.stop}: ${containersInWords(b, this.units)}`).join('; ') || 'nothing',
        price: text(t.price, 'price'),
      })),
      left: left.length ? `On the shelf afterwards: ${left.map((x) => `${x.c.name}, ${text(x.g, 'mass')}`).join('; ')}.` : '',
    };
  });

  /** Packages on sale at the stops of every trip, and from home at usual prices, the cheapest gram first. */
  protected readonly offers = computed(() => {
    const stops = this.store.workspace().library.flatMap((s) => s.trip.stops);
    const sold = stops.flatMap((stop) => stop.sells.map((x) => ({ ...x, place: stop.name })));
    const home = EVERYTHING.map((o) => ({ ...o, place: 'at home' }));
    return gramPrices([...sold, ...home]).map((o) => ({
      name: packageById(o.packageId).name,
      where: o.assumed ? `${o.place}, usual price` : o.place,
      price: this.units.text(o.price, 'price'),
      per: this.units.text(100 * o.perG, 'price'),
    }));
  });
}
