import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { carried, takeOnRack, type FoundKit } from '@tinder/core/found';
import { KitSection } from '../charts/kit-section';
import { WorkspaceStore } from '../store/workspace-store';
import { hotWords } from '../words/finder-words';
import { reckonedOddsWords } from '../words/risk-words';
import { Units } from '../words/units';
import { FinderSearch } from './finder-search';
import { KitStudy } from './kit-study';
import { Hint } from '../ui/hint';

/** One kit that was found: drawn, in figures, piece by piece, and to be taken. */
@Component({
  selector: 'app-found-kit',
  imports: [Hint, KitSection, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let c = found();
    <section aria-labelledby="found-title">
      <h3 id="found-title">{{ search.nameOf(c) }}: {{ units.text(c.measured.dayG, 'mass') }} a day</h3>
      <div class="drawn">
        <app-kit-section [kit]="c.kit" [width]="150" />
        <dl>
          <dt appHint="carried, on average">Carried, average</dt>
          <dd class="figure">{{ units.text(c.measured.averageG, 'mass') }}</dd>
          <dt appHint="burner, pot and the rest">Burner, pot and the rest</dt>
          <dd>{{ units.text(c.measured.hardwareG, 'mass') }}</dd>
          <dt appHint="containers, on average">Containers</dt>
          <dd>{{ units.text(c.measured.containersG, 'mass') }}</dd>
          <dt appHint="fuel on hand">Fuel on hand</dt>
          <dd>{{ units.text(c.measured.fuelG, 'mass') }}</dd>
          <dt appHint="burns a day">Burns a day</dt>
          <dd>{{ units.text(c.measured.dayG, 'mass', 1) }}</dd>
          <dt appHint="lit a day">Lit a day</dt>
          <dd>{{ units.text(c.measured.minutesADay, 'minutes', 0) }}</dd>
          <dt>Meals</dt>
          <dd>{{ hotWords(c.measured.hotADay) }}</dd>
          <dt appHint="still to buy">Still to buy</dt>
          <dd>{{ c.price > 0 ? units.text(c.price, 'price') : 'nothing' }}</dd>
          @if (search.chances()?.get(c.number); as chance) {
            <dt appHint="runs out">Runs out on the way</dt>
            <dd>{{ odds(chance) }}</dd>
          }
        </dl>
      </div>
      <p class="pieces">
        @for (p of piecesOf(c); track $index) {
          {{ p.name }}<span class="quiet">{{ p.note }}</span
          >{{ $last ? '' : ', ' }}
        }
      </p>
      <div class="line">
        <button nz-button nzSize="small" type="button" (click)="take(c, false)">Add to my kits</button>
        <button nz-button nzSize="small" type="button" (click)="take(c, true)">Carry it, cooked so</button>
      </div>
    </section>
  `,
  styles: `
    :host {
      display: block;
    }
    .line {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 1rem;
      align-items: baseline;
    }
    h3 {
      margin: 0 0 0.25rem;
      font-size: 1.0625rem;
      line-height: 1.25;
    }
    .drawn {
      display: flex;
      gap: 0.75rem;
      align-items: flex-end;
    }
    app-kit-section {
      flex: none;
    }
    dl {
      display: grid;
      grid-template-columns: 1fr auto;
      gap: 0 0.75rem;
      width: 100%;
      margin: 0;
    }
    dt {
      color: var(--ink-quiet);
    }
    dd {
      margin: 0;
      text-align: right;
      font-weight: 600;
    }
    dd.figure {
      font-size: 1.25rem;
      line-height: 1.1;
    }
    .pieces {
      margin: 0.5rem 0 0.25rem;
      line-height: 1.35;
    }
  `,
})
export class FoundKitCard {
  readonly found = input.required<FoundKit>();
  protected readonly search = inject(FinderSearch);
  protected readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly kits = inject(KitStudy);
  protected readonly hotWords = hotWords;
  protected readonly odds = reckonedOddsWords;

  protected piecesOf({ pieces }: FoundKit): { name: string; note: string }[] {
    return pieces.map((p) => ({
      name: p.name,
      note: p.have === 'wish' && p.price !== null ? ` (${p.price > 0 ? this.units.text(p.price, 'price') : 'costs nothing'})` : '',
    }));
  }

  /** What was found becomes a kit of the rack; carried, the trip is cooked as it was found to be. */
  protected take(found: FoundKit, carry: boolean): void {
    const name = this.search.nameOf(found);
    const { ways } = this.search.wish();
    let id = '';
    const isDone = this.store.editRackAndTrip(carry ? `carry ${name}` : `put ${name} on the rack`, (rack, trip) => {
      const taken = takeOnRack(rack, found, name, () => crypto.randomUUID());
      id = taken.kit.id;
      return { rack: taken.rack, trip: carry ? carried(trip, taken.rack, taken.kit, ways, found) : trip };
    });
    if (isDone) this.kits.open(id);
  }
}
