import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  COZIES,
  DONENESS,
  HOT_C,
  mixedC,
  potHeatCapacityJPerK,
  REHYDRATE_C,
  rest,
  restStretch,
  type Rest,
  type Cozy,
} from '@tinder/core/physics/burn';
import { mealOn } from '@tinder/core/domain/menu';
import type { Meal } from '@tinder/core/domain/model';
import { planDayOf, type PlannedMeal } from '@tinder/core/planning/planned';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { coolingWords, COZY_WORDS, restCooksWords } from '../../words/rest-words';
import { Units } from '../../words/units';
import { CloserService } from './closer-service';

const MINUTES = 30;

/** How a meal cools while it rests, against the temperatures it needs. */
@Component({
  selector: 'app-rest-panel',
  imports: [Choice, Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (curves(); as all) {
      <p class="says">{{ says() }}</p>
      <div class="choices">
        <app-choice label="What the meal rests in" [options]="vessels" [value]="vessel()" (valueChange)="vessel.set($event)" />
        <app-choice label="Wrap" [options]="cozies" [value]="cozy()" (valueChange)="cozy.set($event)" />
        <app-choice label="What it stands on" [options]="grounds" [value]="ground()" (valueChange)="ground.set($event)" />
      </div>
      <svg [appDrawing]="H + 22" role="img" [attr.aria-label]="says()">
        @for (t of thresholds; track t.c) {
          <line class="threshold" x1="0" [attr.x2]="plotWidth()" [attr.y1]="y()(t.c)" [attr.y2]="y()(t.c)" />
          <text class="quiet" x="4" [attr.y]="y()(t.c) + 15">{{ t.words }}</text>
          <text class="quiet" x="-8" [attr.y]="y()(t.c) + 4" text-anchor="end">{{ units.text(t.c, 'temperature') }}</text>
        }
        <text class="quiet" x="-8" [attr.y]="y()(startC()) + 4" text-anchor="end">{{ units.text(startC(), 'temperature') }}</text>
        @for (c of all; track c.cozy) {
          <path [attr.d]="c.path" [class]="c.cozy === cozy() ? 'curve on' : 'curve'" />
        }
        @for (m of [0, 5, 10, 15, 20, 25, 30]; track m) {
          <text class="quiet" [attr.x]="x()(m)" [attr.y]="H + 16" text-anchor="middle">{{ m }}{{ m === 30 ? ' min' : '' }}</text>
        }
      </svg>
      <p class="says cooked">{{ cooked() }}</p>
      <p class="quiet key">
        Cooked so far is counted in minutes at {{ units.text(reference, 'temperature') }}; {{ zK }} K warmer cooks ten times as fast
        (assumption). At this altitude packet makers stretch a rest ×{{ stretch().packetRule.toFixed(1) }}, chemistry ×{{
          stretch().chemistry.toFixed(1)
        }}.
      </p>
      <p class="quiet key">
        Thick: as chosen · thin: the other wraps, better ones higher. Newton’s law with the coefficients of the burn; wraps are common
        practice.
      </p>
    } @else {
      <p class="quiet">No meal to rest on this day.</p>
    }
  `,
  styleUrl: './closer.less',
})
export class RestPanel {
  protected readonly units = inject(Units);
  private readonly service = inject(CloserService);
  private readonly plans = inject(PlanService);
  private readonly marker = inject(DayMarker);
  private readonly store = inject(WorkspaceStore);
  private readonly width = measuredWidth(1000);

  protected readonly H = 190;
  protected readonly reference = DONENESS.referenceC;
  protected readonly zK = DONENESS.zK;
  protected readonly vessels = [
    { value: 'pot', label: 'in the pot' },
    { value: 'bag', label: 'in its bag' },
  ] as const;
  protected readonly cozies = (Object.keys(COZIES) as Cozy[]).map((value) => ({ value, label: COZY_WORDS[value] }));
  protected readonly grounds = [
    { value: 'pad', label: 'On a pad' },
    { value: 'earth', label: 'On the ground' },
  ] as const;
  protected readonly thresholds = [
    { c: REHYDRATE_C, words: 'still rehydrates' },
    { c: HOT_C, words: 'still hot to eat' },
  ];
  protected readonly vessel = signal<'pot' | 'bag'>('pot');
  protected readonly cozy = signal<Cozy>('none');
  protected readonly ground = signal<'pad' | 'earth'>('pad');

  protected readonly plotWidth = computed(() => Math.max(200, this.width() - 80));
  protected readonly startC = computed(() => this.cooling('none')?.atS(0) ?? 0);
  protected readonly x = computed(() => scaleLinear().domain([0, MINUTES]).range([0, this.plotWidth()]));
  protected readonly y = computed(() => scaleLinear().domain([30, 100]).range([this.H, 8]));

  protected readonly curves = computed(() => {
    const meal = this.service.meal();
    if (!meal || meal.burn.outcome.kind !== 'done' || meal.facts.target.kind === 'fry') return undefined;
    return (Object.keys(COZIES) as Cozy[]).map((cozy) => {
      const cooling = this.cooling(cozy);
      const path = line<number>()
        .x((m) => this.x()(m))
        .y((m) => this.y()(Math.max(30, cooling?.atS(60 * m) ?? 0)))(Array.from({ length: MINUTES + 1 }, (_, m) => m));
      return { cozy, path: path ?? '' };
    });
  });

  protected readonly says = computed(() => {
    const meal = this.service.meal();
    const r = this.cooling(this.cozy());
    return meal && r ? coolingWords(meal, r, this.units) : '';
  });

  protected readonly stretch = computed(() => {
    const plan = this.plans.plan();
    return restStretch(plan ? Math.max(0, planDayOf(plan, this.marker.day()).altitudeM) : 0);
  });
  protected readonly cooked = computed(() => {
    const meal = this.service.meal();
    const r = this.cooling(this.cozy());
    return meal && r ? restCooksWords(meal, r, this.dish(meal).dryG, this.units) : '';
  });

  private dish(meal: PlannedMeal): Meal {
    const plan = this.plans.plan();
    return mealOn(this.store.trip(), meal.day, meal.meal, plan ? planDayOf(plan, meal.day).dishes : {});
  }

  private cooling(cozy: Cozy): Rest | undefined {
    const meal = this.service.meal();
    if (!meal) return undefined;
    const { waterMl, airC, pressurePa, potWindMps, pot } = meal.facts;
    const { dryG } = this.dish(meal);
    const potJPerK = this.vessel() === 'pot' ? potHeatCapacityJPerK(pot) : 0;
    return rest({
      waterMl,
      dryG,
      startC: mixedC(waterMl, meal.burn.targetC, dryG, Math.max(0, airC), potJPerK),
      airC,
      pressurePa,
      windMps: potWindMps,
      pot,
      vessel: this.vessel(),
      cozyM2KPerW: COZIES[cozy],
      padUnder: this.ground() === 'pad',
    });
  }
}
