import { Directive, effect, inject, input, type OnInit, output, type Signal, untracked } from '@angular/core';
import { NG_VALUE_ACCESSOR } from '@angular/forms';
import { afterRender } from '../after-render';

/**
 * Binds a control of NG-ZORRO to a value that a store keeps: `<nz-radio-group [appStored]="value" (offered)="edit($event)">`. What the store does not
 * take is taken back from the screen. (`[ngModel]` goes on showing a value that was refused.)
 */
@Directive({ selector: '[appStored]' })
export class StoredValue<T> implements OnInit {
  readonly appStored = input.required<Signal<T>>();
  readonly offered = output<T>();
  private readonly accessor = inject(NG_VALUE_ACCESSOR, { self: true })[0];
  private readonly afterRender = afterRender();

  constructor() {
    effect(() => this.show(this.appStored()()));
  }

  /** Listens only now: NG-ZORRO's slider offers its least value while it is made. */
  ngOnInit(): void {
    this.accessor.registerOnChange((value: T) => {
      this.offered.emit(value);
      this.afterRender(() => this.show(untracked(this.appStored())));
    });
  }

  private show(value: T): void {
    untracked(() => this.accessor.writeValue(value));
  }
}
