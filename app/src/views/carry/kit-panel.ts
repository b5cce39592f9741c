import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { WINDSCREENS_ROUND } from '@tinder/core/physics/burn';
import { burnerById, BURNERS, FAMILY_FUEL, FAMILY_USE, FAMILY_WINDSCREENS, hasValve, isGas, POTS } from '@tinder/core/domain/catalogue';
import { FUELS, heatKJPerMl, type Fuel } from '@tinder/core/physics/fuel';
import { choosable, withBurner, withFuel, withPot, withWindscreen } from '@tinder/core/domain/kit';
import { LIMITS, type Kit } from '@tinder/core/domain/model';
import { fitFactor, kitInUse } from '@tinder/core/planning/plan';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Opened } from '../../ui/opened';
import { optionsOf, PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { ScaleField } from '../../ui/scale-field';
import { Section } from '../../ui/section';
import { SwitchField } from '../../ui/switch-field';
import { Units } from '../../words/units';
import { fitWords } from '../../words/fit-words';
import { burnerOfKitWords } from '../../words/own-burner-words';
import { WARMING_WORDS, WINDSCREEN_WORDS } from '../../words/choice-words';
import { sentenceStart } from '../../words/sentence-start';
import { Hint } from '../../ui/hint';

/** The cook kit: stove, fuel, pot and reserve; one level deeper lid, windscreen, flame and the weights the walker's own scale shows. */
@Component({
  selector: 'app-kit-panel',
  imports: [Choice, Hint, Opened, PickField, QuantityField, RouterLink, ScaleField, Section, SwitchField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <app-section heading="Cook kit" [says]="says()">
      @let k = kit();
      <div class="line">
        <app-pick-field label="Stove" [options]="burners()" [value]="k.burnerId" (valueChange)="change('stove', withBurner(k, $event))" />
      </div>
      <div class="line">
        <app-pick-field label="Fuel" [options]="fuels()" [value]="k.fuelId" (valueChange)="change('fuel', withFuel(k, $event))" />
      </div>
      <div class="line">
        <app-pick-field
          label="Pot"
          [options]="pots()"
          [value]="potId()"
          [unlisted]="potId() ? undefined : k.pot.name"
          (valueChange)="change('pot', withPot(k, $event))"
        />
      </div>
      <app-scale-field
        label="Reserve"
        quantity="percent"
        tone="heat"
        [value]="store.trip().reservePercent"
        [limits]="L.reservePercent"
        [scale]="{ min: 0, max: 60 }"
        (valueChange)="reserve($event.value, $event.gesture)"
      />
      @if (ownBurner(); as words) {
        <p class="note">{{ words }}</p>
      }
      <details appOpened #finer="opened">
        <summary>Lid, windscreen, flame, weights</summary>
        @if (finer.once()) {
          <div class="line weighed">
            <span class="name">Lid</span>
            <app-switch-field label="Lid on" [value]="k.lidOn" (valueChange)="change('lid', { lidOn: $event })" />
            <app-quantity-field
              label="Lid weight"
              quantity="mass"
              [value]="k.pot.lidMassG"
              [limits]="L.massG"
              (valueChange)="change('lid weight', { pot: { ...k.pot, lidMassG: $event } })"
            />
          </div>
          <div class="line weighed">
            <app-pick-field
              label="Windscreen"
              [options]="windscreens()"
              [value]="k.windscreen"
              (valueChange)="change('windscreen', withWindscreen(k, $event))"
            />
            <app-quantity-field
              label="Windscreen weight"
              quantity="mass"
              [value]="k.windscreenMassG"
              [limits]="L.massG"
              (valueChange)="change('windscreen weight', { windscreenMassG: $event })"
            />
          </div>
          @if (valve()) {
            <app-scale-field
              label="Flame"
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
                label="Canister"
                [options]="warmings"
                [value]="k.canWarming"
                (valueChange)="change('canister temperature', { canWarming: $event })"
              />
            </div>
          }
          @if (alcohol()) {
            <div class="line weighed">
              <span class="name">Leftover fuel</span>
              @if (burner().family === 'openAlcohol') {
                <app-choice
                  label="Leftover fuel"
                  [options]="snufferOptions"
                  [value]="k.snuffer ? 'snuffed' : 'burns'"
                  (valueChange)="change('snuffer', { snuffer: $event === 'snuffed' })"
                />
              } @else {
                <span class="quiet">is kept</span>
              }
            </div>
            <div class="line typed">
              <span class="name">Measure you pour with</span>
              <app-quantity-field
                label="Measure you pour with"
                quantity="volume"
                [value]="k.measureMl"
                [limits]="L.measureMl"
                (valueChange)="change('measure', { measureMl: $event })"
              />
            </div>
          }
          <div class="line">
            <span class="name" appHint="Pot cozy">Pot cozy</span>
            <app-choice
              label="Pot cozy"
              [options]="sleeveOptions"
              [value]="k.sleeveOn ? 'on' : 'off'"
              (valueChange)="change('pot cozy', { sleeveOn: $event === 'on' })"
            />
          </div>
          @for (w of weights(); track w.label) {
            <div class="line typed">
              <span class="name">{{ w.label }}</span>
              <app-quantity-field
                [label]="w.label"
                quantity="mass"
                [value]="w.massG"
                [limits]="L.massG"
                (valueChange)="change(w.label.toLowerCase(), w.change($event))"
              />
            </div>
          }
          <div class="line typed">
            <span class="name" appHint="Efficiency compared with a typical stove of its type">Efficiency against its type</span>
            <app-quantity-field
              label="Efficiency compared with a typical stove of its type"
              quantity="percent"
              [value]="100 * k.headFactor"
              [limits]="{ min: 100 * L.headFactor.min, max: 100 * L.headFactor.max }"
              (valueChange)="change('efficiency', { headFactor: $event / 100 })"
            />
          </div>
          @if (alcohol()) {
            <div class="line typed">
              <span class="name">Pot above the stove</span>
              <app-quantity-field
                label="Pot above the stove"
                quantity="length"
                [value]="k.potHeightMm"
                [limits]="L.potHeightMm"
                (valueChange)="change('pot height', { potHeightMm: $event })"
              />
            </div>
          }
          @if (screenRound()) {
            <div class="line typed">
              <span class="name">Gap to the windscreen</span>
              <app-quantity-field
                label="Gap to the windscreen"
                quantity="length"
                [value]="k.screenGapMm"
                [limits]="L.screenGapMm"
                (valueChange)="change('windscreen gap', { screenGapMm: $event })"
              />
            </div>
          }
          <p class="note quiet">{{ fit() }}</p>
          <p class="note quiet">
            This stove cannot {{ use().cannot }}. Lit: {{ use().lit }}. Primed: {{ use().primed }}. Dosed: {{ use().dosed }}. Turned down:
            {{ use().turnedDown }}. Put out: {{ use().putOut }}. The maker’s manual comes first.
          </p>
          <a routerLink="/kit" [queryParams]="{ side: 'find' }">Find the best kit for this trip</a>
        }
      </details>
    </app-section>
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    :host {
      --name-width: 3.5rem;
    }
    details {
      --name-width: 4.875rem;
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
  protected readonly windscreens = computed(() =>
    this.windscreensShown().map((value) => ({ value, label: sentenceStart(WINDSCREEN_WORDS[value]) })),
  );
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
  /** "Canister stove, 0.75 L pot, reserve 15 %". */
  protected readonly says = computed(() =>
    sentenceStart(`${this.burner().name}, ${this.kit().pot.name}, reserve ${this.units.text(this.store.trip().reservePercent, 'percent')}`),
  );
  /** What the walker's scale shows, of what has no line of its own. */
  protected readonly weights = computed((): { label: string; massG: number; change: (massG: number) => Partial<Kit> }[] => {
    const kit = this.kit();
    return [
      { label: 'Stove weight', massG: kit.burnerMassG, change: (burnerMassG) => ({ burnerMassG }) },
      { label: 'Pot weight, without lid', massG: kit.pot.massG, change: (massG) => ({ pot: { ...kit.pot, massG } }) },
      { label: 'Lighter, spoon, bag', massG: kit.otherMassG, change: (otherMassG) => ({ otherMassG }) },
    ];
  });
  /** Under the switch only what is owned or lent can be chosen, and what is in use. */
  private readonly owned = computed(() => {
    const rack = this.store.rack();
    return rack.onlyOwned ? choosable(rack) : undefined;
  });
  protected readonly burners = computed(() => {
    const owned = this.owned();
    const shown = BURNERS.filter((b) => !owned || b.id === this.kit().burnerId || owned.some((p) => p.burnerId === b.id));
    return shown.map((b) => ({
      value: b.id,
      label: this.weighed(b.name, b.id === this.kit().burnerId ? this.kit().burnerMassG : b.massG),
    }));
  });
  protected readonly pots = computed(() => {
    const owned = this.owned();
    const shown = POTS.filter((p) => !owned || p.name === this.kit().pot.name || owned.some((o) => o.role === 'pot' && o.name === p.name));
    return shown.map((p) => ({
      value: p.id,
      label: this.weighed(p.name, p.name === this.kit().pot.name ? this.kit().pot.massG : p.massG),
    }));
  });
  protected readonly L = LIMITS;
  protected readonly sleeveOptions = [
    { value: 'off', label: 'After the boil' },
    { value: 'on', label: 'On the stove too' },
  ] as const;
  protected readonly snufferOptions = [
    { value: 'burns', label: 'Burns off' },
    { value: 'snuffed', label: 'Is snuffed' },
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

  /** "Canister stove, 73 g". */
  private weighed(name: string, massG: number): string {
    return sentenceStart(massG > 0 ? `${name}, ${this.units.text(massG, 'mass')}` : name);
  }

  /** Alcohols are compared by heat per mL: they are poured by volume. */
  protected fuelWords(fuel: Fuel): string {
    return sentenceStart(fuel.kind === 'alcohol' ? `${fuel.name}, ${heatKJPerMl(fuel).toFixed(1)} kJ/mL` : fuel.name);
  }
}
