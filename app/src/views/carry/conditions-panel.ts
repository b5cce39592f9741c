import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { LIMITS } from '@tinder/core/domain/model';
import { legConditions } from '@tinder/core/domain/trail';
import { LegEditor } from '../../planning/leg-editor';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Choice } from '../../ui/choice';
import { Hint } from '../../ui/hint';
import { Opened } from '../../ui/opened';
import { ScaleField } from '../../ui/scale-field';
import { Section } from '../../ui/section';
import { daySpanWords, WATER_WORDS } from '../../words/leg-words';
import { Units } from '../../words/units';
import { WindEditor } from '../../parts/wind/wind-editor';

/** The conditions of the leg that the marked day lies in: its days, air, wind and water. */
@Component({
  selector: 'app-conditions-panel',
  imports: [Choice, Hint, Opened, ScaleField, Section, WindEditor],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let c = leg();
    <app-section [heading]="'Conditions, ' + span()" [says]="says()">
      <app-scale-field
        label="Days"
        quantity="days"
        [value]="c.lastDay - c.firstDay + 1"
        [limits]="L.dayCount"
        [scale]="{ min: 1, max: 21 }"
        (valueChange)="edit.stretch(c.leg, $event.value, $event.gesture)"
      />
      <app-scale-field
        label="Evenings"
        quantity="temperature"
        tone="cold"
        [value]="c.supperAirC"
        [limits]="L.airC"
        [scale]="{ min: -20, max: 30 }"
        (valueChange)="edit.shift(c.leg, 'supperAirC', 'evening air', $event)"
      />
      <app-scale-field
        label="Mornings"
        quantity="temperature"
        tone="cold"
        [value]="c.breakfastAirC"
        [limits]="L.airC"
        [scale]="{ min: -20, max: 30 }"
        (valueChange)="edit.shift(c.leg, 'breakfastAirC', 'morning air', $event)"
      />
      <app-wind-editor label="Wind" [wind]="c.wind" (windChange)="edit.paint(c.leg, 'wind', { wind: $event.wind }, $event.gesture)" />
      <div class="line">
        <span class="name" appHint="Water">Water</span>
        <app-choice
          label="Water"
          [options]="waterOptions"
          [value]="water()"
          (valueChange)="edit.paint(c.leg, 'water', { source: $event })"
        />
      </div>
      <details appOpened #o="opened">
        <summary>Altitude, gusts, water temperature</summary>
        @if (o.once()) {
          <app-scale-field
            label="Altitude"
            quantity="altitude"
            [value]="c.altitudeM"
            [limits]="L.altitudeM"
            [scale]="{ min: 0, max: 5000 }"
            [step]="50"
            (valueChange)="edit.shift(c.leg, 'altitudeM', 'altitude', $event)"
          />
          <div class="line">
            <span class="name" appHint="Gusts">Gusts</span>
            <app-choice
              label="Gusts"
              [options]="gustOptions"
              [value]="c.gusty ? 'gusty' : 'steady'"
              (valueChange)="edit.paint(c.leg, 'gusts', { gusty: $event === 'gusty' })"
            />
          </div>
          @if (!c.source.startsWith('snow')) {
            <app-scale-field
              label="Water temperature"
              quantity="temperature"
              tone="cold"
              [value]="c.waterC"
              [limits]="L.waterC"
              [scale]="{ min: 0, max: 30 }"
              (valueChange)="edit.shift(c.leg, 'waterC', 'water temperature', $event)"
            />
          }
          <p class="note quiet">
            Wind where you cook: {{ units.text(c.meanWindMps, 'speed') }} on average, before any windscreen. Changes here shift all days of
            this leg. Edit single days under Trail.
          </p>
        }
      </details>
    </app-section>
  `,
  styleUrl: '../../ui/rows.less',
  styles: `
    :host {
      --name-width: 4.125rem;
    }
  `,
})
export class ConditionsPanel {
  private readonly trip = inject(WorkspaceStore).trip;
  private readonly plans = inject(PlanService);
  protected readonly edit = inject(LegEditor);
  protected readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly gustOptions = [
    { value: 'steady', label: 'Steady wind' },
    { value: 'gusty', label: 'Gusty' },
  ] as const;
  protected readonly waterOptions = WATER_WORDS;

  protected readonly leg = computed(() => legConditions(this.trip(), this.plans.leg()));
  protected readonly span = computed(() => daySpanWords(this.leg().firstDay, this.leg().lastDay));
  /** "Evenings 8 °C, mornings 2 °C, stream water". */
  protected readonly says = computed(() => {
    const { supperAirC, breakfastAirC } = this.leg();
    const [evenings, mornings] = [supperAirC, breakfastAirC].map((c) => this.units.text(c, 'temperature'));
    const water = WATER_WORDS.find((w) => w.value === this.water());
    return `Evenings ${evenings}, mornings ${mornings}, ${water?.label.toLowerCase()}`;
  });
  protected readonly water = computed(() => {
    const { source } = this.leg();
    return source === 'snow' || source === 'snowDry' ? source : ('stream' as const);
  });
}
