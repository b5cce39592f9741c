import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  burnerById,
  BURNERS,
  FAMILY_FUEL,
  FAMILY_USE,
  FAMILY_WINDSCREENS,
  FUELS,
  hasValve,
  heatKJPerMl,
  isGas,
  LIMITS,
  POTS,
  WARMING,
  type Fuel,
  type Kit,
  type Warming,
  type WindscreenKind,
} from '@tinder/core';
import { WorkspaceStore } from '../state/workspace-store';
import { Choice } from '../ui/choice';
import { QuantityField } from '../ui/quantity-field';
import { ScaleField } from '../ui/scale-field';
import { withBurner, withPot, withWindscreen } from './kit-edits';
import { WARMING_WORDS, WINDSCREEN_WORDS } from './option-lists';

/** The kit: burner, fuel, pot, lid, windscreen and flame, each with the weight the walker's own scale shows. */
@Component({
  selector: 'app-kit-panel',
  imports: [ScaleField, QuantityField, Choice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">the kit</h2>
    @let k = kit();
    <div class="line weighed">
      <label class="name" for="burner">burner</label>
      <select id="burner" (change)="change('burner', withBurner(k, chosen($event)))">
        @for (b of burners; track b.id) {
          <option [value]="b.id" [selected]="b.id === k.burnerId">{{ b.name }}</option>
        }
      </select>
      <app-quantity-field
        label="weight of the burner"
        quantity="mass"
        [value]="k.burnerMassG"
        [limits]="L.massG"
        (valueChange)="change('burner weight', { burnerMassG: $event })"
      />
    </div>
    <div class="line">
      <label class="name" for="fuel">fuel</label>
      <select id="fuel" (change)="change('fuel', { fuelId: chosen($event) })">
        @for (f of fuels(); track f.id) {
          <option [value]="f.id" [selected]="f.id === k.fuelId">{{ fuelWords(f) }}</option>
        }
      </select>
    </div>
    <div class="line weighed">
      <label class="name" for="pot">pot</label>
      <select id="pot" (change)="change('pot', withPot(k, chosen($event)))">
        @for (p of pots; track p.id) {
          <option [value]="p.id" [selected]="p.name === k.pot.name">{{ p.name }}</option>
        }
        @if (ownPot()) {
          <option selected disabled>{{ k.pot.name }}</option>
        }
      </select>
      <app-quantity-field
        label="weight of the pot without its lid"
        quantity="mass"
        [value]="k.pot.massG"
        [limits]="L.massG"
        (valueChange)="change('pot weight', { pot: { ...k.pot, massG: $event } })"
      />
    </div>
    <div class="line weighed">
      <span class="name">lid</span>
      <app-choice
        label="Lid"
        [options]="lidOptions"
        [value]="k.lidOn ? 'on' : 'off'"
        (valueChange)="change('lid', { lidOn: $event === 'on' })"
      />
      <app-quantity-field
        label="weight of the lid"
        quantity="mass"
        [value]="k.pot.lidMassG"
        [limits]="L.massG"
        (valueChange)="change('lid weight', { pot: { ...k.pot, lidMassG: $event } })"
      />
    </div>
    <div class="line weighed">
      <label class="name" for="windscreen">windscreen</label>
      <select id="windscreen" (change)="change('windscreen', withWindscreen(k, screen($event)))">
        @for (w of windscreens(); track w) {
          <option [value]="w" [selected]="w === k.windscreen">{{ windscreenWords[w] }}</option>
        }
      </select>
      <app-quantity-field
        label="weight of the windscreen"
        quantity="mass"
        [value]="k.windscreenMassG"
        [limits]="L.massG"
        (valueChange)="change('windscreen weight', { windscreenMassG: $event })"
      />
    </div>
    <div class="line weighed">
      <span class="name">the rest</span>
      <span class="quiet">lighter, spoon, bag</span>
      <app-quantity-field
        label="weight of lighter, spoon and bag"
        quantity="mass"
        [value]="k.otherMassG"
        [limits]="L.massG"
        (valueChange)="change('weight of the rest', { otherMassG: $event })"
      />
    </div>
    @if (valve()) {
      <app-scale-field
        label="flame"
        quantity="percent"
        tone="heat"
        [value]="100 * k.flameSetting"
        [limits]="{ min: 100 * L.flameSetting.min, max: 100 * L.flameSetting.max }"
        [scale]="{ min: 20, max: 100 }"
        (valueChange)="change('flame', { flameSetting: $event.value / 100 }, $event.gesture)"
      />
    }
    @if (gas()) {
      <div class="line">
        <label class="name" for="warming">the can</label>
        <select id="warming" (change)="change('warming the can', { canWarming: warming($event) })">
          @for (w of warmings; track w) {
            <option [value]="w" [selected]="w === k.canWarming">{{ warmingWords[w] }}</option>
          }
        </select>
      </div>
    }
    @if (alcohol()) {
      <div class="line weighed">
        <span class="name">poured by</span>
        @if (burner().family === 'openAlcohol') {
          <app-choice
            label="What is over"
            [options]="snufferOptions"
            [value]="k.snuffer ? 'snuffed' : 'burns'"
            (valueChange)="change('snuffer', { snuffer: $event === 'snuffed' })"
          />
        } @else {
          <span class="quiet">what is over is kept</span>
        }
        <app-quantity-field
          label="the measure alcohol is poured with"
          quantity="volume"
          [value]="k.measureMl"
          [limits]="L.measureMl"
          (valueChange)="change('measure', { measureMl: $event })"
        />
      </div>
    }
    <div class="line">
      <span class="name">sleeve</span>
      <app-choice
        label="Insulating sleeve while heating"
        [options]="sleeveOptions"
        [value]="k.sleeveOn ? 'on' : 'off'"
        (valueChange)="change('sleeve', { sleeveOn: $event === 'on' })"
      />
    </div>
    <app-scale-field
      label="reserve"
      quantity="percent"
      tone="heat"
      [value]="store.trip().reservePercent"
      [limits]="L.reservePercent"
      [scale]="{ min: 0, max: 60 }"
      (valueChange)="reserve($event.value, $event.gesture)"
    />
    <details class="note quiet">
      <summary>It cannot {{ use().cannot }}.</summary>
      Lit: {{ use().lit }}. Primed: {{ use().primed }}. Dosed: {{ use().dosed }}. Turned down: {{ use().turnedDown }}. Put out:
      {{ use().putOut }}. The maker’s manual goes first.
    </details>
  `,
  styleUrl: './panel.less',
})
export class KitPanel {
  protected readonly store = inject(WorkspaceStore);
  protected readonly kit = computed(() => this.store.trip().kit);
  protected readonly burner = computed(() => burnerById(this.kit().burnerId));
  protected readonly valve = computed(() => hasValve(this.burner()));
  protected readonly gas = computed(() => isGas(this.burner()));
  protected readonly alcohol = computed(() => FAMILY_FUEL[this.burner().family] === 'alcohol');
  protected readonly use = computed(() => FAMILY_USE[this.burner().family]);
  protected readonly warmings = Object.keys(WARMING) as Warming[];
  protected readonly warmingWords = WARMING_WORDS;
  protected readonly fuels = computed(() => FUELS.filter((f) => f.kind === FAMILY_FUEL[this.burner().family]));
  protected readonly windscreens = computed(() => FAMILY_WINDSCREENS[this.burner().family]);
  /** An imported pot that the catalogue does not hold. */
  protected readonly ownPot = computed(() => !POTS.some((p) => p.name === this.kit().pot.name));
  protected readonly burners = BURNERS;
  protected readonly pots = POTS;
  protected readonly windscreenWords = WINDSCREEN_WORDS;
  protected readonly L = LIMITS;
  protected readonly lidOptions = [
    { value: 'on', label: 'on' },
    { value: 'off', label: 'off' },
  ] as const;
  protected readonly sleeveOptions = [
    { value: 'off', label: 'only to rest in' },
    { value: 'on', label: 'left on while heating' },
  ] as const;
  protected readonly snufferOptions = [
    { value: 'burns', label: 'rest burns off' },
    { value: 'snuffed', label: 'rest is snuffed' },
  ] as const;
  protected readonly withBurner = withBurner;
  protected readonly withPot = withPot;
  protected readonly withWindscreen = withWindscreen;

  protected change(label: string, change: Partial<Kit>, gesture?: string): void {
    this.store.editKit(label, change, gesture);
  }

  protected reserve(reservePercent: number, gesture?: string): void {
    this.store.editTrip('reserve', (t) => ({ ...t, reservePercent }), gesture);
  }

  protected chosen(event: Event): string {
    return (event.target as HTMLSelectElement).value;
  }

  /** Alcohols are compared by heat per mL: they are poured by volume. */
  protected fuelWords(fuel: Fuel): string {
    return fuel.kind === 'alcohol' ? `${fuel.name}, ${heatKJPerMl(fuel).toFixed(1)} kJ/mL` : fuel.name;
  }

  protected warming(event: Event): Warming {
    return this.chosen(event) as Warming;
  }

  protected screen(event: Event): WindscreenKind {
    return this.chosen(event) as WindscreenKind;
  }
}
