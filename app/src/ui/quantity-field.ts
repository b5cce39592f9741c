import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { fromCore, parseQuantity, toCore, type Quantity } from '@tinder/core/foundation/units';
import { quantityProblemWords } from '../words/quantity-words';
import { Units } from '../words/units';
import { afterRender } from './after-render';
import { FormValue } from './form-value';

/** The least and the most that a field takes, in the core's unit. */
export interface Limits {
  min: number;
  max: number;
}

let nextId = 0;

/**
 * A field that takes any unit typed, and shows the number in the preferred one with that beside it. Enter or leaving the field commits, Escape takes back,
 * the arrows nudge. What cannot be read is said underneath, and the value stays as it was. The value is in the core's unit; null where nothing is
 * known yet: the field is empty and asks by its placeholder.
 */
@Component({
  selector: 'app-quantity-field',
  imports: [NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="box">
      <input
        nz-input
        type="text"
        inputmode="text"
        autocomplete="off"
        [id]="fieldId()"
        [value]="text()"
        [style.padding-right]="room()"
        [attr.placeholder]="placeholder() || null"
        [attr.aria-label]="label()"
        [attr.aria-invalid]="problem() ? true : null"
        [attr.aria-describedby]="describedBy()"
        (focus)="focused($event)"
        (input)="typed($event)"
        (blur)="commit()"
        (keydown)="key($event)"
      />
      @if (suffix(); as unit) {
        <span class="ant-input-suffix" [class.hidden]="hasUnit()" [id]="fieldId() + '-unit'">{{ unit }}</span>
      }
    </span>
    @if (problem(); as sentence) {
      <div class="error" role="alert" [id]="fieldId() + '-note'">{{ sentence }}</div>
    } @else if (echo()) {
      <div class="echo" [id]="fieldId() + '-note'">{{ echo() }}</div>
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    :host(.brief) {
      width: 6.875rem;
    }
    :host(.brief):has(.error) {
      width: 100%;
    }
    .box {
      position: relative;
      display: block;
    }
    .ant-input-suffix {
      position: absolute;
      right: 0.5rem;
      top: 50%;
      transform: translateY(-50%);
      color: var(--ink-quiet);
      font-size: 0.9375rem;
      pointer-events: none;
    }
    .hidden {
      visibility: hidden;
    }
    .echo {
      color: var(--ink-quiet);
      font-size: 0.8125rem;
      line-height: 1.25;
      text-align: right;
    }
  `,
})
export class QuantityField extends FormValue<number | null, number> {
  private readonly units = inject(Units);

  readonly label = input.required<string>();
  readonly quantity = input.required<Quantity>();
  /** Just the number: its unit is said beside the field. */
  readonly bare = input(false);
  /** Said after a bare number: what is counted. */
  readonly unitWord = input('');
  readonly placeholder = input('');
  readonly limits = input.required<Limits>();
  /** Counts what there is no half of: rounded to whole numbers. */
  readonly whole = input(false);
  /** Decimals shown; the unit's own where left out. */
  readonly decimals = input<number>();
  readonly fieldId = input(`quantity-${nextId++}`);

  private readonly shown = computed(() => {
    const value = this.held() ?? null;
    return value === null ? '' : this.worded(value);
  });
  protected readonly text = linkedSignal(() => this.shown());
  protected readonly problem = linkedSignal<string, string | undefined>({ source: this.shown, computation: () => undefined });
  protected readonly echo = signal<string | undefined>(undefined);
  /** What the number counts; none where that is said beside the field. */
  protected readonly suffix = computed(() => (this.bare() ? '' : this.unitWord() || this.units.unit(this.quantity()).symbol));
  /** Room for it inside the field, which is all of the box: what a thumb aims at. */
  protected readonly room = computed(() => (this.suffix() ? `calc(0.875rem + ${this.suffix().length}ch)` : null));
  /** A unit is being typed: ours would contradict it. */
  protected readonly hasUnit = computed(() => /[\p{L}°%]/u.test(this.text()));
  protected readonly describedBy = computed(() => {
    const { fieldId, suffix, problem, echo } = this;
    return [suffix() && `${fieldId()}-unit`, (problem() ?? echo()) && `${fieldId()}-note`].filter(Boolean).join(' ') || null;
  });

  protected focused(event: Event): void {
    (event.target as HTMLInputElement).select();
  }

  private readonly afterRender = afterRender();

  protected typed(event: Event): void {
    this.text.set((event.target as HTMLInputElement).value);
    this.echo.set(undefined);
  }

  protected commit(): void {
    const typed = this.text();
    this.touched();
    if (typed === this.shown()) return this.say(undefined);
    const unit = this.units.unit(this.quantity());
    const parsed = parseQuantity(this.unitWord() ? typed.replace(this.unitWord(), '') : typed, this.quantity(), unit);
    if (!parsed.ok) return this.say(quantityProblemWords(parsed.problem, this.quantity(), this.unitWord() || unit.symbol));
    const read = parsed.value;
    if (!this.accept(read.value)) return;
    const other = read.unitTyped && read.unit.symbol !== unit.symbol;
    this.echo.set(other ? `${+fromCore(read.value, read.unit).toFixed(2)} ${read.unit.symbol}` : undefined);
    this.text.set(this.worded(read.value));
    this.afterRender(() => this.text.set(this.shown()));
  }

  private worded(value: number): string {
    return this.units.number(value, this.quantity(), this.decimals());
  }

  protected key(event: KeyboardEvent): void {
    if (event.key === 'Enter') this.commit();
    if (event.key === 'Escape') {
      this.text.set(this.shown());
      this.say(undefined);
    }
    const direction = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (direction) {
      event.preventDefault();
      this.nudge(direction * (event.shiftKey ? 10 : 1));
    }
  }

  /** One step is one of the last shown digits, or ten of them where the unit is fine (mL, metres). */
  private nudge(steps: number): void {
    const unit = this.units.unit(this.quantity());
    const fine = ['mL', 'm', 'ft'].includes(unit.symbol) ? 10 : 10 ** -(this.decimals() ?? unit.decimals);
    const next = toCore(fromCore(this.held() ?? this.limits().min, unit) + steps * fine, unit);
    const { min, max } = this.limits();
    this.accept(Math.min(max, Math.max(min, next)));
  }

  /** Says what is wrong with what was typed; nothing where it can be read. */
  private say(problem: string | undefined): void {
    this.problem.set(problem);
    this.readable(!problem);
  }

  private accept(value: number): boolean {
    const { min, max } = this.limits();
    if (!(value >= min && value <= max)) {
      const range = `${this.units.text(min, this.quantity(), this.decimals())} to ${this.units.text(max, this.quantity(), this.decimals())}`;
      this.say(`That is outside what can be planned here: ${range}.`);
      return false;
    }
    this.say(undefined);
    const taken = this.whole() ? Math.round(value) : value;
    if (taken !== this.held()) this.offer(taken);
    return true;
  }
}
