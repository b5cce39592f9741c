import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { usesCans } from '@tinder/core/domain/catalogue';
import { LIMITS, type TestEnd } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { QuantityField } from '../../ui/quantity-field';
import { Steps } from '../../ui/steps';
import { Tick } from '../../ui/tick';
import { END_WORDS } from '../../words/bench-words';
import { Units } from '../../words/units';
import { BenchStudy } from './bench-study';
import { BurnRun, type Step } from './burn-run';

const STEPS: readonly { step: Step; name: string }[] = [
  { step: 'before', name: 'Weigh' },
  { step: 'burning', name: 'Burn' },
  { step: 'after', name: 'Weigh again' },
  { step: 'check', name: 'Keep' },
];
const FAILURES: readonly TestEnd[] = ['stalled', 'wentOut', 'notLit'];

/** One burn, step by step, for one hand: large figures, one large button at the foot. */
@Component({
  selector: 'app-runner',
  imports: [NzButtonComponent, QuantityField, Steps, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (run.draft(); as d) {
      <h2>{{ d.heading }}</h2>
      @if (d.garden) {
        <p class="simulated">Simulated garden: scale, thermometer and weather are made up{{ by() }}</p>
      }
      <app-steps label="Steps of the burn" [names]="stepNames" [now]="stepNow()" />
      @switch (d.step) {
        @case ('before') {
          <p>Weigh {{ what() }}, before it is lit. Cold, dry, shut.</p>
          @if (scaleText(); as t) {
            <p class="dial" role="status">{{ t }}</p>
            <button nz-button nzSize="small" type="button" [disabled]="!steady()" (click)="run.change({ beforeG: shownG() })">
              Use this reading
            </button>
          }
          <div class="figure">
            <span class="name">Before</span>
            <app-quantity-field
              label="Weight before"
              quantity="mass"
              placeholder="?"
              [decimals]="decimals()"
              [value]="d.beforeG"
              [limits]="L.grossG"
              (valueChange)="run.change({ beforeG: $event })"
            />
          </div>
          <button nz-button nzType="primary" class="strong-act big" type="button" [disabled]="d.beforeG === null" (click)="run.light()">
            Lit: start the watch
          </button>
        }
        @case ('burning') {
          <p class="clock" role="timer">{{ clock() }}</p>
          @if (potText(); as t) {
            <p class="dial" role="status">{{ t }}</p>
          }
          <p class="quiet">Shut the flame as you press.</p>
          <button nz-button nzType="primary" class="strong-act big" type="button" (click)="run.stop('reached')">{{ doneWords() }}</button>
          <details>
            <summary>It does not get there</summary>
            @for (f of failures; track f) {
              <button nz-button nzSize="small" type="button" (click)="run.stop(f)">{{ ends[f] }}</button>
            }
          </details>
        }
        @case ('after') {
          <p>{{ timeWords() }} Let it cool, wipe it dry, weigh {{ what() }} again.</p>
          @if (scaleText(); as t) {
            <p class="dial" role="status">{{ t }}</p>
            <button nz-button nzSize="small" type="button" [disabled]="!steady()" (click)="run.change({ afterG: shownG() })">
              Use this reading
            </button>
          }
          <div class="figure">
            <span class="name">After</span>
            <app-quantity-field
              label="Weight after"
              quantity="mass"
              placeholder="?"
              [decimals]="decimals()"
              [value]="d.afterG"
              [limits]="L.grossG"
              (valueChange)="run.change({ afterG: $event })"
            />
          </div>
          @if (unlikely(); as words) {
            <p class="error" role="alert">{{ words }}</p>
          }
          <button
            nz-button
            nzType="primary"
            class="strong-act big"
            type="button"
            [disabled]="!run.test()"
            (click)="run.change({ step: 'check' })"
          >
            Save weight
          </button>
        }
        @case ('check') {
          <p class="result">{{ result() }}</p>
          <div class="figure">
            <span class="name">Times it had to be lit</span>
            <app-quantity-field
              label="Times it had to be lit"
              quantity="count"
              [bare]="true"
              [value]="d.tries"
              [limits]="{ min: 1, max: 50 }"
              [whole]="true"
              (valueChange)="run.change({ tries: $event })"
            />
          </div>
          <label class="odd"
            ><input type="checkbox" [appTick]="d.sputtered" (turned)="run.change({ sputtered: !d.sputtered })" />
            <span>It sputtered</span></label
          >
          <label class="odd"
            ><input type="checkbox" [appTick]="d.boiledOver" (turned)="run.change({ boiledOver: !d.boiledOver })" />
            <span>It boiled over</span></label
          >
          <button nz-button nzType="primary" class="strong-act big" type="button" (click)="keep()">Save test</button>
        }
      }
      <p class="acts"><button nz-button nzSize="small" type="button" (click)="run.drop()">Discard test</button></p>
      <p class="quiet">A reload, or a phone that falls asleep, does not stop the watch.</p>
    }
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    .clock {
      margin: 0.5rem 0 0;
      font: 700 5.25rem/1 var(--signs);
      font-variant-numeric: tabular-nums;
    }
    .dial {
      margin: 0.25rem 0;
      font: 700 2.5rem/1.1 var(--signs);
      font-variant-numeric: tabular-nums;
    }
    .result {
      font: 700 1.5rem/1.2 var(--signs);
    }
    .figure {
      display: grid;
      grid-template-columns: max-content 6.875rem;
      gap: 0.875rem;
      align-items: center;
      min-height: var(--row, 2.25rem);
      font-size: 1.0625rem;
    }
    button.strong-act.big {
      display: block;
      width: 100%;
      max-width: 26.25rem;
      min-height: 4rem;
      margin-top: 0.875rem;
      font-size: 1.375rem;
      white-space: normal;
    }
    details {
      margin-top: 0.625rem;
    }
    details button {
      margin-right: 1rem;
    }
    p {
      max-width: 70ch;
      margin: 0.25rem 0;
      line-height: 1.3;
    }
  `,
})
export class Runner {
  protected readonly run = inject(BurnRun);
  private readonly study = inject(BenchStudy);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly stepNames = STEPS.map((s) => s.name);
  protected readonly stepNow = computed(() => STEPS.findIndex((s) => s.step === this.run.draft()?.step));
  protected readonly failures = FAILURES;
  protected readonly ends = END_WORDS;

  protected readonly by = computed(() => {
    const by = this.run.reading()?.by;
    return by === 'page' ? '; the server is gone, this page goes on by itself' : '';
  });
  protected readonly decimals = computed(() => ((this.run.draft()?.setup.scale.resolutionG ?? 1) < 1 ? 1 : 0));
  protected readonly what = computed(() => {
    const kit = this.run.draft()?.setup.kit;
    return kit && usesCans(kit) ? 'the canister, without the stove' : 'the fuel with its container';
  });
  protected readonly shownG = computed(() => this.run.reading()?.scaleG ?? null);
  protected readonly steady = computed(() => this.run.reading()?.steady === true);
  protected readonly scaleText = computed(() => {
    const g = this.shownG();
    return g === null ? '' : `${this.units.text(g, 'mass')}${this.steady() ? '' : ' …'}`;
  });
  protected readonly potText = computed(() => {
    const reading = this.run.reading();
    return reading?.potC === undefined ? '' : `${this.units.text(reading.potC, 'temperature', 1)}${reading.rolling ? ', rolling' : ''}`;
  });
  /** Every second, as a watch shows it. */
  protected readonly clock = computed(() => {
    const s = Math.floor(this.run.seconds());
    return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
  });
  protected readonly doneWords = computed(() => {
    const target = this.run.draft()?.setup.target;
    return target?.kind === 'stopAt' ? `it is at ${this.units.text(target.targetC, 'temperature')}: flame out` : 'it boils: flame out';
  });
  protected readonly timeWords = computed(() => {
    const d = this.run.draft();
    return d && d.stoppedS !== null ? `${formatDuration(d.stoppedS)}: it ${END_WORDS[d.end]}.` : '';
  });
  protected readonly unlikely = computed(() => {
    const d = this.run.draft();
    if (!d || d.beforeG === null || d.afterG === null) return '';
    if (d.afterG > d.beforeG) return 'It weighs more than before: weigh it again, dry and without the stove, or mend the first reading.';
    return d.afterG === d.beforeG && d.end === 'reached'
      ? 'It weighs what it weighed before: this scale has not seen the burn. Heat more water at a time.'
      : '';
  });
  protected readonly result = computed(() => {
    const d = this.run.draft();
    if (!d || d.beforeG === null || d.afterG === null || d.stoppedS === null) return '';
    return `${this.units.text(d.beforeG - d.afterG, 'mass', this.decimals() || undefined)} in ${formatDuration(d.stoppedS)}; it ${END_WORDS[d.end]}.`;
  });

  protected keep(): void {
    const test = this.run.test();
    if (test && this.study.keep(test)) this.run.drop();
  }
}
