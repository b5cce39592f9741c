import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, signal, viewChild } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { besideRack, type Preferences, type Rack, type ShelvedTrip } from '@tinder/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { NewTripDrawer } from '../library/new-trip-drawer';
import { TripsDrawer } from '../library/trips-drawer';
import { LedgerDrawer } from '../ledger/ledger-drawer';
import { Autosave } from '../state/autosave';
import { PlanService } from '../state/plan-service';
import { importProblemWords, readTripFile } from '../state/trip-files';
import { besideExisting, withNewTrips } from '../state/workspace';
import { WorkspaceStore } from '../state/workspace-store';
import { CommandDrawer } from './command-drawer';
import { Commands } from './commands';
import { SettingsDrawer } from './settings-drawer';
import { VerdictLine } from './verdict-line';
import { chosenFile } from '../ui/chosen-file';

/** A backup that was read and waits for a word. */
interface Backup {
  file: string;
  trips: ShelvedTrip[];
  rack: Rack | undefined;
  preferences: Preferences;
}

/** The frame: words to walk by on the left, the view, the verdict at the foot. */
@Component({
  selector: 'app-root',
  imports: [
    CommandDrawer,
    LedgerDrawer,
    NewTripDrawer,
    NzButtonComponent,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    SettingsDrawer,
    TripsDrawer,
    VerdictLine,
  ],
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
  protected readonly views = [
    { path: '/trail', name: 'Trail' },
    { path: '/kit', name: 'Kit' },
    { path: '/menu', name: 'Menu' },
    { path: '/carry', name: 'Carry' },
  ];
  protected readonly refused = signal<{ file: string; sentences: string[] } | undefined>(undefined);
  protected readonly backup = signal<Backup | undefined>(undefined);
  protected readonly taken = signal<string | undefined>(undefined);
  protected readonly sideCommands = computed(() => this.commands.list().filter((c) => c.side));
  protected readonly backupDue = computed(() => this.autosave.backupIsDue(Date.now()));
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
    const file = chosenFile(event);
    if (!file) return;
    this.dismiss();
    const read = await readTripFile(file);
    if (!read.ok) this.refused.set({ file: file.name, sentences: importProblemWords(read.problem) });
    else if (read.preferences) this.backup.set({ file: file.name, trips: read.trips, rack: read.rack, preferences: read.preferences });
    else this.add(file.name, read.trips, read.rack);
  }

  /** What a file holds comes to stand beside what is here; the first trip of it is opened. */
  protected add(file: string, trips: readonly ShelvedTrip[], rack: Rack | undefined): void {
    const newId = () => crypto.randomUUID();
    const added = besideExisting(this.store.workspace(), trips, newId);
    this.store.edit('import', (w) => {
      const racked = rack ? { ...w, rack: besideRack(w.rack, rack, newId) } : w;
      return added.length ? withNewTrips(racked, added) : racked;
    });
    this.dismiss();
    if (!added.length) {
      this.taken.set(`${file}: its pieces and kits are on the rack beside those that were there. Undo takes them off again.`);
      return;
    }
    this.taken.set(
      `${file}: ${added[0].trip.name} is open${added.length > 1 ? ` and ${added.length - 1} more were added` : ''}. Undo takes it out again.`,
    );
  }

  /** Everything here gives way to what the backup holds; one undo brings it back. */
  protected restore({ file, trips, rack, preferences }: Backup): void {
    this.store.edit('restore', (w) => ({
      library: trips.length ? trips : w.library,
      openId: trips[0]?.trip.id ?? w.openId,
      preferences,
      rack: rack ?? w.rack,
    }));
    this.dismiss();
    this.taken.set(`${file}: everything is as it was backed up. Undo brings back what was here.`);
  }

  protected dismiss(): void {
    this.refused.set(undefined);
    this.taken.set(undefined);
    this.backup.set(undefined);
  }
}
