import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MOST_COMPARED } from '@tinder/core/domain/model';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { KitStudy } from './kit-study';
import { Tick } from '../../ui/tick';

/** Every kit with its base weight: those that are ticked are compared. */
@Component({
  selector: 'app-kits-list',
  imports: [Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <fieldset>
      <legend>Kits to compare, two to six</legend>
      @for (r of rows(); track r.kit.id) {
        <label [title]="r.full ? 'Six kits can be compared' : ''">
          <input type="checkbox" [appTick]="r.compared" [disabled]="r.full && !r.compared" (turned)="compare(r.kit.id, r.compared)" />
          <span>{{ sentenceStart(r.kit.name) }}</span>&ngsp;<span class="quiet">{{ units.text(r.massG, 'mass') }}</span>
        </label>
      }
    </fieldset>
  `,
  styles: `
    fieldset {
      display: flex;
      flex-wrap: wrap;
      gap: 0.25rem 1.5rem;
      margin: 0 0 0.625rem;
      padding: 0;
      border: 0;
    }
    legend {
      margin: 0 0 0.25rem;
      border: 0;
      font-size: 1rem;
      font-weight: 600;
    }
    label {
      min-height: var(--touch);
      cursor: pointer;
    }
    span:first-of-type::first-letter {
      text-transform: uppercase;
    }
  `,
})
export class KitsList {
  protected readonly sentenceStart = sentenceStart;
  protected readonly study = inject(KitStudy);
  protected readonly units = inject(Units);

  protected readonly rows = computed(() => {
    const { compared } = this.study.rack().score;
    return this.study.weighed().map(({ kit, massG }) => ({
      kit,
      massG,
      compared: compared.includes(kit.id),
      full: compared.length >= MOST_COMPARED,
    }));
  });

  protected compare(id: string, now: boolean): void {
    this.study.editRack('kits to compare', (r) => {
      const others = r.score.compared.filter((k) => k !== id);
      return { ...r, score: { ...r.score, compared: now ? others : [...others, id].slice(0, MOST_COMPARED) } };
    });
  }
}
