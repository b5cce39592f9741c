import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, viewChild } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { HandedFile } from '../platform/handed-file';
import { Autosave } from '../store/autosave';
import { backupIsDue } from '../store/backup-age';
import { Importing } from '../store/importing';
import { WorkspaceStore } from '../store/workspace-store';
import { Commands } from '../commands/commands';
import { AppCommands } from './app-commands';
import { Drawers } from './drawers';
import { Notices } from './notices';
import { VerdictLine } from './verdict-line';
import { VIEWS } from './views';
import { chosenFile } from '../platform/chosen-file';

/** The frame: words to walk by on the left, the view, the verdict at the foot. Nothing can be changed before it is known what is saved: it would be lost. */
@Component({
  selector: 'app-root',
  imports: [Drawers, Notices, RouterLink, RouterLinkActive, RouterOutlet, VerdictLine],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './app-shell.html',
  styleUrl: './app-shell.less',
  host: { '(document:keydown)': 'key($event)' },
})
export class AppShell {
  protected readonly store = inject(WorkspaceStore);
  protected readonly autosave = inject(Autosave);
  protected readonly commands = inject(Commands);
  private readonly importing = inject(Importing);
  private readonly fileInput = viewChild.required<ElementRef<HTMLInputElement>>('file');

  private readonly whatIsSaved = this.autosave.start();

  protected readonly views = VIEWS;
  protected readonly sideCommands = computed(() => this.commands.list().filter((c) => c.side));
  protected readonly backupDue = computed(() => backupIsDue(this.autosave.written(), this.autosave.lastBackup(), Date.now()));
  protected readonly saveWords = computed(() => {
    const words = { reading: 'reading…', saved: 'saved', saving: 'saving…', failed: 'not saved' };
    return words[this.autosave.state()];
  });

  constructor() {
    const own = inject(AppCommands);
    this.commands.add(() => own.list());
    const handed = inject(HandedFile);
    // what comes in stands beside what was saved, so that is read first
    void this.whatIsSaved.then(() =>
      handed.listen(
        (file) => void this.importing.read(file),
        () => this.commands.open('newTrip'),
      ),
    );
    effect(() => {
      const { theme } = this.store.preferences();
      document.documentElement.dataset['theme'] = theme;
      document.querySelector('meta[name=theme-color]')?.setAttribute('content', theme === 'day' ? '#eef1ee' : '#0b0805');
    });
    effect(() => {
      if (this.commands.importAsked() > 0) this.fileInput().nativeElement.click();
    });
  }

  /** A key that comes before it is known what is saved is taken when it is. */
  protected key(event: KeyboardEvent): void {
    if (this.store.loaded()) this.commands.key(event);
    else void this.whatIsSaved.then(() => this.commands.key(event));
  }

  protected importFile(event: Event): void {
    const file = chosenFile(event);
    if (file) void this.importing.read(file);
  }
}
