import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { NzSliderComponent, type NzSliderValue } from 'ng-zorro-antd/slider';
import { GestureEnd, newGesture } from './gesture';
import { Hint } from './hint';
import { SliderA11y } from './nz/slider-a11y';
import { StoredValue } from './nz/stored-value';
import type { Limits } from './quantity-field';

/** A scale to drag a value along; a drag is one undo step. */
@Component({
  selector: 'app-slider',
  imports: [Hint, NzSliderComponent, SliderA11y, StoredValue],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <nz-slider
      nzTooltipVisible="never"
      [class]="tone()"
      [attr.aria-label]="label()"
      [appHint]="label()"
      [nzMin]="scale().min"
      [nzMax]="scale().max"
      [nzStep]="step()"
      [nzTipFormatter]="spoken()"
      [appStored]="value"
      (offered)="dragged($event)"
      (nzOnAfterChange)="dropped()"
    />
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
  `,
})
export class Slider {
  private readonly gestures = inject(GestureEnd);
  readonly label = input.required<string>();
  readonly value = input.required<number>();
  readonly scale = input.required<Limits>();
  readonly step = input(1);
  readonly tone = input<'' | 'heat' | 'cold'>('');
  /** A value in words, for those who listen. */
  readonly spoken = input<(value: number) => string>(String);
  /** The new value; edits of one gesture belong together. */
  readonly valueChange = output<{ value: number; gesture: string }>();
  private gesture: string | undefined;

  protected dragged(value: NzSliderValue): void {
    this.gesture ??= newGesture();
    if (typeof value === 'number') this.valueChange.emit({ value, gesture: this.gesture });
  }

  protected dropped(): void {
    this.gesture = undefined;
    this.gestures.endGesture();
  }
}
