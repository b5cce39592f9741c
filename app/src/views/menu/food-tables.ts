import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { addDishes, foodOf, removeDish } from '@tinder/core/domain/menu';
import { writeDishCsv, type DishRows } from '@tinder/core/output/tables';
import type { Plan } from '@tinder/core/planning/planned';
import type { PerKcal } from '@tinder/core/studies/study';
import type { Method } from '@tinder/core/domain/model';
import { wholeNumber } from '@tinder/core/foundation/units';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { Done } from '../../store/done';
import { FileField } from '../../ui/file-field';
import { sentenceStart } from '../../words/sentence-start';
import { downloadDishes } from '../../store/trip-files';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { StudyNote } from '../../ui/study-note';
import { readTable, type TableRead } from '../../ui/read-table';
import { TableOffer } from '../../ui/table-offer';
import { dishTableWords } from '../../words/table-words';
import { Units } from '../../words/units';
import { methodWords, thinDaysWords } from '../../words/menu-words';
import { Hint } from '../../ui/hint';

const KIND_WORDS: Record<PerKcal['kind'], string> = { freezeDried: 'freeze-dried', homeDried: 'dried at home', raw: 'raw', other: '' };

/** What to buy or post for each carry, the dishes kept for the trip, and food compared per 1,000 kcal. */
@Component({
  selector: 'app-food-tables',
  imports: [FileField, Hint, NzButtonComponent, StudyNote, TableOffer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 id="packets-title">Food by stop</h2>
    <div class="scroll" tabindex="0" role="group" aria-labelledby="packets-title">
      <table class="stacks" aria-labelledby="packets-title">
        <thead>
          <tr>
            <th scope="col">Out of</th>
            <th scope="col" class="number" appHint="food, out of a stop">Food</th>
            <th scope="col" class="number" appHint="fuel, out of a stop">Fuel</th>
            <th scope="col" class="number" appHint="kcal a day">Energy a day, kcal</th>
            <th scope="col" appHint="to buy or post">To buy or post</th>
          </tr>
        </thead>
        <tbody>
          @for (r of carries(); track r.from) {
            <tr>
              <th scope="row">{{ r.from }}</th>
              <td class="number" data-label="Food">{{ units.text(r.foodG, 'mass') }}</td>
              <td class="number" data-label="Fuel">{{ units.text(r.fuelG, 'mass') }}</td>
              <td class="number" data-label="Energy a day, kcal">{{ r.kcalADay }}</td>
              <td class="packets" data-label="To buy or post">{{ r.packets }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>

    @if (thin(); as words) {
      <p class="quiet">{{ words }}</p>
    }

    <h2 id="kept-title">Dishes kept for this trip</h2>
    <p class="acts">
      <button nz-button nzSize="small" type="button" (click)="own()">Add a dish</button>
      <button nz-button nzSize="small" type="button" [disabled]="!store.trip().dishes.length" (click)="save()">Export as CSV</button>
      <app-file-field label="CSV file of dishes" accept=".csv,text/csv" (chosen)="read($event)">Read dishes from CSV</app-file-field>
    </p>
    @if (offer(); as o) {
      <app-table-offer [offer]="o" (taken)="take()" (left)="offer.set(undefined)" />
    }
    <ul class="kept">
      @for (d of store.trip().dishes; track d.id) {
        <li>
          {{ d.meal.name }}{{ d.meal.welcome ? ' ★' : '' }} <span class="quiet">{{ method(d.meal.method) }}</span>
          <button nz-button nzSize="small" type="button" [attr.aria-label]="'Remove ' + d.meal.name" (click)="remove(d.id)">Remove</button>
        </li>
      } @empty {
        <li class="quiet">None yet: a dish chosen for some days, or in turn, is kept here.</li>
      }
    </ul>

    <h2 id="kcal-title">1,000 kcal of it, cooked with this kit at the dinner of day {{ marker.day() }}</h2>
    <app-study-note [study]="perKcal" />
    <div class="scroll" tabindex="0" role="group" aria-labelledby="kcal-title">
      <table class="stacks" aria-labelledby="kcal-title">
        <thead>
          <tr>
            <th scope="col">Dish</th>
            <th scope="col">Kind</th>
            <th scope="col" class="number" appHint="carried, of 1,000 kcal">Carried</th>
            <th scope="col" class="number" appHint="fuel, of 1,000 kcal">Fuel</th>
            <th scope="col" class="number" appHint="water, of 1,000 kcal">Water</th>
            <th scope="col" class="number">Price</th>
            <th scope="col" class="number" appHint="at home">At home</th>
          </tr>
        </thead>
        <tbody>
          @for (r of compared(); track r.name) {
            <tr>
              <th scope="row">{{ r.name }}</th>
              <td data-label="Kind" class="quiet">{{ kinds[r.kind] }}</td>
              <td data-label="Carried" class="number">{{ units.text(r.carriedG, 'mass') }}</td>
              <td data-label="Fuel" class="number">
                {{ r.fuelG === undefined ? 'not on this kit' : r.fuelG === 0 ? 'none' : units.mealMass(r.fuelG) }}
              </td>
              <td data-label="Water" class="number">{{ units.text(r.waterMl, 'volume') }}</td>
              <td data-label="Price" class="number">{{ r.price === undefined ? '' : units.text(r.price, 'price') }}</td>
              <td data-label="At home" class="number">{{ r.homeMin > 0 ? units.text(r.homeMin / 60, 'hours') : '' }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    h2 {
      margin-top: 0.875rem;
    }
    .packets {
      white-space: normal;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1.5rem;
      margin: 0.25rem 0;
    }
    .kept button {
      margin-left: 0.625rem;
    }
    .kept {
      columns: 2 20rem;
      margin: 0;
      padding: 0;
      list-style: none;
    }
  `,
})
export class FoodTables {
  protected readonly store = inject(WorkspaceStore);
  private readonly done = inject(Done);
  protected readonly units = inject(Units);
  protected readonly marker = inject(DayMarker);
  private readonly plans = inject(PlanService);
  protected readonly method = (m: Method): string => methodWords(m, this.units);
  protected readonly kinds = KIND_WORDS;

  readonly plan = input.required<Plan>();
  /** What a file holds, waiting for the walker's word. */
  protected readonly offer = signal<TableRead<DishRows> | undefined>(undefined);
  private readonly worker = inject(StudyWorker);
  protected readonly perKcal = study(
    RESTING,
    () => {
      const trip = this.plans.current()?.trip;
      return trip && { trip, day: this.marker.day() };
    },
    ({ trip, day }, run) => this.worker.ask('perKcal', { trip }, { day }, run),
  );
  protected readonly compared = computed(() => this.perKcal.last()?.answer ?? []);

  protected readonly carries = computed(() =>
    this.plan().carries.map((c) => {
      const { foodG, kcal, packets } = foodOf(this.store.trip(), c.days);
      return {
        from: c.from,
        foodG,
        fuelG: c.fuelG,
        kcalADay: wholeNumber(kcal / c.days.length),
        packets: packets.map((p) => `${p.count} × ${p.name}`).join(', '),
      };
    }),
  );

  /** A remark where the days on which nothing is bought have far too little in them. */
  protected readonly thin = computed(() => {
    const days = this.plan().days.filter((d) => !d.eatsOut.breakfast && !d.eatsOut.supper);
    return days.length ? thinDaysWords(foodOf(this.store.trip(), days).kcal / days.length) : undefined;
  });

  /** A new dish that starts as the usual supper; choose it for some days, then change its numbers. */
  protected own(): void {
    const { dishes, menu } = this.store.trip();
    const taken = dishes.map((d) => d.meal.name);
    let n = 1;
    while (taken.includes(`my dish ${n}`)) n++;
    const meal = { ...menu.supper, name: `my dish ${n}`, packet: null };
    this.store.editTrip('a dish of my own', (t) => addDishes(t, [meal], () => crypto.randomUUID()));
  }

  protected save(): void {
    const { dishes } = this.store.trip();
    downloadDishes(this.store.trip(), writeDishCsv(dishes.map((d) => d.meal)));
  }

  protected async read(file: File): Promise<void> {
    const offered = (rows: DishRows) => ({
      words: dishTableWords(file.name, rows),
      take: rows.good.length ? `take the ${rows.good.length} good ones` : undefined,
    });
    this.offer.set(await readTable(file, async (reader) => await reader.dishes(file), offered));
  }

  protected take(): void {
    const meals = this.offer()?.table?.good ?? [];
    if (this.store.editTrip('dishes from CSV', (t) => addDishes(t, meals, () => crypto.randomUUID()))) this.offer.set(undefined);
  }

  protected remove(id: string): void {
    const dish = this.store.trip().dishes.find((d) => d.id === id);
    if (this.store.editTrip('take a dish out', (t) => removeDish(t, id)))
      this.done.tell(`${sentenceStart(dish?.meal.name ?? 'a dish')} is taken out.`);
  }
}
