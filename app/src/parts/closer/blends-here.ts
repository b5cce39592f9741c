import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { strengthName } from '@tinder/core/physics/canister';
import { blendsHere } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { STRENGTH_WORDS } from '../../words/cold-words';
import { Units } from '../../words/units';

/** Every blend at the place of the cold map that is read: which of them burns there, and how strongly. */
@Component({
  selector: 'app-blends-here',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3>Every blend at {{ units.text(airC(), 'temperature') }}, {{ (100 * fraction()).toFixed(0) }} % left</h3>
    <ul>
      @for (b of blends(); track b.fuelId) {
        <li [class.own]="b.own">
          <span class="name">{{ b.name }}</span>
          <span class="track" aria-hidden="true"><span [style.width.%]="100 * b.strength"></span></span>
          <span class="quiet">{{ b.words }}</span>
        </li>
      }
    </ul>
  `,
  styles: `
    h3 {
      margin: 0.625rem 0 2px;
      padding-bottom: 2px;
      border-bottom: 1px solid var(--hairline);
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 6rem;
      gap: 0.625rem;
      align-items: center;
      line-height: 1.45;
    }
    .own {
      font-weight: 600;
    }
    .track {
      height: 0.625rem;
      border-bottom: 1px solid var(--hairline);
    }
    .track span {
      display: block;
      height: 0.625rem;
      background: color-mix(in srgb, var(--ember) 52%, var(--ground));
    }
    .own .track span {
      background: var(--ember);
    }
  `,
})
export class BlendsHere {
  protected readonly units = inject(Units);
  private readonly plans = inject(PlanService);
  readonly airC = input.required<number>();
  readonly fraction = input.required<number>();
  readonly altitudeM = input.required<number>();

  protected readonly blends = computed(() => {
    const trip = this.plans.tripHere();
    return blendsHere(trip, this.altitudeM(), this.airC(), this.fraction()).map((b) => ({
      ...b,
      own: b.fuelId === trip.kit.fuelId && !trip.kit.ownBlend,
      words: `${Math.round(100 * b.strength)} %, ${STRENGTH_WORDS[strengthName(b.strength)]}`,
    }));
  });
}
