import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, linkedSignal, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NonNullableFormBuilder, ReactiveFormsModule } from '@angular/forms';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { ambientPressurePa, boilingPointC } from '@tinder/core/physics/air';
import type { CurvePoint } from '@tinder/core/studies/bench';
import { fuelById } from '@tinder/core/physics/fuel';
import { LIMITS, newSetup, newTest, TEST_ENDS, type Arm, type BenchTest, type TestSeries } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { map } from 'rxjs';
import { reachesAtS } from '@tinder/core/output/tables';
import { Choice } from '../../ui/choice';
import { Opened } from '../../ui/opened';
import { optionsOf, PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { today } from '../../ui/today';
import { END_WORDS } from '../../words/bench-words';
import { Units } from '../../words/units';
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

/** A burn noted earlier, on paper or by a logger: entered as it is, as part of a planned test or by itself. */
@Component({
  selector: 'app-write-down',
  imports: [Choice, LoggerIntake, NzButtonComponent, Opened, PickField, QuantityField, ReactiveFormsModule, SetupFields],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details appOpened #o="opened">
      <summary>Enter an earlier test</summary>
      @if (o.once()) {
        <form [formGroup]="form" (submit)="$event.preventDefault()">
          <div class="heads">
            <app-pick-field label="Part of the test" [options]="sides()" formControlName="side" />
            @if (filled().side === 'none') {
              <app-pick-field label="Kit used" [options]="kits()" formControlName="kitId" />
            }
            <app-pick-field label="How it ended" [options]="ends" formControlName="end" />
            @if (isAlcohol()) {
              <span class="name">Fuel measured as</span>
              <app-choice label="Fuel measured as" [options]="ways" formControlName="way" />
            }
            <span class="name">Fuel used</span>
            @if (isDosed()) {
              <app-quantity-field label="Dose used" quantity="volume" placeholder="?" [limits]="doseLimits" formControlName="doseMl" />
            } @else {
              <app-quantity-field
                label="Fuel used"
                quantity="mass"
                placeholder="?"
                [decimals]="1"
                [limits]="L.burntG"
                formControlName="burntG"
              />
            }
            <span class="name">Time</span>
            <app-quantity-field
              label="Time taken"
              quantity="minutes"
              placeholder="?"
              [decimals]="1"
              [limits]="minuteLimits"
              formControlName="minutes"
            />
          </div>
          @if (setup(); as s) {
            <app-setup-fields [setup]="s" (setupChange)="setup.set($event)" />
          }
          <app-logger-intake (taken)="timed($event)" />
          @if (timedWords(); as words) {
            <p role="status">{{ words }}</p>
          }
          @if (lacks() && !test()) {
            <p class="error" role="alert">Type the fuel used and the time taken, then save.</p>
          }
          <p><button nz-button nzSize="small" type="button" (click)="keep()">Save test</button></p>
        </form>
      }
    </details>
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
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

  protected readonly doseLimits = { min: 1, max: 500 };
  protected readonly minuteLimits = { min: 0.1, max: 120 };

  private readonly build = inject(NonNullableFormBuilder);
  protected readonly form = this.build.group({
    side: 'none',
    kitId: TRIP_KIT,
    end: this.build.control<BenchTest['end']>('reached'),
    way: this.build.control<Way>('told'),
    burntG: this.build.control<number | null>(null),
    doseMl: this.build.control<number | null>(null),
    minutes: this.build.control<number | null>(null),
  });
  protected readonly filled = toSignal(this.form.valueChanges.pipe(map(() => this.form.getRawValue())), {
    initialValue: this.form.getRawValue(),
  });
  /** It was to be saved before it was whole. */
  protected readonly lacks = signal(false);
  private readonly page = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly curve = signal<CurvePoint[]>([]);
  protected readonly timedWords = signal('');

  protected readonly sides = computed(() => [
    ...optionsOf({ none: 'No test planned here' }),
    ...this.study.bench().series.flatMap((s) => [
      { value: `${s.id} a`, label: `${s.question} A: ${s.nameA}` },
      { value: `${s.id} b`, label: `${s.question} B: ${s.nameB}` },
    ]),
  ]);
  protected readonly kits = computed(() => this.study.kits().map((k) => ({ value: k.id, label: k.name })));
  private readonly chosen = computed((): { series: TestSeries; arm: Arm } | undefined => {
    const [id, arm] = this.filled().side.split(' ');
    const series = this.study.bench().series.find((s) => s.id === id);
    return series && (arm === 'a' || arm === 'b') ? { series, arm } : undefined;
  });
  protected readonly setup = linkedSignal(() => {
    const chosen = this.chosen();
    if (chosen) return chosen.series[chosen.arm];
    const kit = this.study.kits().find((k) => k.id === this.filled().kitId) ?? this.study.kits()[0];
    return kit && newSetup(kit.name, kit.kit);
  });
  protected readonly isAlcohol = computed(() => {
    const setup = this.setup();
    return setup !== undefined && fuelById(setup.kit.fuelId).kind === 'alcohol';
  });
  protected readonly isDosed = computed(() => this.isAlcohol() && this.filled().way === 'dosed');

  protected readonly test = computed((): BenchTest | undefined => {
    const [setup, { minutes, burntG, doseMl, end }] = [this.setup(), this.filled()];
    if (!setup || minutes === null) return undefined;
    const fuel = this.isDosed()
      ? doseMl !== null && ({ how: 'dosed', doseMl, leftMl: 0 } as const)
      : burntG !== null && ({ how: 'told', burntG } as const);
    if (!fuel) return undefined;
    const chosen = this.chosen();
    const of = chosen ? { seriesId: chosen.series.id, arm: chosen.arm, garden: chosen.series.garden } : {};
    const more = { ...of, curve: this.curve() };
    return newTest(crypto.randomUUID(), today(), setup, { fuel, seconds: Math.max(1, 60 * minutes), end }, more);
  });

  /** The time to the target, read off a logger’s curve; the curve is kept with the burn. */
  protected timed({ points }: TakenCurve): void {
    const setup = this.setup();
    if (!setup) return;
    const { target, altitudeM } = setup;
    const targetC = target.kind === 'stopAt' ? target.targetC : boilingPointC(ambientPressurePa(altitudeM)) - BOIL_SEEN_K;
    const seconds = reachesAtS(points, targetC);
    this.curve.set(points);
    if (seconds !== undefined && seconds > 0) this.form.controls.minutes.setValue(seconds / 60);
    const at = this.units.text(targetC, 'temperature', 1);
    this.timedWords.set(
      seconds
        ? `It reached ${at} after ${formatDuration(seconds)}.`
        : `It never reached ${at}: type the time yourself, or choose how it ended.`,
    );
  }

  protected keep(): void {
    const test = this.test();
    this.lacks.set(!test || this.form.invalid);
    if (!test || this.form.invalid) return this.page.nativeElement.querySelector<HTMLElement>('[aria-invalid=true]')?.focus();
    if (!this.study.keep(test)) return;
    this.curve.set([]);
    this.timedWords.set('');
    this.form.patchValue({ burntG: null, doseMl: null, minutes: null });
  }
}
