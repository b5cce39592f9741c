import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { measuredWidth } from './measured-width';

@Component({ selector: 'app-measured', changeDetection: ChangeDetectionStrategy.OnPush, template: '{{ width() }}' })
class Measured {
  protected readonly width = measuredWidth(1080);
}

describe('the width of a drawing', () => {
  let resized: (width: number) => void;
  let watched: Element[];
  const shown = (fixture: ComponentFixture<Measured>): string => {
    fixture.detectChanges();
    return (fixture.nativeElement as HTMLElement).textContent ?? '';
  };

  beforeEach(() => {
    watched = [];
    globalThis.ResizeObserver = class {
      constructor(follow: ResizeObserverCallback) {
        resized = (width) => follow([{ contentRect: { width } } as ResizeObserverEntry], this);
      }
      observe = (e: Element): unknown => watched.push(e);
      unobserve = (): void => undefined;
      disconnect = (): void => void (watched = []);
    };
  });
  afterEach(() => Reflect.deleteProperty(globalThis, 'ResizeObserver'));

  it('is measured inside the padding when it is first asked for, and followed from there on', () => {
    const fixture = TestBed.createComponent(Measured);
    const host = fixture.nativeElement as HTMLElement;
    host.style.padding = '0 46px 0 14px';
    const measure = jest.spyOn(host, 'getBoundingClientRect').mockReturnValue({ width: 390 } as DOMRect);
    expect(shown(fixture)).toBe('330');
    resized(700);
    expect(shown(fixture)).toBe('700');
    resized(0); // what is hidden is drawn as it was
    expect(shown(fixture)).toBe('700');
    expect(measure).toHaveBeenCalledTimes(1);
    fixture.destroy();
    expect(watched).toEqual([]);
  });

  it('is a usual one where nothing is laid out', () => expect(shown(TestBed.createComponent(Measured))).toBe('1080'));
});
