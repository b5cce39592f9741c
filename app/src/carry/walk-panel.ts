import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  BEAUFORT,
  beaufortOf,
  fillClimate,
  LIMITS,
  meanOfDays,
  meanWindMps,
  paintDays,
  placeOfDay,
  shiftDays,
  SITE_FACTOR,
  stopDays,
  stretchLeg,
  WIND_WORDS_MPS,
  type Day,
  type Shiftable,
  type Site,
  type WindWord,
} from '@tinder/core';
import { DayMarker } from '../state/day-marker';
import { WorkspaceStore } from '../state/workspace-store';
import { Choice, type Option } from '../ui/choice';
import { optionsOf, PickField } from '../ui/pick-field';
import { ScaleField } from '../ui/scale-field';
import { Units } from '../ui/units';
import { SITE_WORDS, WIND_WORDS } from './option-lists';

/** The walk: how long, how cold, how high, how windy. */
@Component({
  selector: 'app-walk-panel',
  imports: [ScaleField, Choice, PickField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">the walk, {{ spanWords() }}</h2>
    @let c = means();
    <app-scale-field
      label="days"
      quantity="days"
      [value]="legDays()"
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
        (valueChange)="paint('water', { source: $event })"
      />
    </div>
    @if (!first().source.startsWith('snow')) {
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
        [value]="first().gusty ? 'gusty' : 'steady'"
        (valueChange)="paint('gusts', { gusty: $event === 'gusty' })"
      />
    </div>
    @if (forecastWind(); as wind) {
      <app-scale-field
        label="forecast"
        quantity="speed"
        [value]="wind.tenMetreMps"
        [limits]="L.tenMetreMps"
        [scale]="{ min: 0, max: 20 }"
        [step]="0.5"
        (valueChange)="forecast($event.value, wind.site, $event.gesture)"
      />
      <div class="line">
        <app-pick-field label="in words" [options]="beauforts" [value]="beaufortNow()" (valueChange)="forecast(+$event, wind.site)" />
      </div>
      <div class="line">
        <app-pick-field label="camp in" [options]="sites" [value]="wind.site" (valueChange)="forecast(wind.tenMetreMps, $event)" />
      </div>
    }
    <p class="note quiet">
      {{ units.text(flameWind(), 'speed') }} at an unscreened flame on average. Numbers move every day of the stretch together; each keeps
      its own ups and downs. Single days are painted on the trail.
    </p>
  `,
  styleUrl: './panel.less',
})
export class WalkPanel {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  protected readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly sites = optionsOf(SITE_WORDS);
  protected readonly gustOptions = [
    { value: 'steady', label: 'steadily' },
    { value: 'gusty', label: 'in gusts' },
  ] as const;
  protected readonly waterOptions = [
    { value: 'stream', label: 'liquid' },
    { value: 'snow', label: 'snow' },
    { value: 'snowDry', label: 'snow, melted dry' },
  ] as const;
  protected readonly beauforts = BEAUFORT.map((b) => ({ value: String(b.tenMetreMps), label: `${b.force}, ${b.word}` }));
  protected readonly windOptions: readonly Option<WindWord | 'forecast'>[] = [...WIND_WORDS, { value: 'forecast', label: 'by forecast' }];

  /** The leg that the marked day lies in: what this panel is about. */
  protected readonly leg = computed(() => placeOfDay(this.store.trip(), this.marker.day()).leg);
  protected readonly legDays = computed(() => this.store.trip().legs[this.leg()].days.length);
  private readonly span = computed(() => {
    const at = stopDays(this.store.trip());
    return { from: at[this.leg()] + 1, to: at[this.leg() + 1] };
  });
  protected readonly spanWords = computed(() => {
    const { stops } = this.store.trip();
    return `${stops[this.leg()].name} to ${stops[this.leg() + 1].name}`;
  });
  protected readonly first = computed(() => this.store.trip().legs[this.leg()].days[0]);
  protected readonly means = computed(() => {
    const { from, to } = this.span();
    const of = (key: Shiftable) => meanOfDays(this.store.trip(), from, to, key);
    return { supperAirC: of('supperAirC'), breakfastAirC: of('breakfastAirC'), waterC: of('waterC'), altitudeM: of('altitudeM') };
  });
  /** Wind of the first day stands for the choice; the mean is told below. */
  protected readonly forecastWind = computed(() => {
    const { wind } = this.first();
    return wind.kind === 'forecast' ? wind : undefined;
  });
  protected readonly beaufortNow = computed(() => {
    const wind = this.forecastWind();
    return wind && String(beaufortOf(wind.tenMetreMps).tenMetreMps);
  });
  protected readonly windChoice = computed(() => {
    const { wind } = this.first();
    return wind.kind === 'words' ? wind.word : wind.kind === 'forecast' ? ('forecast' as const) : nearestWord(wind.mps);
  });
  protected readonly waterChoice = computed(() => {
    const { source } = this.first();
    return source === 'snow' || source === 'snowDry' ? source : ('stream' as const);
  });
  protected readonly flameWind = computed(() => meanWindMps(this.store.trip(), this.span().from, this.span().to));

  protected days(typed: number, gesture?: string): void {
    this.store.editTrip('days', (t) => fillClimate(stretchLeg(t, this.leg(), typed)), gesture);
  }

  protected set(key: Shiftable, label: string, change: { value: number; gesture?: string }): void {
    const { from, to } = this.span();
    this.store.editTrip(label, (t) => shiftDays(t, from, to, key, change.value), change.gesture);
  }

  protected wind(choice: WindWord | 'forecast'): void {
    if (choice !== 'forecast') return this.paint('wind', { wind: { kind: 'words', word: choice } });
    // start the forecast where the words were, seen from a camp among trees
    this.forecast(Math.round(this.flameWind() / SITE_FACTOR.trees), 'trees');
  }

  protected forecast(tenMetreMps: number, site: Site, gesture?: string): void {
    this.paint('wind', { wind: { kind: 'forecast', tenMetreMps, site } }, gesture);
  }

  protected paint(label: string, values: Partial<Day>, gesture?: string): void {
    const { from, to } = this.span();
    this.store.editTrip(label, (t) => paintDays(t, from, to, values), gesture);
  }
}

const nearestWord = (mps: number): WindWord =>
  (Object.keys(WIND_WORDS_MPS) as WindWord[]).reduce((a, b) =>
    Math.abs(WIND_WORDS_MPS[b] - mps) < Math.abs(WIND_WORDS_MPS[a] - mps) ? b : a,
  );
