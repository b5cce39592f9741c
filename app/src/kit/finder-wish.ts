import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { Wish } from '@tinder/core/found';
import { LIMITS } from '@tinder/core/model';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { Tick } from '../ui/tick';
import { FinderSearch } from './finder-search';
import { KitStudy } from './kit-study';

const FROM = [
  { value: 'own', label: 'What I have' },
  { value: 'upTo', label: 'And more for up to' },
  { value: 'anything', label: 'Anything' },
] as const;
const WAYS = [
  { key: 'stopAt88', label: 'Heat to 88 °C, not to a boil' },
  { key: 'cozy', label: 'A cozy instead of simmering' },
  { key: 'coldBreakfast', label: 'Cold breakfast' },
  { key: 'allCold', label: 'Everything cold' },
  { key: 'gatherWood', label: 'Gather wood, dry and allowed every evening' },
] as const;
/** What is spent at first where somebody is ready to buy. */
const FIRST_BUDGET = 60;

/** What a kit is looked for among, what the walker is ready to do, and what it must do. */
@Component({
  selector: 'app-finder-wish',
  imports: [Choice, NzButtonComponent, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="wish" role="group" aria-label="What is looked for">
      <div class="line">
        <span class="quiet">from</span>
        <app-choice label="From what kits are put together" [options]="from" [value]="wish().from.kind" (valueChange)="setFrom($event)" />
        @if (budget(); as b) {
          <app-quantity-field
            class="narrow"
            label="To be spent at most"
            quantity="price"
            [value]="b.price"
            [limits]="L.price"
            (valueChange)="change({ from: { kind: 'upTo', price: $event } })"
          />
        }
      </div>
      <div class="line">
        <span class="quiet">I would</span>
        @for (w of ways; track w.key) {
          <label
            ><input type="checkbox" [appTick]="wish().ways[w.key]" (turned)="turn(w.key)" /> <span>{{ w.label }}</span></label
          >
        }
      </div>
      <div class="line">
        <span class="quiet">it must</span>
        <label>
          <input type="checkbox" [appTick]="wish().mustSimmer" (turned)="change({ mustSimmer: !wish().mustSimmer })" />
          <span>Turn down to a simmer</span>
        </label>
        <label>
          <input type="checkbox" [appTick]="wish().mustLast" (turned)="change({ mustLast: !wish().mustLast })" />
          <span>Last more than a few trips</span>
        </label>
        <label>
          <input type="checkbox" [appTick]="wish().noOpenFlame" (turned)="change({ noOpenFlame: !wish().noOpenFlame })" />
          <span>Pass a ban on open flame</span>
        </label>
        @for (k of keeps(); track k.id) {
          <label
            ><input type="checkbox" [appTick]="k.on" (turned)="keep(k.id)" /> <span>Keep my {{ k.name }}</span></label
          >
        }
        <label>
          <input type="checkbox" [appTick]="wish().mostMinutesADay !== undefined" (turned)="limitTime()" /> <span>Burn no longer than</span>
        </label>
        @if (wish().mostMinutesADay; as most) {
          <app-quantity-field
            class="narrow"
            label="Stove time a day at most"
            quantity="minutes"
            [value]="most"
            [limits]="{ min: 1, max: 240 }"
            (valueChange)="change({ mostMinutesADay: $event })"
          />
          <span class="quiet">a day</span>
        }
      </div>
      @if (!search.asked()) {
        <button nz-button nzType="primary" type="button" (click)="search.asked.set(true)">Find</button>
      }
    </div>
  `,
  styles: `
    .wish {
      display: grid;
      gap: 0.25rem;
      justify-items: start;
      margin: 0.375rem 0 0.5rem;
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 1rem;
      align-items: baseline;
    }
    .narrow {
      width: 4.75rem;
    }
  `,
})
export class FinderWish {
  protected readonly search = inject(FinderSearch);
  private readonly kits = inject(KitStudy);
  protected readonly L = LIMITS;
  protected readonly from = FROM;
  protected readonly ways = WAYS;
  protected readonly wish = this.search.wish;
  protected readonly budget = computed(() => {
    const { from } = this.wish();
    return from.kind === 'upTo' ? from : undefined;
  });

  /** Burner and pot of the kit carried now, where they can be kept. */
  protected readonly keeps = computed(() => {
    const pieces = this.kits.built()?.pieces ?? [];
    return pieces
      .filter((p) => (p.role === 'burner' || p.role === 'pot') && p.have !== 'wish')
      .map(({ id, name }) => ({ id, name, on: this.wish().keepPieceIds.includes(id) }));
  });

  protected change(change: Partial<Wish>): void {
    this.wish.update((w) => ({ ...w, ...change }));
  }
  protected turn(key: keyof Wish['ways']): void {
    this.wish.update((w) => ({ ...w, ways: { ...w.ways, [key]: !w.ways[key] } }));
  }
  protected setFrom(kind: Wish['from']['kind']): void {
    this.change({ from: kind === 'upTo' ? { kind, price: FIRST_BUDGET } : { kind } });
  }
  protected keep(id: string): void {
    this.wish.update((w) => ({
      ...w,
      keepPieceIds: w.keepPieceIds.includes(id) ? w.keepPieceIds.filter((p) => p !== id) : [...w.keepPieceIds, id],
    }));
  }
  protected limitTime(): void {
    this.change({ mostMinutesADay: this.wish().mostMinutesADay === undefined ? 20 : undefined });
  }
}
