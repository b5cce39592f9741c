import { Directive, inject } from '@angular/core';
import { NzRadioService } from 'ng-zorro-antd/radio';
import { newId } from './attrs';

/** A group of radio buttons is one: by its role, and by the name that native buttons need for the arrow keys. (NG-ZORRO gives it neither.) */
@Directive({ selector: 'nz-radio-group', host: { role: 'radiogroup' } })
export class RadioGroupA11y {
  constructor() {
    inject(NzRadioService).setName(newId('choice'));
  }
}
