import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CRITERIA, JUDGED, LIMITS, rank, toBeat, type Criterion, type KitOnTrip, type RackKit } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../state/plan-service';
import { answerWhenResting } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';
import { CRITERION_WORDS, differenceText, measureText, NOT_PLANNABLE_WORDS } from './kit-words';
import { KitStudy } from './kit-study';

/** Two to six kits side by side on this trip: measured, judged, weighed by the walker, ranked, with how firm the order is. */
@Component({
  selector: 'app-compare-panel',
  imports: [Choice, NzButtonComponent, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign" id="compare-title">kits side by side on {{ store.trip().name }}: a longer bar is better</h2>
      <app-choice
        label="Shown as"
        [options]="shownAs"
        [value]="score().inPoints ? 'points' : 'measured'"
        (valueChange)="inPoints($event)"
      />
      <span class="spread">
        <span class="quiet">a piece without a life of its own is spread over</span>
        <app-quantity-field
          label="trips that a piece’s price is spread over"
          quantity="count"
          [bare]="true"
          [value]="study.rack().spreadTrips"
          [limits]="L.lifeTrips"
          (valueChange)="spread($event)"
        />
        <span class="quiet">trips</span>
      </span>
    </div>
    @if (columns().length < 2) {
      <p class="quiet">Tick “side by side” at two to six kits on the left of “build it”: they stand here as bars, row by row.</p>
    } @else if (measured(); as m) {
      <div class="scroll" tabindex="0" role="group" aria-labelledby="compare-title">
        <table aria-labelledby="compare-title" [attr.aria-busy]="stale()">
          <thead>
            <tr>
              <th scope="col">criterion</th>
              <th scope="col">how much it counts</th>
              @for (c of columns(); track c.id) {
                <th scope="col" class="kit">
                  <span class="rank">{{ c.rank }}</span> {{ c.name }}
                  <b>{{ c.total }}</b>
                </th>
              }
            </tr>
          </thead>
          <tbody>
            @for (r of rows(); track r.criterion) {
              <tr>
                <th scope="row">{{ r.words }}</th>
                <td class="weight">
                  <input
                    type="range"
                    min="0"
                    max="100"
                    step="5"
                    [attr.aria-label]="'how much ' + r.words + ' counts'"
                    [style.--share]="r.weight + '%'"
                    [value]="r.weight"
                    (input)="weigh(r.criterion, $any($event.target).value)"
                    (change)="store.endGesture()"
                  />
                  <span class="quiet">{{ r.weight }}</span>
                </td>
                @for (c of r.cells; track c.id) {
                  <td class="cell">
                    <span class="bar" aria-hidden="true"
                      ><i [class.judged]="c.judged" [class.warm]="r.warm" [style.width.%]="c.share"></i
                    ></span>
                    @if (c.typed) {
                      <app-quantity-field
                        [label]="r.words + ' of ' + c.name + ', points out of five'"
                        quantity="count"
                        [bare]="true"
                        [decimals]="1"
                        [value]="c.points"
                        placeholder="points?"
                        [limits]="L.points"
                        (valueChange)="judge(c.id, r.criterion, $event)"
                      />
                    } @else {
                      <span class="value">{{ c.text }}</span>
                    }
                    <span class="quiet diff">{{ c.note }}</span>
                  </td>
                }
              </tr>
            }
          </tbody>
          <tfoot>
            <tr>
              <th scope="row" colspan="2">{{ footWords() }}</th>
              @for (c of columns(); track c.id) {
                <td>
                  <button nz-button class="word" type="button" [disabled]="c.carried" (click)="carry(c.id)">
                    {{ c.carried ? 'carried on this trip' : 'carry it' }}<span class="hidden-text">: {{ c.name }}</span>
                  </button>
                  <span class="quiet missed">{{ c.missed }}</span>
                </td>
              }
            </tr>
          </tfoot>
        </table>
      </div>
      <div class="said">
        <div>
          <h3 class="sign">how firm this order is</h3>
          @for (w of firmness(); track w) {
            <p>{{ w }}</p>
          }
        </div>
        <div>
          <h3 class="sign">what would turn it</h3>
          @for (w of toWin(); track w) {
            <p>{{ w }}</p>
          }
        </div>
        <div>
          <h3 class="sign">what it costs</h3>
          @for (w of prices(); track w) {
            <p>{{ w }}</p>
          }
        </div>
      </div>
      @for (u of m.unplannable; track u.id) {
        <p class="error">{{ nameOf(u.id) }} cannot be planned: {{ lacks[u.why] }}.</p>
      }
      <p class="quiet note">
        Points run from the worst (0) to the best (5) of the kits that stand here, so one more kit can move the others. The weights are a
        start and nobody’s law: drag them. Fuss and safety are yours to judge; your own points go before what is measured.
      </p>
    } @else {
      <p class="quiet">planning the trip with each…</p>
    }
  `,
  styleUrl: '../trail/table.less',
  styles: `
    :host {
      margin-top: 0;
    }
    .head {
      display: flex;
      flex-wrap: wrap;
      gap: 0 28px;
      align-items: baseline;
      border-bottom: 1px solid var(--hairline);
    }
    .head h2 {
      border: 0;
    }
    .spread {
      display: flex;
      gap: 6px;
      align-items: baseline;
    }
    .spread app-quantity-field {
      width: 44px;
    }
    th.kit {
      min-width: 150px;
      white-space: normal;
      vertical-align: bottom;
      color: var(--ink);
      font-size: 15px;
      line-height: 1.2;
    }
    .kit b {
      float: right;
    }
    .rank {
      font: 700 20px/1 var(--signs);
      color: var(--ember-text);
    }
    .weight {
      width: 150px;
    }
    .weight input {
      width: 104px;
      vertical-align: middle;
    }
    .cell {
      display: table-cell;
      padding: 2px 14px 2px 0;
    }
    .bar {
      display: block;
      height: 6px;
      background: var(--ground-sunk);
    }
    .bar i {
      display: block;
      height: 6px;
      background: var(--ink-quiet);
    }
    .bar i.warm {
      background: var(--ember);
    }
    .bar i.judged {
      background: repeating-linear-gradient(45deg, var(--ink-quiet) 0 3px, transparent 3px 5px);
    }
    .value {
      font-weight: 600;
    }
    .cell app-quantity-field {
      display: inline-block;
      width: 52px;
    }
    .diff {
      float: right;
      font-size: 13px;
    }
    tfoot th {
      white-space: normal;
      font-weight: 500;
      color: var(--ink-quiet);
    }
    tfoot td {
      white-space: normal;
      line-height: 1.2;
    }
    .missed {
      display: block;
      font-size: 13px;
    }
    .said {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      gap: 0 32px;
      margin-top: 10px;
    }
    .said p {
      margin: 2px 0;
      line-height: 1.3;
    }
    .note {
      max-width: 90ch;
    }
    @media (max-width: 1000px) {
      .said {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
})
export class ComparePanel {
  protected readonly study = inject(KitStudy);
  protected readonly store = inject(WorkspaceStore);
  protected readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  protected readonly L = LIMITS;
  protected readonly lacks = NOT_PLANNABLE_WORDS;
  protected readonly shownAs = [
    { value: 'measured', label: 'as measured' },
    { value: 'points', label: 'points out of five' },
  ] as const;

  /** Weights and points of the score are no part of it: dragging them measures nothing anew. */
  private readonly studies = answerWhenResting(
    () => {
      const trip = this.plans.current()?.trip;
      const { pieces, kits, spreadTrips, score } = this.study.rack();
      return trip && { trip, pieces, kits, spreadTrips, compared: score.compared };
    },
    ({ trip, compared }) => this.study.worker.kits(this.study.rack(), trip, compared),
  );
  protected readonly measured = computed(() => this.studies.last()?.answer);
  protected readonly stale = computed(() => !this.studies.fresh());
  protected readonly score = computed(() => this.study.rack().score);

  /** The kits side by side that could be planned, in the walker's order. */
  private readonly kits = computed((): KitOnTrip[] => {
    const { compared } = this.score();
    return compared.flatMap((id) => this.measured()?.kits.find((k) => k.id === id) ?? []);
  });
  private readonly ranking = computed(() => rank(this.kits(), this.score()));
  protected readonly columns = computed(() => {
    const order = this.ranking().ranked.map((r) => r.id);
    return this.score().compared.map((id) => {
      const kit = this.kits().find((k) => k.id === id);
      const missed = kit?.mealsMissed ?? 0;
      return {
        id,
        name: this.nameOf(id),
        rank: kit ? `${order.indexOf(id) + 1}` : '',
        total: kit
          ? (this.ranking()
              .ranked.find((r) => r.id === id)
              ?.total.toFixed(2) ?? '')
          : '',
        carried: this.study.carried()?.id === id && this.study.carried()?.inStep === true,
        missed: missed ? `${missed} hot ${missed === 1 ? 'meal stays' : 'meals stay'} cold` : '',
      };
    });
  });
  protected readonly rows = computed(() => {
    const { weights, inPoints } = this.score();
    const kits = this.score().compared;
    const reference = this.kits()[0];
    return CRITERIA.map((criterion) => ({
      criterion,
      words: CRITERION_WORDS[criterion],
      weight: weights[criterion],
      warm: criterion === 'fuelG',
      cells: kits.map((id) => {
        const kit = this.kits().find((k) => k.id === id);
        const cell = this.ranking().ranked.find((r) => r.id === id)?.cells[criterion];
        const value = kit?.measures[criterion];
        const was = reference?.measures[criterion];
        const points = cell?.points;
        const assumed = criterion === 'pricePerTrip' && kit?.price.assumed ? ' ≈' : '';
        return {
          id,
          name: this.nameOf(id),
          points: points ?? null,
          share: 20 * (points ?? 0),
          judged: cell?.judged ?? false,
          typed: inPoints || JUDGED.includes(criterion),
          text: value === undefined ? 'not known' : `${measureText(criterion, value, this.units)}${assumed}`,
          note: this.note(criterion, kit, reference, value, was, inPoints),
        };
      }),
    }));
  });
  protected readonly footWords = computed(() => {
    const first = this.ranking().ranked[0];
    return first ? `First by your weights: ${this.nameOf(first.id)}.${this.keptWords(first.id)}` : '';
  });

  protected readonly firmness = computed(() => {
    const { ranked, turns } = this.ranking();
    if (ranked.length < 2) return [];
    const lead = ranked[0].total - ranked[1].total;
    const sentence = `${this.nameOf(ranked[0].id)} leads by ${lead.toFixed(2)} of 5 points.`;
    if (!turns.length) return [sentence, 'No single weight between 0 and 100 puts another kit first: the order is firm.'];
    return [
      sentence,
      ...turns.slice(0, 3).map((t) => {
        const way = t.to > t.from ? 'up' : 'down';
        return `With ${CRITERION_WORDS[t.criterion]} ${way} from ${t.from} to ${Math.round(t.to)}, ${this.nameOf(t.first)} comes first.`;
      }),
    ];
  });
  protected readonly toWin = computed(() => {
    const { ranked } = this.ranking();
    if (ranked.length < 2) return [];
    const [first, second] = ranked;
    const ways = toBeat(this.kits(), this.score(), second.id, first.id).slice(0, 3);
    const name = this.nameOf(second.id);
    if (!ways.length) return [`No single measure would bring ${name} level with ${this.nameOf(first.id)}.`];
    return ways.map(
      (w) =>
        `${name} would draw level with ${CRITERION_WORDS[w.criterion]} at ${measureText(w.criterion, w.to, this.units)}: ${differenceText(w.criterion, w.to - w.from, this.units)}.`,
    );
  });
  protected readonly prices = computed(() =>
    this.kits().map((k) => {
      const { fuel, pieces, leftBehindG, assumed } = k.price;
      const left = leftBehindG > 0.5 ? `, ${this.units.text(leftBehindG, 'mass')} of fuel left behind` : '';
      const usual = assumed ? ' (some at usual prices)' : '';
      return `${k.name}: fuel ${this.units.text(fuel, 'price')}${usual}, wear of pieces ${this.units.text(pieces, 'price')}${left}.`;
    }),
  );

  protected nameOf(id: string): string {
    return this.study.rack().kits.find((k) => k.id === id)?.name ?? '';
  }

  protected weigh(criterion: Criterion, value: string): void {
    this.store.editRack(
      `how much ${CRITERION_WORDS[criterion]} counts`,
      (r) => ({ ...r, score: { ...r.score, weights: { ...r.score.weights, [criterion]: Number(value) } } }),
      `weight-${criterion}`,
    );
  }

  protected judge(id: string, criterion: Criterion, points: number): void {
    this.store.editRack('points of my own', (r) => ({
      ...r,
      score: { ...r.score, judged: { ...r.score.judged, [id]: { ...r.score.judged[id], [criterion]: points } } },
    }));
  }

  protected inPoints(shown: 'measured' | 'points'): void {
    this.store.editRack('points', (r) => ({ ...r, score: { ...r.score, inPoints: shown === 'points' } }));
  }

  protected spread(spreadTrips: number): void {
    this.store.editRack('trips to spread over', (r) => ({ ...r, spreadTrips }));
  }

  protected carry(id: string): void {
    const kit = this.study.rack().kits.find((k): k is RackKit => k.id === id);
    if (kit) this.study.carry(kit);
  }

  private keptWords(first: string): string {
    const carried = this.study.rack().kits.find((k) => k.id === this.study.carried()?.id);
    if (!carried?.keepBecause || carried.id === first) return '';
    return ` You keep ${carried.name} anyway, because ${carried.keepBecause}`;
  }

  private note(
    c: Criterion,
    kit: KitOnTrip | undefined,
    reference: KitOnTrip | undefined,
    value: number | undefined,
    was: number | undefined,
    inPoints: boolean,
  ): string {
    if (inPoints) return value === undefined || JUDGED.includes(c) ? '' : measureText(c, value, this.units);
    if (kit === reference || value === undefined || was === undefined) return '';
    const words = differenceText(c, value - was, this.units);
    return /[1-9]/.test(words) ? words : '';
  }
}
