import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { LIMITS } from '@tinder/core/domain/model';
import type { StarterAnswers } from '@tinder/core/domain/trail';
import type { Quantity } from '@tinder/core/foundation/units';
import { FormItem } from '../../ui/form-item';
import { QuantityField, type Limits } from '../../ui/quantity-field';
import { NewTripDraft } from './new-trip-draft';

interface Asked {
  name: string;
  quantity: Quantity;
  limits: Limits;
  decimals?: number;
  unitWord?: string;
}
/** No water is a cold meal, or none. */
const WATER = { min: 0, max: LIMITS.waterMl.max };
const NUMBERS = {
  supperAirC: { name: 'Evenings', quantity: 'temperature', limits: LIMITS.airC },
  breakfastAirC: { name: 'Mornings', quantity: 'temperature', limits: LIMITS.airC },
  breakfastMl: { name: 'Water for breakfast', quantity: 'volume', limits: WATER },
  dinnerMl: { name: 'Water for dinner', quantity: 'volume', limits: WATER },
  drinkMl: { name: 'Hot drinks a day', quantity: 'volume', limits: WATER },
  reservePercent: { name: 'Reserve', quantity: 'percent', limits: LIMITS.reservePercent },
  kmADay: { name: 'Distance a day', quantity: 'distance', limits: LIMITS.km },
  ascentM: { name: 'Climb a day', quantity: 'altitude', limits: LIMITS.ascentM },
  altitudeM: { name: 'Altitude of the camps', quantity: 'altitude', limits: LIMITS.altitudeM },
  stops: { name: 'Resupply stops on the way', quantity: 'count', limits: { min: 0, max: LIMITS.stops.max - 2 }, unitWord: 'stops' },
  riskLimitPercent: { name: 'Accepted risk on a leg', quantity: 'percent', limits: LIMITS.riskLimitPercent, decimals: 1 },
} satisfies Partial<Record<keyof StarterAnswers, Asked>>;

/** A question of the form that a number answers; assumed until one is typed. */
@Component({
  selector: 'app-number-answer',
  imports: [FormItem, QuantityField, ReactiveFormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let a = asked();
    <app-form-item [name]="a.name" [assumed]="draft.isAssumed(of())">
      <app-quantity-field
        class="brief"
        [label]="a.name"
        [quantity]="a.quantity"
        [decimals]="a.decimals"
        [unitWord]="a.unitWord ?? ''"
        [formControl]="control()"
        [whole]="a.quantity === 'count'"
        [limits]="a.limits"
      />
    </app-form-item>
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
  `,
})
export class NumberAnswer {
  protected readonly draft = inject(NewTripDraft);
  readonly of = input.required<keyof typeof NUMBERS>();
  protected readonly asked = computed((): Asked => NUMBERS[this.of()]);
  protected readonly control = computed(() => this.draft.form.controls[this.of()]);
}
