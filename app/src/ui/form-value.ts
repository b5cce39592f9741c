import { Directive, inject, input, linkedSignal, output } from '@angular/core';
import { NgControl, type AbstractControl, type ControlValueAccessor } from '@angular/forms';

/**
 * The value of a control of ours: bound to what a store keeps by `[value]` and `(valueChange)`, or held by a reactive form (`formControlName`). What
 * cannot be read is said beside the field and never becomes a value; the form is invalid until it is typed again or taken back.
 */
@Directive()
export abstract class FormValue<T, O extends T = T> implements ControlValueAccessor {
  readonly value = input<T>();
  readonly valueChange = output<O>();
  /** What is shown: the bound value, or the form's. */
  protected readonly held = linkedSignal(() => this.value());
  private readonly ofForm = inject(NgControl, { self: true, optional: true });
  private tell: (value: O) => void = () => undefined;
  /** The form's control was left. */
  protected touched: () => void = () => undefined;

  constructor() {
    if (this.ofForm) this.ofForm.valueAccessor = this;
  }

  writeValue(value: T): void {
    this.held.set(value);
  }

  registerOnChange(tell: (value: O) => void): void {
    this.tell = tell;
  }

  registerOnTouched(touched: () => void): void {
    this.touched = touched;
  }

  /** Hands on what was typed or chosen. A form keeps it at once; a store may refuse, and then the old value is shown. */
  protected offer(value: O): void {
    if (this.ofForm) this.held.set(value);
    this.tell(value);
    this.valueChange.emit(value);
  }

  /** Says to the form whether what stands in the field can be read. */
  protected readable(isReadable: boolean): void {
    const control: AbstractControl | null | undefined = this.ofForm?.control;
    if (!isReadable) control?.setErrors({ unreadable: true });
    else if (control?.errors) control.updateValueAndValidity({ emitEvent: false });
  }
}
