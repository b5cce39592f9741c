import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { PART_WORDS } from '../words/menu-words';
import { cardWords } from '../words/card-words';
import { cautionWords } from '../words/caution-words';
import { RESTRICTION_WORDS } from '../words/trail-words';
import { Units } from '../words/units';
import { PackStudy } from './pack-study';

/** What is taped into the lid: dishes, what the weather asks for, who was asked, what can hurt. */
@Component({
  selector: 'app-card-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (card(); as c) {
      <h2>{{ c.title }}</h2>
      @for (d of c.dishes; track d.id) {
        <div class="whole">
          <h3>
            {{ d.name }} <span>{{ d.slot }}</span>
          </h3>
          <p>{{ d.words }}</p>
        </div>
      }
      <div class="whole">
        <h3>weather</h3>
        <p>{{ c.weather }}</p>
      </div>
      @if (c.rules) {
        <p class="whole"><b>Fire:</b> {{ c.rules }}</p>
      }
      <div class="whole">
        <h3>what can hurt</h3>
        <p>{{ c.cautions }}</p>
      </div>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    h2,
    h3 {
      margin: 0;
      font: 700 1.15em/1.2 var(--signs);
    }
    h2 {
      padding-bottom: 1mm;
      border-bottom: 1px solid var(--hairline);
    }
    h3 {
      margin-top: 1.4mm;
    }
    h3 span {
      font-weight: 500;
    }
    p {
      margin: 0;
      line-height: 1.18;
    }
  `,
})
export class CardPanel {
  private readonly study = inject(PackStudy);
  private readonly units = inject(Units);

  protected readonly card = computed(() => {
    const c = this.study.card();
    if (!c) return undefined;
    const { units } = this;
    const c1 = (x: number): string => units.text(x, 'temperature');
    const boil = Math.abs(c.boilC.max - c.boilC.min) < 1 ? c1(c.boilC.min) : `${c1(c.boilC.min)} to ${c1(c.boilC.max)}`;
    return {
      title: `${c.carry.from} to ${c.carry.to}, days ${c.days.from}–${c.days.to}`,
      dishes: c.dishes.map((d) => ({
        id: `${d.name} ${d.meal.name}`,
        name: d.meal.name,
        slot: PART_WORDS[d.name],
        words: cardWords(d, c.kit, units).slice(0, 6).join(' '),
      })),
      weather: `It boils at ${boil}. Coldest ${c1(c.coldestC)}, windiest ${units.text(c.windiestMps, 'speed', 0)} at a bare flame: colder or windier than that, warm the can, find the lee, or eat it cold.`,
      rules: c.rules.map((r) => `${RESTRICTION_WORDS[r.restriction]}${r.note ? ` (${r.note})` : ''}`).join('; '),
      cautions: c.cautions.map((x) => cautionWords(x, units)).join(' '),
    };
  });
}
