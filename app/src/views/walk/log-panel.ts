import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { importLog, exportLog } from '@tinder/core/output/archive';
import { tareOfG } from '@tinder/core/domain/carry';
import { LIMITS, WEIGHINGS } from '@tinder/core/domain/model';
import { writeLogCsv } from '@tinder/core/output/tables';
import { READ_SD_G } from '@tinder/core/output/walk';
import { downloadLog, downloadTable } from '../../store/trip-files';
import { WorkspaceStore } from '../../store/workspace-store';
import { FileField } from '../../ui/file-field';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { logProblemWords } from '../../words/import-words';
import { eventWords, WEIGHED_WORDS } from '../../words/log-words';
import { Units } from '../../words/units';
import { WalkLog } from './walk-log';
import { WalkStudy } from './walk-study';

type How = (typeof WEIGHINGS)[number];
const HOWS = WEIGHINGS.map((value) => ({ value, label: WEIGHED_WORDS[value] }));

/** What happened, written down: what is left by whatever reads it, a spill, a drink more, a stop left; and every line again. */
@Component({
  selector: 'app-log-panel',
  imports: [FileField, NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>What is left</h2>
    <div class="fields">
      <app-pick-field label="Read" [options]="hows" [value]="how()" (valueChange)="how.set($event)" />
      @if (how() === 'scale') {
        <span class="name">On the scale, everything that holds fuel</span>
        <app-quantity-field
          label="On the scale"
          quantity="mass"
          placeholder="?"
          [value]="grossG()"
          [limits]="L.grossG"
          (valueChange)="grossG.set($event)"
        />
        <span class="name">Less what the containers weigh empty</span>
        <app-quantity-field label="Empty weight" quantity="mass" [value]="tare()" [limits]="L.grossG" (valueChange)="tareG.set($event)" />
      } @else if (unit(); as u) {
        <span class="name">{{ u.words }}</span>
        <app-quantity-field
          [label]="u.words"
          quantity="count"
          placeholder="?"
          [bare]="true"
          [decimals]="1"
          [value]="counted()"
          [limits]="{ min: 0, max: 2000 }"
          (valueChange)="counted.set($event)"
        />
      } @else if (how() !== 'emptied') {
        <span class="name">Fuel left in all of it</span>
        <app-quantity-field
          label="Fuel left"
          quantity="mass"
          placeholder="?"
          [value]="leftG()"
          [limits]="L.grossG"
          (valueChange)="leftG.set($event)"
        />
      }
    </div>
    @if (unlikely(); as words) {
      <p class="error" role="alert">{{ words }}</p>
    }
    <div class="taps">
      <button nz-button class="tap" type="button" [disabled]="fuelG() === undefined" (click)="weigh()">Save</button>
    </div>
    <h2>Besides</h2>
    <div class="taps">
      <button nz-button class="tap" type="button" [disabled]="!drink()" (click)="drinkMore()">One more hot drink</button>
      @for (g of spills; track g) {
        <button nz-button class="tap" type="button" (click)="spill(g)">Spilt {{ mass(g) }}</button>
      }
      @if (leaves(); as l) {
        <button nz-button class="tap" type="button" (click)="log.leave(l.id)">Leave {{ l.name }} with what is planned</button>
      }
      @if (unwritten(); as n) {
        <button nz-button class="tap" type="button" (click)="asPlanned()">{{ n }} meals before today as planned</button>
      }
    </div>
    <h2>The calendar</h2>
    <div class="taps">
      <button nz-button class="tap" type="button" (click)="log.shift(1)">A day later than planned</button>
      <button nz-button class="tap" type="button" (click)="log.shift(-1)">A day earlier</button>
    </div>
    <h2>Every line, the last first</h2>
    <ul>
      @for (e of lines(); track e.id) {
        <li>
          <b>day {{ e.day }}</b> <span>{{ e.words }}</span>
          <button nz-button nzSize="small" type="button" [attr.aria-label]="'Remove: ' + e.words" (click)="log.remove(e.id)">Remove</button>
        </li>
      }
    </ul>
    <details>
      <summary>The log as files</summary>
      <p>
        <button nz-button nzSize="small" type="button" (click)="json()">JSON, for the trip at home</button>
        <button nz-button nzSize="small" type="button" (click)="csv()">CSV</button>
        <app-file-field label="JSON file of a log" accept=".json,application/json" (chosen)="read($event)">Read a log</app-file-field>
      </p>
      @for (w of said(); track $index) {
        <p role="status">{{ w }}</p>
      }
    </details>
  `,
  styleUrls: ['./walk.less', '../../ui/files.less'],
  styles: `
    .fields {
      display: grid;
      grid-template-columns: max-content minmax(5.625rem, 10rem);
      gap: 0.375rem 0.875rem;
      align-items: center;
      justify-content: start;
    }
    @media (max-width: 720px) {
      .fields {
        grid-template-columns: minmax(0, 1fr) 6.875rem;
      }
    }
    .name {
      color: var(--ink-quiet);
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: 4.2em minmax(0, 1fr) max-content;
      gap: 0.5rem;
      align-items: center;
      min-height: 2.125rem;
      border-bottom: 1px solid var(--hairline);
    }
  `,
})
export class LogPanel {
  protected readonly log = inject(WalkLog);
  private readonly study = inject(WalkStudy);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly hows = HOWS;
  /** Amounts that are spilt, g: what slops out, a dose, a bottle over. */
  protected readonly spills = [5, 15, 40];

  protected readonly how = signal<How>('scale');
  protected readonly grossG = signal<number | null>(null);
  protected readonly leftG = signal<number | null>(null);
  protected readonly counted = signal<number | null>(null);
  /** Empty weight of what is carried, until the walker says otherwise. */
  protected readonly tareG = signal<number | undefined>(undefined);
  protected readonly said = signal<string[]>([]);

  private readonly here = computed(() => this.study.walking()?.here);
  protected readonly tare = computed(() => this.tareG() ?? Math.round(tareOfG(this.here()?.stretch.containers ?? [])));
  /** What a float strip or a measure is read in; undefined where grams are typed. */
  protected readonly unit = computed(() => {
    const { floatMmG, doseG } = this.study.walking()?.units ?? {};
    const how = this.how();
    if (how === 'float' && floatMmG !== undefined) return { words: 'mm that it floats deeper than empty', g: floatMmG };
    if (how === 'doses' && doseG !== undefined) return { words: 'doses left', g: doseG };
    return undefined;
  });
  /** What the reading says is left, g; undefined until there is one that can be. */
  protected readonly fuelG = computed(() => {
    const how = this.how();
    if (how === 'emptied') return this.here()?.residueG;
    const unit = this.unit();
    const read = how === 'scale' ? this.grossG() : unit ? this.counted() : this.leftG();
    if (read === null) return undefined;
    const fuelG = how === 'scale' ? read - this.tare() : unit ? read * unit.g : read;
    return fuelG >= 0 ? fuelG : undefined;
  });
  /** A reading that does not go with what is known is written down all the same, but asked about first. */
  protected readonly unlikely = computed(() => {
    const gross = this.grossG();
    if (this.how() === 'scale' && gross !== null && gross < this.tare())
      return 'That is less than the containers weigh empty: is something missing on the scale?';
    const [fuelG, left] = [this.fuelG(), this.here()?.leftG];
    if (fuelG === undefined || !left || this.how() === 'emptied') return undefined;
    const sd = Math.hypot(left.sd, READ_SD_G[this.how()]);
    return Math.abs(fuelG - left.mean) > 4 * sd
      ? `About ${this.units.text(Math.max(0, left.mean), 'mass')} was reckoned with: was something spilt, or is a meal not written down?`
      : undefined;
  });
  protected readonly drink = computed(() => this.study.walking()?.drink);
  protected readonly unwritten = computed(() => this.here()?.unwritten.length);
  /** The next stop, once nothing is left to cook before it or its day has come. */
  protected readonly leaves = computed(() => {
    const here = this.here();
    if (!here?.next) return undefined;
    const { toStopId: id, to: name } = here.carry;
    return !here.ahead.length || here.day >= here.stretch.toDay ? { id, name } : undefined;
  });
  protected readonly lines = computed(() =>
    this.log
      .events()
      .map((e) => ({ id: e.id, day: e.day, words: eventWords(e, this.log.stopName, this.units) }))
      .reverse(),
  );

  protected readonly mass = (g: number): string => this.units.text(g, 'mass');

  protected weigh(): void {
    const [fuelG, how, here] = [this.fuelG(), this.how(), this.here()];
    if (fuelG === undefined || !here) return;
    this.log.write('what is left', { kind: 'weighed', day: here.day, how, fuelG, sdG: READ_SD_G[how] });
    this.grossG.set(null);
    this.leftG.set(null);
    this.counted.set(null);
  }

  protected drinkMore(): void {
    const [drink, here] = [this.drink(), this.here()];
    if (drink && here) this.log.extra('one more hot drink', 'drink', here.day, drink);
  }

  protected spill(fuelG: number): void {
    const here = this.here();
    if (here) this.log.write('a spill', { kind: 'spilt', day: here.day, fuelG, sdG: fuelG / 3 });
  }

  protected asPlanned(): void {
    this.log.cooked('meals as planned', this.here()?.unwritten ?? []);
  }

  protected json(): void {
    downloadLog(this.store.trip(), exportLog(this.store.trip()));
  }

  protected csv(): void {
    downloadTable('walk-log', writeLogCsv(this.log.events()));
  }

  protected async read(file: File): Promise<void> {
    const read = importLog(await file.text(), this.store.trip().id);
    if (!read.ok) return this.said.set(logProblemWords(read.problem));
    const added = this.log.merge(read.value);
    this.said.set([
      `${added} ${added === 1 ? 'line was' : 'lines were'} not here yet and ${added === 1 ? 'stands' : 'stand'} in the log now; nothing stands twice.`,
    ]);
  }
}
