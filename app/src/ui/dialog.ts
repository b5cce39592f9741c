import { CdkTrapFocus } from '@angular/cdk/a11y';
import { Directive, inject } from '@angular/core';

/** What stands in a drawer: a dialog that takes the focus when it comes, keeps it, and gives it back when it goes. */
@Directive({
  selector: '[appDialog]',
  hostDirectives: [CdkTrapFocus],
  host: { role: 'dialog', 'aria-modal': 'true' },
})
export class Dialog {
  constructor() {
    inject(CdkTrapFocus).autoCapture = true;
  }
}
