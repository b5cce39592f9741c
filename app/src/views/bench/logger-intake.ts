import { ChangeDetectionStrategy, Component, computed, output, signal, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { CurvePoint } from '@tinder/core/studies/bench';
import type { TIME_UNITS } from '@tinder/core/output/tables';
import { curveOf, type LoggerChoice, type LoggerTable } from '@tinder/core/output/tables';
import { readFile } from '../../platform/read-file';
import { FileField } from '../../ui/file-field';
import { optionsOf, PickField } from '../../ui/pick-field';
import { loggerLineWords, LOGGER_PROBLEM_WORDS } from '../../words/logger-words';
import { unreadWords } from '../../words/file-words';
import { Units } from '../../words/units';

const TIME_WORDS: Record<(typeof TIME_UNITS)[number], string> = { ms: 'milliseconds', s: 'seconds', min: 'minutes', clock: 'time of day' };
const TEMPERATURES = [
  { value: '°C', label: '°C' },
  { value: '°F', label: '°F' },
  { value: 'K', label: 'K' },
] as const;
/** Lines left out that are named; the others are counted. */
const NAMED = 5;
/** Fewer readings than this are no curve. */
const LEAST = 3;

/** A curve as it was taken out of a file. */
export interface TakenCurve {
  file: string;
  points: CurvePoint[];
}

/** A logger’s file comes in: which columns, which units, what is left out and why; nothing is kept until it is taken. What else is asked stands between. */
@Component({
  selector: 'app-logger-intake',
  imports: [FileField, NzButtonComponent, PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-file-field label="CSV file of a logger" accept=".csv,.txt,.tsv,text/csv,text/plain" (chosen)="read($event)"
      >Read a logger’s CSV</app-file-field
    >
    @if (refused(); as words) {
      <p class="error" role="alert">{{ words }}</p>
    }
    @if (table(); as t) {
      @let c = choice();
      <div class="heads two">
        <app-pick-field label="Time" [options]="columns()" [value]="text(c.timeColumn)" (valueChange)="choose({ timeColumn: +$event })" />
        <app-pick-field label="Written as" [options]="times" [value]="c.timeUnit" (valueChange)="choose({ timeUnit: $event })" />
        <app-pick-field
          label="Temperature"
          [options]="columns()"
          [value]="text(c.temperatureColumn)"
          (valueChange)="choose({ temperatureColumn: +$event })"
        />
        <app-pick-field
          label="in"
          [options]="temperatures"
          [value]="c.temperatureUnit"
          (valueChange)="choose({ temperatureUnit: $event })"
        />
      </div>
      <div class="scroll" tabindex="0" role="group" [attr.aria-label]="'The first lines of ' + file()">
        <table>
          <thead>
            <tr>
              @for (col of t.columns; track $index) {
                <th scope="col" [class.on]="$index === c.timeColumn || $index === c.temperatureColumn">{{ col.name }}</th>
              }
            </tr>
          </thead>
          <tbody>
            @for (r of sample(); track r.line) {
              <tr>
                @for (cell of r.cells; track $index) {
                  <td>{{ cell }}</td>
                }
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p role="status">{{ says() }}</p>
      @for (w of left(); track w) {
        <p class="error">{{ w }}</p>
      }
      <ng-content />
      <p>
        <button nz-button nzSize="small" type="button" [disabled]="points().length < least" (click)="take()">Take the curve</button>
        <button nz-button nzSize="small" type="button" (click)="leave()">Cancel</button>
      </p>
    }
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    .scroll {
      overflow-x: auto;
    }
    table {
      border-collapse: collapse;
    }
    th,
    td {
      padding: 2px 0.875rem 2px 0;
      border-bottom: 1px solid var(--hairline);
      text-align: left;
    }
    th.on {
      border-bottom-color: var(--ember);
    }
    p {
      margin: 0.25rem 0;
    }
    p button + button {
      margin-left: 1.125rem;
    }
  `,
})
export class LoggerIntake {
  private readonly units = inject(Units);
  protected readonly least = LEAST;
  protected readonly times = optionsOf(TIME_WORDS);
  protected readonly temperatures = TEMPERATURES;
  readonly taken = output<TakenCurve>();

  protected readonly file = signal('');
  protected readonly table = signal<LoggerTable | undefined>(undefined);
  protected readonly refused = signal('');
  private readonly chosen = signal<Partial<LoggerChoice>>({});

  protected readonly columns = computed(() => this.table()?.columns.map((c, i) => ({ value: String(i), label: c.name })) ?? []);
  protected readonly choice = computed((): LoggerChoice => ({
    timeColumn: 0,
    timeUnit: 's',
    temperatureColumn: 1,
    temperatureUnit: '°C',
    ...this.table()?.guess,
    ...this.chosen(),
  }));
  protected readonly sample = computed(() => this.table()?.rows.slice(0, 4) ?? []);
  private readonly curve = computed(() => {
    const table = this.table();
    return table && curveOf(table, this.choice());
  });
  protected readonly points = computed(() => this.curve()?.points ?? []);
  protected readonly says = computed(() => {
    const curve = this.curve();
    if (!curve) return '';
    const [first, last] = [curve.points[0], curve.points.at(-1)];
    if (!first || !last) return 'No line can be read with these columns.';
    const ends = `${this.units.text(first.c, 'temperature', 1)} to ${this.units.text(last.c, 'temperature', 1)} in ${(last.s / 60).toFixed(1)} min`;
    const thinned = curve.read > curve.points.length ? `, thinned to ${curve.points.length}` : '';
    return `${curve.read} readings${thinned}: ${ends}.`;
  });
  protected readonly left = computed(() => {
    const bad = this.curve()?.bad ?? [];
    const named = bad.slice(0, NAMED).map((b) => loggerLineWords(b.line, b.problem));
    return bad.length > NAMED ? [...named, `And ${bad.length - NAMED} lines more are left out.`] : named;
  });

  protected text(n: number): string {
    return String(n);
  }

  protected choose(change: Partial<LoggerChoice>): void {
    this.chosen.update((c) => ({ ...c, ...change }));
  }

  protected async read(file: File): Promise<void> {
    this.leave();
    try {
      const read = await readFile(async (reader) => await reader.logger(file));
      if (read.ok) {
        this.table.set(read.value);
        this.file.set(file.name);
      } else this.refused.set(`${file.name}: ${LOGGER_PROBLEM_WORDS[read.problem.code]}`);
    } catch (e) {
      this.refused.set(unreadWords(file.name, e));
    }
  }

  protected take(): void {
    this.taken.emit({ file: this.file(), points: this.points() });
    this.leave();
  }

  protected leave(): void {
    this.table.set(undefined);
    this.refused.set('');
    this.chosen.set({});
  }
}
