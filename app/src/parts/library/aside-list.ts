import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzPopconfirmDirective } from 'ng-zorro-antd/popconfirm';
import { download } from '../../platform/download';
import type { KeptAside } from '../../platform/database/workspace-db';
import { Autosave } from '../../store/autosave';
import { PopconfirmA11y } from '../../ui/nz/popconfirm-a11y';
import { asideFileName, asideName, asideProblemWords, stillUnreadableWords } from '../../words/save-words';

/** What was saved and could not be read: what is wrong with it, as it is into a file, tried again, or removed on purpose. */
@Component({
  selector: 'app-aside-list',
  imports: [NzButtonComponent, NzPopconfirmDirective, PopconfirmA11y],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (autosave.aside().length) {
      <h3>Kept aside</h3>
      <ul aria-label="Kept aside">
        @for (a of autosave.aside(); track a.key) {
          <li>
            <b>{{ name(a) }}</b>
            <p class="error">{{ problemWords(a.problem) }}</p>
            <p class="acts">
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Export ' + name(a) + ' as it is'" (click)="save(a)">
                Export as it is
              </button>
              <button nz-button nzSize="small" type="button" [attr.aria-label]="'Try ' + name(a) + ' again'" (click)="again(a)">
                Try again
              </button>
              <button
                nz-button
                nz-popconfirm
                nzSize="small"
                type="button"
                [attr.aria-label]="'Remove ' + name(a)"
                [nzPopconfirmTitle]="'Remove ' + name(a) + '? Nothing brings it back.'"
                nzOkText="Remove for good"
                nzCancelText="Keep"
                [nzIcon]="null"
                (nzOnConfirm)="autosave.removeAside(a.key)"
              >
                Remove
              </button>
            </p>
          </li>
        }
      </ul>
      @if (refused(); as words) {
        <p role="status">{{ words }}</p>
      }
    }
  `,
  styleUrl: './kept-list.less',
  styles: `
    .error {
      overflow-wrap: anywhere;
    }
  `,
})
export class AsideList {
  protected readonly autosave = inject(Autosave);
  protected readonly refused = signal<string | undefined>(undefined);
  protected readonly name = asideName;
  protected readonly problemWords = asideProblemWords;

  protected save(kept: KeptAside): void {
    download(asideFileName(kept), new Blob([JSON.stringify(kept.value, undefined, 2)], { type: 'application/json' }));
  }

  protected async again(kept: KeptAside): Promise<void> {
    const back = await this.autosave.tryAside(kept.key);
    this.refused.set(back ? undefined : stillUnreadableWords(asideName(kept)));
  }
}
