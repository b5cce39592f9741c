import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzTableModule } from 'ng-zorro-antd/table';
import { conditionsOf, fuelReadG } from '@tinder/core/studies/bench';
import { hasValve, burnerById } from '@tinder/core/domain/catalogue';
import type { BenchTest } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { END_WORDS } from '../../words/bench-words';
import { Units } from '../../words/units';
import { BenchStudy } from './bench-study';
import { Hint } from '../../ui/hint';
import { SortA11y, sortedBy } from '../../ui/nz/sort-a11y';
import { dateText } from '../../words/date-text';

/** Every burn that was kept, the newest first until it is sorted otherwise. */
@Component({
  selector: 'app-tests-table',
  imports: [Hint, NzButtonComponent, NzTableModule, SortA11y],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>All tests</h2>
    <nz-table
      #table
      class="stacks"
      nzSize="small"
      nzNoResult="Nothing burnt yet."
      [nzData]="rows()"
      [nzShowPagination]="false"
      [nzFrontPagination]="false"
    >
      <thead>
        <tr>
          <th nzSortOrder="descend" [nzSortFn]="by.on">Day</th>
          <th [nzSortFn]="by.kit">Kit</th>
          <th class="number" [nzSortFn]="by.waterMl">Water</th>
          <th class="number" [nzSortFn]="by.flame" appHint="Flame">Flame</th>
          <th class="number" [nzSortFn]="by.windMps">Wind</th>
          <th class="number" [nzSortFn]="by.fuelG">Fuel</th>
          <th class="number" [nzSortFn]="by.seconds" appHint="time, of a burn">Time</th>
          <th scope="col" appHint="for, of a burn">Part of</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of table.data; track r.id) {
          <tr [class.aside]="r.test.setAside">
            <th scope="row">{{ dateText(r.test.on) }}</th>
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
        }
      </tbody>
    </nz-table>
  `,
  styleUrl: '../../ui/table.less',
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
  protected readonly dateText = dateText;
  protected readonly study = inject(BenchStudy);
  private readonly units = inject(Units);

  protected readonly rows = computed(() => {
    const { tests, series } = this.study.bench();
    return [...tests].reverse().map((test) => {
      const { setup } = test;
      const asked = series.find((s) => s.id === test.seriesId);
      const side = asked && test.arm ? `${asked.question} ${test.arm.toUpperCase()}` : '';
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
        for: [side, ...oddities(test)].filter(Boolean).join('; '),
        waterMl: setup.waterMl,
        flameShare: hasFlame ? setup.kit.flameSetting : undefined,
        windMps,
        fuelG: reached ? fuelReadG(test) : undefined,
        spoken: `${dateText(test.on)} ${setup.kitName} ${formatDuration(test.seconds)}`,
      };
    });
  });

  protected readonly by = {
    on: sortedBy<Row>((r) => r.test.on),
    kit: sortedBy<Row>((r) => r.test.setup.kitName),
    waterMl: sortedBy<Row>((r) => r.waterMl),
    flame: sortedBy<Row>((r) => r.flameShare),
    windMps: sortedBy<Row>((r) => r.windMps),
    fuelG: sortedBy<Row>((r) => r.fuelG),
    seconds: sortedBy<Row>((r) => r.test.seconds),
  };

  protected setAside(id: string): void {
    this.study.editTest('set a burn aside', id, (t) => ({ ...t, setAside: !t.setAside }));
  }
}

/** What is to be said of a burn beside its figures. */
const oddities = (test: BenchTest): string[] => [
  test.garden === null ? '' : 'simulated',
  test.end === 'reached' ? '' : END_WORDS[test.end],
  test.sputtered ? 'sputtered' : '',
  test.boiledOver ? 'boiled over' : '',
  test.note,
];

type Row = ReturnType<TestsTable['rows']>[number];
