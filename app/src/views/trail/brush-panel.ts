import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LIMITS, type Day } from '@tinder/core/domain/model';
import {
  dateOfDay,
  insertStop,
  insertZeroDay,
  isSimulated,
  letClimateSay,
  meanOfDays,
  paintDays,
  placeOfDay,
  removeDays,
  shiftDays,
  type Shiftable,
} from '@tinder/core/domain/trail';
import { ClimateService } from '../../platform/climate-service';
import { DayMarker } from '../../planning/day-marker';
import { Done } from '../../store/done';
import { dayCountWords } from '../../words/leg-words';
import { sentenceStart } from '../../words/sentence-start';
import { WorkspaceStore } from '../../store/workspace-store';
import { optionsOf, PickField } from '../../ui/pick-field';
import { ScaleField } from '../../ui/scale-field';
import { WindEditor } from '../../parts/wind/wind-editor';
import { SOURCE_WORDS, TREATMENT_WORDS } from '../../words/trail-words';
import { dateText } from '../../words/date-text';

const MEALS_OUT = {
  none: { breakfast: false, supper: false },
  breakfast: { breakfast: true, supper: false },
  supper: { breakfast: false, supper: true },
  both: { breakfast: true, supper: true },
} as const;
type MealsOut = keyof typeof MEALS_OUT;

/** The brushed days: paint conditions over them, put days in, take them out, or let the simulated climate say. */
@Component({
  selector: 'app-brush-panel',
  imports: [NzButtonComponent, PickField, ScaleField, WindEditor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>{{ title() }}</h2>
    @for (s of scales; track s.key) {
      <div class="valued">
        <app-scale-field
          [label]="s.label"
          [quantity]="s.quantity"
          [tone]="s.tone"
          [value]="mean(s.key)"
          [limits]="s.limits"
          [scale]="s.scale"
          [step]="s.step"
          (valueChange)="shift(s.key, s.label, $event)"
        />
        <span class="quiet mark">{{ simulated(s.key) ? 'simulated' : '' }}</span>
      </div>
    }
    <div class="valued">
      <app-wind-editor label="Wind" [wind]="first().wind" (windChange)="paint('wind', { wind: $event.wind }, $event.gesture)" />
      <span class="quiet mark">{{ simulated('wind') ? 'simulated' : '' }}</span>
    </div>
    <div class="pairs">
      <app-pick-field label="Water" [options]="sources" [value]="first().source" (valueChange)="paint('water', { source: $event })" />
      <app-pick-field
        label="Water treatment"
        [options]="treatments"
        [value]="first().treatment"
        (valueChange)="paint('treatment', { treatment: $event })"
      />
      <app-pick-field
        label="Town meal"
        [options]="mealsOut"
        [value]="out()"
        (valueChange)="paint('town meals', { eatsOut: OUT[$event] })"
      />
    </div>
    <p class="acts">
      <button nz-button nzSize="small" type="button" (click)="zeroDay(false)">Add a zero day</button>
      <button nz-button nzSize="small" type="button" (click)="zeroDay(true)">Add a day in town</button>
      <button nz-button nzSize="small" type="button" [disabled]="!canStop()" (click)="newStop()">Add a stop here</button>
      <button nz-button nzSize="small" type="button" [disabled]="marker.dayCount() < 2" (click)="remove()">Delete days</button>
      <button nz-button nzSize="small" type="button" (click)="climate()">Use the simulated climate</button>
    </p>
    @if (climates.answeredBy(); as by) {
      <p class="quiet note">
        A simulated climate, invented from latitude, height and date{{ by === 'here' ? ', worked out here without the service' : '' }}: look
        up the real one before you go.
      </p>
    }
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    .valued {
      display: grid;
      grid-template-columns: minmax(0, 1fr) 4.625rem;
      gap: 0.5rem;
      align-items: center;
    }
    .mark {
      font-size: 0.8125rem;
    }
    .pairs {
      display: grid;
      grid-template-columns: 4.75rem minmax(6rem, 1fr) max-content minmax(6rem, 1fr);
      gap: 0.25rem 0.5rem;
      align-items: center;
      margin: 0.25rem 0;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem;
      margin: 0.375rem 0 0;
    }
    @media (max-width: 720px) {
      .pairs {
        grid-template-columns: 4.75rem minmax(0, 1fr);
      }
    }
  `,
})
export class BrushPanel {
  protected readonly store = inject(WorkspaceStore);
  private readonly done = inject(Done);
  protected readonly marker = inject(DayMarker);
  protected readonly climates = inject(ClimateService);

  protected readonly scales = [
    {
      key: 'supperAirC',
      label: 'Air at dinner',
      quantity: 'temperature',
      tone: 'cold',
      limits: LIMITS.airC,
      scale: { min: -20, max: 30 },
      step: 1,
    },
    {
      key: 'breakfastAirC',
      label: 'At breakfast',
      quantity: 'temperature',
      tone: 'cold',
      limits: LIMITS.airC,
      scale: { min: -20, max: 30 },
      step: 1,
    },
    {
      key: 'waterC',
      label: 'Water from',
      quantity: 'temperature',
      tone: 'cold',
      limits: LIMITS.waterC,
      scale: { min: 0, max: 30 },
      step: 1,
    },
    {
      key: 'altitudeM',
      label: 'Camp height',
      quantity: 'altitude',
      tone: '',
      limits: LIMITS.altitudeM,
      scale: { min: 0, max: 5000 },
      step: 50,
    },
  ] as const;
  protected readonly sources = optionsOf(SOURCE_WORDS);
  protected readonly treatments = optionsOf(TREATMENT_WORDS);
  protected readonly mealsOut = optionsOf({ none: 'no meal', breakfast: 'breakfast', supper: 'dinner', both: 'every meal' });
  protected readonly OUT = MEALS_OUT;

  private readonly span = this.marker.brush;
  protected readonly first = computed((): Day => {
    const { leg, index } = placeOfDay(this.store.trip(), this.span().from);
    return this.store.trip().legs[leg].days[index];
  });
  protected readonly title = computed(() => {
    const { from, to } = this.span();
    const first = dateText(dateOfDay(this.store.trip().startDate, from));
    return from === to ? `day ${from}, ${first}` : `days ${from} to ${to}, from ${first}`;
  });
  protected readonly out = computed(() => {
    const { breakfast, supper } = this.first().eatsOut;
    return (Object.keys(MEALS_OUT) as MealsOut[]).find((k) => MEALS_OUT[k].breakfast === breakfast && MEALS_OUT[k].supper === supper);
  });
  /** A stop can stand after any day that is not followed by one already. */
  protected readonly canStop = computed(() => {
    const { leg, index } = placeOfDay(this.store.trip(), this.span().to);
    return index < this.store.trip().legs[leg].days.length - 1;
  });

  protected mean(key: Shiftable): number {
    return meanOfDays(this.store.trip(), this.span().from, this.span().to, key);
  }

  protected simulated(key: string): boolean {
    return isSimulated(this.first(), key);
  }

  protected shift(key: Shiftable, label: string, { value, gesture }: { value: number; gesture?: string }): void {
    const { from, to } = this.span();
    this.store.editTrail(label, (t) => shiftDays(t, from, to, key, value), gesture);
  }

  protected paint(label: string, values: Partial<Day>, gesture?: string): void {
    const { from, to } = this.span();
    this.store.editTrip(label, (t) => paintDays(t, from, to, values), gesture);
  }

  protected zeroDay(inTown: boolean): void {
    const { to } = this.span();
    this.store.editTrail(inTown ? 'day in town' : 'zero day', (t) => insertZeroDay(t, to, inTown));
  }

  protected newStop(): void {
    const { to } = this.span();
    this.store.editTrip('new stop', (t) => insertStop(t, to, crypto.randomUUID(), `Stop after day ${to}`));
  }

  protected remove(): void {
    const { from, to } = this.span();
    this.marker.release();
    if (this.store.editTrail('take days out', (t) => removeDays(t, from, to)))
      this.done.tell(`${sentenceStart(dayCountWords(to - from + 1))} taken out.`);
  }

  protected async climate(): Promise<void> {
    const { from, to } = this.span();
    const answers = await this.climates.ask(this.store.trip());
    this.store.editTrip('climate', (t) => letClimateSay(t, from, to, answers));
  }
}
