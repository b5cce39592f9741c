import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { PackPlace } from '@tinder/core/output/pack';
import { PLACE_WORDS, packItemWords } from '../../words/pack-words';
import { sentenceStart } from '../../words/sentence-start';
import { Units } from '../../words/units';
import { PackStudy } from './pack-study';
import { WeightColumn } from './weight-column';
import { Tick } from '../../ui/tick';

/** In the order in which they are packed. */
const PLACES = Object.keys(PLACE_WORDS) as PackPlace[];

/** What goes where out of one stop, to be ticked off in the hand, and how much of its weight is packed. */
@Component({
  selector: 'app-list-panel',
  imports: [Tick, WeightColumn],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-weight-column />
    <div>
      @for (p of places(); track p.place) {
        <section [attr.aria-label]="p.name">
          <h2>
            {{ p.name }} <span>{{ p.mass }}</span>
          </h2>
          <ul>
            @for (i of p.items; track i.id) {
              <li [class.done]="i.ticked">
                <label>
                  <input type="checkbox" [appTick]="i.ticked" (turned)="study.tick(i.id)" />
                  <span>{{ i.words }}</span>
                </label>
                <b>{{ i.mass }}</b>
              </li>
            }
          </ul>
          @if (p.place === 'pot' && order()) {
            <p class="quiet">Into the pot, in this order: {{ order() }}.</p>
          }
        </section>
      }
    </div>
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 7.5rem minmax(0, 40rem);
      gap: 1.5rem 2rem;
      align-items: start;
    }
    h2 {
      display: flex;
      justify-content: space-between;
      margin: 0;
      padding: 0.375rem 0;
    }
    section + section {
      margin-top: 0.75rem;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content;
      gap: 0 0.875rem;
      align-items: center;
      border-top: 1px solid var(--hairline);
    }
    label {
      display: flex;
      gap: 0.5rem;
      align-items: baseline;
      padding: var(--thumb-pad, 5px) 0;
      cursor: pointer;
    }
    .done span {
      color: var(--ink-quiet);
    }
    b {
      font-weight: 600;
    }
    p {
      margin: 0.125rem 0;
      font-size: 0.875rem;
    }
    @media (max-width: 720px) {
      :host {
        grid-template-columns: minmax(0, 1fr);
      }
      app-weight-column {
        display: none;
      }
    }
  `,
})
export class ListPanel {
  protected readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly places = computed(() => {
    const all = this.study.list()?.items ?? [];
    return PLACES.flatMap((place) => {
      const items = all.filter((i) => i.place === place);
      if (!items.length) return [];
      const massG = items.reduce((sum, i) => sum + i.massG, 0);
      return [
        {
          place,
          name: sentenceStart(PLACE_WORDS[place]),
          mass: this.units.text(massG, 'mass'),
          items: items.map((i) => ({
            id: i.id,
            words: sentenceStart(packItemWords(i, this.units)),
            mass: this.units.text(i.massG, 'mass'),
            ticked: this.study.isTicked(i.id),
          })),
        },
      ];
    });
  });
  protected readonly order = computed(() => this.study.list()?.nestOrder.join(', ') ?? '');
}
