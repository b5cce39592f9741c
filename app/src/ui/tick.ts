import { Directive, ElementRef, inject, input, output } from '@angular/core';
import { afterRender } from './after-render';

/** A box to be ticked that shows what was taken: a tick that was refused, or taken back in the same moment, does not stay. */
@Directive({
  selector: 'input[type=checkbox][appTick]',
  host: { '[checked]': 'appTick()', '(change)': 'take()' },
})
export class Tick {
  readonly appTick = input.required<boolean>();
  /** The walker has turned it over. */
  readonly turned = output();
  private readonly afterRender = afterRender();
  private readonly box = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;

  protected take(): void {
    this.turned.emit();
    this.afterRender(() => (this.box.checked = this.appTick()));
  }
}
