import { ChangeDetectionStrategy, Component, inject, output } from '@angular/core';
import type { WeightSums } from '@tinder/core/plan';
import { TrailAxis } from '../charts/trail-axis';
import { Choice } from '../ui/choice';
import { PickField } from '../ui/pick-field';
import { Tick } from '../ui/tick';
import { KitLines } from './kit-lines-service';

/** The heading of the weight chart: how weight is counted, what the trail runs by, which kits are drawn. */
@Component({
  selector: 'app-weight-counting',
  imports: [Choice, PickField, Tick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="hidden-text">carried weight, morning by morning</h2>
    <span class="way">
      <app-pick-field
        label="How carried weight is counted"
        [quietly]="true"
        [options]="ways"
        [value]="service.counted()"
        (valueChange)="service.counted.set($event)"
      />
    </span>
    <app-choice label="What the trail runs by" [options]="axes" [value]="axis.by()" (valueChange)="axis.by.set($event)" />
    <label><input type="checkbox" [appTick]="service.shown()" (turned)="service.shown.set(!service.shown())" /> other kits</label>
    <button class="ant-btn word" type="button" (click)="export.emit()">as SVG</button>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 0 10px;
      align-items: baseline;
      font-size: 14px;
    }
    label {
      color: var(--ink-quiet);
    }
    .way {
      width: 84px;
    }
  `,
})
export class WeightCounting {
  protected readonly service = inject(KitLines);
  protected readonly axis = inject(TrailAxis);
  readonly export = output();

  protected readonly ways: { value: keyof WeightSums; label: string }[] = [
    { value: 'averageG', label: 'average' },
    { value: 'leavingG', label: 'on leaving stops' },
    { value: 'gramDays', label: 'weight × days' },
    { value: 'gramKm', label: 'weight × distance' },
    { value: 'gramClimb', label: 'weight × distance and ascent' },
  ];
  protected readonly axes = [
    { value: 'day', label: 'by day' },
    { value: 'km', label: 'by km' },
  ] as const;
}
