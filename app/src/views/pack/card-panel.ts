import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { WorkspaceStore } from '../../store/workspace-store';
import { stoveWords } from '../../words/card-words';
import { cautionWords } from '../../words/caution-words';
import { PART_WORDS } from '../../words/part-words';
import { RESTRICTION_WORDS } from '../../words/trail-words';
import { campTable, tripwireNote } from '../../words/tripwire-words';
import { Units } from '../../words/units';
import { FuelByDay } from './fuel-by-day';
import { PackStudy } from './pack-study';

/** What is taped into the lid: dishes, what the weather asks for, the tripwires, who was asked, what can hurt. */
@Component({
  selector: 'app-card-panel',
  imports: [FuelByDay],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (card(); as c) {
      <h2>{{ c.title }}</h2>
      @for (d of c.dishes; track d.id) {
        <div class="whole">
          <h3>
            {{ d.name }} <span>{{ d.slot }}</span>
          </h3>
          <p>{{ d.words }}</p>
        </div>
      }
      @if (c.fuel.length) {
        <div class="whole">
          <h3>Fuel left after each day</h3>
          <app-fuel-by-day [fuel]="c.fuel" />
        </div>
      }
      @let w = wires();
      @if (w.rows.length) {
        <div>
          <h3>Start saving fuel</h3>
          <table>
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Planned</th>
                @for (s of w.savings; track s) {
                  <th scope="col">Below this: {{ s }}</th>
                }
              </tr>
            </thead>
            <tbody>
              @for (r of w.rows; track r.day) {
                <tr>
                  <th scope="row">{{ r.day }}</th>
                  <td>{{ r.planned }}</td>
                  @for (below of r.below; track $index) {
                    <td>{{ below }}</td>
                  }
                </tr>
              }
            </tbody>
          </table>
          <p>{{ note() }}</p>
        </div>
      } @else if (!study.wires.fresh() && !study.wires.problem()) {
        <p class="quiet" role="status">Working out when to start saving…</p>
      }
      <div class="whole">
        <h3>Weather</h3>
        <p>{{ c.weather }}</p>
      </div>
      @if (c.rules) {
        <p class="whole"><b>Fire:</b> {{ c.rules }}</p>
      }
      @if (brief()) {
        <div class="whole">
          <h3>Safety</h3>
          <p>{{ c.cautions }}</p>
        </div>
      }
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h2,
    h3 {
      margin: 0;
      font: 700 1.15em/1.2 var(--signs);
    }
    h2 {
      padding-bottom: 1mm;
      border-bottom: 1px solid var(--hairline);
    }
    h3 {
      margin-top: 1.2mm;
    }
    h3 span {
      font-weight: 500;
    }
    table {
      width: 100%;
      border-collapse: collapse;
      font-variant-numeric: tabular-nums;
    }
    th,
    td {
      padding: 0 1.5mm 0 0;
      border-bottom: 1px solid var(--hairline);
      text-align: left;
      vertical-align: top;
      line-height: 1.16;
    }
    p {
      margin: 0;
      line-height: 1.16;
    }
  `,
})
export class CardPanel {
  protected readonly study = inject(PackStudy);
  private readonly units = inject(Units);
  private readonly trip = inject(WorkspaceStore).trip;
  /** With what can hurt: where that stands beside the card already it is left out. */
  readonly brief = input(true);

  constructor() {
    this.study.wiresWanted.set(true);
  }

  protected readonly wires = computed(() => campTable(this.study.wires.last()?.answer ?? [], this.units));
  protected readonly note = computed(() => tripwireNote(this.study.wires.last()?.answer ?? [], this.units));
  protected readonly card = computed(() => {
    const c = this.study.card();
    if (!c) return undefined;
    const { units } = this;
    const { cupMarkMl } = this.trip();
    const c1 = (x: number): string => units.text(x, 'temperature');
    const boil = Math.abs(c.boilC.max - c.boilC.min) < 1 ? c1(c.boilC.min) : `${c1(c.boilC.min)} to ${c1(c.boilC.max)}`;
    return {
      title: `${c.carry.from} to ${c.carry.to}, days ${c.days.from}–${c.days.to}`,
      fuel: c.fuel,
      dishes: c.dishes.map((d) => ({
        id: `${d.name} ${d.meal.name}`,
        name: d.meal.name,
        slot: PART_WORDS[d.name],
        words: stoveWords(d, c.kit, units, cupMarkMl).join(' '),
      })),
      weather: `It boils at ${boil}. Coldest ${c1(c.coldestC)}, windiest ${units.text(c.windiestMps, 'speed', 0)} at a bare flame: colder or windier than that, warm the canister, find the lee, or eat it cold.`,
      rules: c.rules.map((r) => `${RESTRICTION_WORDS[r.restriction]}${r.note ? ` (${r.note})` : ''}`).join('; '),
      cautions: c.cautions.map((x) => cautionWords(x, units)).join(' '),
    };
  });
}
