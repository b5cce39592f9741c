import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { WorkspaceStore } from '../store/workspace-store';
import { Drag, stepTo, type DraggedTo, type KeyStep, type PointedAt } from './drag';

/** A drawing whose drag sets the reserve, as charts do. */
@Component({
  imports: [Drag],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg appDrag="drag" (dragged)="drag($event)" (pointed)="pointed.push($event)" (stepped)="steps.push($event)">
      <g class="inner" appDrag="drag" (dragged)="inner.push($event)"></g>
    </svg>
    <svg class="looked" appDrag="point" (pointed)="looked.push($event)"></svg>
  `,
})
class Chart {
  private readonly store = inject(WorkspaceStore);
  readonly pointed: PointedAt[] = [];
  readonly looked: PointedAt[] = [];
  readonly inner: DraggedTo[] = [];
  readonly gestures: string[] = [];
  readonly steps: KeyStep[] = [];
  drag({ x, gesture }: DraggedTo): void {
    this.gestures.push(gesture);
    this.store.editTrip('reserve', (t) => ({ ...t, reservePercent: x }), gesture);
  }
}

describe('pointer and keys of a drawing', () => {
  const show = () => {
    const fixture = TestBed.createComponent(Chart);
    fixture.detectChanges();
    const at = (selector: string) => (fixture.nativeElement as HTMLElement).querySelector(selector) as SVGElement;
    const send = (type: string, clientX = 0, selector = 'svg') =>
      at(selector).dispatchEvent(new MouseEvent(type, { clientX, bubbles: true, cancelable: true }));
    return { chart: fixture.componentInstance, at, send };
  };
  const store = () => TestBed.inject(WorkspaceStore);
  const reserve = () => store().trip().reservePercent;

  it('make a drag one undo step, and two drags two', () => {
    const { send, chart } = show();
    const start = reserve();
    send('pointerdown', 20);
    send('pointermove', 30);
    send('pointermove', 40);
    send('pointerup', 40);
    send('pointerdown', 50);
    send('pointermove', 60);
    send('pointerup', 60);
    expect(new Set(chart.gestures).size).toBe(2);
    expect(reserve()).toBe(60);
    store().undo();
    expect(reserve()).toBe(40);
    store().undo();
    expect(reserve()).toBe(start);
  });

  it.each(['pointercancel', 'lostpointercapture'])('end a drag that the browser takes away (%s): what moves then only points', (taken) => {
    const { send, chart } = show();
    send('pointerdown', 20);
    send('pointermove', 30);
    send(taken);
    send('pointermove', 99);
    expect([reserve(), chart.pointed.map((p) => p.x)]).toEqual([30, [99]]);
    send('pointerdown', 50); // the next drag is a step of its own
    send('pointerup', 50);
    store().undo();
    expect(reserve()).toBe(30);
  });

  it('leave what lies inside to itself, and capture nothing where one only looks', () => {
    const { send, chart } = show();
    send('pointerdown', 5, '.inner');
    send('pointermove', 6, '.inner');
    expect([chart.inner.map((d) => [d.x, d.begins]), chart.gestures]).toEqual([
      [
        [5, true],
        [6, false],
      ],
      [],
    ]);
    send('pointerdown', 7, '.looked');
    send('pointermove', 8, '.looked');
    expect(chart.looked.map((p) => p.x)).toEqual([7, 8]);
  });

  it('step by arrows, pages and to the ends, and leave other keys alone', () => {
    const { at, chart } = show();
    const press = (key: string, shiftKey = false) => {
      const event = new KeyboardEvent('keydown', { key, shiftKey, bubbles: true, cancelable: true });
      at('svg').dispatchEvent(event);
      return event.defaultPrevented;
    };
    expect(['ArrowRight', 'ArrowDown', 'PageUp', 'Home', 'End'].map((k) => press(k))).toEqual([true, true, true, true, true]);
    expect([press('Tab'), press('a')]).toEqual([false, false]);
    const scale = { min: 0, max: 50, unit: 2 };
    expect(chart.steps.map((s) => stepTo(s, 10, scale))).toEqual([12, 8, 30, 0, 50]);
    expect(stepTo({ by: 1, axis: 'x', shift: false }, 49.5, scale)).toBe(50);
  });
});
