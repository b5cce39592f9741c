import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { Router } from '@angular/router';
import { build, tripWithKit } from '@tinder/core/kit';
import { LIMITS } from '@tinder/core/model';
import { startTrip, WEEKEND, type StarterAnswers } from '@tinder/core/trail';
import { WIND_WORDS } from '../words/choice-words';
import { DayMarker } from '../planning/day-marker';
import { withNewTrips } from '../store/workspace';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { optionsOf, PickField } from '../ui/pick-field';
import { QuantityField } from '../ui/quantity-field';
import { assumedWords } from '../words/starter-words';
import { Units } from '../words/units';
import { Hint } from '../ui/hint';

/** Four questions are enough for a weekend; a few more for a long walk. */
@Component({
  selector: 'app-starter-trip',
  imports: [Choice, Hint, PickField, QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <dl>
      <dt>how many nights out</dt>
      <dd>
        <app-quantity-field
          label="how many nights out"
          quantity="count"
          [bare]="true"
          [value]="a().nights"
          [limits]="nightLimits"
          (valueChange)="set({ nights: round($event) })"
        />
      </dd>
      <dt>first meal out there</dt>
      <dd>
        <app-choice label="First meal out there" [options]="ends" [value]="a().firstMeal" (valueChange)="set({ firstMeal: $event })" />
      </dd>
      <dt>last one</dt>
      <dd>
        <app-choice label="Last meal out there" [options]="ends" [value]="a().lastMeal" (valueChange)="set({ lastMeal: $event })" />
      </dd>
      <dt>with which kit</dt>
      <dd class="kit">
        <app-pick-field label="with which kit" [quietly]="true" [options]="kits()" [value]="kitId()" (valueChange)="kitId.set($event)" />
      </dd>
      <dt>hot meals a day</dt>
      <dd>
        <app-choice label="Hot meals a day" [options]="hotMeals" [value]="hot()" (valueChange)="set({ hotMeals: +$event })" />
      </dd>
      <dt appHint="how cold">how cold</dt>
      <dd>
        <app-choice label="How cold" [options]="colds" [value]="a().cold" (valueChange)="set({ cold: $event })" />
      </dd>
      <dt appHint="Wind">how windy</dt>
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
    <p class="quiet">{{ assumed() }}</p>
    <button class="ant-btn word go" type="button" (click)="make()">make this trip</button>
  `,
  styleUrl: './new-trip.less',
})
export class StarterTrip {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  private readonly router = inject(Router);
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly nightLimits = { min: 1, max: LIMITS.tripDays.max - 1 };
  protected readonly ends = optionsOf({ breakfast: 'breakfast', supper: 'dinner' });
  protected readonly stopLimits = { min: 0, max: LIMITS.stops.max - 2 };
  protected readonly hotMeals = optionsOf({ '0': 'none', '1': 'dinner', '2': 'dinner and breakfast' });
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

  /** The kits of the rack that can be planned with, and that of the trip that is open; with the trip that lends them. */
  protected readonly kits = computed(() => {
    const [rack, open] = [this.store.rack(), this.store.trip()];
    const ofRack = rack.kits.flatMap((k) => {
      const changed = tripWithKit(open, build(rack, k));
      return changed.ok ? [{ value: k.id, label: k.name, trip: changed.value }] : [];
    });
    return [{ value: OPEN_TRIPS_KIT, label: 'the one of the open trip', trip: open }, ...ofRack];
  });
  protected readonly kitId = signal(OPEN_TRIPS_KIT);
  protected readonly assumed = computed(() => assumedWords(this.a(), this.units));

  protected hot(): '0' | '1' | '2' {
    return String(this.a().hotMeals) as '0' | '1' | '2';
  }

  protected set(change: Partial<StarterAnswers>): void {
    this.a.update((a) => ({ ...a, ...change }));
  }

  protected make(): void {
    const year = new Date().getFullYear() + 1;
    const base = this.kits().find((k) => k.value === this.kitId())?.trip ?? this.store.trip();
    const trip = startTrip(base, { ...this.a(), year }, () => crypto.randomUUID());
    if (!this.store.edit(`new trip, ${trip.name}`, (w) => withNewTrips(w, [{ trip, archived: false }]))) return;
    this.marker.release();
    this.marker.goTo(1);
    this.made.emit();
    void this.router.navigateByUrl('/carry');
  }
}

const OPEN_TRIPS_KIT = '';
