import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { WindWord } from '@tinder/core/physics/burn';
import { airKeyOf } from '@tinder/core/domain/menu';
import { daysOf, clamp, LIMITS, type WalkEvent } from '@tinder/core/domain/model';
import { paintDays } from '@tinder/core/domain/trail';
import { formatDuration } from '@tinder/core/foundation/units';
import { mealKey, RELIGHT_SHARE, type MealAhead, type Step } from '@tinder/core/output/walk';
import { askForNotices, noticesMayBeAsked } from '../../platform/alarm';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { optionsOf } from '../../ui/pick-field';
import { WIND_WORDS } from '../../words/choice-words';
import { STEPS_FIRST } from '../../words/guide-words';
import { HAZARD_WORDS } from '../../words/hazard-words';
import { doseFigure } from '../../words/meal-words';
import { PART_WORDS } from '../../words/part-words';
import { stepWords, timerName } from '../../words/step-words';
import { Units } from '../../words/units';
import { Timers } from './timers';
import { WalkLog } from './walk-log';
import { WalkStudy } from './walk-study';

const WINDS = optionsOf(WIND_WORDS);
const TASTES = [
  { value: 'hard', label: 'Still hard' },
  { value: 'good', label: 'Good' },
  { value: 'mush', label: 'Mush' },
] as const;
const FELT_MIN = [2, 3, 5, 8, 12, 20];
/** A degree more or less is not felt, and not seen in the fuel. */
const AIR_STEP_C = 2;

/** The next dish as steps, with what can hurt, its timers, and one tap to write it down. */
@Component({
  selector: 'app-today-panel',
  imports: [Choice, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (next(); as n) {
      <div class="dish">
        <div>
          <h2>{{ n.part }}: {{ n.dish }}</h2>
          <dl>
            @for (f of n.figures; track f.name) {
              <div>
                <dt>{{ f.name }}</dt>
                <dd>{{ f.text }}</dd>
              </div>
            }
          </dl>
          @if (n.fails) {
            <p class="error" role="alert">In this wind and cold no burn can do it: find the lee, warm the canister, or eat it cold.</p>
          } @else if (n.cue) {
            <p class="big">{{ n.cue }}</p>
          }
          <div class="acts">
            @if (n.flame; as flame) {
              <button nz-button class="tap" type="button" (click)="time(flame.at)">Start timer, {{ flame.words }}</button>
            }
            <button nz-button nzType="primary" class="strong-act big" type="button" [disabled]="!fresh()" (click)="cooked()">
              {{ other() ? 'Cooked so' : 'Cooked as planned' }}
            </button>
          </div>
          <div class="taps">
            <button nz-button class="tap" type="button" [disabled]="!fresh()" (click)="skip('cold')">Eaten cold</button>
            <button nz-button class="tap" type="button" [disabled]="!fresh()" (click)="skip('skipped')">Skipped</button>
            <button nz-button class="tap" type="button" [disabled]="!fresh()" (click)="skip('eatenOut')">Town meal</button>
            <button nz-button class="tap" type="button" [disabled]="!fresh()" (click)="relit()">Relit</button>
          </div>
          <details>
            <summary>{{ n.met }}</summary>
            <div class="line">
              <span class="name">Wind</span>
              <app-choice label="Wind as it is" [options]="winds" [value]="wind()" (valueChange)="blows($event)" />
            </div>
            <div class="line" role="group" [attr.aria-label]="n.airName">
              <span class="name">{{ n.airName }}</span>
              <button nz-button class="tap" type="button" (click)="feels(-airStepC)">Colder</button>
              <span class="met">{{ n.air }}</span>
              <button nz-button class="tap" type="button" (click)="feels(airStepC)">Milder</button>
            </div>
            @if (amounts().length > 1) {
              <div class="line">
                <span class="name">{{ waterName() }}</span>
                <app-choice label="Water that it takes" [options]="amounts()" [value]="amount()" (valueChange)="takes($event)" />
              </div>
            }
          </details>
        </div>
        <div>
          <p class="first">{{ first }}</p>
          <ol aria-label="Steps">
            @for (s of n.steps; track $index; let i = $index) {
              <li [attr.aria-current]="i === at() ? 'step' : null" [class.past]="i < at()">
                <button type="button" class="step" (click)="go(i)">{{ s.words }}</button>
                @if (i === at()) {
                  @for (h of s.hurts; track h) {
                    <p class="hurts">{{ h }}</p>
                  }
                  <div class="taps">
                    @if (s.timerS) {
                      <button nz-button class="tap" type="button" (click)="time(i)">{{ s.timerWords }}</button>
                    }
                    @if (i < n.steps.length - 1) {
                      <button nz-button class="tap" type="button" (click)="go(i + 1)">Next step</button>
                    }
                  </div>
                }
              </li>
            }
          </ol>
        </div>
      </div>
    } @else {
      <p class="big">{{ nothing() }}</p>
    }
    <!-- after the steps, which would move it -->
    @if (lastCooked(); as last) {
      <div class="line">
        <span class="name">{{ last.dish }} was</span>
        <app-choice label="How it was" [options]="tastes" [value]="last.taste" (valueChange)="taste(last, $event)" />
      </div>
      @if (last.clockS && !last.feltS) {
        <div class="taps" role="group" aria-label="How long it felt">
          <span class="name">It felt like</span>
          @for (m of feltMin; track m) {
            <button nz-button class="tap" type="button" (click)="felt(last, m)">{{ m }} min</button>
          }
        </div>
      }
    }
    @if (mayAsk()) {
      <button nz-button nzSize="small" type="button" (click)="ask()">Tell me when a time is over though the phone is locked</button>
    }
  `,
  styleUrl: './walk.less',
  styles: `
    ol {
      margin: 0.5rem 0;
      padding: 0;
      list-style: none;
      counter-reset: step;
    }
    li {
      counter-increment: step;
      border-bottom: 1px solid var(--hairline);
    }
    .step {
      display: grid;
      grid-template-columns: 1.875rem minmax(0, 1fr);
      width: 100%;
      min-height: 3rem;
      padding: 0.5rem 0;
      border: 0;
      background: none;
      color: var(--ink);
      font: inherit;
      font-size: 1.125rem;
      line-height: 1.25;
      text-align: left;
      align-items: center;
      cursor: pointer;
    }
    .step::before {
      content: counter(step);
      color: var(--ink-quiet);
      font: 600 1.125rem/1 var(--signs);
    }
    .past .step {
      color: var(--ink-quiet);
      text-decoration: line-through;
    }
    [aria-current] .step {
      font-size: 1.5rem;
      font-weight: 600;
    }
    dl {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1.75rem;
      margin: 0.375rem 0;
    }
    dt,
    dd {
      margin: 0;
    }
    dt {
      color: var(--ink-quiet);
    }
    dd {
      font-size: 1.625rem;
      font-weight: 700;
      line-height: 1.15;
    }
    @media (min-width: 1000px) {
      .dish {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
        gap: 2rem;
      }
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem;
      margin: 0.75rem 0 0.5rem;
    }
    .acts > * {
      flex: 1 1 9rem;
      max-width: 20rem;
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 0.75rem;
      align-items: center;
      min-height: 3rem;
    }
    .name,
    .first {
      color: var(--ink-quiet);
    }
    .first {
      margin: 0.25rem 0 0;
    }
    .met {
      min-width: 5ch;
      font: 600 1.125rem/1 var(--signs);
      text-align: center;
    }
  `,
})
export class TodayPanel {
  private readonly study = inject(WalkStudy);
  private readonly log = inject(WalkLog);
  private readonly timers = inject(Timers);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly winds = WINDS;
  protected readonly tastes = TASTES;
  protected readonly feltMin = FELT_MIN;
  protected readonly airStepC = AIR_STEP_C;
  protected readonly first = STEPS_FIRST;
  protected readonly fresh = this.study.asked.fresh;

  private readonly meal = computed((): MealAhead | undefined => this.study.walking()?.here.ahead[0]);
  private readonly key = computed(() => {
    const m = this.meal();
    return m && mealKey(m.day, m.meal);
  });
  private readonly stepAt = signal<{ key: string; at: number }>({ key: '', at: 0 });
  protected readonly at = computed(() => (this.stepAt().key === this.key() ? this.stepAt().at : 0));

  protected readonly next = computed(() => {
    const m = this.meal();
    const walking = this.study.walking();
    if (!m || !walking) return undefined;
    const { units } = this;
    const { cupMarkMl } = this.store.trip();
    const other = this.other();
    const { dose, fuelG, burn } = (other ?? m).planned;
    const steps: Step[] = other?.steps ?? walking.steps[mealKey(m.day, m.meal)] ?? [];
    const air = this.air(m);
    const figures = [
      ...(dose ? [doseFigure(dose, units)] : []),
      { name: 'Fuel', text: units.mealMass(fuelG) },
      ...(m.fails ? [] : [{ name: 'Time', text: formatDuration(burn.durationS) }]),
      { name: 'Water', text: units.text(other?.dish.waterMl ?? this.plannedMl(), 'volume') },
    ];
    return {
      part: `${PART_WORDS[m.meal]}${otherDayWords(m.day, walking.here.day)}`,
      dish: this.log.dishName(m.day, m.meal),
      airName: m.meal === 'breakfast' ? 'Morning air' : 'Evening air',
      air,
      fails: m.fails,
      figures,
      ...this.flameOf(steps),
      met: `Wind, air and water as they are: ${windWords(this.wind())}, ${air}`,
      steps: steps.map((s) => ({
        words: stepWords(s.do, cupMarkMl, units),
        hurts: s.hazards.map((h) => HAZARD_WORDS[h]),
        timerS: s.timerS,
        timerWords: s.timerS ? `time ${formatDuration(s.timerS)}` : '',
        name: timerName(s),
      })),
    };
  });
  /** As the trip has it at that meal. */
  private air({ day, meal }: MealAhead): string {
    return this.units.text(daysOf(this.store.trip())[day - 1]?.[airKeyOf(meal)] ?? 0, 'temperature', 0);
  }
  /** The first step with a timer: what is timed, and by what one sees that it is done. */
  private flameOf(steps: readonly Step[]): { flame?: { at: number; words: string }; cue: string } {
    const at = steps.findIndex((s) => s.timerS !== undefined);
    if (at < 0) return { cue: '' };
    const { do: what, timerS = 0 } = steps[at];
    return { flame: { at, words: formatDuration(timerS) }, cue: stepWords(what, this.store.trip().cupMarkMl, this.units) };
  }
  private readonly taken = signal<{ key: string; waterMl: number }>({ key: '', waterMl: 0 });
  /** Other water than planned, as it was chosen for this very meal. */
  protected readonly other = computed(() => {
    const { key, waterMl } = this.taken();
    return key === this.key() ? this.study.walking()?.amounts.find((a) => a.dish.waterMl === waterMl) : undefined;
  });
  protected readonly amounts = computed(() => {
    const m = this.meal();
    if (!m) return [];
    const others = this.study.walking()?.amounts.map((a) => a.dish.waterMl) ?? [];
    return [...others, this.plannedMl()]
      .sort((a, b) => a - b)
      .map((waterMl) => ({ value: String(waterMl), label: this.units.number(waterMl, 'volume') }));
  });
  protected readonly waterName = computed(() => `water, ${this.units.unit('volume').symbol}`);
  protected readonly amount = computed(() => String(this.other()?.dish.waterMl ?? this.plannedMl()));
  private readonly plannedMl = computed(() => this.meal()?.planned.facts.waterMl ?? 0);

  protected readonly nothing = computed(() => {
    const here = this.study.walking()?.here;
    if (!here) return ''; // the view says that it is looking
    return here.next
      ? `Nothing is left to cook before ${here.carry.to}. Leave it under “log”.`
      : `Nothing is left to cook: ${here.carry.to} is the end.`;
  });
  protected readonly wind = computed(() => {
    const day = this.meal()?.day ?? this.study.walking()?.here.day ?? 1;
    const wind = daysOf(this.store.trip())[day - 1]?.wind;
    return wind?.kind === 'words' ? wind.word : ('' as WindWord);
  });
  protected readonly lastCooked = computed(() => {
    const last = this.log.events().findLast((e) => e.kind === 'cooked' || e.kind === 'skipped');
    return last?.kind === 'cooked' && (!last.taste || (last.clockS && !last.feltS)) ? last : undefined;
  });
  private readonly asked = signal(false);
  protected readonly mayAsk = computed(() => !this.asked() && noticesMayBeAsked());

  protected go(i: number): void {
    this.stepAt.set({ key: this.key() ?? '', at: i });
  }

  protected time(i: number): void {
    const step = this.next()?.steps[i];
    if (step?.timerS) this.timers.start(`${this.key() ?? ''} ${step.name}`, step.name, step.timerS);
  }

  protected blows(word: WindWord): void {
    const day = this.meal()?.day;
    if (day) this.store.editTrail('wind as it is', (t) => paintDays(t, day, day, { wind: { kind: 'words', word } }));
  }

  /** The air as it is met: dose and minutes follow. */
  protected feels(byC: number): void {
    const m = this.meal();
    if (!m) return;
    const key = airKeyOf(m.meal);
    this.store.editTrail('air as it is', (t) =>
      paintDays(t, m.day, m.day, { [key]: clamp((daysOf(t)[m.day - 1]?.[key] ?? 0) + byC, LIMITS.airC) }),
    );
  }

  protected takes(waterMl: string): void {
    this.taken.set({ key: this.key() ?? '', waterMl: Number(waterMl) });
  }

  protected cooked(): void {
    const m = this.meal();
    if (!m) return;
    const other = this.other();
    // the flame's own timer is the watch of this meal
    const clockS = this.timers.stop(`${this.key() ?? ''} flame`);
    this.log.cooked(`${PART_WORDS[m.meal]} cooked`, [m], {
      ...(clockS ? { clockS: clamp(clockS, LIMITS.testS) } : {}),
      ...(other ? { waterMl: other.dish.waterMl, modelG: other.planned.fuelG } : {}),
    });
  }

  protected skip(how: 'cold' | 'skipped' | 'eatenOut'): void {
    const m = this.meal();
    if (m)
      this.log.write(`${PART_WORDS[m.meal]} ${how === 'cold' ? 'cold' : 'not cooked'}`, { kind: 'skipped', day: m.day, meal: m.meal, how });
  }

  protected relit(): void {
    const m = this.meal();
    if (m) this.log.extra('lit again', 'relight', m.day, { modelG: RELIGHT_SHARE * m.modelG, share: m.share });
  }

  protected taste(event: Cooked, taste: NonNullable<Cooked['taste']>): void {
    this.log.amend(event.id, { taste });
  }

  protected felt(event: Cooked, minutes: number): void {
    this.log.amend(event.id, { feltS: 60 * minutes });
  }

  protected ask(): void {
    void askForNotices().then(() => this.asked.set(true));
  }
}
type Cooked = Extract<WalkEvent, { kind: 'cooked' }>;

const windWords = (wind: WindWord | ''): string => (wind ? `${WIND_WORDS[wind].toLowerCase()} wind` : 'wind as typed');

/** ", day 3", ", tomorrow": a meal that is not one of today. */
const otherDayWords = (day: number, today: number): string => {
  if (day === today) return '';
  return day < today ? `, day ${day}` : ', tomorrow';
};
