import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { besideBench } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { benchTestsOf, tripRecord, type CarryRecord } from '@tinder/core/output/walk';
import { PlanService } from '../../planning/plan-service';
import { putBack } from '../../planning/put-back';
import { WorkspaceStore } from '../../store/workspace-store';
import { factorWords } from '../../words/log-words';
import { Units } from '../../words/units';
import { WalkStudy } from './walk-study';
import { Hint } from '../../ui/hint';

/** Planned against burnt, stop by stop, and what becomes of it: burns for the bench, containers for the shelf, a record over trips. */
@Component({
  selector: 'app-after-panel',
  imports: [Hint, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Planned against burnt</h2>
    <table class="stacks">
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col" class="number" appHint="planned, against burnt">Planned</th>
          <th scope="col" class="number" appHint="burnt, on the way">Burnt</th>
          <th scope="col" class="number" appHint="left over">Left over</th>
          <th scope="col" class="number">Cooked</th>
          <th scope="col" class="number" appHint="not cooked">Not cooked</th>
        </tr>
      </thead>
      <tbody>
        @for (c of rows(); track c.id) {
          <tr>
            <th scope="row">{{ c.name }}</th>
            <td data-label="Planned" class="number">{{ c.planned }}</td>
            <td data-label="Burnt" class="number">{{ c.burnt }}</td>
            <td data-label="Left over" class="number">{{ c.left }}</td>
            <td data-label="Cooked" class="number">{{ c.cooked }}</td>
            <td data-label="Not cooked" class="number">{{ c.skipped }}</td>
          </tr>
        }
      </tbody>
    </table>
    <p class="big">{{ words() }}</p>
    <div class="taps">
      <button nz-button class="tap" type="button" [disabled]="!tests()" (click)="toBench()">{{ benchWords() }}</button>
      <button nz-button class="tap" type="button" [disabled]="shelved() || !study.asked.fresh()" (click)="toShelf()">
        Put what is left on the shelf
      </button>
    </div>
    @if (said()) {
      <p role="status">{{ said() }}</p>
    }
    @if (others().length) {
      <h2>Your other walks</h2>
      <table class="stacks">
        <thead>
          <tr>
            <th scope="col">Trip</th>
            <th scope="col" class="number">Hot meals</th>
            <th scope="col" class="number" appHint="fuel each">Fuel each</th>
            <th scope="col" class="number" appHint="water each">Water each</th>
            <th scope="col" class="number" appHint="of the model">Of the model</th>
            <th scope="col" class="number" appHint="cooked in frost">Cooked in frost</th>
          </tr>
        </thead>
        <tbody>
          @for (o of others(); track o.id) {
            <tr>
              <th scope="row">{{ o.name }}</th>
              <td data-label="Hot meals" class="number">{{ o.cooked }}</td>
              <td data-label="Fuel each" class="number">{{ o.perMeal }}</td>
              <td data-label="Water each" class="number">{{ o.water }}</td>
              <td data-label="Of the model" class="number">{{ o.factor }}</td>
              <td data-label="Cooked in frost" class="number">{{ o.frost }}</td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
  styleUrls: ['./walk.less', '../../ui/table.less'],
})
export class AfterPanel {
  protected readonly study = inject(WalkStudy);
  protected readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly trip = this.store.trip;
  protected readonly said = signal('');
  /** Once is enough: a second time would put the same there again. */
  protected readonly shelved = signal(false);

  private readonly record = computed(() => this.study.walking()?.record);
  protected readonly rows = computed(() =>
    (this.record()?.carries ?? []).map((c: CarryRecord) => ({
      id: c.fromStopId,
      name: `${c.from} to ${c.to}`,
      planned: this.units.text(c.plannedG, 'mass'),
      burnt: `${this.units.text(c.burntG, 'mass')} ± ${this.units.text(c.burntSdG, 'mass')}`,
      left: this.units.text(Math.max(0, c.leftG), 'mass'),
      cooked: c.cooked,
      skipped: c.skipped,
    })),
  );
  protected readonly words = computed(() => {
    const r = this.record();
    if (!r?.cooked) return 'Nothing is written down yet.';
    const felt =
      r.timed && r.feltS > 0
        ? ` ${r.timed} burns took ${formatDuration(r.clockS / r.timed)} by the clock and felt like ${formatDuration(r.feltS / r.timed)}.`
        : '';
    const frost = ` ${r.frosts} of the planned mornings and evenings so far ${r.frosts === 1 ? 'is' : 'are'} below freezing.`;
    return `${r.cooked} hot meals, ${this.units.mealMass(r.perMealG)} each. ${factorWords(r.factor)}${felt}${frost}`;
  });
  /** Burns that tell something at the bench and are not there yet. */
  private readonly fresh = computed(() => {
    const planned = this.plans.current();
    if (!planned?.trip.walk) return [];
    const kit = this.store.rack().kits.find((k) => k.id === planned.trip.rackKitId)?.name ?? planned.trip.kit.pot.name;
    const there = new Set(this.store.rack().bench.tests.map((t) => t.id));
    return benchTestsOf(planned.trip, planned.plan, kit).filter((t) => !there.has(t.id));
  });
  protected readonly tests = computed(() => this.fresh().length);
  protected readonly benchWords = computed(() =>
    this.tests()
      ? `${this.tests()} ${this.tests() === 1 ? 'burn' : 'burns'} into the bench`
      : 'No single burn lies between two readings, so none can go to the bench.',
  );
  protected readonly others = computed(() =>
    this.store
      .workspace()
      .library.filter((s) => s.trip.walk && s.trip.id !== this.trip().id)
      .map(({ trip }) => tripRecord(trip))
      .map((r) => ({
        id: r.id,
        name: r.name,
        cooked: r.cooked,
        perMeal: r.perMealG === undefined ? '–' : this.units.mealMass(r.perMealG),
        water: r.waterMl === undefined ? '–' : this.units.text(r.waterMl, 'volume'),
        factor: `${Math.round(100 * r.factor.mean)} ± ${Math.round(100 * r.factor.sd)} %`,
        frost: r.frostShare === undefined ? '–' : `${Math.round(100 * r.frostShare)} %`,
      })),
  );

  protected toBench(): void {
    const tests = this.fresh();
    const taken = this.store.editRack('burns of the walk to the bench', (rack) => ({
      ...rack,
      bench: besideBench(rack.bench, { tests, series: [], coolings: [], claims: [] }),
    }));
    if (taken) this.said.set('They lie on the bench; “your stove” there makes them its own.');
  }

  protected toShelf(): void {
    const planned = this.plans.current();
    const here = this.study.walking()?.here;
    if (!planned || !here) return;
    // as the log has it: carries that were walked, and at the end of the last what is known to be left
    const walked = planned.plan.carries.slice(0, planned.plan.carries.findIndex((c) => c.fromStopId === here.carry.fromStopId) + 1);
    const carries = walked.map((c, i) => (i === walked.length - 1 ? { ...c, after: here.stretch.containers } : c));
    if (!putBack(this.store, 'what is left on the shelf', planned, carries)) return;
    this.shelved.set(true);
    this.said.set('It stands on the shelf, as the log has it: weigh it there once.');
  }
}
