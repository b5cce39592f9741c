import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS, type WhatIf } from '@tinder/core/domain/model';
import type { WhatIfColumn } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { containersInWords } from '../../words/container-words';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { degreesUnit } from '../../words/measured';
import { Units } from '../../words/units';
import { fareWords, slowerWords, whatIfSetWords, whatIfWords } from '../../words/what-if-words';
import { Hint } from '../../ui/hint';

interface Cell {
  text: string;
  risk?: string;
  over?: boolean;
}

/** What if: columns beside the plan, each with what would leave the stops and how the plan as it is would fare. */
@Component({
  selector: 'app-what-if-panel',
  imports: [Hint, NzButtonComponent, PickField, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 id="what-if-title">What if conditions change</h2>
      <span class="quiet" role="status">{{ rows() && stale() ? 'not up to date yet' : '' }}</span>
      @for (k of kinds; track k.kind) {
        @if (columns().length < 5) {
          <button nz-button nzSize="small" type="button" (click)="add(k.kind)">Add: {{ k.words }}</button>
        }
      }
    </div>
    <app-study-note [study]="asked" of="trips" />
    @if (rows(); as list) {
      <div class="scroll" tabindex="0" role="group" aria-labelledby="what-if-title">
        <table class="stacks headed" aria-labelledby="what-if-title" [class.stale]="stale()" [attr.aria-busy]="stale()">
          <thead>
            <tr>
              <td></td>
              <th scope="col" appHint="as planned">As planned</th>
              @for (w of columns(); track $index) {
                <th scope="col" class="case">
                  <span class="what">{{ words(w) }}</span>
                  @if (w.kind === 'colder') {
                    <app-quantity-field
                      [label]="'Colder by, ' + degrees().symbol"
                      quantity="count"
                      [bare]="true"
                      [value]="w.byK * degrees().perK"
                      [limits]="{ min: L.colderK.min * degrees().perK, max: L.colderK.max * degrees().perK }"
                      (valueChange)="change($index, { kind: 'colder', byK: $event / degrees().perK })"
                    />
                  }
                  @if (w.kind === 'closed') {
                    <app-pick-field
                      label="Which stop is closed"
                      [quietly]="true"
                      [options]="stops()"
                      [value]="w.stopId"
                      (valueChange)="change($index, { kind: 'closed', stopId: $event })"
                    />
                  }
                  <button
                    nz-button
                    nzSize="small"
                    class="out"
                    type="button"
                    [attr.aria-label]="'Leave out: ' + words(w)"
                    (click)="remove($index)"
                  >
                    Leave out
                  </button>
                </th>
              }
            </tr>
          </thead>
          <tbody>
            @for (r of list; track r.name) {
              <tr>
                <th scope="row">{{ r.name }}</th>
                @for (c of r.cells; track $index) {
                  <td [attr.data-label]="c.of">
                    <span
                      >{{ c.text }}
                      @if (c.risk) {
                        <span class="risk" [class.over]="c.over">{{ c.risk }}</span>
                      }
                    </span>
                  </td>
                }
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p class="quiet">
        Each column is the trip planned again. Below each load stands whether the fuel planned now would be enough. Colder counts fully for
        dinners and breakfasts, by half for the water. Windier is one class up everywhere.
      </p>
    } @else if (!asked.problem()) {
      <p class="quiet">Planning {{ columns().length + 1 }} trips…</p>
    }
  `,
  styleUrl: './study.less',
  styles: `
    .what {
      display: block;
      color: var(--ink);
      font: 600 0.9375rem/1.2 var(--signs);
    }
    thead th {
      min-width: 9.375rem;
      vertical-align: top;
    }
    app-quantity-field {
      display: inline-block;
      width: 3.5rem;
    }
    thead button {
      display: block;
      font-size: 0.8125rem;
    }
    .risk {
      display: block;
      color: var(--ink-quiet);
      font-size: 0.8125rem;
      line-height: 1.2;
    }
    .risk.over {
      color: var(--ember-text);
      font-weight: 600;
    }
    td,
    tbody th {
      vertical-align: top;
    }
  `,
})
export class WhatIfPanel {
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly risk = inject(RiskService);
  private readonly units = inject(Units);
  private readonly worker = inject(StudyWorker);
  protected readonly words = (w: WhatIf): string => whatIfWords(w, this.units);
  /** Kelvin, or degrees Fahrenheit where those are preferred. */
  protected readonly degrees = computed(() => degreesUnit(this.units));
  protected readonly L = LIMITS;
  protected readonly kinds: { kind: WhatIf['kind']; words: string }[] = [
    { kind: 'colder', words: 'colder' },
    { kind: 'windier', words: 'windier' },
    { kind: 'slower', words: 'slower' },
    { kind: 'closed', words: 'a stop closed' },
  ];
  protected readonly columns = computed(() => this.store.trip().whatIfs);
  protected readonly stops = computed(() =>
    this.store
      .trip()
      .stops.slice(1, -1)
      .map((s) => ({ value: s.id, label: s.name })),
  );

  protected readonly asked = study(
    RESTING,
    () => {
      const planned = this.plans.current();
      return planned && { planned, mishaps: this.risk.mishaps() };
    },
    async ({ planned: { trip, plan }, mishaps }, run) => {
      const asked = [undefined, ...trip.whatIfs];
      const list: WhatIfColumn[] = [];
      for (const [done, whatIf] of asked.entries()) {
        run.progress({ done, of: asked.length });
        list.push(await this.worker.ask('whatIf', { trip, plan }, { whatIf, mishaps }, run));
      }
      return list;
    },
  );
  protected readonly stale = computed(() => !this.asked.fresh());
  /** By column as they stand now, the plan first; undefined within for one that is not worked out yet. Marked where it is of an older trip. */
  private readonly answers = computed(() => {
    const found = this.asked.last()?.answer;
    if (!found) return undefined;
    const key = (w: WhatIf | undefined): string => JSON.stringify(w ?? null);
    return [undefined, ...this.columns()].map((w) => found.find((f) => key(f.whatIf) === key(w)));
  });

  protected readonly rows = computed(() => {
    const list = this.answers();
    const now = list?.[0];
    if (!list || !now) return undefined;
    const stopName = (id: string): string => this.stops().find((s) => s.value === id)?.label ?? 'a stop';
    const names = ['as planned', ...this.columns().map((w) => whatIfSetWords(w, stopName, this.units))];
    const row = (name: string, of: (c: WhatIfColumn) => Cell) => ({
      name,
      cells: list.map((c, at) => ({ of: names[at], ...(c ? of(c) : { text: '…' }) })),
    });
    const sum = (c: WhatIfColumn, of: (x: WhatIfColumn['carries'][number]) => number): number => c.carries.reduce((s, x) => s + of(x), 0);
    return [
      row('Average carried weight', (c) => ({ text: this.units.text(c.averageG, 'mass') + this.difference(c.averageG - now.averageG) })),
      row('Fuel need, all legs', (c) => ({
        text: this.units.text(
          sum(c, (x) => x.demandG),
          'mass',
        ),
      })),
      row('Stove time', (c) => ({ text: slowerWords(c) })),
      row('Days', (c) => ({ text: `${sum(c, (x) => x.days)}` })),
      ...(list.some((c) => (c?.mealsMissed ?? 0) > 0) ? [row('Hot meals that stay cold', (c) => ({ text: `${c.mealsMissed}` }))] : []),
      ...now.carries.map((of) => row(of.from, (c) => this.loadOutCell(c, of.fromStopId, c === now))),
    ];
  });

  private loadOutCell(column: WhatIfColumn, fromStopId: string, asPlanned: boolean): Cell {
    const c = column.carries.find((x) => x.fromStopId === fromStopId);
    if (!c) return { text: 'closed' };
    return {
      text: c.fuelG > 0 ? containersInWords(c, this.units) : 'no fuel',
      risk: fareWords(c, asPlanned),
      over: c.runOutAsPlanned > this.risk.limit(),
    };
  }

  protected add(kind: WhatIf['kind']): void {
    const stopId = this.stops()[0]?.value;
    const column: WhatIf | undefined =
      kind === 'colder' ? { kind, byK: 8 } : kind === 'closed' ? (stopId ? { kind, stopId } : undefined) : { kind };
    if (column) this.set('put a what-if beside the plan', [...this.columns(), column]);
  }

  protected change(at: number, to: WhatIf): void {
    this.set('change a what-if', this.columns().with(at, to));
  }

  protected remove(at: number): void {
    this.set('leave a what-if out', this.columns().toSpliced(at, 1));
  }

  private set(label: string, whatIfs: WhatIf[]): void {
    this.store.editTripWith(label, { whatIfs });
  }

  private difference(massG: number): string {
    return Math.abs(massG) < 0.5 ? '' : `, ${this.units.signed(massG, 'mass')}`;
  }
}
