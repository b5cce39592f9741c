import { Directive, output, signal } from '@angular/core';

/** A place that a file can be dropped on; it shows while one is held over it. */
@Directive({
  selector: '[appFileDrop]',
  host: {
    '[class.drop-here]': 'isOver()',
    '(dragover)': 'over($event)',
    '(dragleave)': 'isOver.set(false)',
    '(drop)': 'take($event)',
  },
})
export class FileDrop {
  readonly dropped = output<File>();
  protected readonly isOver = signal(false);

  /** Without this the browser would open the file in place of the page. */
  protected over(event: DragEvent): void {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    event.stopPropagation();
    this.isOver.set(true);
  }

  protected take(event: DragEvent): void {
    this.isOver.set(false);
    const file = event.dataTransfer?.files[0];
    if (!file) return;
    event.preventDefault();
    event.stopPropagation();
    this.dropped.emit(file);
  }
}
