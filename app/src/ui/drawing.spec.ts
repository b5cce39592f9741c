import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Drag, type PointedAt } from './drag';
import { Drawing } from './drawing';

@Component({
  selector: 'app-drawn',
  imports: [Drag, Drawing],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<svg style="padding: 0" [appDrawing]="80" appDrag="point" (pointed)="at = $event"></svg>`,
})
class Drawn {
  at: PointedAt | undefined;
}

describe('a drawing on a page drawn 1.25 times as large', () => {
  beforeEach(() => (document.documentElement.style.fontSize = '20px'));
  afterEach(() => document.documentElement.style.removeProperty('font-size'));

  it('has its own units: as many as fit its width, and a height in type', () => {
    jest.spyOn(SVGElement.prototype, 'getBoundingClientRect').mockReturnValue({ width: 500, left: 100, top: 10 } as DOMRect);
    const fixture = TestBed.createComponent(Drawn);
    fixture.detectChanges();
    const svg = (fixture.nativeElement as HTMLElement).querySelector('svg')!;
    expect(svg.getAttribute('viewBox')).toBe('0 0 400 80');
    expect(svg.style.height).toBe('5rem');
    svg.dispatchEvent(new MouseEvent('pointermove', { clientX: 350, clientY: 60 }));
    expect(fixture.componentInstance.at).toEqual({ x: 200, y: 40, shift: false });
  });
});
