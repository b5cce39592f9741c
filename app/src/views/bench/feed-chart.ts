import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { FeedPoint } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { AxisChart, type ChartSpec } from '../../charts/axis-chart';

/** Minutes to the boil while a can empties: rising with a plain valve, flat with a regulated one. */
@Component({
  selector: 'app-feed-chart',
  imports: [AxisChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3>While the canister empties: plain valve and regulated, the same power, fully open</h3>
    <p>{{ says() }}</p>
    <app-axis-chart [of]="chart()" />
  `,
  styles: `
    :host {
      display: block;
      max-width: 56.25rem;
      margin-top: 0.75rem;
    }
    p {
      margin: 2px 0 0.375rem;
    }
  `,
})
export class FeedChart {
  readonly points = input.required<readonly FeedPoint[]>();

  protected readonly chart = computed((): ChartSpec => {
    const emptied = (of: 'plainS' | 'regulatedS') =>
      this.points().map((p) => {
        const seconds = p[of];
        return { x: 100 * (1 - p.left), y: seconds === undefined ? undefined : seconds / 60 };
      });
    return {
      spoken: this.says(),
      lines: [
        { name: 'plain', dashed: true, points: emptied('plainS') },
        { name: 'regulated', points: emptied('regulatedS') },
      ],
      xWords: 'emptied',
      tickX: (x) => `${Math.round(x)} %`,
      tickY: (y) => `${y} min`,
      y: { min: 0, max: 2 },
    };
  });
  protected readonly says = computed(() => {
    const points = this.points();
    const [full, low] = [points[0], points.find((p) => p.left <= 0.2)];
    const time = (s: number | undefined): string => (s === undefined ? 'no boil' : formatDuration(s));
    return `Full can: ${time(full.plainS)} plain, ${time(full.regulatedS)} regulated. A fifth left: ${time(low?.plainS)} and ${time(low?.regulatedS)}.`;
  });
}
