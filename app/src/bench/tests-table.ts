import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { conditionsOf, fuelReadG } from '@tinder/core/bench';
import { hasValve, burnerById } from '@tinder/core/catalogue';
import { formatDuration } from '@tinder/core/units';
import { END_WORDS } from '../words/bench-words';
import { Units } from '../words/units';
import { BenchStudy } from './bench-study';
import { Hint } from '../ui/hint';

/** Every burn that was kept, the newest first. */
@Component({
  selector: 'app-tests-table',
  imports: [Hint, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">every burn</h2>
    <table class="stacks">
      <thead>
        <tr>
          <th scope="col">on</th>
          <th scope="col">kit</th>
          <th scope="col" class="number">water</th>
          <th scope="col" class="number" appHint="Flame">flame</th>
          <th scope="col" class="number">wind</th>
          <th scope="col" class="number">fuel</th>
          <th scope="col" class="number" appHint="time, of a burn">time</th>
          <th scope="col" appHint="for, of a burn">for</th>
          <td></td>
        </tr>
      </thead>
      <tbody>
        @for (r of rows(); track r.id) {
          <tr [class.aside]="r.test.setAside">
            <th scope="row">{{ r.test.on }}</th>
            <td data-label="kit">{{ r.test.setup.kitName }}</td>
            <td data-label="water" class="number">{{ r.water }}</td>
            <td data-label="flame" class="number">{{ r.flame }}</td>
            <td data-label="wind" class="number">{{ r.wind }}</td>
            <td data-label="fuel" class="number">{{ r.fuel }}</td>
            <td data-label="time" class="number">{{ r.time }}</td>
            <td data-label="for" class="for">{{ r.for }}</td>
            <td class="acts">
              <button
                nz-button
                nzSize="small"
                type="button"
                [attr.aria-label]="(r.test.setAside ? 'count ' : 'set aside ') + r.spoken"
                (click)="setAside(r.id)"
              >
                {{ r.test.setAside ? 'count it' : 'set aside' }}
              </button>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'take away ' + r.spoken" (click)="study.removeTest(r.id)">
                take away
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

  protected readonly rows = computed(() => {
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
      return {
        id: test.id,
        test,
        water: this.units.text(setup.waterMl, 'volume'),
        flame: hasValve(burnerById(setup.kit.burnerId)) ? `${Math.round(100 * setup.kit.flameSetting)} %` : '',
        wind: this.units.text(conditionsOf(setup).windMps, 'speed', 1),
        // what a burn used that did not get there is no measure of anything
        fuel: reached
          ? this.units.text(fuelReadG(test), 'mass', setup.scale.resolutionG < 1 && this.units.unit('mass').symbol === 'g' ? 1 : undefined)
          : '–',
        time: formatDuration(test.seconds),
        for: [side, ...oddities].filter(Boolean).join('; '),
        spoken: `${test.on} ${setup.kitName} ${formatDuration(test.seconds)}`,
      };
    });
  });

  protected setAside(id: string): void {
    this.study.editTest('set a burn aside', id, (t) => ({ ...t, setAside: !t.setAside }));
  }
}
