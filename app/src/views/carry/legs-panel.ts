import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { EMPTY_G, fuelOfG } from '@tinder/core/domain/carry';
import type { LegKitChoice } from '@tinder/core/studies/study';
import { withKitOnLeg } from '@tinder/core/domain/trail';
import { ContainerShape } from '../../charts/container-shape';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { StudyNote } from '../../ui/study-note';
import { Units } from '../../words/units';
import { oddsWords } from '../../words/risk-words';
import { legKitMealWords, legKitWeightWords, leavesWithWords, supplyWords } from '../../words/leg-words';
import { leftBehindWords } from '../../words/loadout-words';
import { problemWords } from '../../words/problem-words';
import { Hint } from '../../ui/hint';
import { Opened } from '../../ui/opened';
import { ConditionsTable } from './conditions-table';
import { MorningsTable } from './mornings-table';

/** Every leg's conditions and load-out in tables, and another kit on some legs: what each would save or cost there. */
@Component({
  selector: 'app-legs-panel',
  imports: [ConditionsTable, ContainerShape, Hint, MorningsTable, NzButtonComponent, Opened, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-conditions-table />
    <h2 id="legs-title">What leaves every stop</h2>
    <div class="scroll" tabindex="0" role="group" aria-labelledby="legs-title">
      <table class="stacks" aria-labelledby="legs-title">
        <thead>
          <tr>
            <th scope="col">Leg</th>
            <th scope="col" class="number">Days</th>
            <th scope="col" appHint="leaves with">Leaves with</th>
            <th scope="col" appHint="supply">Supply</th>
            <th scope="col" appHint="left there">Left there</th>
            <th scope="col" class="number" appHint="Fuel need">Fuel need</th>
            <th scope="col" class="number" appHint="Starting weight">Starting weight</th>
            <th scope="col" class="number" appHint="run-out risk">Run-out risk</th>
            <th scope="col" appHint="in the way">Problems</th>
          </tr>
        </thead>
        <tbody>
          @for (r of carries(); track r.name) {
            <tr>
              <th scope="row">{{ r.name }}</th>
              <td data-label="Days" class="number">{{ r.days }}</td>
              <td data-label="Leaves with">{{ r.with }}</td>
              <td data-label="Supply" class="quiet">{{ r.how }}</td>
              <td data-label="Left there" class="quiet">
                @if (r.leaves.length) {
                  <span class="shapes">
                    @for (c of r.leaves; track $index) {
                      <app-container-shape [container]="c" [scale]="0.45" />
                    }
                  </span>
                  {{ r.left }}
                }
              </td>
              <td data-label="Fuel need" class="number">{{ r.burns }}</td>
              <td data-label="Starting weight" class="number">{{ r.start }}</td>
              <td data-label="Run-out risk" class="number" [class.over]="r.over">{{ r.chance }}</td>
              <td data-label="Problems" class="way">{{ r.problems }}</td>
            </tr>
          }
        </tbody>
      </table>
    </div>
    <details appOpened #mornings="opened">
      <summary>Carried weight, morning by morning</summary>
      @if (mornings.once()) {
        <app-mornings-table />
      }
    </details>
    <h2 id="leg-kits-title">A different kit on some legs</h2>
    <div class="legs" role="group" aria-labelledby="leg-kits-title">
      @for (l of legs(); track l.leg) {
        <button type="button" class="leg" [attr.aria-pressed]="leg() === l.leg" (click)="chosen.set(l.leg)">
          <span>{{ l.name }}</span> <b>{{ l.kit }}</b>
        </button>
      }
    </div>
    @if (choices(); as list) {
      <table class="choices">
        <caption>
          {{
            caption()
          }}
        </caption>
        <tbody>
          @for (c of list; track c.name) {
            <tr>
              <th scope="row">{{ c.name }}</th>
              <td class="number">{{ weight(c) }}</td>
              <td>{{ mealWords(c) }}</td>
              <td>
                <button nz-button nzSize="small" type="button" [attr.aria-label]="'Carry ' + c.name + ' on this leg'" (click)="take(c)">
                  Use on this leg
                </button>
              </td>
            </tr>
          } @empty {
            <tr>
              <td class="quiet">There is no other kit yet. Put one together under Kit.</td>
            </tr>
          }
        </tbody>
      </table>
      <p class="quiet">
        Grams are the average over the whole trip. The new kit comes by post, with fuel where the stop sells none; the other one is sent
        home. Posting and flying with fuel is restricted: ask the carrier.
      </p>
    } @else if (asked.problem()) {
      <app-study-note [study]="asked" />
    } @else {
      <p class="quiet">Planning the trip with each kit…</p>
    }
  `,
  styleUrl: './study.less',
  styles: `
    .shapes {
      display: flex;
      gap: 2px;
    }
    h2[id='leg-kits-title'] {
      margin-top: 0.875rem;
    }
    .legs {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1.25rem;
    }
    .leg {
      padding: 2px 0;
      border: 0;
      border-bottom: 2px solid transparent;
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .leg span {
      display: block;
      color: var(--ink-quiet);
      font-size: 0.8125rem;
    }
    .leg b {
      font-weight: 600;
    }
    .leg[aria-pressed='true'] {
      border-color: var(--ember);
    }
    .choices {
      max-width: 47.5rem;
    }
    .way {
      min-width: 13.75rem;
      color: var(--ember-text);
      font-size: 0.8125rem;
      line-height: 1.25;
    }
  `,
})
export class LegsPanel {
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly chosen = signal<number | undefined>(undefined);
  /** The leg whose kits are tried: the marked day's until another is chosen. */
  protected readonly leg = computed(() => Math.min(this.chosen() ?? this.plans.leg(), this.store.trip().legs.length - 1));

  protected readonly carries = computed(() =>
    (this.plans.plan()?.carries ?? []).map((c) => {
      const risk = this.risk.of(c);
      return {
        name: `${c.from} to ${c.to}`,
        days: c.days.length,
        with: leavesWithWords(c, this.units),
        how: supplyWords(c),
        left: leftBehindWords(c, this.units),
        leaves: c.left.filter((x) => fuelOfG([x]) > EMPTY_G),
        burns: this.units.text(c.demandG, 'mass'),
        start: this.units.text(c.profile.startG, 'mass'),
        chance: risk ? oddsWords(risk.runOut) : c.fuelG > 0 ? '…' : '',
        over: (risk?.runOut ?? 0) > this.risk.limit(),
        problems: c.problems.map((p) => problemWords(p, this.units)).join(' '),
      };
    }),
  );
  protected readonly legs = computed(() => {
    const trip = this.store.trip();
    const { kits } = this.store.rack();
    const name = (id: string | undefined): string | undefined => kits.find((k) => k.id === id)?.name;
    return trip.legs.map((l, leg) => ({
      leg,
      name: `${trip.stops[leg].name} to ${trip.stops[leg + 1].name}`,
      kit: l.kit ? (name(l.kit.rackKitId) ?? 'a kit of its own') : (name(trip.rackKitId) ?? 'the trip’s own kit'),
    }));
  });
  protected readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned && { planned, rack: this.store.rack(), leg: this.leg() };
    },
    ({ planned, rack, leg }, run) => this.worker.ask('legKits', { rack, trip: planned.trip, plan: planned.plan }, { leg }, run),
  );
  protected readonly choices = computed(() => (this.asked.fresh() ? this.asked.last()?.answer : undefined));

  protected readonly mealWords = legKitMealWords;
  protected readonly caption = computed(() => {
    const at = this.legs()[this.leg()];
    return `${at.name}: instead of ${at.kit}`;
  });

  protected weight(choice: LegKitChoice): string {
    return legKitWeightWords(choice, this.units);
  }

  protected take({ leg, kit, name }: LegKitChoice): void {
    const same = kit?.rackKitId === this.store.trip().rackKitId;
    this.store.editTrip(`${name} on one leg`, (t) => withKitOnLeg(t, leg, same ? undefined : kit));
  }
}
