import { Directive, ElementRef, inject, input, output } from '@angular/core';
import { GestureEnd, newGesture } from './gesture';
import { pageScale } from '../platform/page-scale';

/** Where a pointer is, from the upper left corner of the drawing, in px of a page at its usual size (`Drawing`). */
export interface PointedAt {
  x: number;
  y: number;
  shift: boolean;
}
export interface DraggedTo extends PointedAt {
  /** The same through one drag, and no other's. */
  gesture: string;
  /** The press that begins it. */
  begins: boolean;
}
/** A key that moves something: by steps, or to an end. */
export type KeyStep = { by: number; axis: 'x' | 'y'; shift: boolean } | { to: 'first' | 'last'; shift: boolean };

/** Steps of Page Up and Page Down. */
const PAGE = 10;
const STEPS: Record<string, { by: number; axis: 'x' | 'y' }> = {
  ArrowRight: { by: 1, axis: 'x' },
  ArrowLeft: { by: -1, axis: 'x' },
  ArrowUp: { by: 1, axis: 'y' },
  ArrowDown: { by: -1, axis: 'y' },
  PageUp: { by: PAGE, axis: 'y' },
  PageDown: { by: -PAGE, axis: 'y' },
};

/**
 * Pointer and keys of a drawing, apart from what is drawn: pointing at it, dragging over it, stepping with the keys. A drag ends when the
 * pointer is lifted, and as well when the browser takes it away (a scroll, a second finger, another window); what it changed is one undo step.
 */
@Directive({
  selector: '[appDrag]',
  host: {
    '(pointerdown)': 'down($event)',
    '(pointermove)': 'move($event)',
    '(pointerup)': 'end()',
    '(pointercancel)': 'end()',
    '(lostpointercapture)': 'end()',
    '(keydown)': 'key($event)',
  },
})
export class Drag {
  /** "drag" for what is moved, "point" for what is only looked at: then nothing is captured and nothing ends. */
  readonly appDrag = input<'drag' | 'point'>('drag');
  readonly pointed = output<PointedAt>();
  readonly dragged = output<DraggedTo>();
  readonly stepped = output<KeyStep>();

  private readonly element = inject<ElementRef<HTMLElement | SVGElement>>(ElementRef).nativeElement;
  private readonly gestures = inject(GestureEnd);
  private gesture: string | undefined;

  protected down(event: PointerEvent): void {
    if (this.appDrag() === 'point') return this.pointed.emit(this.at(event));
    if (event.button > 0) return;
    event.stopPropagation();
    this.element.setPointerCapture?.(event.pointerId);
    this.gesture = newGesture();
    this.dragged.emit({ ...this.at(event), gesture: this.gesture, begins: true });
  }

  protected move(event: PointerEvent): void {
    if (this.gesture === undefined) return this.pointed.emit(this.at(event));
    event.stopPropagation();
    this.dragged.emit({ ...this.at(event), gesture: this.gesture, begins: false });
  }

  protected end(): void {
    if (this.gesture === undefined) return;
    this.gesture = undefined;
    this.gestures.endGesture();
  }

  protected key(event: KeyboardEvent): void {
    const { key, shiftKey: shift } = event;
    const step = key === 'Home' ? ({ to: 'first' } as const) : key === 'End' ? ({ to: 'last' } as const) : STEPS[key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    this.stepped.emit({ ...step, shift });
  }

  private at(event: PointerEvent): PointedAt {
    const drawing = this.element instanceof SVGElement ? (this.element.ownerSVGElement ?? this.element) : this.element;
    const box = drawing.getBoundingClientRect();
    const scale = pageScale();
    return { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale, shift: event.shiftKey };
  }
}

/** Where a step leads on a scale of numbers, kept between its ends. */
export function stepTo(step: KeyStep, at: number, { min, max, unit = 1 }: { min: number; max: number; unit?: number }): number {
  if ('to' in step) return step.to === 'first' ? min : max;
  return Math.min(max, Math.max(min, at + step.by * unit));
}
