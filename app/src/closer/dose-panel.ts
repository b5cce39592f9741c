import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { dilute, leftInBurner, type BurnerSeal, type DoseChoice } from '@tinder/core';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';
import { CloserService } from './closer-service';

/** Doses of alcohol or tablets over the day's spread, and the water that thins a strong spirit. */
@Component({
  selector: 'app-dose-panel',
  imports: [QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="two">
      <section aria-label="Dose table">
        @if (table(); as t) {
          <p class="says">{{ says() }}</p>
          <table>
            <thead>
              <tr>
                <th scope="col">{{ t.unit === 'mL' ? 'pour' : 'light' }}</th>
                <th scope="col">fuel</th>
                <th scope="col">too little, lit again</th>
                <th scope="col">burnt on average</th>
              </tr>
            </thead>
            <tbody>
              @for (c of shown(); track c.amount) {
                <tr [class.best]="c === t.best">
                  <th scope="row">{{ amount(c) }}{{ c === t.best ? ', best' : '' }}</th>
                  <td>{{ units.mealMass(c.fuelG) }}</td>
                  <td>{{ chance(c.relight) }}</td>
                  <td>{{ units.mealMass(c.expectedG) }}</td>
                </tr>
              }
            </tbody>
          </table>
          <p class="quiet key">
            Over water ± 3 K, quantity ± 5 %, wind one class down or up one evening in four each. A relight waits 3 min and is poured in
            whole measures. The best dose burns least on average with at most one relight in ten.
          </p>
        } @else {
          <p class="quiet">A burner with a valve on a can or a pump is not dosed: it is turned off when the pot is done.</p>
        }
      </section>
      <section aria-label="Dilution">
        <h3 class="sign">thin a strong spirit so that it burns cleaner</h3>
        <div class="fields">
          <span>spirit</span>
          <app-quantity-field
            label="spirit to thin"
            quantity="volume"
            [value]="spiritMl()"
            [limits]="{ min: 1, max: 20000 }"
            (valueChange)="spiritMl.set($event)"
          />
          <span>strength by volume</span>
          <app-quantity-field
            label="its strength by volume"
            quantity="strength"
            [value]="from()"
            [limits]="{ min: 5, max: 100 }"
            (valueChange)="from.set($event)"
          />
          <span>wanted</span>
          <app-quantity-field
            label="wanted strength by volume"
            quantity="strength"
            [value]="to()"
            [limits]="{ min: 1, max: 100 }"
            (valueChange)="to.set($event)"
          />
        </div>
        <p class="says" role="status">{{ dilution() }}</p>
        <p class="quiet key">
          What is left in a burner overnight: {{ left('open') }} if open, {{ left('cap') }} under a cap, {{ left('gasket') }} under a gasket
          lid (assumed).
        </p>
        <p class="quiet key">Proof can be typed: 190 proof is 95 %. Ethanol and water at 20 °C; the mixture shrinks.</p>
      </section>
    </div>
  `,
  styleUrl: './closer.less',
})
export class DosePanel {
  protected readonly units = inject(Units);
  private readonly service = inject(CloserService);

  protected readonly spiritMl = signal(500);
  protected readonly from = signal(95);
  protected readonly to = signal(85);

  protected readonly table = computed(() => this.service.closer().dose);
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
    if (!t || !meal) return '';
    const of = `${meal.meal} on day ${meal.day}`;
    const never = t.impossible > 0.005 ? ` On ${this.chance(t.impossible)} of such evenings no dose does it.` : '';
    const planned = meal.dose?.kind === 'alcohol' ? this.units.text(meal.dose.ml, 'volume') : meal.dose ? `${meal.dose.count} of them` : '';
    const plain = planned ? ` The plan counts the need of an even evening, ${planned}.` : '';
    return t.best ? `For ${of}: ${this.amount(t.best)}.${plain}${never}` : `No dose cooks ${of} nine evenings in ten.${never}`;
  });
  protected readonly dilution = computed(() => {
    if (this.to() > this.from()) return 'The wanted strength is above what you have: water only thins it.';
    const d = dilute(this.spiritMl(), this.from() / 100, this.to() / 100);
    const heat = `${d.dilutedKJPerMl.toFixed(1)} instead of ${d.strongKJPerMl.toFixed(1)} kJ a mL`;
    return `Add ${this.units.text(d.waterMl, 'volume')} of water: it makes ${this.units.text(d.resultMl, 'volume')}, with ${heat}.`;
  });

  /** Share left in a burner after ten hours. */
  protected left(seal: BurnerSeal): string {
    return `${Math.round(100 * leftInBurner(seal, 10))} %`;
  }

  protected amount(c: DoseChoice): string {
    if (this.table()?.unit === 'mL') return this.units.text(c.amount, 'volume');
    return `${c.amount} ${c.amount === 1 ? 'tablet' : 'tablets'}`;
  }

  /** "never", "1 in 16", "always". */
  protected chance(share: number): string {
    if (share < 0.005) return 'never';
    if (share > 0.995) return 'always';
    return share < 0.5 ? `1 in ${Math.round(1 / share)}` : `${Math.round(10 * share)} in 10`;
  }
}
