import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Quantity } from '@tinder/core/foundation/units';
import { Hint } from './hint';
import { QuantityField, type Limits } from './quantity-field';
import { Slider } from './slider';
import { Units } from '../words/units';

/** One line: a name, a scale to drag, and the same value to type. A drag is one undo step. */
@Component({
  selector: 'app-scale-field',
  imports: [Hint, QuantityField, Slider],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="name" [appHint]="label()" [attr.for]="fieldId()">{{ label() }}</label>
    <app-slider
      [label]="label()"
      [value]="value()"
      [scale]="scale()"
      [step]="step()"
      [tone]="tone()"
      [spoken]="spoken"
      (valueChange)="valueChange.emit($event)"
    />
    <app-quantity-field
      [fieldId]="fieldId()"
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
      grid-template-columns: var(--name-width, 4.75rem) minmax(0, 1fr) 4.875rem;
      gap: 0 0.75rem;
      align-items: center;
      min-height: var(--row, 2.25rem);
    }
    app-quantity-field:has(.error) {
      grid-column: 1 / -1;
    }
  `,
})
export class ScaleField {
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

  protected readonly fieldId = computed(() => `scale-${this.label().replaceAll(' ', '-')}`);
  protected readonly spoken = (value: number): string => this.units.text(value, this.quantity(), this.decimals());
}
