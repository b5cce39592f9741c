import { Directive, ElementRef, inject } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NzPopconfirmDirective } from 'ng-zorro-antd/popconfirm';
import { giveFocusBack, newId, setAttrs } from './attrs';

/**
 * A question beside its button, asked where nothing can take the answer back: an alertdialog that is named by its question, whose careful answer has the
 * focus; Escape is that answer, and the focus comes back to the button. (NG-ZORRO's has no role, and leaves the focus where it is lost.)
 */
@Directive({ selector: '[nz-popconfirm]', host: { 'aria-haspopup': 'dialog', 'aria-expanded': 'false' } })
export class PopconfirmA11y {
  private readonly button = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly popconfirm = inject(NzPopconfirmDirective, { self: true });
  private readonly id = newId('confirm');

  constructor() {
    this.popconfirm.visibleChange.pipe(takeUntilDestroyed()).subscribe((open) => {
      setAttrs(this.button, { 'aria-expanded': open, 'aria-controls': open ? this.id : null });
      if (open) requestAnimationFrame(() => this.enter());
      else giveFocusBack(this.button, this.id);
    });
  }

  private enter(): void {
    const question = this.popconfirm.component?.overlay.overlayRef.overlayElement.querySelector<HTMLElement>('.ant-popover');
    if (!question) return;
    const title = question.querySelector('.ant-popover-message-title');
    setAttrs(title, { id: `${this.id}-question` });
    setAttrs(question, { role: 'alertdialog', id: this.id, 'aria-labelledby': `${this.id}-question` });
    question.querySelectorAll('[role=tooltip]').forEach((e) => e.removeAttribute('role'));
    question.addEventListener('keydown', (event) => {
      if (event.key !== 'Escape') return;
      event.stopPropagation();
      this.popconfirm.hide();
    });
    question.querySelector('button')?.focus();
  }
}
