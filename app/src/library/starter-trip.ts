import { ChangeDetectionStrategy, Component, inject, output, signal } from '@angular/core';
import { Router } from '@angular/router';
import { LIMITS } from '@tinder/core/model';
import { startTrip, WEEKEND, type StarterAnswers } from '@tinder/core/trail';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { WIND_WORDS } from '../words/choice-words';
import { DayMarker } from '../planning/day-marker';
import { withNewTrips } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { optionsOf } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';

/** Four questions are enough for a weekend; a few more for a long walk. */
@Component({
  selector: 'app-starter-trip',
  imports: [Choice, NzButtonComponent, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <dl>
      <dt>how many days</dt>
      <dd>
        <app-quantity-field
          label="how many days"
          quantity="days"
          [value]="a().days"
          [limits]="L.tripDays"
          (valueChange)="set({ days: round($event) })"
        />
      </dd>
      <dt>hot meals a day</dt>
      <dd>
        <app-choice label="Hot meals a day" [options]="hotMeals" [value]="hot()" (valueChange)="set({ hotMeals: +$event })" />
      </dd>
      <dt>how cold</dt>
      <dd>
        <app-choice label="How cold" [options]="colds" [value]="a().cold" (valueChange)="set({ cold: $event })" />
      </dd>
      <dt>how windy: a flame is</dt>
      <dd>
        <app-choice label="How windy" [options]="winds" [value]="a().wind" (valueChange)="set({ wind: $event })" />
      </dd>
    </dl>
    <details>
      <summary>a longer walk</summary>
      <dl>
        <dt>stops on the way</dt>
        <dd>
          <app-quantity-field
            label="stops on the way"
            quantity="count"
            [value]="a().stops"
            [limits]="stopLimits"
            (valueChange)="set({ stops: round($event) })"
          />
        </dd>
        <dt>season</dt>
        <dd>
          <app-choice label="Season" [options]="seasons" [value]="a().season" (valueChange)="set({ season: $event })" />
        </dd>
        <dt>rough height of the camps</dt>
        <dd>
          <app-quantity-field
            label="rough height of the camps"
            quantity="altitude"
            [value]="a().altitudeM"
            [limits]="L.altitudeM"
            (valueChange)="set({ altitudeM: $event })"
          />
        </dd>
      </dl>
    </details>
    <p class="quiet">
      Kit and meals come from the trip that is open; every other number gets a usual value you can change. “By season” asks a simulated
      climate.
    </p>
    <button nz-button class="word go" type="button" (click)="make()">make this trip</button>
  `,
  styleUrl: './new-trip.less',
})
export class StarterTrip {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly router = inject(Router);
  protected readonly L = LIMITS;
  protected readonly stopLimits = { min: 0, max: LIMITS.stops.max - 2 };
  protected readonly hotMeals = optionsOf({ '0': 'none', '1': 'supper', '2': 'supper and breakfast' });
  protected readonly colds = optionsOf({
    warm: 'warm',
    cool: 'cool',
    frost: 'frost at night',
    hardFrost: 'hard frost',
    bySeason: 'by season',
  });
  protected readonly winds = optionsOf(WIND_WORDS);
  protected readonly seasons = optionsOf({ spring: 'spring', summer: 'summer', autumn: 'autumn', winter: 'winter' });
  protected readonly round = Math.round;

  readonly made = output();
  protected readonly a = signal<Omit<StarterAnswers, 'year'>>(WEEKEND);

  protected hot(): '0' | '1' | '2' {
    return String(this.a().hotMeals) as '0' | '1' | '2';
  }

  protected set(change: Partial<StarterAnswers>): void {
    this.a.update((a) => ({ ...a, ...change }));
  }

  protected make(): void {
    const year = new Date().getFullYear() + 1;
    const trip = startTrip(this.store.trip(), { ...this.a(), year }, () => crypto.randomUUID());
    if (!this.store.edit(`new trip, ${trip.name}`, (w) => withNewTrips(w, [{ trip, archived: false }]))) return;
    this.marker.release();
    this.marker.goTo(1);
    this.made.emit();
    void this.router.navigateByUrl('/carry');
  }
}
