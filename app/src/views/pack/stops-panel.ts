import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzTimelineModule } from 'ng-zorro-antd/timeline';
import { taskWords } from '../../words/pack-words';
import { sheetLines, sheetTitle } from '../../words/sheet-words';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';
import { dateText } from '../../words/date-text';

/** A sheet for every stop, the water for dry camps, and the work at home with its days. */
@Component({
  selector: 'app-stops-panel',
  imports: [NzTimelineModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>At home, before day 1</h2>
    @if (work().length) {
      <nz-timeline>
        @for (w of work(); track w.id) {
          <nz-timeline-item
            ><b>{{ w.by }}</b
            >&ngsp;{{ w.words }}</nz-timeline-item
          >
        }
      </nz-timeline>
    } @else {
      <p class="quiet">Nothing is left to do at home.</p>
    }
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
    p {
      margin: 0.6mm 0;
    }
  `,
})
export class StopsPanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly work = computed(
    () => this.study.packed()?.work.map((w) => ({ id: w.id, by: dateText(w.by), words: taskWords(w.task, this.units) })) ?? [],
  );
  protected readonly water = computed(
    () =>
      this.study
        .packed()
        ?.water.map((w) => `Day ${w.day}, ${dateText(w.date)}: carry ${this.units.text(w.waterMl, 'volume')} for dinner and breakfast.`) ??
      [],
  );
  protected readonly sheets = computed(() =>
    (this.study.packed()?.sheets ?? []).map((s) => ({ id: s.stopId, title: sheetTitle(s), lines: sheetLines(s, this.units) })),
  );
}
