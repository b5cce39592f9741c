import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { BEAUFORT, beaufortOf, LIMITS, SITE_FACTOR, unscreenedWindMps, type Site, type Trip, type WindWord } from '@tinder/core';
import { WorkspaceStore } from '../state/workspace-store';
import { Choice, type Option } from '../ui/choice';
import { optionsOf, PickField } from '../ui/pick-field';
import { ScaleField } from '../ui/scale-field';
import { Units } from '../ui/units';
import { SITE_WORDS, WIND_WORDS } from './option-lists';

type NumberCondition = 'supperAirC' | 'breakfastAirC' | 'altitudeM' | 'waterC';

/** The walk: how long, how cold, how high, how windy. */
@Component({
  selector: 'app-walk-panel',
  imports: [ScaleField, Choice, PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">the walk</h2>
    @let c = trip().conditions;
    <app-scale-field
      label="days"
      quantity="days"
      [value]="trip().leg.dayCount"
      [limits]="L.dayCount"
      [scale]="{ min: 1, max: 21 }"
      (valueChange)="days($event.value, $event.gesture)"
    />
    <app-scale-field
      label="air at supper"
      quantity="temperature"
      tone="cold"
      [value]="c.supperAirC"
      [limits]="L.airC"
      [scale]="{ min: -20, max: 30 }"
      (valueChange)="set('supperAirC', 'air at supper', $event)"
    />
    <app-scale-field
      label="at breakfast"
      quantity="temperature"
      tone="cold"
      [value]="c.breakfastAirC"
      [limits]="L.airC"
      [scale]="{ min: -20, max: 30 }"
      (valueChange)="set('breakfastAirC', 'air at breakfast', $event)"
    />
    <div class="line">
      <span class="name">water is</span>
      <app-choice
        label="Where water comes from"
        [options]="waterOptions"
        [value]="waterChoice()"
        (valueChange)="conditions('water', { snow: $event !== 'liquid', starterWater: $event !== 'drySnow' })"
      />
    </div>
    @if (!c.snow) {
      <app-scale-field
        label="water from"
        quantity="temperature"
        tone="cold"
        [value]="c.waterC"
        [limits]="L.waterC"
        [scale]="{ min: 0, max: 30 }"
        (valueChange)="set('waterC', 'water temperature', $event)"
      />
    }
    <app-scale-field
      label="altitude"
      quantity="altitude"
      [value]="c.altitudeM"
      [limits]="L.altitudeM"
      [scale]="{ min: 0, max: 5000 }"
      [step]="50"
      (valueChange)="set('altitudeM', 'altitude', $event)"
    />
    <div class="wind">
      <span class="name">wind: a flame is</span>
      <app-choice
        label="What the wind does to an unscreened flame"
        [options]="windOptions"
        [value]="windChoice()"
        (valueChange)="wind($event)"
      />
    </div>
    <div class="line">
      <span class="name">it blows</span>
      <app-choice
        label="Steady or gusty"
        [options]="gustOptions"
        [value]="c.gusty ? 'gusty' : 'steady'"
        (valueChange)="conditions('gusts', { gusty: $event === 'gusty' })"
      />
    </div>
    @if (c.wind.kind === 'forecast') {
      <app-scale-field
        label="forecast"
        quantity="speed"
        [value]="c.wind.tenMetreMps"
        [limits]="L.tenMetreMps"
        [scale]="{ min: 0, max: 20 }"
        [step]="0.5"
        (valueChange)="forecast($event.value, c.wind.site, $event.gesture)"
      />
      <div class="line">
        <app-pick-field label="in words" [options]="beauforts" [value]="beaufortNow()" (valueChange)="forecast(+$event, c.wind.site)" />
      </div>
      <div class="line">
        <app-pick-field label="camp in" [options]="sites" [value]="c.wind.site" (valueChange)="forecast(c.wind.tenMetreMps, $event)" />
      </div>
    }
    <p class="note quiet">
      {{ units.text(flameWind(), 'speed') }} at an unscreened flame, the leg’s middle. Days keep their own ups and downs.
    </p>
  `,
  styleUrl: './panel.less',
})
export class WalkPanel {
  private readonly store = inject(WorkspaceStore);
  protected readonly units = inject(Units);
  protected readonly trip = this.store.trip;
  protected readonly L = LIMITS;
  protected readonly sites = optionsOf(SITE_WORDS);
  protected readonly gustOptions = [
    { value: 'steady', label: 'steadily' },
    { value: 'gusty', label: 'in gusts' },
  ] as const;
  protected readonly waterOptions = [
    { value: 'liquid', label: 'liquid' },
    { value: 'snow', label: 'snow' },
    { value: 'drySnow', label: 'snow, melted dry' },
  ] as const;
  protected readonly beauforts = BEAUFORT.map((b) => ({ value: String(b.tenMetreMps), label: `${b.force}, ${b.word}` }));
  protected readonly beaufortNow = computed(() => {
    const { wind } = this.trip().conditions;
    return wind.kind === 'forecast' ? String(beaufortOf(wind.tenMetreMps).tenMetreMps) : undefined;
  });
  protected readonly windOptions: readonly Option<WindWord | 'forecast'>[] = [...WIND_WORDS, { value: 'forecast', label: 'by forecast' }];
  protected readonly windChoice = computed(() => {
    const { wind } = this.trip().conditions;
    return wind.kind === 'words' ? wind.word : 'forecast';
  });
  protected readonly waterChoice = computed(() => {
    const { snow, starterWater } = this.trip().conditions;
    return !snow ? 'liquid' : starterWater ? 'snow' : 'drySnow';
  });
  protected readonly flameWind = computed(() => unscreenedWindMps(this.trip().conditions.wind));

  protected days(typed: number, gesture?: string): void {
    const dayCount = Math.round(typed);
    this.store.editTrip('days', (t) => (t.leg.dayCount === dayCount ? t : { ...t, leg: { ...t.leg, dayCount } }), gesture);
  }

  protected set(key: NumberCondition, label: string, change: { value: number; gesture?: string }): void {
    this.conditions(label, { [key]: change.value }, change.gesture);
  }

  protected wind(choice: WindWord | 'forecast'): void {
    if (choice !== 'forecast') return this.conditions('wind', { wind: { kind: 'words', word: choice } });
    // start the forecast where the words were, seen from a camp among trees
    this.forecast(Math.round(this.flameWind() / SITE_FACTOR.trees), 'trees');
  }

  protected forecast(tenMetreMps: number, site: Site, gesture?: string): void {
    this.conditions('wind', { wind: { kind: 'forecast', tenMetreMps, site } }, gesture);
  }

  protected conditions(label: string, change: Partial<Trip['conditions']>, gesture?: string): void {
    this.store.editTrip(label, (t) => ({ ...t, conditions: { ...t.conditions, ...change } }), gesture);
  }
}
