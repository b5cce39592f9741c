import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { burnerById } from '@tinder/core/domain/catalogue';
import { tripOnLeg } from '@tinder/core/domain/trail';
import { guidesFor } from '@tinder/core/output/walk';
import { WorkspaceStore } from '../../store/workspace-store';
import { CHECK_WORDS, GUIDES_FIRST, STOP_WORDS, TROUBLE_WORDS } from '../../words/guide-words';
import { HAZARD_WORDS } from '../../words/hazard-words';
import { WalkStudy } from './walk-study';

/** Something is wrong: what can hurt first, then what to look at, in order. */
@Component({
  selector: 'app-guide-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p class="big">{{ first }}</p>
    @for (g of guides(); track g.name) {
      <details>
        <summary>{{ g.name }}</summary>
        @for (h of g.hurts; track h) {
          <p class="hurts">{{ h }}</p>
        }
        <ol class="big">
          @for (c of g.checks; track c) {
            <li>{{ c }}</li>
          }
        </ol>
        @if (g.stop) {
          <p class="hurts">{{ g.stop }}</p>
        }
      </details>
    }
  `,
  styleUrl: './walk.less',
})
export class GuidePanel {
  private readonly study = inject(WalkStudy);
  private readonly trip = inject(WorkspaceStore).trip;
  protected readonly first = GUIDES_FIRST;
  protected readonly guides = computed(() => {
    const leg = this.study.walking()?.here.carry.fromStop ?? 0;
    return guidesFor(burnerById(tripOnLeg(this.trip(), leg).kit.burnerId).family).map((g) => ({
      name: TROUBLE_WORDS[g.trouble],
      hurts: g.hazards.map((h) => HAZARD_WORDS[h]),
      checks: g.checks.map((c) => CHECK_WORDS[c]),
      stop: g.thenStop ? STOP_WORDS : '',
    }));
  });
}
