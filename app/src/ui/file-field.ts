import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { chosenFile } from '../platform/chosen-file';
import { FileDrop } from './file-drop';

/** A file that comes in, chosen by a button or dropped on it. Nothing is sent anywhere: it is read in the browser. */
@Component({
  selector: 'app-file-field',
  imports: [FileDrop],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="ant-btn ant-btn-sm" appFileDrop (dropped)="chosen.emit($event)">
      <ng-content />
      <input class="hidden-text" type="file" [accept]="accept()" [attr.aria-label]="label()" (change)="choose($event)" />
    </label>
  `,
  styles: `
    :host {
      display: inline-block;
    }
    label {
      display: inline-flex;
      align-items: center;
    }
    label:focus-within {
      outline: 2px solid var(--ink);
      outline-offset: 2px;
    }
  `,
})
export class FileField {
  /** What the file is, for those who listen; what is seen is its content. */
  readonly label = input.required<string>();
  /** Endings and types that the browser offers: ".csv,text/csv". */
  readonly accept = input.required<string>();
  readonly chosen = output<File>();

  protected choose(event: Event): void {
    const file = chosenFile(event);
    if (file) this.chosen.emit(file);
  }
}
