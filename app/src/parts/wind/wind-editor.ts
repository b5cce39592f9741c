import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { BEAUFORT, beaufortOf, SITE_FACTOR, unscreenedWindMps, type Site, type Wind, type WindWord } from '@tinder/core/physics/burn';
import { LIMITS } from '@tinder/core/domain/model';
import { SITE_WORDS } from '../../words/choice-words';
import { Units } from '../../words/units';
import { nearestWindWord, windOptions } from '../../words/wind-words';
import type { Option } from '../../ui/choice';
import { optionsOf, PickField } from '../../ui/pick-field';
import { ScaleField } from '../../ui/scale-field';

/** Wind as the walker knows it: in words with their speed, or a forecast (m/s or Beaufort's words) and the kind of site. */
@Component({
  selector: 'app-wind-editor',
  imports: [PickField, ScaleField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="line">
      <app-pick-field [label]="label()" [options]="options()" [value]="choice()" (valueChange)="choose($event)" />
    </div>
    @if (forecast(); as f) {
      <app-scale-field
        label="Forecast"
        quantity="speed"
        [value]="f.tenMetreMps"
        [limits]="L.tenMetreMps"
        [scale]="{ min: 0, max: 20 }"
        [step]="0.5"
        (valueChange)="say($event.value, f.site, $event.gesture)"
      />
      <div class="line">
        <app-pick-field label="Beaufort" [options]="beauforts" [value]="beaufort(f.tenMetreMps)" (valueChange)="say(+$event, f.site)" />
      </div>
      <div class="line">
        <app-pick-field label="Camp" [options]="sites" [value]="f.site" (valueChange)="say(f.tenMetreMps, $event)" />
      </div>
    }
  `,
  styleUrl: '../../ui/rows.less',
})
export class WindEditor {
  private readonly units = inject(Units);
  protected readonly L = LIMITS;
  protected readonly sites = optionsOf(SITE_WORDS);
  protected readonly options = computed((): Option<WindWord | 'forecast'>[] => [
    ...windOptions(this.units),
    { value: 'forecast', label: 'By forecast' },
  ]);
  protected readonly beauforts = BEAUFORT.map((b) => ({ value: String(b.tenMetreMps), label: `${b.force}, ${b.word}` }));

  readonly label = input.required<string>();
  readonly wind = input.required<Wind>();
  /** The new wind; `gesture` is set while dragging. */
  readonly windChange = output<{ wind: Wind; gesture?: string | undefined }>();

  protected readonly forecast = computed(() => {
    const wind = this.wind();
    return wind.kind === 'forecast' ? wind : undefined;
  });
  /** A measured speed reads as the nearest word. */
  protected readonly choice = computed((): WindWord | 'forecast' => {
    const wind = this.wind();
    return wind.kind === 'forecast' ? 'forecast' : nearestWindWord(unscreenedWindMps(wind));
  });

  protected choose(choice: WindWord | 'forecast'): void {
    if (choice !== 'forecast') return this.windChange.emit({ wind: { kind: 'words', word: choice } });
    // start the forecast where the words were, seen from a camp among trees
    this.say(Math.round(unscreenedWindMps(this.wind()) / SITE_FACTOR.trees), 'trees');
  }

  protected say(tenMetreMps: number, site: Site, gesture?: string): void {
    this.windChange.emit({ wind: { kind: 'forecast', tenMetreMps, site }, gesture });
  }

  protected beaufort(tenMetreMps: number): string {
    return String(beaufortOf(tenMetreMps).tenMetreMps);
  }
}
