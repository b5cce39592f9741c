import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { LIMITS, type Meal } from '@tinder/core/domain/model';
import type { Quantity } from '@tinder/core/foundation/units';
import { Hint } from '../../ui/hint';
import { QuantityField, type Limits } from '../../ui/quantity-field';
import { DishStudy } from './dish-study';

const NUMBERS = {
  waterMl: { name: 'Water', quantity: 'volume', limits: LIMITS.waterMl },
  dryG: { name: 'Dry food', quantity: 'mass', limits: LIMITS.dryG },
  drainedMl: { name: 'Poured away', quantity: 'volume', limits: LIMITS.drainedMl },
  fatG: { name: 'Fat added', quantity: 'mass', limits: LIMITS.dryG },
  simmerMin: { name: 'Simmer', quantity: 'minutes', limits: LIMITS.simmerMin },
  packagingG: { name: 'Packaging', quantity: 'mass', limits: LIMITS.dryG },
  restMin: { name: 'Rest', quantity: 'minutes', limits: LIMITS.restMin },
  kcal: { name: 'Energy', quantity: 'energy', limits: LIMITS.kcal },
  homeMin: { name: 'Work at home', quantity: 'minutes', limits: LIMITS.homeMin },
  price: { name: 'Price', quantity: 'price', limits: LIMITS.price },
} satisfies Partial<Record<keyof Meal, { name: string; quantity: Quantity; limits: Limits }>>;
export type DishKey = keyof typeof NUMBERS;

/** A number of the dish that is looked at, with its name; laid into two columns of what stands around it. */
@Component({
  selector: 'app-dish-number',
  imports: [Hint, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let n = number();
    <span class="name" [appHint]="n.name">{{ n.name }}</span>
    <app-quantity-field
      [appHint]="n.name"
      [label]="n.name + ' of the dish'"
      [quantity]="n.quantity"
      [value]="study.entered()[of()]"
      [limits]="n.limits"
      (valueChange)="typed($event)"
    />
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
})
export class DishNumber {
  protected readonly study = inject(DishStudy);
  readonly of = input.required<DishKey>();
  protected readonly number = computed(() => NUMBERS[this.of()]);

  protected typed(value: number): void {
    this.study.change(this.number().name.toLowerCase(), (m) => ({ ...m, [this.of()]: value }));
  }
}
