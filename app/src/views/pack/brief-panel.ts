import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { BRIEF_FIRST, briefWords, whereWords } from '../../words/brief-words';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';

/** What can hurt with this kit, menu, trail and rules, each with where it applies. */
@Component({
  selector: 'app-brief-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Safety</h2>
    <p>{{ first }}</p>
    <ul>
      @for (line of lines(); track line.words) {
        <li>
          <b>{{ line.where }}</b> {{ line.words }}
        </li>
      }
    </ul>
  `,
  styleUrl: './sheet.less',
  styles: `
    li {
      padding: 0.4mm 0;
    }
    b {
      font-family: var(--signs);
    }
    p {
      margin: 0 0 1mm;
    }
  `,
})
export class BriefPanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);
  protected readonly first = BRIEF_FIRST;
  protected readonly lines = computed(() =>
    (this.study.packed()?.brief ?? []).map((b) => ({ where: `${whereWords(b.days)}:`, words: briefWords(b, this.units) })),
  );
}
