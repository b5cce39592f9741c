import { afterNextRender, Directive, type DoCheck, ElementRef, inject } from '@angular/core';
import { NzSliderComponent } from 'ng-zorro-antd/slider';
import { moveNaming, setAttrs } from './attrs';

/** Steps that PageUp and PageDown go. */
const PAGE = 10;

/**
 * Makes the handle of nz-slider a slider: role, name (`aria-label` on nz-slider), value, its words (`nzTipFormatter`); Home, End, PageUp, PageDown.
 * (NG-ZORRO's handle has none of them.)
 */
@Directive({ selector: 'nz-slider', host: { '(keydown)': 'key($event)' } })
export class SliderA11y implements DoCheck {
  private readonly slider = inject(NzSliderComponent, { self: true });
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private said = '';

  constructor() {
    afterNextRender(() => {
      moveNaming(this.host, this.handle);
      this.describe();
    });
  }

  ngDoCheck(): void {
    this.describe();
  }

  private get handle(): HTMLElement | null {
    return this.host.querySelector('.ant-slider-handle');
  }

  private describe(): void {
    const { nzMin, nzMax, nzTipFormatter: words, value } = this.slider;
    const { handle } = this;
    if (!handle || typeof value !== 'number') return;
    const text = typeof words === 'function' ? words(value) : null;
    const now = `${nzMin} ${nzMax} ${value} ${text}`;
    if (now === this.said) return;
    this.said = now;
    setAttrs(handle, {
      role: 'slider',
      tabindex: 0,
      'aria-valuemin': nzMin,
      'aria-valuemax': nzMax,
      'aria-valuenow': value,
      'aria-valuetext': text,
      'aria-orientation': 'horizontal',
    });
  }

  protected key(event: KeyboardEvent): void {
    const { nzMin, nzMax, nzStep, value } = this.slider;
    if (typeof value !== 'number') return;
    const to = { Home: nzMin, End: nzMax, PageUp: value + PAGE * nzStep, PageDown: value - PAGE * nzStep }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    const there = Math.min(nzMax, Math.max(nzMin, to));
    this.slider.writeValue(there);
    this.slider.onValueChange(there);
    this.slider.nzOnAfterChange.emit(there);
  }
}
