import { afterNextRender, Directive, type DoCheck, ElementRef, inject } from '@angular/core';
import { NzSwitchComponent } from 'ng-zorro-antd/switch';
import { setAttrs } from './attrs';

/** Makes the button in nz-switch a switch that says whether it is on. (NG-ZORRO's is a plain button.) Name it by `nzId` and a label. */
@Directive({ selector: 'nz-switch' })
export class SwitchA11y implements DoCheck {
  private readonly turned = inject(NzSwitchComponent, { self: true });
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    afterNextRender(() => this.describe());
  }

  ngDoCheck(): void {
    this.describe();
  }

  private describe(): void {
    setAttrs(this.host.firstElementChild, { role: 'switch', 'aria-checked': !!this.turned.isChecked });
  }
}
