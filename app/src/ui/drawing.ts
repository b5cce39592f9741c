import { computed, Directive, input } from '@angular/core';
import { measuredWidth } from './measured-width';
import { rem } from '../platform/page-scale';

/**
 * A drawing as wide as its place and as high as it is told. Its units are px of a page at its usual size, for lengths and type alike: where the page
 * is larger, on a large screen or by the reader's own setting, all of it grows.
 */
@Directive({
  selector: '[appDrawing]',
  host: { width: '100%', preserveAspectRatio: 'xMinYMin', '[style.height]': 'high()', '[attr.viewBox]': 'box()' },
})
export class Drawing {
  /** Height in its units. */
  readonly appDrawing = input.required<number>();
  private readonly width = measuredWidth(0);
  protected readonly high = computed(() => rem(this.appDrawing()));
  /** None where it is not laid out. */
  protected readonly box = computed(() => (this.width() > 0 ? `0 0 ${this.width()} ${this.appDrawing()}` : null));
}
