import { ChangeDetectionStrategy, Component, computed, inject, output, viewChild, type ElementRef } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { burnSdG, burntOf } from '@tinder/core/studies/bench';
import { burnerById, hasValve } from '@tinder/core/domain/catalogue';
import { newSetup } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { burnerGeometry, type BurntPoint } from '../../charts/burner-geometry';
import { downloadFigurePng, downloadFigureSvg } from '../../platform/export-figure';
import { FOLLOWING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { Opened } from '../../ui/opened';
import { PickField } from '../../ui/pick-field';
import { StudyNote } from '../../ui/study-note';
import { FAIL_WORDS } from '../../words/flame-words';
import { Units } from '../../words/units';
import { BenchFiles } from './bench-files';
import { BenchStudy, burnerKey } from './bench-study';
import { FactorBars } from './factor-bars';
import { FeedChart } from './feed-chart';
import { StoveAnswer, type OddTest } from './stove-answer';
import { TestsTable } from './tests-table';
import { dateText } from '../../words/date-text';

const HEIGHT = 150;

/** The burner as it is: its curve before and after the tests, what they made of it, and the plan that runs on it. */
@Component({
  selector: 'app-burner-panel',
  imports: [BenchFiles, Drawing, FactorBars, FeedChart, NzButtonComponent, Opened, PickField, StoveAnswer, StudyNote, TestsTable],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="hidden-text">Your stove</h2>
    @if (study.burner(); as b) {
      <div class="head">
        <app-pick-field label="Stove and pot of" [options]="burners()" [value]="key(b)" (valueChange)="study.chooseBurner($event)" />
        <button nz-button type="button" (click)="tests.emit()">Start a test</button>
        <button nz-button type="button" (click)="tests.emit()">Enter an earlier test</button>
      </div>
      <app-study-note [study]="asked" />
      @if (!asked.last() && !asked.problem()) {
        <p class="quiet" role="status">Working out your stove from its tests…</p>
      }
      @if (b.garden !== null) {
        <p class="simulated">Burnt in the simulated garden: a rehearsal, no stove of this world.</p>
      }
      @if (refused(); as words) {
        <p class="error" role="alert">{{ words }}</p>
      }
      <div class="one-look">
        <div>
          @if (drawn(); as d) {
            @let g = d.g;
            <h3>Fuel and time for {{ drawnFor() }}, by {{ d.axis === 'setting' ? 'flame' : 'wind' }}</h3>
            <p class="says">{{ says() }}</p>
            <div class="drawn">
              <svg #figure [appDrawing]="2 * H + 66" role="img" [attr.aria-label]="spoken()">
                @for (f of g.failing; track f.from) {
                  <rect class="fails" [attr.x]="g.x(f.from)" [attr.width]="g.x(f.to) - g.x(f.from)" y="0" [attr.height]="2 * H + 24" />
                  <text [attr.x]="g.x(f.from) + 4" y="14">{{ failWords[f.why] }}</text>
                }
                @for (t of g.fuel.ticks; track t) {
                  <line class="grid" x1="0" x2="100%" [attr.y1]="g.fuel.y(t)" [attr.y2]="g.fuel.y(t)" />
                  <text class="quiet" x="-8" [attr.y]="g.fuel.y(t) + 4" text-anchor="end">{{ units.text(t, 'mass', massDecimals()) }}</text>
                }
                <path class="band" [attr.d]="g.fuel.band" />
                <path class="before" [attr.d]="g.fuel.before" />
                <path class="after" [attr.d]="g.fuel.after" />
                @for (t of d.tests; track t.id) {
                  <line
                    class="bar"
                    [class.odd]="t.odd"
                    [attr.x1]="g.x(t.at)"
                    [attr.x2]="g.x(t.at)"
                    [attr.y1]="g.fuel.y(t.fuelG - t.fuelSdG)"
                    [attr.y2]="g.fuel.y(t.fuelG + t.fuelSdG)"
                  />
                  <circle class="dot" [class.odd]="t.odd" [attr.cx]="g.x(t.at)" [attr.cy]="g.fuel.y(t.fuelG)" r="3.5" />
                }
                <g [attr.transform]="'translate(0,' + (H + 24) + ')'">
                  @for (t of g.time.ticks; track t) {
                    <line class="grid" x1="0" x2="100%" [attr.y1]="g.time.y(60 * t)" [attr.y2]="g.time.y(60 * t)" />
                    <text class="quiet" x="-8" [attr.y]="g.time.y(60 * t) + 4" text-anchor="end">{{ t }} min</text>
                  }
                  <path class="band time" [attr.d]="g.time.band" />
                  <path class="before" [attr.d]="g.time.before" />
                  <path class="after time" [attr.d]="g.time.after" />
                  @for (t of d.tests; track t.id) {
                    <circle class="dot time" [class.odd]="t.odd" [attr.cx]="g.x(t.at)" [attr.cy]="g.time.y(t.seconds)" r="3.5" />
                  }
                </g>
                @for (t of g.xTicks; track t) {
                  <text class="quiet" [attr.x]="g.x(t)" [attr.y]="2 * H + 44" text-anchor="middle">
                    {{ d.axis === 'setting' ? percent(t) + ' %' : units.text(t, 'speed', 0) }}
                  </text>
                }
                <text class="quiet" x="50%" [attr.y]="2 * H + 62" text-anchor="middle">
                  {{ d.axis === 'setting' ? 'flame' : 'wind at the bare flame' }}
                </text>
              </svg>
            </div>
            <p class="quiet key">
              Dashed: catalogue. Full line and band: yours, 95 of 100. Dots: tests as weighed, brought to these conditions. Hollow: far off
              the others.
            </p>
          }
          @if (calibration(); as c) {
            <h3>Compared with a typical stove of its type</h3>
            <app-factor-bars [calibration]="c" />
          }
          <details appOpened #finer="opened">
            <summary>While the canister empties, list of tests, files</summary>
            @if (finer.once()) {
              @if (feed(); as f) {
                <app-feed-chart [points]="f" />
              }
              <app-tests-table />
              <p class="files">
                <button nz-button nzSize="small" type="button" (click)="save('svg')">Export drawing (SVG)</button>
                <button nz-button nzSize="small" type="button" (click)="save('png')">Export drawing (PNG)</button>
              </p>
              <app-bench-files />
            }
          </details>
        </div>
        @if (calibration(); as c) {
          <app-stove-answer class="answer" [burner]="b" [calibration]="c" [outliers]="outliers()" />
        }
      </div>
    } @else {
      <h2>No tests yet</h2>
      <p>Test your stove at three flames and once in wind. Its own curve then stands here, and the plan knows its fuel better.</p>
      <p class="head">
        <button nz-button nzType="primary" type="button" (click)="tests.emit()">Start a test</button>
        <button nz-button type="button" (click)="tests.emit()">Enter an earlier test</button>
      </p>
    }
  `,
  styleUrls: ['../../ui/figure.less', './bench.less', '../../parts/answer/one-look.less'],
  styles: `
    :host {
      display: block;
    }
    .one-look {
      --answer: 20.5rem;
    }
    .head {
      display: grid;
      grid-template-columns: max-content minmax(0, 20rem) max-content max-content;
      gap: 0.5rem 0.75rem;
      align-items: center;
      margin: 0 0 0.5rem;
      @media (max-width: 720px) {
        grid-template-columns: minmax(0, 1fr);
      }
    }
    h3 {
      margin: 0.5rem 0 0;
    }
    .key {
      font-size: 0.8125rem;
    }
    .before {
      fill: none;
      stroke: var(--ink-quiet);
      stroke-dasharray: 5 4;
    }
    .after {
      fill: none;
      stroke: var(--ember);
      stroke-width: 2.4;
    }
    .after.time {
      stroke: var(--ink);
    }
    .band {
      fill: var(--ember);
      opacity: 0.14;
    }
    .band.time {
      fill: var(--ink);
      opacity: 0.1;
    }
    .bar {
      stroke: var(--ember-text);
      stroke-width: 1.5;
    }
    .dot {
      fill: var(--ember-text);
    }
    .dot.time {
      fill: var(--ink);
    }
    .dot.odd {
      fill: var(--ground);
      stroke: var(--ember-text);
      stroke-width: 2;
    }
    .fails {
      fill: var(--ground-sunk);
    }
    p {
      max-width: 90ch;
      line-height: 1.3;
    }
  `,
})
export class BurnerPanel {
  /** A test is to be started, or one from earlier entered. */
  readonly tests = output();
  protected readonly study = inject(BenchStudy);
  protected readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  private readonly figure = viewChild<ElementRef<SVGSVGElement>>('figure');
  private readonly width = measuredWidth(1080);
  protected readonly H = HEIGHT;
  protected readonly key = burnerKey;
  protected readonly failWords = FAIL_WORDS;

  protected readonly burners = computed(() =>
    this.study.burners().map((b) => ({
      value: burnerKey(b),
      label: `${b.kitName}: ${b.tests.length} ${b.tests.length === 1 ? 'burn' : 'burns'}${b.garden === null ? '' : ', simulated'}`,
    })),
  );

  /** What the curve is drawn for: the last burn's kit in a calm, half a litre. */
  private readonly setup = computed(() => {
    const last = this.study.burner()?.tests.at(-1)?.setup;
    return last && { ...newSetup(last.kitName, { ...last.kit, sleeveOn: false }), airC: 15, altitudeM: last.altitudeM };
  });
  protected readonly asked = study(
    FOLLOWING,
    () => {
      const [burner, setup] = [this.study.burner(), this.setup()];
      return burner && setup && { tests: burner.tests, setup };
    },
    ({ tests, setup }, run) => this.worker.ask('burnerFit', {}, { tests, setup }, run),
  );
  private readonly found = computed(() => (this.asked.fresh() ? this.asked.last() : undefined));
  protected readonly calibration = computed(() => {
    const fit = this.found()?.answer.fit;
    return fit?.ok ? fit.value.calibration : undefined;
  });
  protected readonly feed = computed(() => this.found()?.answer.feed);
  protected readonly refused = computed(() => {
    const fit = this.found()?.answer.fit;
    if (!fit || fit.ok) return '';
    if (fit.problem.code === 'noTests') return 'None of these burns can be used: they failed, were set aside, or began with a warm pot.';
    const { testId } = fit.problem;
    const test = this.found()?.of.tests.find((t) => t.id === testId);
    return `The burn of ${test ? dateText(test.on) : 'some day'} cannot have gone like that: by the model such a flame goes out in that wind or stalls. Mend its conditions, or set it aside.`;
  });

  protected readonly drawn = computed(() => {
    const found = this.found();
    if (!found) return undefined;
    const { curve, fit } = found.answer;
    const outliers = fit.ok ? fit.value.outliers : [];
    const tests = fit.ok ? this.points(found.of.tests, curve.axis, outliers) : [];
    // beside it stands the answer, where there is room
    const wide = this.width() > 1000 ? this.width() - 356 : this.width();
    return { g: burnerGeometry(curve, tests, Math.max(200, wide - 64), HEIGHT), tests, axis: curve.axis };
  });

  /** Burns where they stand on the newest curve: what each used against what the fit has it use, times the curve there. */
  private points(
    tests: NonNullable<ReturnType<typeof this.found>>['of']['tests'],
    axis: 'setting' | 'windMps',
    outliers: readonly string[],
  ): BurntPoint[] {
    const found = this.found();
    if (!found?.answer.fit.ok) return [];
    const { curve, fit } = found.answer;
    const newest = curve.after ?? curve.before;
    return tests.flatMap((t): BurntPoint[] => {
      const burn = burntOf(t);
      const residual = fit.value.residuals.find((r) => r.testId === t.id);
      if (!burn || !residual) return [];
      const at = axis === 'setting' ? (hasValve(burnerById(burn.kit.burnerId)) ? burn.kit.flameSetting : 1) : burn.windMps;
      const near = newest.reduce((a, b) => (Math.abs(b.at - at) < Math.abs(a.at - at) ? b : a));
      if (near.fuelG === undefined || near.seconds === undefined) return [];
      const fuelG = near.fuelG * Math.exp(residual.fuel);
      const fuelSdG = (burnSdG(burn.scale, burn.isWet) / burn.burntG) * fuelG;
      return [{ id: t.id, at, fuelG, fuelSdG, seconds: near.seconds * Math.exp(residual.seconds), odd: outliers.includes(t.id) }];
    });
  }

  protected readonly says = computed(() => {
    const found = this.found();
    const best = found?.answer.curve.best;
    if (!found || best?.fuelG === undefined || best.seconds === undefined) return 'It boils nowhere on this curve.';
    const where =
      found.answer.curve.axis === 'setting' ? `${this.percent(best.at)} % open` : `${this.units.text(best.at, 'speed', 0)} of wind`;
    return `Least fuel at ${where}: ${this.units.mealMass(best.fuelG)} in ${formatDuration(best.seconds)}.`;
  });
  protected readonly spoken = computed(
    () => `Grams and minutes against ${this.drawn()?.axis === 'setting' ? 'the flame' : 'the wind'}. ${this.says()}`,
  );
  protected readonly drawnFor = computed(() => {
    const s = this.setup();
    return s ? `${this.units.text(s.waterMl, 'volume')} from ${this.units.text(s.waterC, 'temperature')} in calm air` : '';
  });
  protected readonly massDecimals = computed(() => (this.units.unit('mass').symbol === 'g' ? 0 : 2));

  /** Tests that do not fit the others, each with the words for it. */
  protected readonly outliers = computed((): OddTest[] => {
    const fit = this.found()?.answer.fit;
    if (!fit?.ok) return [];
    return fit.value.outliers.map((id) => {
      const test = this.found()?.of.tests.find((t) => t.id === id);
      const sds = fit.value.residuals.find((r) => r.testId === id)?.leftOutSd ?? 0;
      const note = test?.note ? ` (“${test.note}”)` : '';
      return {
        id,
        words: `${test ? dateText(test.on) : ''}${note} is ${Math.round(sds)} deviations off the others. Was something different? It counts until you set it aside.`,
      };
    });
  });
  protected percent(x: number): number {
    return Math.round(100 * x);
  }

  protected save(as: 'svg' | 'png'): void {
    const drawn = this.figure()?.nativeElement;
    if (!drawn) return;
    if (as === 'svg') downloadFigureSvg(drawn, 'burner');
    else void downloadFigurePng(drawn, 'burner');
  }
}
