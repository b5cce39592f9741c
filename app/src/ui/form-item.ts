import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { NzTagComponent } from 'ng-zorro-antd/tag';

/** One question of a form: its name over the control, and beside it that the answer is assumed, until it is typed. */
@Component({
  selector: 'app-form-item',
  imports: [NzTagComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="name" aria-hidden="true">
      {{ name() }}
      @if (note()) {
        <span class="quiet">{{ note() }}</span>
      }
    </div>
    <div class="control">
      <ng-content />
      @if (assumed()) {
        <nz-tag class="assumed">Assumed</nz-tag>
      }
    </div>
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    .name {
      margin-bottom: 0.25rem;
      font-weight: 600;
    }
    .quiet {
      margin-left: 0.375rem;
      font-weight: 500;
    }
    .control {
      display: flex;
      flex-wrap: wrap;
      gap: 0.5rem 0.625rem;
      align-items: center;
    }
  `,
})
export class FormItem {
  /** Its name for those who see it; the control carries the same for those who listen. */
  readonly name = input.required<string>();
  readonly note = input('');
  readonly assumed = input(false);
}
