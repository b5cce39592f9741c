import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router } from '@angular/router';
import { same, type ShelvedTrip } from '@tinder/core/model';
import { auditTime, debounceTime, firstValueFrom, merge, Subject, timer } from 'rxjs';
import { filter } from 'rxjs/operators';
import { BEEN_HERE } from '../platform/been-here';
import { nothingIsKept } from '../platform/database/nothing-kept';
import type { Conflict, KeptAside, Loaded, WorkspaceDb } from '../platform/database/workspace-db';
import { tabMemory } from '../platform/tab-memory';
import { asideWords, saveFaultWords, type SaveFault } from '../words/save-words';
import { followPreferences, followRack, followTrips } from './following';
import { mayPass, saveFaultOf } from './save-fault';
import { Saved } from './saved';
import { readSchemas } from './schemas/read-schemas';
import type * as Saving from './saving';
import { isNews, type TabNews } from './tab-news';
import { keptUnchecked, unwrittenEdits } from './unwritten-edits';
import { withTrip, type Workspace } from './workspace';
import { WorkspaceStore } from './workspace-store';

export type SaveState = 'reading' | 'saved' | 'saving' | 'failed';
/** An edit is written when so much time has passed without another … */
const SAVE_AFTER_MS = 250;
/** … and in a burst of edits at least every so often: no more than this is ever unwritten. */
const SAVE_AT_LEAST_EVERY_MS = 1000;
/** What saves comes after the view, on a line that is slow, but no later than this. */
const SAVING_AT_LATEST_MS = 4000;
/** Pauses before another try, growing up to a minute. */
const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 60_000;

/** Two tabs changed the same thing: mine stands, theirs can be taken. */
export interface Clash {
  mine: ShelvedTrip;
  theirs: ShelvedTrip;
}

/**
 * Reads the saved library at the start and writes every change back soon after it was made. What another tab saved in the meantime is
 * merged, never overwritten. A fault never ends saving: it is told, and tried again.
 */
@Injectable({ providedIn: 'root' })
export class Autosave {
  private readonly store = inject(WorkspaceStore);
  /** Set again means looked at again: what is saved has changed. */
  private readonly stateSignal = signal<SaveState>('reading', { equal: () => false });
  private readonly faultSignal = signal<{ fault: SaveFault; retryS: number | undefined } | undefined>(undefined);
  private readonly asideSignal = signal<readonly KeptAside[]>([]);
  private readonly clashSignal = signal<Clash | undefined>(undefined);
  private readonly writtenSignal = signal(false);
  private readonly lastBackupSignal = signal<string | undefined>(undefined);
  private readonly gone = inject(DestroyRef);
  private readonly dirty = new Subject<void>();
  /** Saving is asked for: it need not wait for the view. */
  private readonly wanted = new Subject<void>();
  private readonly viewIsThere = inject(Router).events.pipe(filter((e) => e instanceof NavigationEnd));
  private readonly otherTabs = new BroadcastChannel('restless-tinder');
  private saving: typeof Saving | undefined;
  private unwritten: Saving.Unwritten | undefined;
  /** What this page calls itself where it keeps what is unwritten. */
  private readonly tab = `${performance.timeOrigin} ${Math.random()}`;
  private keptUnchecked = false;
  private db: WorkspaceDb | undefined;
  /** Undefined until what is saved has been read: before that nothing is ever written. */
  private saved: Saved | undefined;
  private seen: Workspace | undefined;
  private openId = '';
  private retryMs = FIRST_RETRY_MS;
  private retryTimer: ReturnType<typeof setTimeout> | undefined;
  private running: Promise<void> = Promise.resolve();

  /** An edit shows as unsaved in the moment it is made, not when saving takes notice of it. */
  readonly state = computed(() => {
    const [state, workspace] = [this.stateSignal(), this.store.workspace()];
    return state === 'saved' && this.saved?.differsFrom(workspace) ? 'saving' : state;
  });
  /** What is wrong with saving; undefined while all is well. */
  readonly fault = this.faultSignal.asReadonly();
  /** What was saved and could not be read. */
  readonly aside = this.asideSignal.asReadonly();
  /** The last change of another tab that could not be merged with one made here. */
  readonly clash = this.clashSignal.asReadonly();
  /** Something of the walker's own is saved here. */
  readonly written = this.writtenSignal.asReadonly();
  /** ISO date of the last backup of everything; undefined before the first. */
  readonly lastBackup = this.lastBackupSignal.asReadonly();

  /** A sentence about saving that the walker must see. */
  problem(): string | undefined {
    const told = this.faultSignal();
    if (told) return saveFaultWords(told.fault, told.retryS);
    return this.asideSignal().length ? asideWords(this.asideSignal().length) : undefined;
  }

  /** Where it is certain that nothing is saved, nothing is waited for: what saves comes when the page is there, and in any case before the first save. */
  async start(): Promise<void> {
    if (await nothingIsKept()) {
      this.begin({ trips: [], aside: [] });
      const viewFirst = firstValueFrom(merge(this.viewIsThere, this.wanted, timer(SAVING_AT_LATEST_MS)));
      this.queue(() => viewFirst.then(() => this.ready()));
    } else await this.read();
    this.seen = this.saved?.workspace ?? this.store.workspace();
    merge(this.dirty.pipe(debounceTime(SAVE_AFTER_MS)), this.dirty.pipe(auditTime(SAVE_AT_LEAST_EVERY_MS)))
      .pipe(takeUntilDestroyed(this.gone))
      .subscribe(() => this.flush());
    // what was edited before this comes at once
    this.store.workspace$.pipe(filter((w) => w !== this.seen && w === this.store.workspace())).subscribe((w) => this.noticed(w));
    this.gone.onDestroy(() => clearTimeout(this.retryTimer));
    const leaving = (): void => {
      this.keepNow();
      this.flush();
    };
    addEventListener('pagehide', leaving);
    document.addEventListener('visibilitychange', () => document.hidden && leaving());
    this.otherTabs.addEventListener('message', ({ data }) => {
      const news = this.saving?.readTabNews(data);
      if (news) this.queue(() => this.follow(news));
    });
  }

  /** Writes what is not written yet, and is done when it is. */
  async settled(): Promise<void> {
    this.wanted.next();
    this.flush();
    await this.running;
  }

  /** Keeps what is not written yet where it outlives the death of the page in this very moment. */
  keepNow(): void {
    if (!this.saved) return;
    if (this.unwritten) return this.unwritten.keep(this.saved, this.store.workspace());
    const edits = unwrittenEdits(this.tab, this.saved, this.store.workspace());
    if (edits && keptUnchecked(edits)) this.keptUnchecked = true;
  }

  /** Notes that everything was backed up today. */
  async backedUp(isoDate: string): Promise<void> {
    this.lastBackupSignal.set(isoDate);
    await this.settled();
    await this.db?.setting('lastBackup', isoDate);
  }

  /** Tries once more to read what was put aside; true where it could be, and is back. */
  async tryAside(key: number): Promise<boolean> {
    if (!(await this.db?.tryAside(key))) return false;
    await this.lookAgain();
    return true;
  }

  /** Takes away for good what was put aside. */
  async removeAside(key: number): Promise<void> {
    await this.db?.removeAside(key);
    this.asideSignal.update((list) => list.filter((a) => a.key !== key));
  }

  /** Takes the other tab's version after all, as a step that can be undone. */
  takeTheirs(): void {
    const clash = this.clashSignal();
    this.clashSignal.set(undefined);
    if (!clash) return;
    this.store.edit('the other tab’s version', (w) => withTrip(w, clash.theirs.trip.id, () => clash.theirs));
  }

  keepMine(): void {
    this.clashSignal.set(undefined);
  }

  private async read(): Promise<void> {
    try {
      this.saving = await this.savingPart();
      this.db = await this.open(this.saving);
      this.unwritten = new this.saving.Unwritten(this.tab, false);
      this.begin(await this.db.load());
    } catch (e) {
      // nothing was read: what is shown stands for nothing that is saved, and is never written over it
      this.store.start(undefined);
      this.fail(saveFaultOf(e), undefined);
    }
  }

  private begin(loaded: Loaded): void {
    const saved = (this.saved = new Saved(loaded, tabMemory.openTrip()));
    this.lastBackupSignal.set(loaded.lastBackup);
    this.asideSignal.set(loaded.aside);
    if (loaded.trips.length) this.isWritten();
    this.store.start(saved.workspace);
    const taken = this.unwritten?.takenInto(saved.workspace) ?? saved.workspace;
    if (taken !== saved.workspace) this.store.edit('what was not saved yet', () => taken);
    this.stateSignal.set('saved');
  }

  /** What saves, where it was not needed to begin; and what another tab may have saved since. */
  private async ready(): Promise<typeof Saving> {
    if (this.saving) return this.saving;
    const saving = await this.savingPart();
    this.db ??= await this.open(saving);
    this.unwritten ??= new saving.Unwritten(this.tab, this.keptUnchecked);
    await this.lookAgain();
    return (this.saving = saving);
  }

  /** The schemas come after the first verdict, in tasks of their own. */
  private async savingPart(): Promise<typeof Saving> {
    try {
      await readSchemas();
      return await import('./saving');
    } catch {
      throw Object.assign(new Error('the part that saves did not come'), { name: this.saved ? 'MissingSaver' : 'MissingPart' });
    }
  }

  private async open({ openInTime }: Pick<typeof Saving, 'openInTime'>): Promise<WorkspaceDb> {
    const db = await openInTime({
      blocked: () => this.faultSignal.set({ fault: { code: 'blocked' }, retryS: undefined }),
      blocking: () => void this.handOver(),
      terminated: () => this.lost(),
    });
    if (this.faultSignal()?.fault.code === 'blocked') this.faultSignal.set(undefined); // the other tab is closed
    return db;
  }

  /** A newer version waits in another tab: what is here is written, then the connection let go. */
  private async handOver(): Promise<void> {
    await this.settled();
    this.db?.close();
    this.db = undefined;
    this.fail({ code: 'handedOver' }, undefined);
  }

  private lost(): void {
    this.db = undefined;
    this.tryAgain({ code: 'closed' });
  }

  private noticed(w: Workspace): void {
    this.seen = w;
    if (w.openId !== this.openId) {
      this.openId = w.openId;
      tabMemory.keepOpenTrip(w.openId);
      // a convenience of the next visit: a fault of storage shows in the next save
      this.running.then(() => this.db?.setting('lastOpen', w.openId)).catch(() => undefined);
    }
    if (!this.saved?.differsFrom(w)) return;
    if (this.db) this.stateSignal.set('saving');
    this.wanted.next();
    this.dirty.next();
  }

  private flush(): void {
    this.queue(() => this.write());
  }

  /** One thing at a time: a save and a look at another tab's work never interleave. What fails is told and tried again, and ends nothing. */
  private queue(work: () => Promise<unknown>): void {
    this.running = this.running.then(async () => void (await work())).catch((e: unknown) => this.tryAgain(saveFaultOf(e)));
  }

  private async write(): Promise<void> {
    const { saved } = this;
    if (!saved) return;
    const saving = await this.ready();
    const workspace = this.store.workspace();
    if (!saved.differsFrom(workspace)) return this.fine(); // undone before it was written
    const db = (this.db ??= await this.open(saving));
    const changes = saved.changes(workspace);
    const writes = changes.trips.map(({ shelved, expected }) => ({ ...shelved, expected }));
    const conflicts = await db.save(writes, changes.removed, changes.ids);
    const conflicting = conflicts.map((c) => c.id);
    saved.tookTrips(changes, conflicting);
    if (changes.preferences) await db.savePreferences(workspace.preferences);
    saved.preferences = workspace.preferences;
    if (changes.rack) await this.writeRack(saving, db, saved, workspace);
    this.isWritten();
    this.tell({
      trips: changes.trips.flatMap(({ shelved: { trip }, expected }) =>
        conflicting.includes(trip.id) ? [] : [{ id: trip.id, revision: expected + 1 }],
      ),
      removed: changes.removed,
      rack: changes.rack,
      preferences: changes.preferences,
    });
    for (const conflict of conflicts) this.merge(saving, saved, conflict);
    if (saved.differsFrom(this.store.workspace())) this.dirty.next();
    else this.fine();
    void navigator.storage?.persist?.();
  }

  /** Where another tab was faster, both racks are merged; the next save writes what came of it. */
  private async writeRack({ mergeRacks }: typeof Saving, db: WorkspaceDb, saved: Saved, { rack: mine }: Workspace): Promise<void> {
    const theirs = await db.saveRack(saved.rack, mine);
    const merged = theirs && mergeRacks(saved.rack, mine, theirs);
    saved.tookRack(theirs ?? mine);
    if (merged) this.store.followRack(merged.value);
  }

  /** Both tabs changed one trip: what each changed is kept; where that cannot be, mine stands and theirs can be taken. */
  private merge({ mergeTrips }: typeof Saving, saved: Saved, { id, trip, archived, revision }: Conflict): void {
    const base = saved.known.get(id)?.shelved;
    const mine = this.store.workspace().library.find((s) => s.trip.id === id);
    const theirs = { trip, archived };
    saved.known.set(id, { shelved: theirs, revision });
    if (!base || !mine) return;
    const { value, clashed } = mergeTrips(base, mine, theirs);
    if (clashed) this.clashSignal.set({ mine, theirs });
    if (!same(value, mine)) this.store.follow(id, mine, value);
  }

  /** Another tab has saved: what it says it has changed is read, and nothing else. */
  private async follow(news: TabNews): Promise<void> {
    const { db, saved, store } = this;
    if (!db || !saved) return;
    const wanted = news.trips.filter(({ id, revision }) => saved.known.get(id)?.revision !== revision).map(({ id }) => id);
    if (wanted.length || news.removed.length) followTrips(store, saved, await db.trips(wanted), news.removed);
    followPreferences(store, saved, news.preferences ? await db.preferences() : undefined);
    followRack(store, saved, news.rack ? await db.rack() : undefined);
  }

  /** Takes in whatever is saved now. */
  private async lookAgain(): Promise<void> {
    const loaded = await this.db?.load();
    if (!loaded || !this.saved) return;
    this.asideSignal.set(loaded.aside);
    followTrips(this.store, this.saved, loaded.trips, []);
    followPreferences(this.store, this.saved, loaded.preferences);
    followRack(this.store, this.saved, loaded.rack);
  }

  /** Something of the walker's own is saved here: known to this page, and to the next before it has read anything. */
  private isWritten(): void {
    if (this.writtenSignal()) return;
    this.writtenSignal.set(true);
    BEEN_HERE.set();
  }

  private tell(news: TabNews): void {
    if (isNews(news)) this.otherTabs.postMessage(news);
  }

  private fine(): void {
    this.unwritten?.done();
    this.stateSignal.set('saved');
    this.retryMs = FIRST_RETRY_MS;
    clearTimeout(this.retryTimer);
    this.faultSignal.set(undefined);
  }

  /** Tells of a fault; one that may pass is tried again after growing pauses, on a new connection where the old one is gone. */
  private tryAgain(fault: SaveFault): void {
    if (!this.saved || !mayPass(fault)) return this.fail(fault, undefined);
    if (fault.code === 'closed') {
      this.db?.close();
      this.db = undefined;
    }
    this.fail(fault, Math.round(this.retryMs / 1000));
    clearTimeout(this.retryTimer);
    this.retryTimer = setTimeout(() => this.flush(), this.retryMs);
    this.retryMs = Math.min(LONGEST_RETRY_MS, 2 * this.retryMs);
  }

  private fail(fault: SaveFault, retryS: number | undefined): void {
    this.stateSignal.set('failed');
    this.faultSignal.set({ fault, retryS });
  }
}
