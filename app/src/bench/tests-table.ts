import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { conditionsOf, fuelReadG } from '@tinder/core/bench';
import { hasValve, burnerById } from '@tinder/core/catalogue';
import { formatDuration } from '@tinder/core/units';
import { END_WORDS } from '../words/bench-words';
import { Units } from '../words/units';
import { BenchStudy } from './bench-study';
import { Hint } from '../ui/hint';
import { SortHeading, sortedRows, type SortedBy } from '../ui/sort-heading';

type Column = 'on' | 'kit' | 'waterMl' | 'flame' | 'windMps' | 'fuelG' | 'seconds';

/** Every burn that was kept, the newest first until it is sorted otherwise. */
@Component({
  selector: 'app-tests-table',
  imports: [Hint, NzButtonComponent, SortHeading],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>All tests</h2>
    <table class="stacks">
      <thead>
        <tr>
          <th appSorts="on" [(by)]="by">Day</th>
          <th appSorts="kit" [(by)]="by">Kit</th>
          <th class="number" appSorts="waterMl" [(by)]="by">Water</th>
          <th class="number" appSorts="flame" appHint="Flame" [(by)]="by">Flame</th>
          <th class="number" appSorts="windMps" [(by)]="by">Wind</th>
          <th class="number" appSorts="fuelG" [(by)]="by">Fuel</th>
          <th class="number" appSorts="seconds" appHint="time, of a burn" [(by)]="by">Time</th>
          <th scope="col" appHint="for, of a burn">Part of</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of sorted(); track r.id) {
          <tr [class.aside]="r.test.setAside">
            <th scope="row">{{ r.test.on }}</th>
            <td data-label="Kit">{{ r.test.setup.kitName }}</td>
            <td data-label="Water" class="number">{{ r.water }}</td>
            <td data-label="Flame" class="number">{{ r.flame }}</td>
            <td data-label="Wind" class="number">{{ r.wind }}</td>
            <td data-label="Fuel" class="number">{{ r.fuel }}</td>
            <td data-label="Time" class="number">{{ r.time }}</td>
            <td data-label="Part of" class="for">{{ r.for }}</td>
            <td class="acts">
              <button
                nz-button
                nzSize="small"
                type="button"
                [attr.aria-label]="(r.test.setAside ? 'Count ' : 'Set aside ') + r.spoken"
                (click)="setAside(r.id)"
              >
                {{ r.test.setAside ? 'Count' : 'Set aside' }}
              </button>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Delete ' + r.spoken" (click)="study.removeTest(r.id)">
                Delete
              </button>
            </td>
          </tr>
        } @empty {
          <tr>
            <td colspan="9" class="quiet">Nothing burnt yet.</td>
          </tr>
        }
      </tbody>
    </table>
  `,
  styleUrl: '../ui/table.less',
  styles: `
    .aside th,
    .aside td:not(.acts) {
      color: var(--ink-quiet);
      text-decoration: line-through;
    }
    .for {
      max-width: 20rem;
      white-space: normal;
    }
    .acts button + button {
      margin-left: 0.875rem;
    }
  `,
})
export class TestsTable {
  protected readonly study = inject(BenchStudy);
  private readonly units = inject(Units);

  protected readonly by = signal<SortedBy<Column>>({ column: 'on', descending: true });
  protected readonly sorted = computed(() => sortedRows(this.rows(), this.by(), (row, column) => row.values[column]));
  private readonly rows = computed(() => {
    const { tests, series } = this.study.bench();
    return [...tests].reverse().map((test) => {
      const { setup } = test;
      const asked = series.find((s) => s.id === test.seriesId);
      const side = asked && test.arm ? `${asked.question} ${test.arm.toUpperCase()}` : '';
      const oddities = [
        test.garden === null ? '' : 'simulated',
        test.end === 'reached' ? '' : END_WORDS[test.end],
        test.sputtered ? 'sputtered' : '',
        test.boiledOver ? 'boiled over' : '',
        test.note,
      ].filter(Boolean);
      const reached = test.end === 'reached';
      const hasFlame = hasValve(burnerById(setup.kit.burnerId));
      const { windMps } = conditionsOf(setup);
      return {
        id: test.id,
        test,
        water: this.units.text(setup.waterMl, 'volume'),
        flame: hasFlame ? `${Math.round(100 * setup.kit.flameSetting)} %` : '',
        wind: this.units.text(windMps, 'speed', 1),
        // what a burn used that did not get there is no measure of anything
        fuel: reached
          ? this.units.text(fuelReadG(test), 'mass', setup.scale.resolutionG < 1 && this.units.unit('mass').symbol === 'g' ? 1 : undefined)
          : '–',
        time: formatDuration(test.seconds),
        for: [side, ...oddities].filter(Boolean).join('; '),
        values: {
          on: test.on,
          kit: setup.kitName,
          waterMl: setup.waterMl,
          flame: hasFlame ? setup.kit.flameSetting : undefined,
          windMps,
          fuelG: reached ? fuelReadG(test) : undefined,
          seconds: test.seconds,
        } satisfies Record<Column, number | string | undefined>,
        spoken: `${test.on} ${setup.kitName} ${formatDuration(test.seconds)}`,
      };
    });
  });

  protected setAside(id: string): void {
    this.study.editTest('set a burn aside', id, (t) => ({ ...t, setAside: !t.setAside }));
  }
}
