import { inject, Injectable, signal } from '@angular/core';
import { EMPTY_RACK, type Preferences, type Rack, type ShelvedTrip } from '@tinder/core';
import { debounceTime, Subject } from 'rxjs';
import { filter } from 'rxjs/operators';
import { mergeRack, mergeThree, same } from './merge';
import { demoWorkspace, type Workspace } from './workspace';
import { WorkspaceDb, type Conflict, type Kept } from './workspace-db';
import { WorkspaceStore } from './workspace-store';

export type SaveState = 'reading' | 'saved' | 'saving' | 'failed';
const SAVE_AFTER_MS = 250;
/** Without a backup for so long the walker is reminded, days. */
export const REMIND_AFTER_DAYS = 30;
/** Remembers per tab which trip is open, so that two tabs can hold two trips. */
const OPEN_HERE = 'open-trip';

/** Revision of a trip that the database does not hold yet. */
const NEVER_SAVED = 0;
const DAY_MS = 86_400_000;

/** A trip as the database last had it, with its revision. */
interface Known {
  shelved: ShelvedTrip;
  revision: number;
}

/**
 * Reads the saved library at the start and writes every changed trip back soon after it was changed. A trip that another tab
 * saved in the meantime is merged, never overwritten.
 */
@Injectable({ providedIn: 'root' })
export class Autosave {
  private readonly store = inject(WorkspaceStore);
  private readonly stateSignal = signal<SaveState>('reading');
  private readonly problemSignal = signal<string | undefined>(undefined);
  /** ISO date of the last backup of everything; undefined before the first. */
  private readonly lastBackup = signal<string | undefined>(undefined);
  private readonly writtenSignal = signal(false);
  private readonly dirty = new Subject<void>();
  private readonly otherTabs = new BroadcastChannel('restless-tinder');
  private db: WorkspaceDb | undefined;
  private known = new Map<string, Known>();
  private savedPreferences: Preferences | undefined;
  private savedRack: Rack = EMPTY_RACK;
  /** The demo's rack is written with the first thing saved. */
  private rackStored = false;
  private savedOrder = '';
  private seen: Workspace | undefined;
  private saveFailed = false;
  private openId = '';
  private running: Promise<void> = Promise.resolve();

  readonly state = this.stateSignal.asReadonly();
  /** A sentence about saving that the walker must see. */
  readonly problem = this.problemSignal.asReadonly();

  async start(): Promise<void> {
    await this.read();
    this.seen = this.store.workspace();
    this.store.workspace$.pipe(filter((w) => w !== this.seen && w === this.store.workspace())).subscribe((w) => {
      this.seen = w;
      sessionStorage.setItem(OPEN_HERE, w.openId);
      if (w.openId !== this.openId) void this.db?.setting('lastOpen', (this.openId = w.openId));
      if (!this.isDirty(w)) return;
      this.stateSignal.set('saving');
      this.dirty.next();
    });
    this.dirty.pipe(debounceTime(SAVE_AFTER_MS)).subscribe(() => this.flush());
    addEventListener('pagehide', () => this.flush());
    document.addEventListener('visibilitychange', () => document.hidden && this.flush());
    this.otherTabs.addEventListener('message', () => this.queue(() => this.followOtherTabs()));
  }

  /** Whole days since the last backup of everything; undefined before the first. */
  daysSinceBackup(nowMs: number): number | undefined {
    const last = this.lastBackup();
    return last === undefined ? undefined : Math.floor((nowMs - Date.parse(last)) / DAY_MS);
  }

  /** There is something to lose, and no backup of the last month. */
  backupIsDue(nowMs: number): boolean {
    return this.writtenSignal() && (this.daysSinceBackup(nowMs) ?? Number.POSITIVE_INFINITY) > REMIND_AFTER_DAYS;
  }

  /** Notes that everything was backed up today. */
  async backedUp(isoDate: string): Promise<void> {
    this.lastBackup.set(isoDate);
    await this.db?.setting('lastBackup', isoDate);
  }

  private async read(): Promise<void> {
    try {
      this.db = await WorkspaceDb.open({
        blocked: () => this.problemSignal.set('Another tab holds an older Restless Tinder open. Close it, then reload this one.'),
        terminated: () => this.fail('The browser closed its storage. Export the trip, then reload the page.'),
      });
      const loaded = await this.db.load();
      this.lastBackup.set(loaded.lastBackup);
      if (loaded.unreadable)
        this.problemSignal.set(
          `${loaded.unreadable === 1 ? 'Something saved' : `${loaded.unreadable} things saved`} could not be read. What was saved is kept aside untouched.`,
        );
      const demo = demoWorkspace();
      const preferences = loaded.preferences ?? demo.preferences;
      const library = loaded.trips.map(({ trip, archived }) => ({ trip, archived }));
      const wanted = sessionStorage.getItem(OPEN_HERE) ?? loaded.lastOpen;
      const openId = library.find((s) => s.trip.id === wanted)?.trip.id ?? library[0]?.trip.id ?? demo.openId;
      library.forEach((shelved, i) => this.known.set(shelved.trip.id, { shelved, revision: loaded.trips[i].revision }));
      // the untouched demo of a first visit: clean until something is saved, then saved with it
      if (!library.length) this.known.set(demo.openId, { shelved: demo.library[0], revision: NEVER_SAVED });
      // the demo's rack belongs to a first visit; who has trips and no rack yet starts with an empty one
      const rack = loaded.rack ?? (library.length ? EMPTY_RACK : demo.rack);
      this.savedPreferences = preferences;
      this.savedRack = rack;
      this.rackStored = loaded.rack !== undefined;
      this.savedOrder = orderOf(library.length ? library : demo.library).join();
      this.store.start(library.length ? { library, openId, preferences, rack } : { ...demo, preferences, rack });
      this.writtenSignal.set(library.length > 0);
      this.stateSignal.set('saved');
    } catch {
      this.store.start(undefined);
      this.fail('This browser does not let the page store anything (a private window?). Export the trip before you close it.');
    }
  }

  private isDirty(w: Workspace): boolean {
    return (
      w.preferences !== this.savedPreferences ||
      w.rack !== this.savedRack ||
      orderOf(w.library).join() !== this.savedOrder ||
      w.library.some((s) => this.known.get(s.trip.id)?.shelved !== s)
    );
  }

  private flush(): void {
    this.queue(() => this.write());
  }

  /** One thing at a time: a save and a look at another tab's work never interleave. */
  private queue(work: () => Promise<void>): void {
    this.running = this.running.then(work);
  }

  private async write(): Promise<void> {
    const workspace = this.store.workspace();
    if (!this.db) return;
    if (!this.isDirty(workspace)) return this.stateSignal.set('saved'); // undone before it was written
    const changed = workspace.library
      .map((shelved) => ({ shelved, known: this.known.get(shelved.trip.id) }))
      .filter(({ shelved, known }) => known?.shelved !== shelved || known.revision === NEVER_SAVED)
      .map(({ shelved, known }) => ({ shelved, expected: known?.revision ?? NEVER_SAVED }));
    const ids = orderOf(workspace.library);
    const removed = [...this.known.keys()].filter((id) => !ids.includes(id));
    try {
      const conflicts = await this.db.save(
        changed.map(({ shelved, expected }) => ({ ...shelved, expected })),
        removed,
        ids,
      );
      const preferred = workspace.preferences !== this.savedPreferences;
      if (preferred) await this.db.setting('preferences', workspace.preferences);
      this.savedPreferences = workspace.preferences;
      const racked = workspace.rack !== this.savedRack || !this.rackStored;
      if (racked) await this.writeRack(workspace.rack);
      this.savedOrder = ids.join();
      this.writtenSignal.set(true);
      for (const id of removed) this.known.delete(id);
      for (const { shelved, expected } of changed)
        if (!conflicts.some((c) => c.id === shelved.trip.id)) this.known.set(shelved.trip.id, { shelved, revision: expected + 1 });
      if (changed.length > conflicts.length || removed.length || preferred || racked) this.otherTabs.postMessage('saved');
      for (const conflict of conflicts) this.merge(conflict);
      if (this.saveFailed) this.problemSignal.set(undefined);
      this.saveFailed = false;
      if (this.isDirty(this.store.workspace())) this.dirty.next();
      else this.stateSignal.set('saved');
      void navigator.storage?.persist?.();
    } catch (e) {
      this.saveFailed = true;
      const full = e instanceof DOMException && e.name === 'QuotaExceededError';
      this.fail(
        full
          ? 'The browser has no room left to save. Export the trip and free some space.'
          : 'The last change could not be saved. Export the trip to keep it.',
      );
    }
  }

  /** Where another tab was faster, both racks are merged; the next save writes what came of it. */
  private async writeRack(mine: Rack): Promise<void> {
    const theirs = await this.db?.saveRack(this.savedRack, mine);
    const merged = theirs && mergeRack(this.savedRack, mine, theirs);
    this.savedRack = theirs ?? mine;
    this.rackStored = true;
    if (merged) this.store.followRack(merged);
  }

  /** Both tabs changed one trip: what each changed is kept, and the other's version is one undo away. */
  private merge({ id, trip, archived, revision }: Conflict): void {
    const base = this.known.get(id)?.shelved;
    const mine = this.store.workspace().library.find((s) => s.trip.id === id);
    const theirs = { trip, archived };
    this.known.set(id, { shelved: theirs, revision });
    const merged = base && mine ? mergeThree(base, mine, theirs) : mine;
    if (!same(merged, mine)) this.store.follow(id, mine, merged);
  }

  private async followOtherTabs(): Promise<void> {
    if (!this.db) return;
    const { trips, preferences, rack } = await this.db.load();
    for (const kept of trips) this.followTrip(kept);
    for (const [id, { shelved }] of [...this.known]) {
      if (trips.some((t) => t.trip.id === id)) continue;
      const mine = this.store.workspace().library.find((s) => s.trip.id === id);
      this.known.delete(id);
      // deleted there: gone here too, unless it was changed here or is being looked at
      if (mine === shelved && id !== this.store.trip().id) this.store.follow(id, shelved, undefined);
    }
    this.savedOrder = orderOf(this.store.workspace().library).join();
    if (preferences) this.followPreferences(preferences);
    if (rack) this.followRack(rack);
  }

  /** Another tab's theme and units, unless they were changed here too and are about to be saved. */
  private followPreferences(theirs: Preferences): void {
    const mine = this.store.preferences();
    if (mine !== this.savedPreferences || same(mine, theirs)) return;
    this.savedPreferences = theirs;
    this.store.followPreferences(theirs);
  }

  /** Another tab's rack, unless this tab has an edit under way: its own save will merge. */
  private followRack(theirs: Rack): void {
    if (this.store.rack() !== this.savedRack || same(this.savedRack, theirs)) return;
    this.savedRack = theirs;
    this.store.followRack(theirs);
  }

  private followTrip({ trip, archived, revision }: Kept): void {
    const known = this.known.get(trip.id);
    if (known?.revision === revision) return;
    const mine = this.store.workspace().library.find((s) => s.trip.id === trip.id);
    if (mine && mine !== known?.shelved) return; // an edit under way here: its own save will merge
    const theirs = { trip, archived };
    const shelved = mine && same(mine, theirs) ? mine : theirs; // nothing new is no step
    this.known.set(trip.id, { shelved, revision });
    if (shelved !== mine) this.store.follow(trip.id, mine, shelved);
  }

  private fail(sentence: string): void {
    this.stateSignal.set('failed');
    this.problemSignal.set(sentence);
  }
}

const orderOf = (library: readonly ShelvedTrip[]): string[] => library.map((s) => s.trip.id);
