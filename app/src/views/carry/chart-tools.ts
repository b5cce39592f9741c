import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { writeLoadOutCsv } from '@tinder/core/output/tables';
import type { WeightSums } from '@tinder/core/planning/plan';
import { TrailAxis } from '../../charts/trail-axis';
import { PlanService } from '../../planning/plan-service';
import { downloadLoadOuts } from '../../store/trip-files';
import { WorkspaceStore } from '../../store/workspace-store';
import { Icon } from '../../ui/icon';
import { MENU } from '../../ui/nz/menu';
import { PickField } from '../../ui/pick-field';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { COUNTED_WORDS, sumWords } from '../../words/weight-words';
import { KitLines } from './kit-lines-service';

const NOTHING = 'nothing';

/** What is drawn beside the plan: a kit to compare with; and one menu of what the axis runs by, how weight is counted, and exports. */
@Component({
  selector: 'app-chart-tools',
  imports: [Icon, MENU, NzButtonComponent, PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="compare">
      <svg width="30" height="8" aria-hidden="true"><line x2="30" y1="4" y2="4" /></svg>
      <app-pick-field label="Compare with" [options]="kits()" [value]="service.comparedId() ?? nothing" (valueChange)="compare($event)" />
    </div>
    <button
      nz-button
      nz-dropdown
      class="square"
      type="button"
      nzTrigger="click"
      [nzDropdownMenu]="menu"
      aria-label="Chart options and exports"
      title="Chart options and exports"
    >
      <app-icon name="options" />
    </button>
    <nz-dropdown-menu #menu="nzDropdownMenu">
      <ul nz-menu>
        <li nz-menu-item appMenuItem [checked]="axis.by() === 'day'" (chosen)="axis.by.set('day')">Axis by day</li>
        <li nz-menu-item appMenuItem [checked]="axis.by() === 'km'" (chosen)="axis.by.set('km')">Axis by distance</li>
        <li nz-menu-divider></li>
        @for (w of ways; track w.value) {
          <li nz-menu-item appMenuItem [checked]="service.counted() === w.value" (chosen)="service.counted.set(w.value)">{{ w.label }}</li>
        }
        <li nz-menu-divider></li>
        <li nz-menu-item appMenuItem (chosen)="exportDrawing.emit()">Export drawing (SVG)</li>
        <li nz-menu-item appMenuItem (chosen)="exportLoadOuts()">Export load-outs (CSV)</li>
      </ul>
    </nz-dropdown-menu>
  `,
  styles: `
    :host {
      display: flex;
      gap: 0.5rem;
      align-items: center;
    }
    .compare {
      display: grid;
      grid-template-columns: 1.875rem max-content minmax(0, 11rem);
      gap: 0.5rem;
      align-items: center;
    }
    line {
      stroke: var(--ink);
      stroke-width: 1.4;
      stroke-dasharray: 5 4;
    }
  `,
})
export class ChartTools {
  protected readonly service = inject(KitLines);
  protected readonly axis = inject(TrailAxis);
  private readonly plans = inject(PlanService);
  private readonly store = inject(WorkspaceStore);
  private readonly units = inject(Units);
  readonly exportDrawing = output();

  protected readonly nothing = NOTHING;
  protected readonly ways = (Object.keys(COUNTED_WORDS) as (keyof WeightSums)[]).map((value) => ({
    value,
    label: `Count ${COUNTED_WORDS[value]}`,
  }));
  /** Every other kit, with what it comes to as weight is counted. */
  protected readonly kits = computed(() => {
    const by = this.service.counted();
    const others = (this.service.lines() ?? []).slice(1);
    return [
      { value: NOTHING, label: 'Nothing' },
      ...others.map((l) => ({ value: l.id, label: `${sentenceStart(l.name)}, ${sumWords(l.sums[by], by, this.units)}` })),
    ];
  });

  protected compare(id: string): void {
    this.service.comparedId.set(id === NOTHING ? undefined : id);
  }

  protected exportLoadOuts(): void {
    const plan = this.plans.plan();
    if (plan) downloadLoadOuts(this.store.trip(), writeLoadOutCsv(plan));
  }
}
