import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Wish } from '@tinder/core/studies/found';
import { LIMITS } from '@tinder/core/domain/model';
import { Choice } from '../../ui/choice';
import { QuantityField } from '../../ui/quantity-field';
import { FinderSearch } from './finder-search';

const FROM = [
  { value: 'own', label: 'What I have' },
  { value: 'upTo', label: 'Up to a price' },
  { value: 'anything', label: 'Anything' },
] as const;
/** What is spent at first where somebody is ready to buy. */
const FIRST_BUDGET = 60;

/** What kits are put together from: what is owned, as much more as a price buys, or everything. */
@Component({
  selector: 'app-finder-from',
  imports: [Choice, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="name">Choose from</span>
    <app-choice
      label="From what kits are put together"
      [options]="from"
      [value]="search.wish().from.kind"
      (valueChange)="setFrom($event)"
    />
    @if (budget(); as b) {
      <app-quantity-field
        class="brief"
        label="To be spent at most"
        quantity="price"
        [value]="b.price"
        [limits]="L.price"
        (valueChange)="search.change({ from: { kind: 'upTo', price: $event } })"
      />
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 0.75rem;
      align-items: center;
    }
  `,
})
export class FinderFrom {
  protected readonly search = inject(FinderSearch);
  protected readonly L = LIMITS;
  protected readonly from = FROM;
  protected readonly budget = computed(() => {
    const { from } = this.search.wish();
    return from.kind === 'upTo' ? from : undefined;
  });

  protected setFrom(kind: Wish['from']['kind']): void {
    this.search.change({ from: kind === 'upTo' ? { kind, price: FIRST_BUDGET } : { kind } });
  }
}
