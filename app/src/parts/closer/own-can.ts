import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import type { BlendByMass } from '@tinder/core/physics/fuel';
import type { CanSeen } from '@tinder/core/studies/study';
import { editKitOnLeg } from '@tinder/core/domain/trail';
import { PlanService } from '../../planning/plan-service';
import { RESTING, study } from '../../planning/study';
import { StudyWorker } from '../../planning/study-worker';
import { WorkspaceStore } from '../../store/workspace-store';
import { QuantityField } from '../../ui/quantity-field';
import { StudyNote } from '../../ui/study-note';
import { blendWords, inferredWords } from '../../words/cold-words';
import { Units } from '../../words/units';

/** The walker's own can against its label: what one boil in the cold tells of the blend, and the plan by that blend. */
@Component({
  selector: 'app-own-can',
  imports: [NzButtonComponent, QuantityField, StudyNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3>My own canister, as I saw it burn</h3>
    <div class="seen">
      <span>lit in air of</span>
      <app-quantity-field
        label="Air when my canister was lit"
        quantity="temperature"
        [value]="airC()"
        [limits]="{ min: -40, max: 30 }"
        (valueChange)="airC.set($event); clear()"
      />
      <span>with left in it</span>
      <app-quantity-field
        label="Left in my canister"
        quantity="percent"
        [value]="percentLeft()"
        [limits]="{ min: 2, max: 100 }"
        (valueChange)="percentLeft.set($event); clear()"
      />
      <span>it boiled</span>
      <app-quantity-field
        label="Water boiled on my canister"
        quantity="volume"
        [value]="waterMl()"
        [limits]="{ min: 50, max: 3000 }"
        (valueChange)="waterMl.set($event); clear()"
      />
      <span>in</span>
      <app-quantity-field
        label="Minutes to the boil on my canister"
        quantity="minutes"
        [value]="minutes()"
        [limits]="{ min: 0.5, max: 60 }"
        (valueChange)="minutes.set($event); clear()"
      />
      <button nz-button nzSize="small" type="button" (click)="infer()">What is in it?</button>
    </div>
    <p class="quiet key">
      Read with this kit fully open, calm behind the windscreen, water and altitude as set above; two boils within a fifth of each other
      count as the same.
    </p>
    <p role="status">{{ answer() }}</p>
    <app-study-note [study]="inferred" />
    @if (blend(); as b) {
      <button nz-button nzSize="small" type="button" (click)="use(b)">Plan with this blend</button>
    }
    @if (own(); as b) {
      <p>
        The plan uses your own canister: {{ words(b) }}.
        <button nz-button nzSize="small" type="button" (click)="use(undefined)">Back to the label</button>
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-top: 0.625rem;
      padding-top: 0.375rem;
      border-top: 1px solid var(--hairline);
    }
    .seen {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 0.625rem;
      align-items: baseline;
    }
    app-quantity-field {
      width: 4.375rem;
    }
    app-quantity-field:has(.error) {
      width: 100%;
    }
    p {
      margin: 2px 0;
    }
    .key {
      font-size: 0.8125rem;
    }
  `,
})
export class OwnCan {
  private readonly units = inject(Units);
  private readonly store = inject(WorkspaceStore);
  private readonly plans = inject(PlanService);
  private readonly worker = inject(StudyWorker);
  /** What was seen, once it is asked about. */
  private readonly seen = signal<CanSeen | undefined>(undefined);
  protected readonly inferred = study(
    RESTING,
    () => {
      const seen = this.seen();
      return seen && { seen, trip: this.store.trip(), leg: this.plans.leg() };
    },
    ({ seen, trip, leg }, run) => this.worker.ask('blend', { trip }, { leg, seen }, run),
  );
  private readonly found = computed(() => (this.seen() && this.inferred.fresh() ? this.inferred.last() : undefined));

  protected readonly words = blendWords;
  protected readonly airC = signal(-5);
  protected readonly percentLeft = signal(50);
  protected readonly waterMl = signal(500);
  protected readonly minutes = signal(14);
  protected readonly own = computed(() => this.plans.tripHere().kit.ownBlend);
  protected readonly blend = computed(() => {
    const f = this.found()?.answer;
    return f?.kind === 'found' ? f.blend : undefined;
  });
  protected readonly answer = computed(() => {
    const found = this.found();
    return found ? inferredWords(found.answer, this.units) : '';
  });

  protected infer(): void {
    this.seen.set({ airC: this.airC(), fractionLeft: this.percentLeft() / 100, waterMl: this.waterMl(), minutes: this.minutes() });
  }

  protected clear(): void {
    this.seen.set(undefined);
  }

  protected use(blend: BlendByMass | undefined): void {
    const leg = this.plans.leg();
    this.store.editTrip('the canister’s blend', (trip) =>
      editKitOnLeg(trip, leg, ({ ownBlend: _old, ...kit }) => (blend ? { ...kit, ownBlend: blend } : kit)),
    );
    this.clear();
  }
}
