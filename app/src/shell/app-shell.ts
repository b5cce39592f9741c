import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, signal, viewChild } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { LedgerDrawer } from '../ledger/ledger-drawer';
import { Autosave } from '../state/autosave';
import { PlanService } from '../state/plan-service';
import { importProblemWords, readTripFile } from '../state/trip-files';
import { WorkspaceStore } from '../state/workspace-store';
import { CommandDrawer } from './command-drawer';
import { Commands } from './commands';
import { SettingsDrawer } from './settings-drawer';
import { VerdictLine } from './verdict-line';

/** The frame: words to walk by on the left, the view, the verdict at the foot. */
@Component({
  selector: 'app-root',
  imports: [CommandDrawer, LedgerDrawer, NzButtonComponent, RouterLink, RouterLinkActive, RouterOutlet, SettingsDrawer, VerdictLine],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './app-shell.html',
  styleUrl: './app-shell.less',
  host: { '(document:keydown)': 'commands.key($event)' },
})
export class AppShell {
  protected readonly store = inject(WorkspaceStore);
  protected readonly autosave = inject(Autosave);
  protected readonly commands = inject(Commands);
  private readonly plans = inject(PlanService);
  private readonly fileInput = viewChild.required<ElementRef<HTMLInputElement>>('file');

  /** Views that are built; the navigation shows no others. */
  protected readonly views = [{ path: '/carry', name: 'Carry' }];
  protected readonly refused = signal<{ file: string; sentences: string[] } | undefined>(undefined);
  protected readonly taken = signal<string | undefined>(undefined);
  protected readonly sideCommands = computed(() => this.commands.list().filter((c) => c.id !== 'demo'));
  protected readonly saveWords = computed(() => {
    const words = { reading: 'reading…', saved: 'saved', saving: 'saving…', failed: 'not saved' };
    return words[this.autosave.state()];
  });

  constructor() {
    void this.autosave.start().then(() => this.plans.start());
    effect(() => {
      const { theme } = this.store.preferences();
      document.documentElement.dataset['theme'] = theme;
      document.querySelector('meta[name=theme-color]')?.setAttribute('content', theme === 'day' ? '#eef1ee' : '#0b0805');
    });
    effect(() => {
      if (this.commands.importAsked() > 0) this.fileInput().nativeElement.click();
    });
  }

  protected async importFile(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = ''; // the same file may be chosen again once it is mended
    if (!file) return;
    this.refused.set(undefined);
    this.taken.set(undefined);
    const read = await readTripFile(file);
    if (read.ok) {
      this.store.editTrip('import', () => read.trip);
      this.taken.set(`${file.name}: ${read.trip.name} is open. Undo brings back what was here.`);
    } else this.refused.set({ file: file.name, sentences: importProblemWords(read.problem) });
  }

  protected dismiss(): void {
    this.refused.set(undefined);
    this.taken.set(undefined);
  }
}
