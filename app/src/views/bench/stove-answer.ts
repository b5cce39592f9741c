import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { closeness, isTestedOn, type TestedBurner } from '@tinder/core/studies/bench';
import { ownBurner, same, type Calibration } from '@tinder/core/domain/model';
import { WorkspaceStore } from '../../store/workspace-store';
import { Hint } from '../../ui/hint';
import { FACTOR_WORDS } from '../../words/bench-words';
import { ownBurnerWords } from '../../words/own-burner-words';
import { BenchStudy } from './bench-study';
import { ReservePanel } from './reserve-panel';

/** A test that does not fit the others. */
export interface OddTest {
  id: string;
  words: string;
}

/** What one's own stove changes on this trip, whether it is in use, and which tests do not fit. */
@Component({
  selector: 'app-stove-answer',
  imports: [Hint, NzButtonComponent, ReservePanel],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>What changes on this trip</h2>
    <p class="quiet">Your stove ({{ ownWords(calibration()) }}) beside the catalogue’s.</p>
    @if (onTrip()) {
      <app-reserve-panel [calibration]="calibration()" />
    } @else {
      <p class="quiet">This trip uses another stove.</p>
    }
    @if (adopted()) {
      <p><b>In use:</b> every plan, risk and card runs on it.</p>
    }
    @if (!inStep()) {
      <button nz-button nzType="primary" nzBlock nzSize="large" type="button" (click)="study.adopt(burner().of, calibration())">
        {{ adopted() ? 'Use the newest tests as well' : 'Use your tests' }}
      </button>
    }
    @if (adopted()) {
      <button nz-button type="button" (click)="study.adopt(burner().of, undefined)">Back to the catalogue’s stove</button>
    }
    @for (o of outliers(); track o.id) {
      <section>
        <h3>One test does not fit</h3>
        <p>{{ o.words }}</p>
        <button nz-button type="button" (click)="setAside(o.id)">Set aside</button>
      </section>
    }
    @if (burner().garden !== null) {
      <details>
        <summary>Show what the simulated garden hid</summary>
        <dl>
          @for (r of revealed(); track r.name) {
            <dt [appHint]="r.name">{{ r.name }}</dt>
            <dd>{{ r.words }}</dd>
          }
        </dl>
      </details>
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    h2 {
      line-height: 1.3;
    }
    h3 {
      margin: 0.5rem 0 0;
    }
    p {
      line-height: 1.3;
    }
    button + button {
      margin-top: 0.5rem;
    }
    section {
      margin-top: 1rem;
    }
    dl {
      margin: 0.25rem 0;
    }
    dt {
      color: var(--ink-quiet);
    }
    dd {
      margin: 0 0 0.25rem;
      font-weight: 600;
    }
  `,
})
export class StoveAnswer {
  protected readonly study = inject(BenchStudy);
  private readonly store = inject(WorkspaceStore);
  readonly burner = input.required<TestedBurner>();
  readonly calibration = input.required<Calibration>();
  readonly outliers = input.required<readonly OddTest[]>();
  protected readonly ownWords = ownBurnerWords;

  protected readonly revealed = computed(() => {
    const { garden } = this.burner();
    if (garden === null) return [];
    const percent = (x: number): string => `${x >= 1 ? '+' : '−'}${Math.abs(Math.round(100 * (x - 1)))} %`;
    return closeness(this.calibration(), garden).map(({ name, truth, found, sdsOff }) => ({
      name: FACTOR_WORDS[name].name,
      words: `truth ${percent(truth)}, found ${percent(found)}: ${Math.abs(sdsOff) <= 2 ? 'within what the burns claimed' : 'further off than the burns claimed'} (${Math.abs(sdsOff).toFixed(1)} deviations)`,
    }));
  });

  /** Does the open trip burn this burner, and does it run on a calibration of it. */
  protected readonly onTrip = computed(() => isTestedOn(this.store.trip().kit, this.burner()));
  private readonly inUse = computed(() => {
    const kit = this.study.kits().find((k) => isTestedOn(k.kit, this.burner()))?.kit;
    return kit && ownBurner(kit);
  });
  protected readonly adopted = computed(() => this.inUse() !== undefined);
  protected readonly inStep = computed(() => {
    const used = this.inUse();
    return used !== undefined && same(used, this.calibration());
  });

  protected setAside(id: string): void {
    this.study.editTest('set a burn aside', id, (t) => ({ ...t, setAside: true }));
  }
}
