import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzTagComponent } from 'ng-zorro-antd/tag';
import type { Wish } from '@tinder/core/studies/found';
import { QuantityField } from '../../ui/quantity-field';
import { Tick } from '../../ui/tick';
import { measured } from '../../words/measured';
import { Units } from '../../words/units';
import { FinderSearch } from './finder-search';
import { KitStudy } from './kit-study';

const WAYS = [
  { key: 'stopAt88', label: 'Heat to {88 °C}, not to a boil' },
  { key: 'cozy', label: 'A cozy instead of simmering' },
  { key: 'coldBreakfast', label: 'Cold breakfast' },
  { key: 'allCold', label: 'Everything cold' },
  { key: 'gatherWood', label: 'Gather wood, dry and allowed every evening' },
] as const;
const MUSTS = [
  { key: 'mustSimmer', label: 'Turn down to a simmer' },
  { key: 'mustLast', label: 'Last more than a few trips' },
  { key: 'noOpenFlame', label: 'Pass a ban on open flame' },
] as const;

/** What the walker is ready to do, and what a kit must do; what is asked for stands beside as tags. */
@Component({
  selector: 'app-finder-wish',
  imports: [NzTagComponent, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary>
        Conditions
        @for (t of tags(); track t) {
          <nz-tag>{{ t }}</nz-tag>
        }
      </summary>
      <div class="columns">
        <fieldset>
          <legend>I would</legend>
          @for (w of ways(); track w.key) {
            <label
              ><input type="checkbox" [appTick]="wish().ways[w.key]" (turned)="turn(w.key)" /> <span>{{ w.label }}</span></label
            >
          }
        </fieldset>
        <fieldset>
          <legend>The kit must</legend>
          @for (m of musts; track m.key) {
            <label
              ><input type="checkbox" [appTick]="wish()[m.key]" (turned)="demand(m.key)" /> <span>{{ m.label }}</span></label
            >
          }
          @for (k of keeps(); track k.id) {
            <label
              ><input type="checkbox" [appTick]="k.on" (turned)="keep(k.id)" /> <span>{{ k.label }}</span></label
            >
          }
          <label>
            <input type="checkbox" [appTick]="wish().mostMinutesADay !== undefined" (turned)="limitTime()" />
            <span>Stove time no longer than</span>
          </label>
          @if (wish().mostMinutesADay; as most) {
            <app-quantity-field
              class="brief"
              label="Stove time a day at most"
              quantity="minutes"
              [value]="most"
              [limits]="{ min: 1, max: 240 }"
              (valueChange)="search.change({ mostMinutesADay: $event })"
            />
          }
        </fieldset>
      </div>
    </details>
  `,
  styles: `
    :host {
      display: block;
      padding: 0.375rem 0;
      border-top: 1px solid var(--hairline);
    }
    nz-tag {
      margin-left: 0.5rem;
      white-space: normal;
    }
    .columns {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 3rem;
    }
    fieldset {
      display: grid;
      gap: 0.25rem;
      align-content: start;
      min-width: 0;
      margin: 0;
      padding: 0;
      border: 0;
    }
    legend {
      padding: 0.25rem 0;
      font-weight: 600;
    }
  `,
})
export class FinderWish {
  protected readonly search = inject(FinderSearch);
  private readonly kits = inject(KitStudy);
  private readonly units = inject(Units);
  protected readonly ways = computed(() => WAYS.map((w) => ({ key: w.key, label: measured(w.label, this.units) })));
  protected readonly musts = MUSTS;
  protected readonly wish = this.search.wish;

  /** Stove and pot of the kit carried now, where they can be kept. */
  protected readonly keeps = computed(() => {
    const pieces = this.kits.built()?.pieces ?? [];
    return pieces
      .filter((p) => (p.role === 'burner' || p.role === 'pot') && p.have !== 'wish')
      .map(({ id, name }) => ({ id, label: `Keep my ${name}`, on: this.wish().keepPieceIds.includes(id) }));
  });
  protected readonly tags = computed(() => {
    const wish = this.wish();
    const most = wish.mostMinutesADay;
    return [
      ...this.ways()
        .filter((w) => wish.ways[w.key])
        .map((w) => w.label),
      ...MUSTS.filter((m) => wish[m.key]).map((m) => `Must ${m.label[0].toLowerCase()}${m.label.slice(1)}`),
      ...this.keeps()
        .filter((k) => k.on)
        .map((k) => k.label),
      ...(most === undefined ? [] : [`No longer than ${this.units.text(most, 'minutes', 0)} a day`]),
    ];
  });

  protected turn(key: keyof Wish['ways']): void {
    const { ways } = this.wish();
    this.search.change({ ways: { ...ways, [key]: !ways[key] } });
  }
  protected demand(key: (typeof MUSTS)[number]['key']): void {
    this.search.change({ [key]: !this.wish()[key] });
  }
  protected keep(id: string): void {
    const { keepPieceIds } = this.wish();
    this.search.change({ keepPieceIds: keepPieceIds.includes(id) ? keepPieceIds.filter((p) => p !== id) : [...keepPieceIds, id] });
  }
  protected limitTime(): void {
    this.search.change({ mostMinutesADay: this.wish().mostMinutesADay === undefined ? 20 : undefined });
  }
}
