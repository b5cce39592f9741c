import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { burnerById, hasValve, usesCans } from '@tinder/core/domain/catalogue';
import { CANISTER_SIZES } from '@tinder/core/domain/carry';
import { LIMITS, type TestSetup } from '@tinder/core/domain/model';
import { unscreenedWindMps } from '@tinder/core/physics/burn';
import { Choice } from '../../ui/choice';
import { PickField } from '../../ui/pick-field';
import { QuantityField } from '../../ui/quantity-field';
import { Hint } from '../../ui/hint';
import { Opened } from '../../ui/opened';
import { Tick } from '../../ui/tick';

const TARGETS = [
  { value: 'boil', label: 'To the boil' },
  { value: 'stopAt', label: 'To a temperature' },
] as const;
const SCALES = [
  { value: '0.1', label: '0.1 g' },
  { value: '1', label: '1 g' },
  { value: '2', label: '2 g' },
] as const;
const ENDS = [
  { value: 'eye', label: 'A rolling boil, by eye' },
  { value: 'thermometer', label: 'A thermometer' },
] as const;
const CANS = CANISTER_SIZES.map((s) => ({ value: String(s.netG), label: `${s.netG} g` }));
/** What makes a burn another burn, where it is so. */
const ODDITIES = [
  { key: 'probeIn', label: 'A probe is in the pot' },
  { key: 'warmPot', label: 'The pot is still warm' },
  { key: 'fan', label: 'A fan makes the wind' },
  { key: 'isWet', label: 'Dew or frost on the canister' },
  { key: 'indoors', label: 'Indoors' },
] as const;

/** What a burn is burnt in: water, weather, can, scale, and what counts as done. */
@Component({
  selector: 'app-setup-fields',
  imports: [Choice, Hint, Opened, PickField, QuantityField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = setup();
    <div class="fields">
      <span class="name">Water</span>
      <app-quantity-field
        label="Test water"
        quantity="volume"
        [value]="s.waterMl"
        [limits]="L.waterMl"
        (valueChange)="set({ waterMl: $event })"
      />
      <span class="name" appHint="Water temperature">Water from</span>
      <app-quantity-field
        appHint="Water temperature"
        label="Test water from"
        quantity="temperature"
        [value]="s.waterC"
        [limits]="L.waterC"
        (valueChange)="set({ waterC: $event })"
      />
      <span class="name">Air</span>
      <app-quantity-field
        label="Test air"
        quantity="temperature"
        [value]="s.airC"
        [limits]="L.airC"
        (valueChange)="set({ airC: $event })"
      />
      <span class="name">Wind at the bare flame</span>
      <app-quantity-field
        label="Test wind"
        quantity="speed"
        [decimals]="1"
        [value]="windMps()"
        [limits]="L.flameMps"
        (valueChange)="set({ wind: { kind: 'flame', mps: $event } })"
      />
      <span class="name">Altitude</span>
      <app-quantity-field
        label="Test altitude"
        quantity="altitude"
        [value]="s.altitudeM"
        [limits]="L.altitudeM"
        (valueChange)="set({ altitudeM: $event })"
      />
      @if (valve()) {
        <span class="name" appHint="Flame">Flame</span>
        <app-quantity-field
          appHint="Flame"
          label="Test flame"
          quantity="percent"
          [value]="100 * s.kit.flameSetting"
          [limits]="{ min: 10, max: 100 }"
          (valueChange)="set({ kit: { ...s.kit, flameSetting: $event / 100 } })"
        />
      }
      @if (can()) {
        <app-pick-field label="Canister" [options]="cans" [value]="canSize()" (valueChange)="canOf(+$event)" />
        <span class="name" appHint="left in it">Left in it</span>
        <app-quantity-field
          appHint="left in it"
          label="Left in the canister"
          quantity="mass"
          [value]="s.can.fuelLeftG"
          [limits]="{ min: 1, max: s.can.netG }"
          (valueChange)="set({ can: { ...s.can, fuelLeftG: $event } })"
        />
        <span class="name">Canister, as it is lit</span>
        <app-quantity-field
          label="Canister as it is lit"
          quantity="temperature"
          [value]="s.can.canC"
          [limits]="L.airC"
          (valueChange)="set({ can: { ...s.can, canC: $event } })"
        />
      }
    </div>
    <div class="choices">
      <span class="name">Brought</span>
      <app-choice label="Brought to" [options]="targets" [value]="s.target.kind" (valueChange)="target($event)" />
      @if (s.target.kind === 'stopAt') {
        <app-quantity-field
          class="short"
          label="Target"
          quantity="temperature"
          [value]="s.target.targetC"
          [limits]="L.targetC"
          (valueChange)="set({ target: { kind: 'stopAt', targetC: $event } })"
        />
      }
      <span class="name">Seen by</span>
      <app-choice label="Done is seen by" [options]="ends" [value]="s.endPoint" (valueChange)="set({ endPoint: $event })" />
      <span class="name">The scale shows</span>
      <app-choice
        label="The scale shows"
        [options]="scales"
        [value]="scale()"
        (valueChange)="set({ scale: { ...s.scale, resolutionG: +$event } })"
      />
    </div>
    <details appOpened #o="opened">
      <summary>Anything unusual?</summary>
      @if (o.once()) {
        @for (odd of oddities; track odd.key) {
          <label class="odd"
            ><input type="checkbox" [appTick]="s[odd.key]" (turned)="turn(odd.key)" /> <span>{{ odd.label }}</span></label
          >
        }
        <div class="fields">
          <span class="name">My repeated weighings differ by</span>
          <app-quantity-field
            label="My repeated weighings differ by"
            quantity="mass"
            [decimals]="2"
            placeholder="not tried"
            [value]="s.scale.ownSdG"
            [limits]="L.scaleSdG"
            (valueChange)="set({ scale: { ...s.scale, ownSdG: $event } })"
          />
        </div>
        <p class="quiet">
          Weigh one thing ten times: the standard deviation of the ten goes here. Until then a reading counts as good to 0.29 of its last
          digit.
        </p>
      }
    </details>
  `,
  styleUrls: ['../../ui/rows.less', './bench.less'],
  styles: `
    .fields {
      display: grid;
      grid-template-columns: repeat(2, minmax(6.875rem, max-content) minmax(4.75rem, 6rem));
      gap: 2px 0.875rem;
      align-items: baseline;
      margin-top: 0.25rem;
    }
    .choices {
      display: grid;
      grid-template-columns: max-content minmax(0, 1fr);
      gap: 2px 0.875rem;
      align-items: center;
      margin-top: 0.375rem;
    }
    .short {
      grid-column: 2;
      width: 5.625rem;
    }
    p.quiet {
      max-width: 70ch;
      margin: 0.25rem 0;
      font-size: 0.8125rem;
      line-height: 1.3;
    }
    @media (max-width: 720px) {
      .fields {
        grid-template-columns: minmax(0, 1fr) 6rem;
      }
      .choices {
        grid-template-columns: minmax(0, 1fr);
      }
      .short {
        grid-column: 1;
      }
    }
  `,
})
export class SetupFields {
  protected readonly L = LIMITS;
  protected readonly targets = TARGETS;
  protected readonly scales = SCALES;
  protected readonly ends = ENDS;
  protected readonly cans = CANS;
  protected readonly oddities = ODDITIES;

  readonly setup = input.required<TestSetup>();
  readonly setupChange = output<TestSetup>();

  protected readonly windMps = computed(() => unscreenedWindMps(this.setup().wind));
  protected readonly valve = computed(() => hasValve(burnerById(this.setup().kit.burnerId)));
  protected readonly can = computed(() => usesCans(this.setup().kit));
  protected readonly canSize = computed(() => String(this.setup().can.netG));
  protected readonly scale = computed(() => {
    const { resolutionG } = this.setup().scale;
    return SCALES.find((s) => Number(s.value) === resolutionG)?.value;
  });

  protected set(change: Partial<TestSetup>): void {
    this.setupChange.emit({ ...this.setup(), ...change });
  }

  protected turn(key: (typeof ODDITIES)[number]['key']): void {
    this.set({ [key]: !this.setup()[key] });
  }

  protected canOf(netG: number): void {
    const { can } = this.setup();
    this.set({ can: { ...can, netG, fuelLeftG: Math.min(netG, can.fuelLeftG) } });
  }

  protected target(kind: 'boil' | 'stopAt'): void {
    this.set({ target: kind === 'boil' ? { kind } : { kind, targetC: 93 } });
  }
}
