import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { cylinderOf } from '@tinder/core/domain/shelf';
import type { ShelfItem } from '@tinder/core/domain/model';
import { Units } from '../../words/units';
import { LOOK_FIELDS, type LookDraft } from './look-draft';

const WIDTH = 300;

/** A way of looking at a container, drawn with the figures as they are typed: on a scale, in water, on a pole. */
@Component({
  selector: 'app-look-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg [attr.viewBox]="'0 0 ' + W + ' 130'" width="100%" aria-hidden="true">
      @switch (draft().how) {
        @case ('weighed') {
          <path class="thing" d="M128,84 V52 q1,-9 11,-10 h10 v-4 h6 v4 h10 q11,1 12,10 V84Z" />
          <rect class="tool" x="92" y="86" width="120" height="7" />
          <path class="tool" d="M100,93 h104 l8,25 h-120Z" />
          <text class="reading" x="152" y="112" text-anchor="middle">{{ figure('grossG') }}</text>
        }
        @case ('burnt') {
          <path class="thing" d="M118,118 V80 q1,-9 11,-10 h16 v-4 h6 v4 h16 q11,1 12,10 V118Z" />
          <path class="flame" d="M148,64 q-12,-14 0,-34 q12,20 0,34Z" />
          <circle class="tool" cx="222" cy="74" r="26" />
          <line class="hand" x1="222" y1="74" x2="222" y2="54" />
          <line class="hand" x1="222" y1="74" x2="236" y2="80" />
          <text class="reading" x="222" y="116" text-anchor="middle">{{ figure('minutes') }}</text>
        }
        @case ('balanced') {
          @let p = pole();
          <line class="cord" [attr.x1]="p.cord" [attr.x2]="p.cord" y1="6" y2="30" />
          <line class="pole" x1="14" x2="286" y1="30" y2="30" />
          <line class="cord" [attr.x1]="p.can" [attr.x2]="p.can" y1="30" y2="58" />
          <path class="thing" [attr.d]="'M' + (p.can - 20) + ',100 v-30 q1,-8 10,-9 h7 v-3 h6 v3 h7 q9,1 10,9 v30Z'" />
          <line class="cord" [attr.x1]="p.water" [attr.x2]="p.water" y1="30" y2="56" />
          <path class="water" [attr.d]="'M' + (p.water - 11) + ',104 v-34 q0,-5 5,-7 v-7 h12 v7 q5,2 5,7 v34Z'" />
          <text class="size" [attr.x]="(p.cord + p.can) / 2" y="24" text-anchor="middle">{{ figure('canArmMm') }}</text>
          <text class="size" [attr.x]="(p.cord + p.water) / 2" y="24" text-anchor="middle">{{ figure('waterArmMm') }}</text>
          <text class="reading" [attr.x]="p.water" y="122" text-anchor="middle">{{ figure('waterG') }}</text>
        }
        @case ('counted') {
          @for (t of tablets(); track $index) {
            <rect class="thing" [attr.x]="t.x" [attr.y]="t.y" width="26" height="10" rx="2" />
          }
        }
        @case ('measured') {
          <path class="tool" d="M122,30 l6,88 h44 l6,-88" />
          <rect class="spirit" x="126" [attr.y]="118 - level()" width="48" [attr.height]="level()" />
          <text class="reading" x="196" [attr.y]="122 - level()">{{ figure('fuelMl') }}</text>
        }
        @default {
          @let f = floating();
          <path class="tub" d="M40,34 V120 h220 V34" />
          <rect class="water" x="41" y="48" width="218" height="71" />
          <g [attr.transform]="'rotate(' + f.lean + ' 150 48)'">
            <path class="thing" [attr.d]="f.outline" />
            @if (f.mark !== undefined) {
              <line class="mark" [attr.x1]="150 - f.half" [attr.x2]="150 + f.half" [attr.y1]="f.mark" [attr.y2]="f.mark" />
            }
          </g>
          <text class="reading" x="272" y="52">{{ f.words }}</text>
        }
      }
    </svg>
  `,
  styles: `
    .thing {
      fill: var(--ember);
      fill-opacity: 0.85;
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .tool,
    .tub {
      fill: none;
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .water {
      fill: var(--glacier);
      fill-opacity: 0.25;
    }
    path.water {
      stroke: var(--ink);
      stroke-width: 1.2;
      fill-opacity: 0.5;
    }
    .spirit {
      fill: var(--ember);
      opacity: 0.6;
    }
    .pole {
      stroke: var(--ink);
      stroke-width: 4;
    }
    .cord,
    .hand {
      stroke: var(--ink);
      stroke-width: 1.3;
    }
    .mark {
      stroke: var(--ground);
      stroke-width: 2.5;
    }
    .flame {
      fill: var(--ember);
    }
    .reading {
      fill: var(--ink);
      font: 700 15px/1 var(--signs);
    }
    .size {
      fill: var(--ink-quiet);
      font: 600 12px/1 var(--signs);
    }
  `,
})
export class LookDrawing {
  private readonly units = inject(Units);
  readonly draft = input.required<LookDraft>();
  readonly item = input.required<ShelfItem>();
  protected readonly W = WIDTH;

  /** A figure as it is typed, where it is there. */
  protected figure(key: string): string {
    const { how, figures } = this.draft();
    const field = LOOK_FIELDS[how].find((f) => f.key === key);
    const value = figures[key];
    return field && value !== null ? this.units.text(value, field.quantity) : '';
  }

  /** The cord stands where the arms part the pole. */
  protected readonly pole = computed(() => {
    const { canArmMm, waterArmMm } = this.draft().figures;
    const share = canArmMm && waterArmMm ? canArmMm / (canArmMm + waterArmMm) : 0.5;
    const cord = 44 + 212 * Math.min(0.85, Math.max(0.15, share));
    return { cord, can: 44, water: 256 };
  });

  protected readonly tablets = computed(() =>
    Array.from({ length: Math.min(28, Math.round(this.draft().figures['count'] ?? 0)) }, (_, i) => ({
      x: 40 + 32 * (i % 7),
      y: 104 - 14 * Math.floor(i / 7),
    })),
  );

  protected readonly level = computed(() => 84 * Math.min(1, (this.draft().figures['fuelMl'] ?? 0) / 500));

  /** A can in water as deep as it is said to stand: 1 px a millimetre, its mark where the water met it. */
  protected readonly floating = computed(() => {
    const { figures, how } = this.draft();
    const { diameterMm, heightMm } = cylinderOf(this.item());
    const low = figures['lowMm'] ?? 40;
    const high = figures['highMm'] ?? low;
    const risen = figures['risenMm'] ?? 0;
    const deep = how === 'floated' ? (low + high) / 2 : 40 - risen;
    const half = diameterMm / 2;
    const bottom = 48 + deep;
    const outline = `M${150 - half},${bottom} v${-heightMm} h${2 * half} v${heightMm}Z`;
    const lean = how === 'floated' ? (180 / Math.PI) * Math.atan2(low - high, 2 * half) : 0;
    const words = how === 'risen' && risen ? this.units.text(risen, 'length', 1) : '';
    return { half, outline, lean, mark: how === 'floated' ? undefined : 48 - risen, words };
  });
}
