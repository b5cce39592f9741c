import { ChangeDetectionStrategy, Component, type ElementRef, input, linkedSignal, viewChild } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzInputDirective } from 'ng-zorro-antd/input';
import { isDay } from '@tinder/core/domain/model';
import { FormValue } from './form-value';

/**
 * A day, written as 2027-08-16 wherever it stands, whatever the browser's own way: typed, or picked in the browser's month. What is no day is
 * named and the last one kept. The value is an ISO day; null or undefined where none is known. (NG-ZORRO's picker would add 100 kB to the first visit.)
 */
@Component({
  selector: 'app-date-field',
  imports: [NzButtonComponent, NzInputDirective],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <span class="field">
      <input
        nz-input
        inputmode="numeric"
        maxlength="10"
        autocomplete="off"
        placeholder="2027-08-16"
        [id]="fieldId()"
        [value]="held() ?? ''"
        [attr.aria-invalid]="wrong() ? 'true' : null"
        [attr.aria-describedby]="wrong() ? fieldId() + '-wrong' : null"
        (change)="take($any($event.target))"
        (keydown.escape)="giveBack($any($event.target))"
      />
      <button nz-button nzSize="small" type="button" tabindex="-1" (click)="month()">Pick</button>
      <input
        #native
        class="month"
        type="date"
        tabindex="-1"
        aria-hidden="true"
        [value]="held() ?? ''"
        (change)="take($any($event.target))"
      />
    </span>
    @if (wrong(); as text) {
      <span class="error" role="alert" [id]="fieldId() + '-wrong'">“{{ text }}” is no day: write year-month-day, as 2027-08-16.</span>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .field {
      position: relative;
      display: flex;
      gap: 0.625rem;
      align-items: baseline;
    }
    input.ant-input {
      width: 6rem;
      text-align: left;
    }
    .month {
      position: absolute;
      bottom: 0;
      right: 0;
      width: 1px;
      height: 1px;
      border: 0;
      padding: 0;
      opacity: 0;
      pointer-events: none;
    }
  `,
})
export class DateField extends FormValue<string | null | undefined, string> {
  /** For its label. */
  readonly fieldId = input.required<string>();
  /** May be emptied, which says ''. */
  readonly optional = input(false);

  private readonly native = viewChild.required<ElementRef<HTMLInputElement>>('native');
  /** What was typed and is no day; forgotten when the day changes. */
  protected readonly wrong = linkedSignal<string | null | undefined, string | undefined>({
    source: this.held,
    computation: () => undefined,
  });

  protected take(field: HTMLInputElement): void {
    const text = field.value.trim();
    if (!text && !this.optional()) return void this.giveBack(field);
    const holds = !text || isDay(text);
    this.wrong.set(holds ? undefined : text);
    this.readable(holds);
    if (holds && text !== (this.held() ?? '')) this.offer(text);
  }

  protected giveBack(field: HTMLInputElement): void {
    field.value = this.held() ?? '';
    this.wrong.set(undefined);
    this.readable(true);
  }

  protected month(): void {
    this.native().nativeElement.showPicker();
  }
}
