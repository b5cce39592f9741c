import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { PackGroup } from '@tinder/core/pack';
import { GROUP_WORDS, IGNITION_WORDS_OF, listLine, sumLines } from '../words/pack-words';
import { Units } from '../words/units';
import { PackStudy } from './pack-study';
import { Hint } from '../ui/hint';
import { Tick } from '../ui/tick';

/** In the order in which they are named. */
const GROUPS = Object.keys(GROUP_WORDS) as PackGroup[];

/** What goes where out of one stop, to be ticked off in the hand, and what it comes to by every way of counting. */
@Component({
  selector: 'app-list-panel',
  imports: [Hint, NzButtonComponent, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (study.list(); as l) {
      <h2 class="sign">
        Out of {{ l.carry.from }} <span class="quiet">{{ ticked() }}</span>
      </h2>
      @for (g of groups(); track g.name) {
        <h3 class="sign">{{ g.name }}</h3>
        <ul>
          @for (i of g.items; track i.id) {
            <li [class.done]="i.ticked">
              <label>
                <input type="checkbox" [appTick]="i.ticked" (turned)="study.tick(i.id)" />
                <span>{{ i.words }}</span>
              </label>
              <span class="quiet">{{ i.place }}</span>
              <b>{{ i.mass }}</b>
            </li>
          }
        </ul>
      }
      <dl>
        @for (s of sums(); track s.name) {
          <div>
            <dt [appHint]="s.name">{{ s.name }}</dt>
            <dd>{{ s.mass }}</dd>
          </div>
        }
      </dl>
      @if (order()) {
        <p>Into the pot, in this order: {{ order() }}.</p>
      }
      <p>{{ ignition() }} {{ camp() }}</p>
      <p class="no-print"><button nz-button nzSize="small" type="button" (click)="study.untick()">Take every tick off</button></p>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h3 {
      margin: 0.5rem 0 0;
    }
    ul {
      max-width: 53.75rem;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) max-content 5rem;
      gap: 0 0.875rem;
      align-items: center;
      border-bottom: 1px solid var(--hairline);
    }
    label {
      display: block;
      padding: var(--thumb-pad, 3px) 0;
    }
    .done span {
      color: var(--ink-quiet);
      text-decoration: line-through;
    }
    b {
      text-align: right;
      font-weight: 600;
    }
    dl {
      margin: 0.625rem 0;
    }
    dl div {
      display: flex;
      justify-content: space-between;
      max-width: 22.5rem;
    }
    dd {
      margin: 0;
      font-weight: 600;
    }
    p {
      margin: 0.25rem 0;
      line-height: 1.3;
    }
  `,
})
export class ListPanel {
  protected readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly groups = computed(() => {
    const list = this.study.list();
    if (!list) return [];
    return GROUPS.flatMap((group) => {
      const items = list.items
        .filter((i) => i.group === group)
        .map((i) => ({
          id: i.id,
          ...listLine(i, this.units),
          ticked: this.study.isTicked(i.id),
        }));
      return items.length ? [{ name: GROUP_WORDS[group], items }] : [];
    });
  });
  protected readonly sums = computed(() => {
    const list = this.study.list();
    return list ? sumLines(list.sums, this.units) : [];
  });
  protected readonly ticked = computed(() => {
    const all = this.groups().flatMap((g) => g.items);
    return `${all.filter((i) => i.ticked).length} of ${all.length} packed`;
  });
  protected readonly order = computed(() => this.study.list()?.nestOrder.join(', ') ?? '');
  protected readonly ignition = computed(() => {
    const list = this.study.list();
    return list ? IGNITION_WORDS_OF[list.ignition] : '';
  });
  protected readonly camp = computed(() => {
    const list = this.study.list();
    if (!list) return '';
    const rubbish = list.rubbishG >= 1 ? ` Rubbish by the next bin: ${this.units.text(list.rubbishG, 'mass')}.` : '';
    return `Leaving camp, count ${list.atCampCount} things.${rubbish}`;
  });
}
