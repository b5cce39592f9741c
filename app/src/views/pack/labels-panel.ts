import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { WorkspaceStore } from '../../store/workspace-store';
import { labelWords } from '../../words/pack-words';
import { PART_WORDS } from '../../words/part-words';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';

/** Labels for the bags of food: what it is, its water, its rest, and out of which stop it goes. */
@Component({
  selector: 'app-labels-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ul>
      @for (l of labels(); track l.id) {
        <li>
          <h2>{{ l.name }}</h2>
          <p>{{ l.words }}</p>
          <p>{{ l.where }}</p>
          <p class="print">{{ l.copies }}</p>
        </li>
      }
    </ul>
  `,
  styles: `
    :host {
      display: block;
    }
    ul {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(54mm, 1fr));
      gap: 3mm;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      box-sizing: border-box;
      padding: 2mm 3mm;
      border: 1px dashed #000;
    }
    h2,
    p {
      margin: 0;
    }
    h2 {
      font: 700 1.15em/1.2 var(--signs);
    }
    .print {
      color: var(--ink-quiet);
    }
  `,
})
export class LabelsPanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);
  private readonly trip = inject(WorkspaceStore).trip;

  protected readonly labels = computed(() =>
    (this.study.packed()?.labels ?? []).map((l) => ({
      id: l.id,
      name: l.meal.name,
      words: labelWords(l.meal, this.trip().cupMarkMl, this.units),
      where: `${PART_WORDS[l.part]}, out of ${l.from}, ${l.days.length > 1 ? 'days' : 'day'} ${l.days.join(', ')}`,
      copies: l.count > 1 ? `${l.count} bags` : '1 bag',
    })),
  );
}
