import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { WINDSCREENS_ROUND } from '@tinder/core/burn';
import { burnerById, BURNERS, FAMILY_FUEL, FAMILY_USE, FAMILY_WINDSCREENS, hasValve, isGas, POTS } from '@tinder/core/catalogue';
import { FUELS, heatKJPerMl, type Fuel } from '@tinder/core/fuel';
import { choosable, withBurner, withFuel, withPot, withWindscreen } from '@tinder/core/kit';
import { LIMITS, type Kit } from '@tinder/core/model';
import { fitFactor, kitInUse } from '@tinder/core/plan';
import { PlanService } from '../planning/plan-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { Opened } from '../ui/opened';
import { optionsOf, PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { ScaleField } from '../ui/scale-field';
import { Units } from '../words/units';
import { fitWords } from '../words/fit-words';
import { burnerOfKitWords } from '../words/own-burner-words';
import { WARMING_WORDS, WINDSCREEN_WORDS } from '../words/choice-words';
import { Hint } from '../ui/hint';

/** The kit: burner, fuel, pot, lid, windscreen and flame, each with the weight the walker's own scale shows. */
@Component({
  selector: 'app-kit-panel',
  imports: [Hint, ScaleField, QuantityField, Choice, Opened, PickField, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="head">
      <h2 class="sign">the kit</h2>
      <a routerLink="/kit" [queryParams]="{ side: 'find' }">find another</a>
    </div>
    @let k = kit();
    <div class="line weighed">
      <app-pick-field label="burner" [options]="burners()" [value]="k.burnerId" (valueChange)="change('burner', withBurner(k, $event))" />
      <app-quantity-field
        label="weight of the burner"
        quantity="mass"
        [value]="k.burnerMassG"
        [limits]="L.massG"
        (valueChange)="change('burner weight', { burnerMassG: $event })"
      />
    </div>
    @if (ownBurner(); as words) {
      <p class="note">{{ words }}</p>
    }
    <div class="line">
      <app-pick-field label="fuel" [options]="fuels()" [value]="k.fuelId" (valueChange)="change('fuel', withFuel(k, $event))" />
    </div>
    <div class="line weighed">
      <app-pick-field
        label="pot"
        [options]="pots()"
        [value]="potId()"
        [unlisted]="potId() ? undefined : k.pot.name"
        (valueChange)="change('pot', withPot(k, $event))"
      />
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
      <app-pick-field
        label="windscreen"
        [options]="windscreens()"
        [value]="k.windscreen"
        (valueChange)="change('windscreen', withWindscreen(k, $event))"
      />
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
        <app-pick-field
          label="the can"
          [options]="warmings"
          [value]="k.canWarming"
          (valueChange)="change('warming the can', { canWarming: $event })"
        />
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
      <span class="name" appHint="sleeve">sleeve</span>
      <app-choice
        appHint="sleeve"
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
    <details class="finer quiet" appOpened #finer="opened">
      <summary>finer points of burner and pot</summary>
      @if (finer.once()) {
        <div class="line typed">
          <span class="name" appHint="heats, against its kind">heats, against its kind</span>
          <app-quantity-field
            appHint="heats, against its kind"
            label="how well this burner heats, against its kind"
            quantity="percent"
            [value]="100 * k.headFactor"
            [limits]="{ min: 100 * L.headFactor.min, max: 100 * L.headFactor.max }"
            (valueChange)="change('head factor', { headFactor: $event / 100 })"
          />
        </div>
        @if (alcohol()) {
          <div class="line typed">
            <span class="name">pot above the burner</span>
            <app-quantity-field
              label="pot above the burner"
              quantity="length"
              [value]="k.potHeightMm"
              [limits]="L.potHeightMm"
              (valueChange)="change('pot height', { potHeightMm: $event })"
            />
          </div>
        }
        @if (screenRound()) {
          <div class="line typed">
            <span class="name">gap to the windscreen</span>
            <app-quantity-field
              label="gap between pot and windscreen"
              quantity="length"
              [value]="k.screenGapMm"
              [limits]="L.screenGapMm"
              (valueChange)="change('windscreen gap', { screenGapMm: $event })"
            />
          </div>
        }
        <p>{{ fit() }}</p>
      }
    </details>
    <details class="note quiet">
      <summary>It cannot {{ use().cannot }}.</summary>
      Lit: {{ use().lit }}. Primed: {{ use().primed }}. Dosed: {{ use().dosed }}. Turned down: {{ use().turnedDown }}. Put out:
      {{ use().putOut }}. The maker’s manual goes first.
    </details>
  `,
  styleUrl: '../ui/rows.less',
  styles: `
    .head {
      display: flex;
      gap: 12px;
      align-items: baseline;
      border-bottom: 1px solid var(--hairline);
    }
    .head h2 {
      flex: 1;
      border: 0;
    }
    .head a {
      color: var(--ink);
      font: 600 13px/1 var(--signs);
    }
    .line.typed {
      grid-template-columns: minmax(0, 1fr) 68px;
      min-height: 28px;
    }
    .finer {
      margin-top: 4px;
      font-size: 13px;
      line-height: 1.3;
    }
    .finer summary {
      cursor: pointer;
    }
    .finer p {
      margin: 0;
    }
  `,
})
export class KitPanel {
  protected readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly units = inject(Units);
  protected readonly kit = computed(() => this.plans.tripHere().kit);
  protected readonly burner = computed(() => burnerById(this.kit().burnerId));
  protected readonly valve = computed(() => hasValve(this.burner()));
  protected readonly gas = computed(() => isGas(this.burner()));
  protected readonly alcohol = computed(() => FAMILY_FUEL[this.burner().family] === 'alcohol');
  protected readonly use = computed(() => FAMILY_USE[this.burner().family]);
  protected readonly warmings = optionsOf(WARMING_WORDS);
  protected readonly fuels = computed(() => {
    const kind = FAMILY_FUEL[this.burner().family];
    return FUELS.filter((f) => f.kind === kind).map((f) => ({ value: f.id, label: this.fuelWords(f) }));
  });
  protected readonly windscreens = computed(() => this.windscreensShown().map((value) => ({ value, label: WINDSCREEN_WORDS[value] })));
  private readonly windscreensShown = computed(() => {
    const owned = this.owned();
    const { windscreen } = this.kit();
    return FAMILY_WINDSCREENS[this.burner().family].filter(
      (w) => !owned || w === 'none' || w === windscreen || owned.some((p) => p.windscreen === w),
    );
  });
  /** Undefined for an imported pot that the catalogue does not hold. */
  protected readonly potId = computed(() => POTS.find((p) => p.name === this.kit().pot.name)?.id);
  protected readonly screenRound = computed(() => WINDSCREENS_ROUND.includes(this.kit().windscreen));
  protected readonly ownBurner = computed(() => burnerOfKitWords(this.kit()));
  protected readonly fit = computed(() => fitWords(fitFactor(kitInUse(this.kit())), this.units));
  /** Under the switch only what is owned or lent can be chosen, and what is in use. */
  private readonly owned = computed(() => {
    const rack = this.store.rack();
    return rack.onlyOwned ? choosable(rack) : undefined;
  });
  protected readonly burners = computed(() => {
    const owned = this.owned();
    const shown = BURNERS.filter((b) => !owned || b.id === this.kit().burnerId || owned.some((p) => p.burnerId === b.id));
    return shown.map((b) => ({ value: b.id, label: b.name }));
  });
  protected readonly pots = computed(() => {
    const owned = this.owned();
    const shown = POTS.filter((p) => !owned || p.name === this.kit().pot.name || owned.some((o) => o.role === 'pot' && o.name === p.name));
    return shown.map((p) => ({ value: p.id, label: p.name }));
  });
  protected readonly L = LIMITS;
  protected readonly lidOptions = [
    { value: 'on', label: 'on' },
    { value: 'off', label: 'off' },
  ] as const;
  protected readonly sleeveOptions = [
    { value: 'off', label: 'to rest in' },
    { value: 'on', label: 'while heating' },
  ] as const;
  protected readonly snufferOptions = [
    { value: 'burns', label: 'rest burns off' },
    { value: 'snuffed', label: 'rest is snuffed' },
  ] as const;
  protected readonly withBurner = withBurner;
  protected readonly withFuel = withFuel;
  protected readonly withPot = withPot;
  protected readonly withWindscreen = withWindscreen;

  protected change(label: string, change: Partial<Kit>, gesture?: string): void {
    this.store.editKit(label, this.plans.leg(), change, gesture);
  }

  protected reserve(reservePercent: number, gesture?: string): void {
    this.store.editTrip('reserve', (t) => ({ ...t, reservePercent }), gesture);
  }

  /** Alcohols are compared by heat per mL: they are poured by volume. */
  protected fuelWords(fuel: Fuel): string {
    return fuel.kind === 'alcohol' ? `${fuel.name}, ${heatKJPerMl(fuel).toFixed(1)} kJ/mL` : fuel.name;
  }
}
