import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { listLine, sumLines } from '../../words/pack-words';
import { sheetLines, sheetTitle } from '../../words/sheet-words';
import { Units } from '../../words/units';
import { BriefPanel } from './brief-panel';
import { CardPanel } from './card-panel';
import { PackStudy } from './pack-study';

/** One departure on one page: what to take, what to buy and leave, how each dish is cooked, the tripwires, the dry camps, what can hurt. */
@Component({
  selector: 'app-one-page-panel',
  imports: [BriefPanel, CardPanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="columns">
      <div>
        <h2>Out of {{ study.list()?.carry?.from }}</h2>
        <ul>
          @for (i of items(); track i.id) {
            <li>
              <span>☐ {{ i.words }}</span> <span>{{ i.place }}</span> <b>{{ i.mass }}</b>
            </li>
          }
          @for (s of sums(); track s.name) {
            <li>
              <span>{{ s.name }}</span> <span></span> <b>{{ s.mass }}</b>
            </li>
          }
        </ul>
        @for (s of stops(); track s.title) {
          <h2>{{ s.title }}</h2>
          @for (line of s.lines; track line) {
            <p>{{ line }}</p>
          }
        }
        @for (w of water(); track w) {
          <p>{{ w }}</p>
        }
        <app-brief-panel />
      </div>
      <app-card-panel [brief]="false" />
    </div>
  `,
  styleUrl: './sheet.less',
  styles: `
    :host {
      font-size: 9pt;
      line-height: 1.15;
    }
    .columns {
      display: grid;
      grid-template-columns: repeat(2, minmax(0, 1fr));
      gap: 6mm;
    }
    @media screen and (max-width: 720px) {
      .columns {
        grid-template-columns: minmax(0, 1fr);
      }
    }
    h2 {
      margin: 2mm 0 0.6mm;
      font-size: 1.15em;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content 14mm;
      gap: 0 2mm;
    }
    li b {
      text-align: right;
    }
    p {
      margin: 0.4mm 0;
    }
  `,
})
export class OnePagePanel {
  protected readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly items = computed(() => this.study.list()?.items.map((i) => ({ id: i.id, ...listLine(i, this.units) })) ?? []);
  protected readonly sums = computed(() => {
    const list = this.study.list();
    return list ? sumLines(list.sums, this.units) : [];
  });
  /** The stop that is left, and the one that is reached: what is bought there is decided now. */
  protected readonly stops = computed(() => {
    const sheets = this.study.packed()?.sheets ?? [];
    const at = sheets.findIndex((s) => s.stopId === this.study.list()?.carry.fromStopId);
    return sheets.slice(Math.max(0, at), at + 2).map((s) => ({ title: sheetTitle(s), lines: sheetLines(s, this.units) }));
  });
  protected readonly water = computed(() => {
    const days = this.study.card()?.days;
    return (this.study.packed()?.water ?? [])
      .filter((w) => days && w.day >= days.from && w.day <= days.to)
      .map((w) => `Day ${w.day}: carry ${this.units.text(w.waterMl, 'volume')} to the dry camp.`);
  });
}
