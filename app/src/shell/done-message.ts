import { ChangeDetectionStrategy, Component, effect, inject, viewChild, type TemplateRef } from '@angular/core';
import { LiveAnnouncer } from '@angular/cdk/a11y';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NzMessageService } from 'ng-zorro-antd/message';
import { Done } from '../store/done';
import { WorkspaceStore } from '../store/workspace-store';

/** Long enough to be read and reached. */
const SHOWN_MS = 10_000;

/** Tells in a message what was done at one press, with a button that takes it back. NG-ZORRO's messages are silent: it is read aloud as well. */
@Component({
  selector: 'app-done-message',
  imports: [NzButtonComponent],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ng-template #message let-told="data">
      <span class="done">
        {{ told.words }}
        <button nz-button nzSize="small" type="button" (click)="store.undo()">Undo</button>
      </span>
    </ng-template>
  `,
})
export class DoneMessage {
  protected readonly store = inject(WorkspaceStore);
  private readonly message = viewChild.required<TemplateRef<void>>('message');

  constructor() {
    const messages = inject(NzMessageService);
    const announcer = inject(LiveAnnouncer);
    const done = inject(Done);
    effect((onCleanup) => {
      const told = done.told();
      if (!told) return;
      void announcer.announce(`${told.words} Control Z takes it back.`);
      const { messageId } = messages.success(this.message(), { nzDuration: SHOWN_MS, nzData: told });
      onCleanup(() => messages.remove(messageId));
    });
  }
}
