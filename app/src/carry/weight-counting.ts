import { ChangeDetectionStrategy, Component, inject, output } from '@angular/core';
import type { WeightSums } from '@tinder/core/plan';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { TrailAxis } from '../charts/trail-axis';
import { Choice } from '../ui/choice';
import { KitLines } from './kit-lines-service';

/** The heading of the weight chart: how weight is counted, what the trail runs by, which kits are drawn. */
@Component({
  selector: 'app-weight-counting',
  imports: [Choice, NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 class="sign">carried weight, morning by morning</h2>
    <app-choice
      label="How carried weight is counted"
      [options]="ways"
      [value]="service.counted()"
      (valueChange)="service.counted.set($event)"
    />
    <app-choice label="What the trail runs by" [options]="axes" [value]="axis.by()" (valueChange)="axis.by.set($event)" />
    <label><input type="checkbox" [checked]="service.shown()" (change)="service.shown.set(!service.shown())" /> other kits</label>
    <button nz-button class="word" type="button" (click)="export.emit()">as SVG</button>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 0 16px;
      align-items: baseline;
      position: relative;
      z-index: 1;
      font-size: 14px;
    }
    h2 {
      flex: 1 1 auto;
      margin: 4px 0 0;
    }
    label {
      color: var(--ink-quiet);
    }
  `,
})
export class WeightCounting {
  protected readonly service = inject(KitLines);
  protected readonly axis = inject(TrailAxis);
  readonly export = output();

  protected readonly ways: { value: keyof WeightSums; label: string }[] = [
    { value: 'averageG', label: 'average' },
    { value: 'leavingG', label: 'leaving stops' },
    { value: 'gramDays', label: '× days' },
    { value: 'gramKm', label: '× distance' },
    { value: 'gramClimb', label: '× distance and ascent' },
  ];
  protected readonly axes = [
    { value: 'day', label: 'by day' },
    { value: 'km', label: 'by kilometre' },
  ] as const;
}
