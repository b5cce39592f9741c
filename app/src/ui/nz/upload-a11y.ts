import { afterNextRender, Directive, ElementRef, inject, input } from '@angular/core';
import { setAttrs } from './attrs';

/**
 * nz-upload as a place for one file: what it is named is said by its field, Space opens it as Enter does, and what is dropped on it stays here.
 * (NG-ZORRO leaves out silently what was dropped with another ending, so the endings are given to the browser's own choice only.)
 */
@Directive({
  selector: 'nz-upload[appAccept]',
  host: { '(keydown.space)': 'open($event)', '(drop)': '$event.stopPropagation()', '(dragover)': '$event.stopPropagation()' },
})
export class UploadA11y {
  /** Endings and types that the browser offers: ".csv,text/csv". */
  readonly appAccept = input.required<string>();
  /** What the file is. */
  readonly appFile = input.required<string>();
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    afterNextRender(() => setAttrs(this.field, { accept: this.appAccept(), 'aria-label': this.appFile() }));
  }

  private get field(): HTMLInputElement | null {
    return this.host.querySelector('input[type=file]');
  }

  protected open(event: Event): void {
    event.preventDefault(); // the page would scroll
    this.field?.click();
  }
}
