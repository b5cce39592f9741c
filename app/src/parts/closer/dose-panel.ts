import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MOST_RELIGHTS, type DoseChoice } from '@tinder/core/planning/plan';
import { doseGeometry } from '../../charts/dose-geometry';
import { BEHIND_PLAN, study } from '../../planning/study';
import { FollowingWorker } from '../../planning/following-worker';
import { Drawing } from '../../ui/drawing';
import { measuredWidth } from '../../ui/measured-width';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { dilutionWords, doseAmountWords, doseSpreadWords, doseTableWords, overnightWords, shareWords } from '../../words/dose-words';
import { Units } from '../../words/units';
import { CloserService } from './closer-service';
import { Hint } from '../../ui/hint';

/** Doses of alcohol or tablets over the day's spread, and the water that thins a strong spirit. */
@Component({
  selector: 'app-dose-panel',
  imports: [Drawing, Hint, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="two">
      <section aria-label="Dose table">
        <app-study-note [study]="looked" />
        @if (table(); as t) {
          <p class="says">{{ says() }}</p>
          @if (shape(); as g) {
            <svg [appDrawing]="H + 18" role="img" [attr.aria-label]="spoken()">
              @for (s of [0, 0.5, 1]; track s) {
                <line class="grid" x1="0" [attr.x2]="drawn()" [attr.y1]="g.y(s)" [attr.y2]="g.y(s)" />
                <text class="quiet" x="-8" [attr.y]="g.y(s) + 4" text-anchor="end">{{ 100 * s }} %</text>
              }
              <line class="threshold" x1="0" [attr.x2]="drawn()" [attr.y1]="g.limitY" [attr.y2]="g.limitY" />
              <path class="time" [attr.d]="g.path" />
              @for (m of g.marks; track m.choice.amount) {
                <circle [class.best]="m.best" [attr.cx]="m.x" [attr.cy]="m.y" [attr.r]="m.best ? 6 : 3" />
                @if (m.named) {
                  <text [class.strong]="m.best" [attr.x]="m.x" [attr.y]="H + 15" text-anchor="middle">{{ amount(m.choice) }}</text>
                }
              }
            </svg>
            <p class="quiet key">
              Along: what is {{ t.unit === 'mL' ? 'poured' : 'lit' }}; upwards: the chance that it is too little. Dashed: one evening in
              ten.
            </p>
          }
          <table>
            <thead>
              <tr>
                <th scope="col">{{ t.unit === 'mL' ? 'Pour' : 'Light' }}</th>
                <th scope="col" appHint="fuel, of a dose">Fuel</th>
                <th scope="col" appHint="too little, lit again">Too little, lit again</th>
                <th scope="col" appHint="burnt on average">Burnt on average</th>
              </tr>
            </thead>
            <tbody>
              @for (c of shown(); track c.amount) {
                <tr [class.best]="c === t.best">
                  <th scope="row">{{ amount(c) }}{{ c === t.best ? ', best' : '' }}</th>
                  <td>{{ units.mealMass(c.fuelG) }}</td>
                  <td>{{ share(c.relight) }}</td>
                  <td>{{ units.mealMass(c.expectedG) }}</td>
                </tr>
              }
            </tbody>
          </table>
          <p class="quiet key">
            {{ spread }}
          </p>
        } @else if (looked.fresh()) {
          <p class="quiet">A stove with a valve on a canister or a pump is not dosed: it is turned off when the pot is done.</p>
        }
      </section>
      <section aria-label="Dilution">
        <h3>Thin a strong spirit so that it burns cleaner</h3>
        <div class="fields">
          <span>spirit</span>
          <app-quantity-field
            label="Spirit to thin"
            quantity="volume"
            [value]="spiritMl()"
            [limits]="{ min: 1, max: 20000 }"
            (valueChange)="spiritMl.set($event)"
          />
          <span>strength by volume</span>
          <app-quantity-field
            label="Its strength by volume"
            quantity="strength"
            [value]="from()"
            [limits]="{ min: 5, max: 100 }"
            (valueChange)="from.set($event)"
          />
          <span>wanted</span>
          <app-quantity-field
            label="Wanted strength by volume"
            quantity="strength"
            [value]="to()"
            [limits]="{ min: 1, max: 100 }"
            (valueChange)="to.set($event)"
          />
        </div>
        <p class="says" role="status">{{ dilution() }}</p>
        <p class="quiet key">
          {{ overnight }}
        </p>
        <p class="quiet key">Proof can be typed: 190 proof is 95 %. Ethanol and water at 20 °C; the mixture shrinks.</p>
      </section>
    </div>
  `,
  styleUrl: './closer.less',
  styles: `
    svg {
      display: block;
      overflow: visible;
      margin: 0.375rem 0 0.25rem 2.625rem;
    }
    circle {
      fill: var(--ink);
    }
    circle.best {
      fill: var(--ember);
    }
  `,
})
export class DosePanel {
  protected readonly units = inject(Units);
  private readonly service = inject(CloserService);

  protected readonly spiritMl = signal(500);
  protected readonly from = signal(95);
  protected readonly to = signal(85);

  private readonly worker = inject(FollowingWorker);
  protected readonly looked = study(
    BEHIND_PLAN,
    () => this.service.asked(),
    ({ planned: { trip, plan }, day }, run) => this.worker.ask('dose', { trip, plan }, { day }, run),
  );
  protected readonly table = computed(() => this.looked.last()?.answer);
  private readonly width = measuredWidth(520);
  protected readonly H = 110;
  protected readonly drawn = computed(() => Math.max(160, Math.min(420, this.width() / 2 - 70)));
  protected readonly shape = computed(() => {
    const t = this.table();
    return t && t.choices.length > 1 ? doseGeometry(t, MOST_RELIGHTS, this.drawn(), this.H) : undefined;
  });
  protected readonly spoken = computed(() => {
    const t = this.table();
    return t ? `Chance that a dose is too little: ${t.choices.map((c) => `${this.amount(c)} ${shareWords(c.relight)}`).join(', ')}` : '';
  });
  protected readonly share = shareWords;
  protected readonly spread = doseSpreadWords();
  protected readonly overnight = overnightWords();
  /** The doses around the best one. */
  protected readonly shown = computed(() => {
    const t = this.table();
    if (!t) return [];
    const middle = t.best ? t.choices.indexOf(t.best) : t.choices.length - 1;
    return t.choices.slice(Math.max(0, middle - 3), middle + 4);
  });
  protected readonly says = computed(() => {
    const t = this.table();
    const meal = this.service.meal();
    return t && meal ? doseTableWords(t, meal, this.units) : '';
  });
  protected readonly dilution = computed(() => dilutionWords(this.spiritMl(), this.from(), this.to(), this.units));

  protected amount(c: DoseChoice): string {
    const t = this.table();
    return t ? doseAmountWords(t, c, this.units) : '';
  }
}
