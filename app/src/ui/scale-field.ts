import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Quantity } from '@tinder/core/units';
import { GestureEnd, newGesture } from './gesture';
import { Hint } from './hint';
import { QuantityField, type Limits } from './quantity-field';
import { Units } from '../words/units';
import { afterRender } from './after-render';

/** One line: a name, a scale to drag, and the same value to type. A drag is one undo step. */
@Component({
  selector: 'app-scale-field',
  imports: [Hint, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="name" [appHint]="label()" [attr.for]="id()">{{ label() }}</label>
    <input
      type="range"
      [appHint]="label()"
      [id]="id()"
      [class]="tone()"
      [style.--share]="share()"
      [min]="scale().min"
      [max]="scale().max"
      [step]="step()"
      [value]="value()"
      [attr.aria-valuetext]="spoken()"
      (input)="dragged($event)"
      (change)="dropped($event)"
    />
    <app-quantity-field
      [label]="label() + ', typed'"
      [quantity]="quantity()"
      [value]="value()"
      [limits]="limits()"
      [decimals]="decimals()"
      (valueChange)="valueChange.emit({ value: $event })"
    />
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 76px minmax(0, 1fr) 78px;
      gap: 0 12px;
      align-items: center;
      min-height: var(--row, 32px);
    }
    .name {
      color: var(--ink-quiet);
    }
    app-quantity-field:has(.error) {
      grid-column: 1 / -1;
    }
  `,
})
export class ScaleField {
  private readonly gestures = inject(GestureEnd);
  private readonly units = inject(Units);

  readonly label = input.required<string>();
  readonly quantity = input.required<Quantity>();
  readonly value = input.required<number>();
  /** What may be typed. */
  readonly limits = input.required<Limits>();
  /** What the scale spans; usual values, narrower than what may be typed. */
  readonly scale = input.required<Limits>();
  readonly step = input(1);
  readonly decimals = input<number>();
  readonly tone = input<'' | 'heat' | 'cold'>('');
  /** The new value; `gesture` is set while dragging. */
  readonly valueChange = output<{ value: number; gesture?: string }>();

  protected readonly id = computed(() => 'scale-' + this.label().replaceAll(' ', '-'));
  protected readonly spoken = computed(() => this.units.text(this.value(), this.quantity(), this.decimals()));
  protected readonly share = computed(() => {
    const { min, max } = this.scale();
    return `${Math.min(100, Math.max(0, (100 * (this.value() - min)) / (max - min)))}%`;
  });

  private readonly afterRender = afterRender();
  private gesture: string | undefined;

  protected dragged(event: Event): void {
    this.gesture ??= newGesture();
    this.valueChange.emit({ value: Number((event.target as HTMLInputElement).value), gesture: this.gesture });
  }

  protected dropped(event: Event): void {
    this.gesture = undefined;
    this.gestures.endGesture();
    const range = event.target as HTMLInputElement;
    this.afterRender(() => (range.value = String(this.value())));
  }
}
