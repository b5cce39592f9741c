import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIMITS, type Day } from '@tinder/core/model';
import { meanOfDays, meanWindMps, paintDays, placeOfDay, shiftDays, stopDays, stretchLeg, type Shiftable } from '@tinder/core/trail';
import { DayMarker } from '../planning/day-marker';
import { WorkspaceStore } from '../store/workspace-store';
import { Choice } from '../ui/choice';
import { ScaleField } from '../ui/scale-field';
import { Units } from '../words/units';
import { WindEditor } from '../wind/wind-editor';
import { Hint } from '../ui/hint';

/** The walk: how long, how cold, how high, how windy. */
@Component({
  selector: 'app-walk-panel',
  imports: [Choice, Hint, ScaleField, WindEditor],
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
    <app-wind-editor
      label="What the wind does to an unscreened flame"
      [wind]="first().wind"
      (windChange)="paint('wind', { wind: $event.wind }, $event.gesture)"
    />
    <div class="line">
      <span class="name" appHint="it blows">it blows</span>
      <app-choice
        appHint="it blows"
        label="Steady or gusty"
        [options]="gustOptions"
        [value]="first().gusty ? 'gusty' : 'steady'"
        (valueChange)="paint('gusts', { gusty: $event === 'gusty' })"
      />
    </div>
    <p class="note quiet">
      {{ units.text(flameWind(), 'speed') }} at an unscreened flame on average. Numbers move every day of the stretch together; each keeps
      its own ups and downs. Single days are painted on the trail.
    </p>
  `,
  styleUrl: '../ui/rows.less',
})
export class WalkPanel {
  private readonly store = inject(WorkspaceStore);
  private readonly marker = inject(DayMarker);
  protected readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly gustOptions = [
    { value: 'steady', label: 'steadily' },
    { value: 'gusty', label: 'in gusts' },
  ] as const;
  protected readonly waterOptions = [
    { value: 'stream', label: 'liquid' },
    { value: 'snow', label: 'snow' },
    { value: 'snowDry', label: 'dry snow' },
  ] as const;

  /** The leg that the marked day lies in: what this panel is about. */
  protected readonly leg = computed(() => placeOfDay(this.store.trip(), this.marker.day()).leg);
  protected readonly legDays = computed(() => this.store.trip().legs[this.leg()].days.length);
  private readonly span = computed(() => {
    const at = stopDays(this.store.trip());
    return { from: at[this.leg()] + 1, to: at[this.leg() + 1] };
  });
  protected readonly spanWords = computed(() => {
    const { stops } = this.store.trip();
    const { from, to } = this.span();
    return from === to ? `day ${from}, to ${stops[this.leg() + 1].name}` : `means of days ${from}–${to}, to ${stops[this.leg() + 1].name}`;
  });
  /** Its choices stand for the stretch; means are told in numbers. */
  protected readonly first = computed(() => this.store.trip().legs[this.leg()].days[0]);
  protected readonly means = computed(() => {
    const { from, to } = this.span();
    const of = (key: Shiftable) => meanOfDays(this.store.trip(), from, to, key);
    return { supperAirC: of('supperAirC'), breakfastAirC: of('breakfastAirC'), waterC: of('waterC'), altitudeM: of('altitudeM') };
  });
  protected readonly waterChoice = computed(() => {
    const { source } = this.first();
    return source === 'snow' || source === 'snowDry' ? source : ('stream' as const);
  });
  protected readonly flameWind = computed(() => meanWindMps(this.store.trip(), this.span().from, this.span().to));

  protected days(typed: number, gesture?: string): void {
    this.store.editTrail('days', (t) => stretchLeg(t, this.leg(), typed), gesture);
  }

  protected set(key: Shiftable, label: string, change: { value: number; gesture?: string }): void {
    const { from, to } = this.span();
    this.store.editTrail(label, (t) => shiftDays(t, from, to, key, change.value), change.gesture);
  }

  protected paint(label: string, values: Partial<Day>, gesture?: string): void {
    const { from, to } = this.span();
    this.store.editTrip(label, (t) => paintDays(t, from, to, values), gesture);
  }
}
