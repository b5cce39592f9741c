import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { burnerById, type BurnerFamily } from '@tinder/core/domain/catalogue';
import type { Kit } from '@tinder/core/domain/model';
import { rem } from '../platform/page-scale';

/** What stands on the ground under a pot, mm: how high it lifts the pot, and how it is drawn. */
interface Base {
  liftMm: number;
  /** Outline, and what burns in it; the ground is y = 0, the pot's axis x = 0, upwards negative. */
  outline: string;
  fuel: string;
}
const CAN = 'M-45,0 V-52 Q-45,-66 -12,-70 H12 Q45,-66 45,-52 V0Z';
const CAN_FUEL = 'M-45,0 V-38 H45 V0Z';
const legs = (heightMm: number): string => `M-40,0 L-22,${-heightMm} M40,0 L22,${-heightMm} M-30,${-heightMm} H30`;
const BASES: Record<BurnerFamily, Base> = {
  canisterTop: { liftMm: 142, outline: `${CAN} M-6,-70 V-112 H6 V-70 M-34,-142 L-8,-112 H8 L34,-142`, fuel: CAN_FUEL },
  regulated: { liftMm: 138, outline: `${CAN} M-9,-70 V-112 H9 V-70 M-38,-138 V-124 H38 V-138 M-26,-124 V-112 H26 V-124`, fuel: CAN_FUEL },
  locked: { liftMm: 128, outline: `${CAN} M-9,-70 V-104 H9 V-70 M-54,-128 V-104 H54 V-128`, fuel: CAN_FUEL },
  remote: {
    liftMm: 78,
    outline: `${legs(78)} M22,-40 C60,-40 66,-20 84,-14 M84,-58 H150 V-18 Q150,-4 117,0 Q84,-4 84,-18Z`,
    fuel: 'M84,-40 H150 V-18 Q150,-4 117,0 Q84,-4 84,-18Z',
  },
  openAlcohol: { liftMm: 88, outline: `M-29,0 V-42 H29 V0Z M-44,0 V-88 M44,0 V-88 M-44,-88 H44`, fuel: 'M-27,0 V-22 H27 V0Z' },
  simmerAlcohol: { liftMm: 92, outline: `M-37,0 V-46 H37 V0Z M-50,0 V-92 M50,0 V-92 M-50,-92 H50`, fuel: 'M-35,0 V-26 H35 V0Z' },
  tablet: { liftMm: 52, outline: 'M-49,0 V-14 H49 V0Z M-42,-14 V-52 M42,-14 V-52 M-42,-52 H42', fuel: 'M-16,-14 V-26 H16 V-14Z' },
  liquid: {
    liftMm: 80,
    outline: `${legs(80)} M22,-36 C70,-36 70,-30 92,-30 M92,-2 V-56 H168 Q184,-56 184,-42 H196 V-16 H184 Q184,-2 168,-2Z`,
    fuel: 'M92,-2 V-34 H184 V-16 Q184,-2 168,-2Z',
  },
  gel: { liftMm: 84, outline: 'M-45,0 V-40 H45 V0Z M-45,-40 V-84 M45,-40 V-84 M-45,-84 H45', fuel: 'M-43,0 V-24 H43 V0Z' },
  wood: { liftMm: 100, outline: 'M-62,0 V-100 H62 V0Z M-62,-30 H-20 M20,-30 H62', fuel: 'M-40,0 L0,-44 L40,0Z M-20,0 L14,-36 L30,0Z' },
  none: { liftMm: 0, outline: '', fuel: '' },
};
/** Height of what stands round it, mm; and how far from the pot. */
const SCREEN_MM = { high: 150, gap: 16 };
/** Room drawn on each side of the axis and over the ground, mm. */
const FRAME = { left: 100, right: 200, high: 330 };

/** A kit cut through its middle, to scale: what it stands on, what burns, pot, lid and windscreen; all kits to the same scale. */
@Component({
  selector: 'app-kit-section',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let s = shape();
    <svg [style.width]="rem(width())" [style.height]="rem(1.12 * width())" [attr.viewBox]="frame" aria-hidden="true">
      <line class="ground" [attr.x1]="-F.left" [attr.x2]="F.right" y1="0" y2="0" />
      <path class="fuel" [attr.d]="s.fuel" />
      <path class="outline" [attr.d]="s.outline" />
      <path class="water" [attr.d]="s.water" />
      <path class="pot" [attr.d]="s.pot" />
      <path class="outline" [attr.d]="s.lid" />
      <path class="screen" [attr.d]="s.screen" />
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    path {
      fill: none;
      stroke: var(--ink);
      stroke-width: 3;
      stroke-linejoin: round;
    }
    .pot {
      stroke-width: 5;
    }
    .fuel {
      fill: var(--ember);
      stroke: none;
    }
    .water {
      fill: var(--glacier);
      stroke: none;
      opacity: 0.5;
    }
    .screen {
      stroke: var(--ink-quiet);
      stroke-width: 4;
    }
    .ground {
      stroke: var(--hairline);
      stroke-width: 3;
    }
  `,
})
export class KitSection {
  readonly kit = input.required<Kit>();
  /** Of the square it is drawn in, px. */
  readonly width = input(96);
  protected readonly rem = rem;
  protected readonly F = FRAME;
  protected readonly frame = `${-FRAME.left} ${-FRAME.high} ${FRAME.left + FRAME.right} ${FRAME.high + 6}`;
  protected readonly shape = computed(() => sectionOf(this.kit()));
}

function sectionOf({ burnerId, pot, lidOn, windscreen }: Kit): Record<'outline' | 'fuel' | 'water' | 'pot' | 'lid' | 'screen', string> {
  const base = BASES[burnerById(burnerId).family];
  const r = pot.diameterMm / 2;
  const foot = -base.liftMm;
  const rim = foot - pot.heightMm;
  const out = r + SCREEN_MM.gap;
  const screens: Record<Kit['windscreen'], string> = {
    none: '',
    plate: `M-52,${foot + 28} H52`,
    folded: `M${-out - 16},0 V${-SCREEN_MM.high} M${out + 16},0 V${-SCREEN_MM.high}`,
    foil: `M${-out},0 V${foot - 70} M${out},0 V${foot - 70}`,
    cone: `M${-out - 22},0 L${-r},${rim + 30} M${out + 22},0 L${r},${rim + 30}`,
  };
  const fins =
    pot.base === 'finned'
      ? ` M${-r + 8},${foot} v12 M${-r / 2},${foot} v12 M0,${foot} v12 M${r / 2},${foot} v12 M${r - 8},${foot} v12`
      : '';
  return {
    outline: base.outline,
    fuel: base.fuel,
    water: `M${-r + 3},${foot - 3} V${foot - 0.62 * pot.heightMm} H${r - 3} V${foot - 3}Z`,
    pot: `M${-r},${rim} V${foot} H${r} V${rim}${fins}`,
    lid: lidOn ? `M${-r - 4},${rim - 6} H${r + 4} M-8,${rim - 6} v-9 h16 v9` : '',
    screen: screens[windscreen],
  };
}
