import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MEALS, type MealName } from '@tinder/core/domain/model';
import type { Plan } from '@tinder/core/planning/planned';
import { scaleLinear } from 'd3-scale';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { PART_WORDS } from '../../words/part-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';

/** Heights of the rows, px. */
const NIGHT = { top: 4, height: 8 };
const MEAL = { top: 32, height: 14 };
const FUEL = { top: 54, height: 30 };
const HEIGHT = 92;
/** Where in its day a meal stands, 0–1 (common practice). */
const AT: Record<MealName, number> = { breakfast: 0.18, lunch: 0.5, supper: 0.72, drink: 0.82, washUp: 0.88 };
/** Room beside the axis for what is left, px. */
const BEYOND = 60;
/** A day narrower than this has no words, px. */
const WORDS_FROM = 150;

/** The trip that is being answered for, as it grows: its nights, its hot meals, the fuel that each takes. */
@Component({
  selector: 'app-draft-ribbon',
  imports: [Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = shape();
    <svg [appDrawing]="height" role="img" [attr.aria-label]="spoken()">
      <text class="quiet" x="-8" [attr.y]="night.top + 9" text-anchor="end">Night cold</text>
      <text class="quiet" x="-8" [attr.y]="meal.top + 12" text-anchor="end">Meals</text>
      <text class="fuel" x="-8" [attr.y]="fuel.top + 12" text-anchor="end">Fuel left</text>
      @for (n of s.nights; track n.x) {
        <rect class="night" [attr.x]="n.x - n.width / 2" [attr.width]="n.width" [attr.y]="night.top" [attr.height]="night.height" />
        <line class="midnight" [attr.x1]="n.x" [attr.x2]="n.x" [attr.y1]="night.top + 22" [attr.y2]="height" />
        @if (s.roomy) {
          <text [attr.x]="n.x" [attr.y]="night.top + 22" text-anchor="middle">{{ n.words }}</text>
        }
      }
      @for (d of s.days; track d.day) {
        @if (d.named) {
          <text class="day" [attr.x]="d.x" [attr.y]="night.top + 9" text-anchor="middle">{{ s.roomy ? 'Day ' : '' }}{{ d.day }}</text>
        }
      }
      @for (m of s.meals; track m.x) {
        <rect class="meal" [attr.x]="m.x - 5" width="10" [attr.y]="meal.top" [attr.height]="meal.height" />
        @if (s.roomy && m.words) {
          <text [attr.x]="m.x + 9" [attr.y]="meal.top + 12">{{ m.words }}</text>
        }
      }
      <path class="left" [attr.d]="s.left" />
      @for (x of s.stops; track x) {
        <line class="stop" [attr.x1]="x" [attr.x2]="x" y1="0" [attr.y2]="height" />
      }
      <text class="fuel" [attr.x]="s.width + 6" [attr.y]="fuel.top + 12">{{ s.over }}</text>
    </svg>
  `,
  host: { '[style.margin-right.px]': 'beyond' },
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      overflow: visible;
    }
    .night {
      fill: var(--glacier);
      opacity: 0.6;
    }
    .midnight {
      stroke: var(--hairline);
    }
    .meal {
      fill: var(--glacier);
      stroke: var(--ink);
    }
    .left {
      fill: var(--ember);
    }
    .stop {
      stroke: var(--ink);
      stroke-width: 1.8;
    }
    text.day {
      font-weight: 600;
    }
    text.fuel {
      fill: var(--ember-text);
      font-weight: 600;
    }
  `,
})
export class DraftRibbon {
  private readonly units = inject(Units);
  private readonly measured = measuredWidth(700);
  readonly plan = input.required<Plan>();
  protected readonly night = NIGHT;
  protected readonly meal = MEAL;
  protected readonly fuel = FUEL;
  protected readonly height = HEIGHT;
  protected readonly beyond = BEYOND;

  protected readonly shape = computed(() => {
    const { days, carries } = this.plan();
    const width = this.measured();
    const x = scaleLinear([0, days.length], [0, width]);
    const perDay = width / days.length;
    const every = Math.ceil(28 / perDay);
    const meals = days.flatMap((d) =>
      MEALS.flatMap((name) => {
        const planned = d.meals[name];
        const main = name === 'breakfast' || name === 'supper';
        return planned ? [{ x: x(d.day - 1 + AT[name]), fuelG: planned.fuelG, words: main ? sentenceStart(PART_WORDS[name]) : '' }] : [];
      }),
    );
    const last = carries[carries.length - 1];
    return {
      width,
      roomy: perDay > WORDS_FROM,
      days: days.map(({ day }) => ({ day, x: x(day - 0.5), named: (day - 1) % every === 0 })),
      nights: days.slice(0, -1).map((d, i) => ({
        x: x(d.day),
        width: 0.4 * perDay,
        words: this.units.text(days[i + 1].breakfastAirC, 'temperature'),
      })),
      meals,
      stops: [0, ...carries.map((c) => c.days[c.days.length - 1].day)].map(x),
      left: leftPath(this.plan(), x, Math.max(1, ...carries.map((c) => c.fuelG))),
      over: this.units.text(last.fuelG - last.demandG, 'mass'),
    };
  });
  protected readonly spoken = computed(() => {
    const { days } = this.plan();
    const hot = days.reduce((n, d) => n + Object.keys(d.meals).length, 0);
    return `${days.length} days with ${hot} hot meals, ${this.shape().over} of fuel left at the end`;
  });
}

/** Fuel on hand as a band that steps down with every meal, leg by leg. */
function leftPath({ carries }: Plan, x: (day: number) => number, mostG: number): string {
  const thick = (g: number): number => (FUEL.height * Math.max(0, g)) / mostG;
  return carries
    .map(({ days, fuelG }) => {
      let leftG = fuelG;
      const foot: string[] = [`${x(days[0].day - 1)},${FUEL.top + thick(leftG)}`];
      for (const d of days)
        for (const name of MEALS) {
          const planned = d.meals[name];
          if (!planned) continue;
          const at = x(d.day - 1 + AT[name]);
          foot.push(`${at},${FUEL.top + thick(leftG)}`);
          leftG -= planned.fuelG;
          foot.push(`${at + 6},${FUEL.top + thick(leftG)}`);
        }
      const end = x(days[days.length - 1].day);
      foot.push(`${end},${FUEL.top + thick(leftG)}`);
      return `M${x(days[0].day - 1)},${FUEL.top}L${foot.join('L')}L${end},${FUEL.top}Z`;
    })
    .join('');
}
