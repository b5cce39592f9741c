import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { PACKAGE_IDS, type PackageId } from '@tinder/core/domain/carry';
import { same, LIMITS, type Sale, type Stop } from '@tinder/core/domain/model';
import { editStop, removeStop, usualSales } from '@tinder/core/domain/trail';
import { Done } from '../../store/done';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Opened } from '../../ui/opened';
import { optionsOf, PickField } from '../../ui/pick-field';
import { DateField } from '../../ui/date-field';
import { QuantityField } from '../../ui/quantity-field';
import { packageName, STOP_KIND_WORDS } from '../../words/trail-words';
import { ChosenStop } from './chosen-stop';
import { takeName } from '../../ui/take-name';
import { Hint } from '../../ui/hint';
import { Tick } from '../../ui/tick';

/** One stop: what it is, what it sells, whether a box waits there. The one before the marked day, until another is picked. */
@Component({
  selector: 'app-stop-panel',
  imports: [Choice, DateField, Hint, NzButtonComponent, NzInputDirective, Opened, PickField, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = stop();
    <h2 class="hidden-text">The stop</h2>
    <div class="line">
      <app-pick-field label="Which" [options]="all()" [value]="'' + index()" (valueChange)="index.set(+$event)" />
    </div>
    <div class="line">
      <span class="name" appHint="empties">Empties</span>
      <app-choice
        appHint="empties"
        label="Bin for empties"
        [options]="binOptions"
        [value]="s.bin ? 'bin' : 'none'"
        (valueChange)="edit('bin', { bin: $event === 'bin' })"
      />
    </div>
    <div class="line">
      <span class="name" appHint="mail drop">Mail drop</span>
      <app-choice
        appHint="mail drop"
        label="Box posted ahead"
        [options]="boxOptions"
        [value]="s.box ? 'box' : 'none'"
        (valueChange)="box($event === 'box')"
      />
    </div>
    @if (s.box; as b) {
      <div class="line">
        <label class="name" for="post-by">Post by</label>
        <app-date-field fieldId="post-by" [optional]="true" [value]="b.postBy" (valueChange)="postBy($event)" />
      </div>
      <div class="line">
        <label class="name" for="box-note">In it</label>
        <input
          id="box-note"
          nz-input
          class="left"
          maxlength="300"
          placeholder="what, and how it gets there"
          [value]="b.note"
          (change)="edit('note on the box', { box: { postBy: b.postBy, note: $any($event.target).value.trim() } })"
        />
      </div>
      <p class="quiet note">Fuel may be refused by post, and must never fly. Ask the carrier before you count on it.</p>
    }
    <details appOpened #sells="opened">
      <summary>Sells {{ sold() }}</summary>
      @if (sells.once()) {
        <fieldset>
          <legend class="name" appHint="sells">Sells</legend>
          @for (id of packages; track id) {
            <label class="sale">
              <input type="checkbox" [appTick]="!!sale(id)" (turned)="toggle(id)" /> <span>{{ name(id) }}</span>
            </label>
            @if (sale(id); as x) {
              <app-quantity-field
                [label]="'Price of ' + name(id)"
                quantity="price"
                [value]="x.price"
                placeholder="price?"
                [limits]="L.price"
                (valueChange)="price(id, $event)"
              />
            } @else {
              <span></span>
            }
          }
        </fieldset>
      }
    </details>
    <details appOpened #finer="opened">
      <summary>Name, kind, opening hours, detour</summary>
      @if (finer.once()) {
        <div class="line">
          <label class="name" for="stop-name">Name</label>
          <input id="stop-name" nz-input class="left" maxlength="80" [value]="s.name" (change)="rename($any($event.target))" />
        </div>
        <div class="line">
          <app-pick-field label="Kind" [options]="kinds" [value]="s.kind" (valueChange)="kind($event)" />
        </div>
        <div class="line">
          <label class="name" for="stop-open">Open</label>
          <input
            id="stop-open"
            nz-input
            class="left"
            maxlength="300"
            placeholder="when, who to ask"
            [value]="s.openNote"
            (change)="edit('opening note', { openNote: $any($event.target).value.trim() })"
          />
        </div>
        <div class="line">
          <span class="name" appHint="detour">Detour</span>
          <app-quantity-field
            appHint="detour"
            label="Detour to the stop and back"
            quantity="distance"
            [decimals]="1"
            [value]="s.detourKm"
            [limits]="L.km"
            (valueChange)="edit('detour', { detourKm: $event })"
          />
        </div>
      }
    </details>
    @if (inner()) {
      <button nz-button nzSize="small" type="button" (click)="remove()">Remove this stop</button>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    input.left {
      width: 100%;
      text-align: left;
    }
    fieldset {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 5.5rem;
      gap: 0 0.625rem;
      align-items: center;
      margin: 0.25rem 0;
      padding: 0;
      border: 0;
    }
    legend {
      margin: 0;
      border: 0;
      font-size: 0.9375rem;
    }
    .sale {
      display: flex;
      gap: 0.375rem;
      align-items: center;
      min-height: var(--touch, 1.5rem);
      line-height: 1.15;
      cursor: pointer;
    }
    input[type='checkbox'] {
      accent-color: var(--ink);
    }
  `,
})
export class StopPanel {
  protected readonly store = inject(WorkspaceStore);
  private readonly done = inject(Done);

  protected readonly L = LIMITS;
  protected readonly kinds = optionsOf(STOP_KIND_WORDS);
  protected readonly packages = PACKAGE_IDS;
  protected readonly name = packageName;
  protected readonly binOptions = [
    { value: 'bin', label: 'Recycle here' },
    { value: 'none', label: 'Pack out' },
  ] as const;
  protected readonly boxOptions = [
    { value: 'none', label: 'None' },
    { value: 'box', label: 'Posted here' },
  ] as const;

  protected readonly index = inject(ChosenStop).index;
  protected readonly all = computed(() => this.store.trip().stops.map((s, i) => ({ value: String(i), label: s.name })));
  private readonly at = computed(() => Math.min(this.index(), this.store.trip().stops.length - 1));
  protected readonly stop = computed(() => this.store.trip().stops[this.at()]);
  protected readonly inner = computed(() => this.at() > 0 && this.at() < this.store.trip().stops.length - 1);

  /** What it sells, in a few words. */
  protected readonly sold = computed(() => {
    const { sells } = this.stop();
    return sells.length ? sells.map((x) => packageName(x.packageId)).join(', ') : 'no fuel';
  });

  protected sale(id: PackageId): Sale | undefined {
    return this.stop().sells.find((s) => s.packageId === id);
  }

  protected rename(field: HTMLInputElement): void {
    const name = takeName(field, this.stop().name);
    this.edit('name of the stop', { name });
  }

  /** What such a place usually sells comes with the kind, where nothing was noted yet. */
  protected kind(kind: Stop['kind']): void {
    const { sells, kind: was } = this.stop();
    const untouched = same(sells, usualSales(was));
    this.edit('kind of stop', { kind, sells: untouched ? usualSales(kind) : sells });
  }

  protected toggle(id: PackageId): void {
    const { sells } = this.stop();
    const without = sells.filter((s) => s.packageId !== id);
    this.edit('what it sells', { sells: without.length < sells.length ? without : [...sells, { packageId: id, price: null }] });
  }

  protected price(id: PackageId, price: number): void {
    this.edit('price', { sells: this.stop().sells.map((s) => (s.packageId === id ? { ...s, price } : s)) });
  }

  protected box(posted: boolean): void {
    this.edit('box', { box: posted ? { postBy: null, note: '' } : null });
  }

  protected postBy(date: string): void {
    const { box } = this.stop();
    if (box) this.edit('posting day', { box: { ...box, postBy: date || null } });
  }

  protected edit(label: string, change: Partial<Stop>): void {
    const { id } = this.stop();
    this.store.editTrip(label, (t) => editStop(t, id, change));
  }

  protected remove(): void {
    const { name } = this.stop();
    if (this.store.editTrip(`take ${name} out`, (t) => removeStop(t, this.at()))) this.done.tell(`${name} is taken out.`);
  }
}
