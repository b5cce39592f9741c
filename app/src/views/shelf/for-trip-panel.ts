import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { Place } from '@tinder/core/domain/model';
import { burntOn } from '@tinder/core/planning/plan';
import { withWholeShelf } from '@tinder/core/domain/shelf';
import { StaleShelf } from '../../parts/answer/stale-shelf';
import { ContainerShape } from '../../charts/container-shape';
import { PlanService } from '../../planning/plan-service';
import { putBack } from '../../planning/put-back';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { PickField } from '../../ui/pick-field';
import { StudyNote } from '../../ui/study-note';
import { containerWords } from '../../words/container-words';
import { canDaysWords, shelfWorthWords, toFinishWords, wayWords } from '../../words/own-words';
import { Units } from '../../words/units';
import { ShelfStudy, type Shelved } from './shelf-study';
import { Hint } from '../../ui/hint';

/** What of the shelf comes along on the open trip, where it is packed, what it is worth, and how it comes home. */
@Component({
  selector: 'app-for-trip-panel',
  imports: [ContainerShape, Hint, NzButtonComponent, PickField, StaleShelf, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Your containers for {{ store.trip().name }}</h2>
    <app-stale-shelf />
    <app-study-note [study]="asked" of="ways" />
    @if (worth(); as words) {
      <p class="worth">{{ words }}</p>
    } @else if (!asked.problem()) {
      <p class="quiet">Planning the trip with the shelf and without…</p>
    }
    <p class="acts">
      <button nz-button nzSize="small" type="button" (click)="offerAll()">Offer all</button>
      <button nz-button nzSize="small" type="button" [disabled]="!store.trip().own.length" (click)="leaveAll()">
        Leave it all at home
      </button>
      <button nz-button nzSize="small" type="button" [disabled]="!isTaken()" (click)="bringHome()">
        The trip is done: put back what is left
      </button>
    </p>
    <div class="two">
      <div>
        <h3 appHint="each of them">Each container</h3>
        <table class="stacks">
          <thead>
            <tr>
              <th scope="col">Container</th>
              <th scope="col" appHint="left in it">In it</th>
              <th scope="col" appHint="on this trip">On this trip</th>
              <th scope="col" appHint="as planned, of a container">As planned</th>
            </tr>
          </thead>
          <tbody>
            @for (r of rows(); track r.of.item.id) {
              <tr [class.on]="r.planned">
                <th scope="row">{{ r.of.item.name }}</th>
                <td data-label="in it">{{ r.left }}</td>
                <td data-label="On this trip">
                  <app-pick-field
                    [label]="r.of.item.name + ' on this trip'"
                    [quietly]="true"
                    [options]="places()"
                    [value]="r.place"
                    [unlisted]="r.gone"
                    (valueChange)="put(r.of, $event)"
                  />
                </td>
                <td data-label="As planned">{{ r.planned || r.otherwise }}</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <div>
        @if (ways(); as list) {
          <h3>Choices compared</h3>
          <table class="stacks">
            <thead>
              <tr>
                <th scope="col">Way</th>
                <th scope="col" class="number" appHint="average carried weight">Average carried weight</th>
                <th scope="col" class="number" appHint="to buy, on the way">To buy</th>
                <th scope="col" class="number" appHint="hot meals missed">Hot meals missed</th>
              </tr>
            </thead>
            <tbody>
              @for (w of list; track w.words) {
                <tr>
                  <th scope="row">{{ w.words }}</th>
                  <td data-label="Average carried weight" class="number">{{ w.average }}</td>
                  <td data-label="To buy" class="number">{{ w.price }}</td>
                  <td data-label="Hot meals missed" class="number">{{ w.missed }}</td>
                </tr>
              }
            </tbody>
          </table>
          @if (toFinish(); as words) {
            <p>{{ words }}</p>
          }
          <p class="quiet">
            An old canister with little fuel may weigh more than a small new one: then leave it at home. Each choice is the trip planned
            again, by your measure of weight.
          </p>
        }
        <h3>Which canister on which night</h3>
        @for (c of nights(); track c.id) {
          <p class="from">Out of {{ c.from }}</p>
          <ul>
            @for (x of c.containers; track $index) {
              <li>
                <app-container-shape [container]="x.container" [scale]="0.5" />
                <span
                  ><b>{{ x.name }}</b> {{ x.days }}</span
                >
              </li>
            }
          </ul>
        } @empty {
          <p class="quiet">No leg of this trip uses anything from the shelf.</p>
        }
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
    td::before {
      flex: none;
    }
    .worth {
      max-width: 80ch;
      margin: 0.375rem 0;
      font: 700 1.1875rem/1.25 var(--signs);
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0 1.375rem;
      margin: 2px 0 0.5rem;
    }
    h3 {
      margin: 0.5rem 0 0;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: 2rem minmax(0, 1fr);
      gap: 0.625rem;
      align-items: center;
    }
    p {
      line-height: 1.3;
    }
    .from {
      margin: 0.375rem 0 0;
      color: var(--ink-quiet);
    }
  `,
})
export class ForTripPanel {
  protected readonly study = inject(ShelfStudy);
  protected readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);

  protected readonly asked = study(
    RESTING,
    () => ({ trip: this.store.trip(), rack: this.store.rack() }),
    ({ trip, rack }, run) => this.worker.ask('ownChoice', { trip, rack }, undefined, run),
  );
  private readonly found = computed(() => (this.asked.fresh() ? this.asked.last()?.answer : undefined));
  protected readonly worth = computed(() => {
    const found = this.found();
    return found ? shelfWorthWords(found, this.units) : undefined;
  });
  private readonly nameOf = (id: string): string => this.study.items().find((c) => c.id === id)?.name ?? 'one that is gone';
  protected readonly ways = computed(() =>
    this.found()?.ways.map((w) => ({
      words: wayWords(w, this.nameOf),
      average: this.units.text(w.averageG, 'mass'),
      price: this.units.text(w.price, 'price'),
      missed: `${w.mealsMissed}`,
    })),
  );
  protected readonly toFinish = computed(() => toFinishWords((this.found()?.toFinish ?? []).map(this.nameOf)));

  /** Home, the best place, and every stop where something can be packed. */
  protected readonly places = computed(() => {
    const { stops } = this.store.trip();
    const packed = stops.filter((s, i) => i < stops.length - 1 && (i === 0 || s.box));
    return [
      { value: 'home', label: 'Stays at home' },
      { value: 'best', label: 'Wherever is best' },
      ...packed.map((s, i) => ({ value: s.id, label: i === 0 && s === stops[0] ? `from ${s.name} on` : `in the box to ${s.name}` })),
    ];
  });
  private readonly isPlace = (place: Place): boolean => typeof place === 'string' || this.places().some((p) => p.value === place.stopId);
  private readonly carries = computed(() => this.plans.current()?.plan.carries ?? []);
  protected readonly rows = computed(() =>
    this.study.shelved().map((of) => {
      const { place } = of;
      const carry = this.carries().find((c) => c.taken.some((t) => t.own?.id === of.item.id));
      return {
        of,
        left: of.stock.unknown
          ? 'not known'
          : `${this.units.text(of.stock.left.massG, 'mass')} ± ${this.units.number(of.stock.left.sdG, 'mass')}`,
        place: typeof place === 'string' ? place : place.stopId,
        planned: carry ? `out of ${carry.from}` : '',
        gone: this.isPlace(place) ? undefined : 'packed at a stop that is gone',
        otherwise: !burntOn(this.store.trip(), of.item) ? 'no kit burns it' : of.stock.unknown ? 'look at it first' : 'not taken',
      };
    }),
  );
  protected readonly isTaken = computed(() => this.carries().some((c) => c.taken.length > 0));
  protected readonly nights = computed(() =>
    this.carries()
      .filter((c) => c.containers.some((x) => x.own))
      .map((c) => ({
        id: c.fromStopId,
        from: c.from,
        containers: c.containers.map((container) => ({
          container,
          name: containerWords(container, (v, q, d) => this.units.text(v, q, d)),
          days: container.kind === 'canister' ? canDaysWords(container, c) : '',
        })),
      })),
  );

  protected put({ item }: Shelved, place: string): void {
    const to: Place = place === 'home' || place === 'best' ? place : { stopId: place };
    this.study.put(item, to);
  }

  protected offerAll(): void {
    this.store.editTrip('offer the whole shelf', (t) => withWholeShelf(t, this.study.items()));
  }

  protected leaveAll(): void {
    this.store.editTripWith('leave the shelf at home', { own: [] });
  }

  /** The shelf after the trip as it was planned; the trip takes nothing more from it. */
  protected bringHome(): void {
    const planned = this.plans.current();
    if (planned) putBack(this.store, `put back what is left of ${planned.trip.name}`, planned, planned.plan.carries);
  }
}
