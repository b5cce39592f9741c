import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { editKitOnLeg, FUELS, type BlendByMass, type InferredBlend } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { PlanService } from '../state/plan-service';
import { WorkspaceStore } from '../state/workspace-store';
import { QuantityField } from '../ui/quantity-field';
import { Units } from '../ui/units';

/** "propane 22 %, isobutane 78 %" */
export const blendWords = (b: BlendByMass): string =>
  [
    ['propane', b.propane],
    ['isobutane', b.isobutane],
    ['n-butane', b.nButane],
  ]
    .filter(([, share]) => Number(share) > 0.005)
    .map(([name, share]) => `${name} ${Math.round(100 * Number(share))} %`)
    .join(', ');

/** The walker's own can against its label: what one boil in the cold tells of the blend, and the plan by that blend. */
@Component({
  selector: 'app-own-can',
  imports: [NzButtonComponent, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 class="sign">my own can, as I saw it burn</h3>
    <div class="seen">
      <span>lit in air of</span>
      <app-quantity-field
        label="air when my can was lit"
        quantity="temperature"
        [value]="airC()"
        [limits]="{ min: -40, max: 30 }"
        (valueChange)="airC.set($event); clear()"
      />
      <span>with left in it</span>
      <app-quantity-field
        label="left in my can"
        quantity="percent"
        [value]="percentLeft()"
        [limits]="{ min: 2, max: 100 }"
        (valueChange)="percentLeft.set($event); clear()"
      />
      <span>it boiled</span>
      <app-quantity-field
        label="water boiled on my can"
        quantity="volume"
        [value]="waterMl()"
        [limits]="{ min: 50, max: 3000 }"
        (valueChange)="waterMl.set($event); clear()"
      />
      <span>in</span>
      <app-quantity-field
        label="minutes to the boil on my can"
        quantity="minutes"
        [value]="minutes()"
        [limits]="{ min: 0.5, max: 60 }"
        (valueChange)="minutes.set($event); clear()"
      />
      <button nz-button class="word" type="button" (click)="infer()">what is in it?</button>
    </div>
    <p class="quiet key">
      Read with this kit fully open, calm behind the windscreen, water and altitude as set above; two boils within a fifth of each other
      count as the same.
    </p>
    <p role="status">{{ answer() }}</p>
    @if (blend(); as b) {
      <button nz-button class="word" type="button" (click)="use(b)">plan with this blend</button>
    }
    @if (own(); as b) {
      <p>
        The plan uses your own can: {{ words(b) }}.
        <button nz-button class="word" type="button" (click)="use(undefined)">back to the label</button>
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 10px;
      padding-top: 6px;
      border-top: 1px solid var(--hairline);
    }
    .seen {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 10px;
      align-items: baseline;
    }
    app-quantity-field {
      width: 70px;
    }
    app-quantity-field:has(.error) {
      width: 100%;
    }
    p {
      margin: 2px 0;
    }
    .key {
      font-size: 13px;
    }
  `,
})
export class OwnCan {
  private readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly found = signal<{ blend: InferredBlend | undefined } | undefined>(undefined);

  protected readonly words = blendWords;
  protected readonly airC = signal(-5);
  protected readonly percentLeft = signal(50);
  protected readonly waterMl = signal(500);
  protected readonly minutes = signal(14);
  protected readonly own = computed(() => this.plans.tripHere().kit.ownBlend);
  protected readonly blend = computed(() => {
    const f = this.found()?.blend;
    return f?.kind === 'found' ? f.blend : undefined;
  });
  protected readonly answer = computed(() => {
    const found = this.found();
    if (!found) return '';
    const f = found.blend;
    const min = (m: number) => this.units.text(m, 'minutes', 1);
    switch (f?.kind) {
      case undefined:
        return 'There is no canister in this kit.';
      case 'found': {
        const like = FUELS.filter((x) => f.likeFuelIds.includes(x.id)).map((x) => x.name);
        const labels = like.length ? ` Like it on the shelf: ${like.join('; ')}.` : ' No blend of the catalogue is like it.';
        return `It behaves like ${blendWords(f.blend)}; anywhere from ${blendWords(f.poorer)} to ${blendWords(f.richer)} would look the same.${labels}`;
      }
      case 'tellsNothing':
        return `Any blend boils this in about ${min(f.minutes)} here: the can was warm enough. Try again in more cold or with less left.`;
      case 'tooQuick':
        return f.minutes === undefined
          ? 'No blend that is sold would light there: the can was warmer than the air. Choose above what was done to warm it.'
          : `Even the richest blend sold needs ${min(f.minutes)}: the can was warmer than the air, or the water was less or warmer.`;
      case 'tooSlow':
        return `Even plain butane needs only ${min(f.minutes)}: something else slowed it. Was the flame full, the lid on, the air calm?`;
    }
  });

  protected async infer(): Promise<void> {
    const seen = { airC: this.airC(), fractionLeft: this.percentLeft() / 100, waterMl: this.waterMl(), minutes: this.minutes() };
    this.found.set({ blend: await this.plans.inferBlend(this.plans.tripHere(), seen) });
  }

  protected clear(): void {
    this.found.set(undefined);
  }

  protected use(blend: BlendByMass | undefined): void {
    const leg = this.plans.leg();
    this.store.editTrip('the can’s blend', (trip) =>
      editKitOnLeg(trip, leg, ({ ownBlend: _old, ...kit }) => (blend ? { ...kit, ownBlend: blend } : kit)),
    );
    this.clear();
  }
}
