import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { ambientPressurePa, boilingPointC } from '@tinder/core/air';
import type { CurvePoint } from '@tinder/core/bench';
import { fuelById } from '@tinder/core/fuel';
import { LIMITS, newSetup, newTest, TEST_ENDS, type Arm, type BenchTest, type TestSeries } from '@tinder/core/model';
import { formatDuration } from '@tinder/core/units';
import { reachesAtS } from '@tinder/core/tables';
import { Choice } from '../ui/choice';
import { Opened } from '../ui/opened';
import { optionsOf, PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { today } from '../ui/today';
import { END_WORDS } from '../words/bench-words';
import { Units } from '../words/units';
import { BenchStudy, TRIP_KIT } from './bench-study';
import { LoggerIntake, type TakenCurve } from './logger-intake';
import { SetupFields } from './setup-fields';

const WAYS = [
  { value: 'told', label: 'Grams' },
  { value: 'dosed', label: 'A dose' },
] as const;
type Way = (typeof WAYS)[number]['value'];
/** A probe stands this far below the boiling point when it boils all through, K (common practice). */
const BOIL_SEEN_K = 0.5;

/** A burn that is over already: what was written down on paper comes in as it is, for a question or by itself. */
@Component({
  selector: 'app-write-down',
  imports: [Choice, LoggerIntake, NzButtonComponent, Opened, PickField, QuantityField, SetupFields],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details appOpened #o="opened">
      <summary>Enter an earlier test</summary>
      @if (o.once()) {
        <div class="heads">
          <app-pick-field label="Burnt for" [options]="sides()" [value]="side()" (valueChange)="side.set($event)" />
          @if (side() === 'none') {
            <app-pick-field label="Burnt with" [options]="kits()" [value]="kitId()" (valueChange)="kitId.set($event)" />
          }
          <app-pick-field label="It" [options]="ends" [value]="end()" (valueChange)="end.set($event)" />
          @if (spirit()) {
            <span class="name">Fuel as</span>
            <app-choice label="Fuel as" [options]="ways" [value]="way()" (valueChange)="way.set($event)" />
          }
          <span class="name">Fuel used</span>
          @if (way() === 'dosed' && spirit()) {
            <app-quantity-field
              label="Dose used"
              quantity="volume"
              placeholder="?"
              [value]="doseMl()"
              [limits]="{ min: 1, max: 500 }"
              (valueChange)="doseMl.set($event)"
            />
          } @else {
            <app-quantity-field
              label="Fuel used"
              quantity="mass"
              placeholder="?"
              [decimals]="1"
              [value]="burntG()"
              [limits]="L.burntG"
              (valueChange)="burntG.set($event)"
            />
          }
          <span class="name">Time</span>
          <app-quantity-field
            label="Time taken"
            quantity="minutes"
            placeholder="?"
            [decimals]="1"
            [value]="minutes()"
            [limits]="{ min: 0.1, max: 120 }"
            (valueChange)="minutes.set($event)"
          />
        </div>
        @if (setup(); as s) {
          <app-setup-fields [setup]="s" (setupChange)="setup.set($event)" />
        }
        <app-logger-intake (taken)="timed($event)" />
        @if (timedWords(); as words) {
          <p role="status">{{ words }}</p>
        }
        <p><button nz-button nzSize="small" type="button" [disabled]="!test()" (click)="keep()">Save test</button></p>
      }
    </details>
  `,
  styleUrls: ['../ui/rows.less', './bench.less'],
  styles: `
    details {
      margin-top: 0.875rem;
    }
  `,
})
export class WriteDown {
  private readonly study = inject(BenchStudy);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly ways = WAYS;
  protected readonly ends = TEST_ENDS.map((value) => ({ value, label: END_WORDS[value] }));

  protected readonly side = signal('none');
  protected readonly kitId = signal(TRIP_KIT);
  protected readonly end = signal<BenchTest['end']>('reached');
  protected readonly way = signal<Way>('told');
  protected readonly burntG = signal<number | null>(null);
  protected readonly doseMl = signal<number | null>(null);
  protected readonly minutes = signal<number | null>(null);
  private readonly curve = signal<CurvePoint[]>([]);
  protected readonly timedWords = signal('');

  protected readonly sides = computed(() => [
    ...optionsOf({ none: 'no question' }),
    ...this.study.bench().series.flatMap((s) => [
      { value: `${s.id} a`, label: `${s.question} A: ${s.nameA}` },
      { value: `${s.id} b`, label: `${s.question} B: ${s.nameB}` },
    ]),
  ]);
  protected readonly kits = computed(() => this.study.kits().map((k) => ({ value: k.id, label: k.name })));
  private readonly chosen = computed((): { series: TestSeries; arm: Arm } | undefined => {
    const [id, arm] = this.side().split(' ');
    const series = this.study.bench().series.find((s) => s.id === id);
    return series && (arm === 'a' || arm === 'b') ? { series, arm } : undefined;
  });
  protected readonly setup = linkedSignal(() => {
    const chosen = this.chosen();
    if (chosen) return chosen.series[chosen.arm];
    const kit = this.study.kits().find((k) => k.id === this.kitId()) ?? this.study.kits()[0];
    return kit && newSetup(kit.name, kit.kit);
  });
  protected readonly spirit = computed(() => {
    const setup = this.setup();
    return setup !== undefined && fuelById(setup.kit.fuelId).kind === 'alcohol';
  });

  protected readonly test = computed((): BenchTest | undefined => {
    const [setup, minutes, burntG, doseMl] = [this.setup(), this.minutes(), this.burntG(), this.doseMl()];
    if (!setup || minutes === null) return undefined;
    const dosed = this.spirit() && this.way() === 'dosed';
    if ((dosed ? doseMl : burntG) === null) return undefined;
    const fuel = dosed ? ({ how: 'dosed', doseMl: doseMl ?? 1, leftMl: 0 } as const) : ({ how: 'told', burntG: burntG ?? 1 } as const);
    const chosen = this.chosen();
    const of = chosen ? { seriesId: chosen.series.id, arm: chosen.arm, garden: chosen.series.garden } : {};
    const more = { ...of, curve: this.curve() };
    return newTest(crypto.randomUUID(), today(), setup, { fuel, seconds: Math.max(1, 60 * minutes), end: this.end() }, more);
  });

  /** The time to the target, read off a logger’s curve; the curve is kept with the burn. */
  protected timed({ points }: TakenCurve): void {
    const setup = this.setup();
    if (!setup) return;
    const { target, altitudeM } = setup;
    const targetC = target.kind === 'stopAt' ? target.targetC : boilingPointC(ambientPressurePa(altitudeM)) - BOIL_SEEN_K;
    const seconds = reachesAtS(points, targetC);
    this.curve.set(points);
    if (seconds !== undefined && seconds > 0) this.minutes.set(seconds / 60);
    const at = this.units.text(targetC, 'temperature', 1);
    this.timedWords.set(
      seconds
        ? `It came to ${at} after ${formatDuration(seconds)}.`
        : `It never came to ${at}: give the time yourself, or say how it ended.`,
    );
  }

  protected keep(): void {
    const test = this.test();
    if (!test || !this.study.keep(test)) return;
    this.curve.set([]);
    this.timedWords.set('');
    this.burntG.set(null);
    this.doseMl.set(null);
    this.minutes.set(null);
  }
}
