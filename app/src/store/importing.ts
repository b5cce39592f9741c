import { inject, Injectable, signal } from '@angular/core';
import { besideRack } from '@tinder/core/domain/kit';
import {
  besideBench,
  besideShelf,
  type Bench,
  type Preferences,
  type Rack,
  type ShelfItem,
  type ShelvedTrip,
  type Trip,
} from '@tinder/core/domain/model';
import { readFile } from '../platform/read-file';
import {
  addedWords,
  BENCH_ADDED_WORDS,
  importProblemWords,
  RACK_ADDED_WORDS,
  RESTORED_WORDS,
  SHELF_ADDED_WORDS,
} from '../words/import-words';
import { unreadWords } from '../words/file-words';
import { besideExisting, withNewTrips } from './workspace';
import { WorkspaceStore } from './workspace-store';

/** A backup that was read and waits for a word. */
export interface Backup {
  file: string;
  trips: ShelvedTrip[];
  rack: Rack | undefined;
  preferences: Preferences;
}
/** A file that was not taken: nothing here has changed. */
export interface Refused {
  file: string;
  sentences: string[];
}

/** Takes files in: trips and racks beside what is here, backups after a word; what is refused says why. */
@Injectable({ providedIn: 'root' })
export class Importing {
  private readonly store = inject(WorkspaceStore);
  private readonly refusedSignal = signal<Refused | undefined>(undefined);
  private readonly backupSignal = signal<Backup | undefined>(undefined);
  private readonly takenSignal = signal<string | undefined>(undefined);
  /** Counts files: only the one chosen last is heard. */
  private turn = 0;

  readonly refused = this.refusedSignal.asReadonly();
  readonly backup = this.backupSignal.asReadonly();
  /** What was taken in, in a sentence. */
  readonly taken = this.takenSignal.asReadonly();

  async read(file: File): Promise<void> {
    this.dismiss();
    const turn = ++this.turn;
    try {
      const read = await readFile(async (reader) => await reader.archive(file));
      if (turn !== this.turn) return;
      if (!read.ok) return this.refusedSignal.set({ file: file.name, sentences: importProblemWords(read.problem) });
      const { trips, rack, shelf, bench, preferences, toLookAt } = read.value;
      if (toLookAt) this.store.lookAt(trips[0].trip);
      else if (preferences) this.backupSignal.set({ file: file.name, trips, rack, preferences });
      else this.add(file.name, trips, rack, shelf, bench);
    } catch (e) {
      if (turn === this.turn) this.refusedSignal.set({ file: file.name, sentences: [unreadWords(file.name, e)] });
    }
  }

  /** What a file holds comes to stand beside what is here; the first trip of it is opened. */
  add(file: string, trips: readonly ShelvedTrip[], rack: Rack | undefined, shelf: readonly ShelfItem[] = [], bench?: Bench): void {
    const newId = (): string => crypto.randomUUID();
    const added = besideExisting(this.store.workspace(), trips, newId);
    const taken = this.store.edit('import', (w) => {
      const beside = rack ? besideRack(w.rack, rack, newId) : w.rack;
      const shelved = shelf.length ? { ...beside, shelf: besideShelf(beside.shelf, shelf, newId) } : beside;
      const racked = { ...w, rack: bench ? { ...shelved, bench: besideBench(shelved.bench, bench) } : shelved };
      return added.length ? withNewTrips(racked, added) : racked;
    });
    this.dismiss();
    if (taken)
      this.takenSignal.set(
        `${file}: ${added.length ? addedWords(added.map((s) => s.trip.name)) : rack ? RACK_ADDED_WORDS : bench ? BENCH_ADDED_WORDS : SHELF_ADDED_WORDS}`,
      );
  }

  /** A trip that was looked at comes to stand beside the walker's own, and is opened. */
  keepCopy(trip: Trip): void {
    this.add(trip.name, [{ trip, archived: false }], undefined);
  }

  /** Everything here gives way to what the backup holds; one undo brings it back. */
  restore({ file, trips, rack, preferences }: Backup): void {
    this.store.lookAt(undefined);
    this.store.edit('restore', (w) => ({
      library: trips.length ? trips : w.library,
      openId: trips[0]?.trip.id ?? w.openId,
      preferences,
      rack: rack ?? w.rack,
    }));
    this.dismiss();
    this.takenSignal.set(`${file}: ${RESTORED_WORDS}`);
  }

  dismiss(): void {
    this.turn++;
    this.refusedSignal.set(undefined);
    this.takenSignal.set(undefined);
    this.backupSignal.set(undefined);
  }
}
