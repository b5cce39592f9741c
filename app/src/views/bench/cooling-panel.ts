import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { CoolingTest } from '@tinder/core/domain/model';
import { coolingOf, coolsInS, lossW, type Cooling } from '@tinder/core/studies/bench';
import { HOT_C, potHeatCapacityJPerK } from '@tinder/core/physics/burn';
import { formatDuration } from '@tinder/core/foundation/units';
import { WATER_CP_J_PER_KG_K } from '@tinder/core/physics/water';
import { AxisChart, type ChartSpec } from '../../charts/axis-chart';
import { DRESS_WORDS } from '../../words/bench-words';
import { Units } from '../../words/units';
import { BenchStudy } from './bench-study';
import { CoolingIntake } from './cooling-intake';
import { Hint } from '../../ui/hint';

/** Pots are compared from here on, °C. */
const FROM_C = 90;

/** How fast a pot cools: the heat it loses with each dress, and how much later the food is still hot. */
@Component({
  selector: 'app-cooling-panel',
  imports: [AxisChart, CoolingIntake, Hint, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>How a pot cools</h2>
    <app-cooling-intake />
    @if (chart(); as c) {
      <app-axis-chart [of]="c" [height]="220" />
    }
    <table class="stacks">
      <thead>
        <tr>
          <th scope="col">Pot</th>
          <th scope="col" appHint="cover">Cover</th>
          <th scope="col" class="number" appHint="loses, for each degree above the air">Loses, for each degree above the air</th>
          <th scope="col" class="number">At {{ from() }}</th>
          <th scope="col" class="number">Hot ({{ hot() }}) for</th>
          <th scope="col" class="number" appHint="against the first">Against the first</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of rows(); track r.id) {
          <tr>
            <th scope="row">{{ r.name }}</th>
            <td data-label="Cover">{{ r.dress }}</td>
            <td data-label="Loses, for each degree" class="number">{{ r.ua }}</td>
            <td [attr.data-label]="'at ' + from()" class="number">{{ r.watts }}</td>
            <td data-label="Hot for" class="number">{{ r.hotFor }}</td>
            <td data-label="Against the first" class="number">{{ r.against }}</td>
            <td>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Delete ' + r.name" (click)="remove(r.id)">Delete</button>
            </td>
          </tr>
        } @empty {
          <tr>
            <td colspan="7" class="quiet">
              Boil, put the flame out, and read the water every half minute: once with the lid, once with the cozy. The difference is what
              the cozy is worth.
            </td>
          </tr>
        }
      </tbody>
    </table>
    <p class="quiet">
      A straight line of the logarithm of what is above the air, against time (Newton’s law of cooling); ± is one standard deviation.
    </p>
  `,
  styleUrl: '../../ui/table.less',
  styles: `
    th,
    td {
      white-space: normal;
    }
  `,
})
export class CoolingPanel {
  private readonly study = inject(BenchStudy);
  private readonly units = inject(Units);
  protected readonly from = computed(() => this.units.text(FROM_C, 'temperature'));
  protected readonly hot = computed(() => this.units.text(HOT_C, 'temperature'));

  private readonly fits = computed((): Fitted[] =>
    this.study.bench().coolings.map((test) => {
      const heatJPerK = (test.waterMl / 1000) * WATER_CP_J_PER_KG_K + potHeatCapacityJPerK(test.pot);
      const fit = coolingOf(test.curve, test.airC, heatJPerK);
      return { test, fit, hotS: fit && coolsInS(fit, heatJPerK, FROM_C, HOT_C, test.airC) };
    }),
  );
  protected readonly rows = computed(() => {
    const all = this.fits();
    const first = all.find(staysHotFor);
    return all.map((f) => {
      const { test, fit } = f;
      const hotS = staysHotFor(f);
      return {
        id: test.id,
        name: test.name,
        dress: `${DRESS_WORDS[test.dress]}${test.windMps > 0.2 ? `, wind ${this.units.text(test.windMps, 'speed', 1)}` : ''}`,
        ua: fit ? `${fit.uaWPerK.toFixed(2)} ± ${fit.sdWPerK.toFixed(fit.sdWPerK < 0.01 ? 3 : 2)} W/K` : 'too few readings above the air',
        watts: fit ? `${Math.round(lossW(fit, FROM_C, test.airC))} W` : '',
        hotFor: hotS ? formatDuration(hotS) : '',
        against: first && f !== first ? againstWords(f, first) : '',
      };
    });
  });
  protected readonly chart = computed((): ChartSpec | undefined => {
    const { coolings } = this.study.bench();
    if (!coolings.length) return undefined;
    return {
      spoken: coolings
        .map(
          (c) =>
            `${c.name}: from ${this.units.text(c.curve[0].c, 'temperature', 0)} to ${this.units.text(c.curve[c.curve.length - 1].c, 'temperature', 0)}`,
        )
        .join('; '),
      lines: coolings.map((c, i) => ({
        name: DRESS_WORDS[c.dress],
        dashed: i % 2 === 1,
        points: c.curve.map((p) => ({ x: p.s / 60, y: p.c })),
      })),
      xWords: 'since the flame was shut',
      tickX: (x) => `${x} min`,
      tickY: (y) => this.units.text(y, 'temperature'),
      y: { min: 20, max: 100 },
      across: { at: HOT_C, words: 'hot' },
    };
  });

  protected remove(id: string): void {
    this.study.edit('take a cooling pot away', (b) => ({ ...b, coolings: b.coolings.filter((c) => c.id !== id) }));
  }
}

/** A cooling pot with the line through its readings, where there is one, and how long it stays hot, s. */
interface Fitted {
  test: CoolingTest;
  fit: Cooling | undefined;
  hotS: number | undefined;
}

/** Undefined where it never cools so far, or nobody knows. */
const staysHotFor = ({ hotS }: Fitted): number | undefined => (hotS !== undefined && Number.isFinite(hotS) ? hotS : undefined);

/** "12 W less, hot 8 min longer". */
function againstWords(of: Fitted, first: Fitted): string {
  const [hotS, firstS] = [staysHotFor(of), staysHotFor(first)];
  if (!of.fit || !first.fit || hotS === undefined || firstS === undefined) return '';
  const lessW = lossW(first.fit, FROM_C, of.test.airC) - lossW(of.fit, FROM_C, of.test.airC);
  const watts = `${Math.round(Math.abs(lessW))} W ${lessW >= 0 ? 'less' : 'more'}`;
  const longerS = hotS - firstS;
  return `${watts}, hot ${formatDuration(Math.abs(longerS))} ${longerS >= 0 ? 'longer' : 'shorter'}`;
}
