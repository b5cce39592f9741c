import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { taskWords } from '../words/pack-words';
import { sheetLines, sheetTitle } from '../words/sheet-words';
import { Units } from '../words/units';
import { PackStudy } from './pack-study';

/** A sheet for every stop, the water for dry camps, and the work at home with its days. */
@Component({
  selector: 'app-stops-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>At home, before day 1</h2>
    <table>
      <tbody>
        @for (w of work(); track w.id) {
          <tr>
            <th scope="row">{{ w.by }}</th>
            <td>{{ w.words }}</td>
          </tr>
        } @empty {
          <tr>
            <td class="quiet">Nothing is left to do at home.</td>
          </tr>
        }
      </tbody>
    </table>
    @for (s of sheets(); track s.id) {
      <div class="whole">
        <h2>{{ s.title }}</h2>
        @for (line of s.lines; track line) {
          <p>{{ line }}</p>
        }
      </div>
    }
    @if (water().length) {
      <h2>Water to a dry camp</h2>
      @for (w of water(); track w) {
        <p>{{ w }}</p>
      }
    }
  `,
  styleUrl: './sheet.less',
  styles: `
    table {
      width: 100%;
      border-collapse: collapse;
    }
    th {
      width: 6.5em;
      text-align: left;
      vertical-align: top;
    }
    th,
    td {
      padding: 0.6mm 3mm 0.6mm 0;
      border-bottom: 1px solid var(--hairline);
    }
    p {
      margin: 0.6mm 0;
    }
  `,
})
export class StopsPanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly work = computed(
    () => this.study.packed()?.work.map((w) => ({ id: w.id, by: w.by, words: taskWords(w.task, this.units) })) ?? [],
  );
  protected readonly water = computed(
    () =>
      this.study
        .packed()
        ?.water.map((w) => `Day ${w.day}, ${w.date}: carry ${this.units.text(w.waterMl, 'volume')} for dinner and breakfast.`) ?? [],
  );
  protected readonly sheets = computed(() =>
    (this.study.packed()?.sheets ?? []).map((s) => ({ id: s.stopId, title: sheetTitle(s), lines: sheetLines(s, this.units) })),
  );
}
