import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { Start } from '../commands/start';
import { AppUpdates } from '../platform/app-updates';
import { InstallOffer } from '../platform/install-offer';
import { WorkerTrouble } from '../platform/worker-trouble';
import { Autosave } from '../store/autosave';
import { Importing } from '../store/importing';
import { WorkspaceStore } from '../store/workspace-store';
import { Notice } from '../ui/notice';
import { guestWords } from '../words/import-words';
import { refusalWords } from '../words/room-words';
import { clashWords } from '../words/save-words';
import { noWorkerWords } from '../words/study-words';
import { DoneMessage } from './done-message';
import { StartTour } from './start-tour';

/** What the walker must see, above every view: what is wrong with saving or planning, what came in, what is offered, where to begin. */
@Component({
  selector: 'app-notices',
  imports: [DoneMessage, Notice, NzButtonComponent, StartTour],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './notices.html',
  styleUrl: './notices.less',
})
export class Notices {
  protected readonly store = inject(WorkspaceStore);
  protected readonly start = inject(Start);
  protected readonly autosave = inject(Autosave);
  protected readonly importing = inject(Importing);
  protected readonly updates = inject(AppUpdates);
  protected readonly trouble = inject(WorkerTrouble);
  protected readonly install = inject(InstallOffer);

  protected readonly clashWords = clashWords;
  protected readonly guestWords = guestWords;
  protected readonly noWorkerWords = noWorkerWords;
  protected readonly refusalWords = refusalWords;

  /** Changes over to a newer version of the app once everything is written. */
  protected async update(): Promise<void> {
    await this.autosave.settled();
    await this.updates.take();
  }
}
