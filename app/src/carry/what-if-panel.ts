import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIMITS, type WhatIf, type WhatIfColumn } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../state/plan-service';
import { RiskService } from '../state/risk-service';
import { StudyWorker } from '../state/study-worker';
import { answerWhenResting } from '../state/when-resting';
import { WorkspaceStore } from '../state/workspace-store';
import { containersInWords } from '../shell/verdict-words';
import { PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';
import { chanceWords } from './risk-words';

/** What if it comes otherwise: columns beside the plan, each with what would leave the stops and how the plan as it is would fare. */
@Component({
  selector: 'app-what-if-panel',
  imports: [NzButtonComponent, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign" id="what-if-title">what if it comes otherwise</h2>
      @for (k of kinds; track k.kind) {
        @if (columns().length < 5) {
          <button nz-button class="word" type="button" (click)="add(k.kind)">+ {{ k.words }}</button>
        }
      }
    </div>
    @if (answers(); as list) {
      <div class="scroll" tabindex="0" role="group" aria-labelledby="what-if-title">
        <table aria-labelledby="what-if-title">
          <thead>
            <tr>
              <td></td>
              <th scope="col">as planned</th>
              @for (w of columns(); track $index) {
                <th scope="col">
                  <span class="what">{{ words(w) }}</span>
                  @if (w.kind === 'colder') {
                    <app-quantity-field
                      label="colder by, in kelvin"
                      quantity="count"
                      [bare]="true"
                      [value]="w.byK"
                      [limits]="L.colderK"
                      (valueChange)="change($index, { kind: 'colder', byK: $event })"
                    />
                  }
                  @if (w.kind === 'closed') {
                    <app-pick-field
                      label="which stop is closed"
                      [quietly]="true"
                      [options]="stops()"
                      [value]="w.stopId"
                      (valueChange)="change($index, { kind: 'closed', stopId: $event })"
                    />
                  }
                  <button nz-button class="word" type="button" [attr.aria-label]="'leave out: ' + words(w)" (click)="remove($index)">
                    ×
                  </button>
                </th>
              }
            </tr>
          </thead>
          <tbody>
            @for (r of rows(); track r.name) {
              <tr>
                <th scope="row">{{ r.name }}</th>
                @for (c of r.cells; track $index) {
                  <td>
                    <span>{{ c.text }}</span>
                    @if (c.risk) {
                      <span class="risk" [class.over]="c.over">{{ c.risk }}</span>
                    }
                  </td>
                }
              </tr>
            }
          </tbody>
        </table>
      </div>
      <p class="quiet">
        Each column is the trip planned anew. Under the load-outs: how often what is planned now would fall short if it came so. Colder
        takes as much from suppers and breakfasts and half of it from the water; windier is one class up everywhere; slower is a day more on
        every leg.
      </p>
    } @else {
      <p class="quiet">planning {{ columns().length + 1 }} trips…</p>
    }
  `,
  styleUrl: './study.less',
  styles: `
    .what {
      display: block;
      color: var(--ink);
      font: 600 15px/1.2 var(--signs);
    }
    thead th {
      min-width: 150px;
      vertical-align: top;
    }
    app-quantity-field {
      display: inline-block;
      width: 56px;
    }
    .risk {
      display: block;
      color: var(--ink-quiet);
      font-size: 13px;
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
  private readonly worker = inject(StudyWorker).worker;
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

  private readonly asked = answerWhenResting(
    () => {
      const planned = this.plans.current();
      return planned && { planned, mishaps: this.risk.mishaps() };
    },
    async ({ planned, mishaps }) => {
      const list: WhatIfColumn[] = [];
      for (const w of [undefined, ...planned.trip.whatIfs]) list.push(await this.worker.whatIf(planned.trip, planned.plan, w, mishaps));
      return list;
    },
  );
  protected readonly answers = computed(() => (this.asked.fresh() ? this.asked.last()?.answer : undefined));

  protected readonly rows = computed(() => {
    const list = this.answers() ?? [];
    const now = list[0];
    if (!now) return [];
    const carryRows = now.carries.map((of) => ({
      name: `${of.from}`,
      cells: list.map((column) => {
        const c = column.carries.find((x) => x.fromStop === of.fromStop);
        if (!c) return { text: 'closed: carried past', risk: '', over: false };
        const chance = chanceWords({ runOut: c.runOutAsPlanned, standardError: 1 / 4000 });
        return {
          text: c.fuelG > 0 ? containersInWords(c, this.units) : 'no fuel',
          risk: c.demandG > 0 ? `${column === now ? 'runs out' : 'as planned it runs out'} ${chance}` : '',
          over: c.runOutAsPlanned > this.risk.limit(),
        };
      }),
    }));
    const row = (name: string, of: (c: WhatIfColumn) => string) => ({
      name,
      cells: list.map((c) => ({ text: of(c), risk: '', over: false })),
    });
    return [
      row('carried, average', (c) => this.units.text(c.averageG, 'mass') + this.difference(c.averageG - now.averageG)),
      row('burnt in all', (c) =>
        this.units.text(
          c.carries.reduce((s, x) => s + x.demandG, 0),
          'mass',
        ),
      ),
      row('days', (c) => `${c.carries.reduce((s, x) => s + x.days, 0)}`),
      ...(list.some((c) => c.mealsMissed > 0) ? [row('hot meals that stay cold', (c) => `${c.mealsMissed}`)] : []),
      ...carryRows,
    ];
  });

  protected words(w: WhatIf): string {
    switch (w.kind) {
      case 'colder':
        return 'colder by, K';
      case 'windier':
        return 'a wind class up';
      case 'slower':
        return 'a day slower on every leg';
      case 'closed':
        return 'closed';
    }
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
    return Math.abs(massG) < 0.5 ? '' : `, ${massG > 0 ? '+' : '−'}${this.units.text(Math.abs(massG), 'mass')}`;
  }
}
