import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { same, type ShelvedTrip } from '@tinder/core/domain/model';
import { catchError, concatMap, defer, EMPTY, filter, fromEvent, map, merge, Subject, tap } from 'rxjs';
import { openInTime } from '../platform/database/open-in-time';
import type { Conflict, KeptAside, Loaded, WorkspaceDb } from '../platform/database/workspace-db';
import { tabMemory } from '../platform/tab-memory';
import { asideWords, saveFaultWords, type SaveFault } from '../words/save-words';
import { followPreferences, followRack, followTrips } from './following';
import { mergeRacks, mergeTrips } from './merge';
import { mayPass, saveFaultOf } from './save-fault';
import { retryPauseMs, saveTimes } from './save-times';
import { Saved } from './saved';
import { isNews, readTabNews, type TabNews } from './tab-news';
import { Unwritten } from './unwritten';
import { withTrip, type Workspace } from './workspace';
import { WorkspaceStore } from './workspace-store';

export type SaveState = 'reading' | 'saved' | 'saving' | 'failed';

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
  private readonly gone = inject(DestroyRef);
  /** Set again means looked at again: what is saved has changed. */
  private readonly stateSignal = signal<SaveState>('reading', { equal: () => false });
  private readonly faultSignal = signal<{ fault: SaveFault; retryS: number | undefined } | undefined>(undefined);
  private readonly asideSignal = signal<readonly KeptAside[]>([]);
  private readonly clashSignal = signal<Clash | undefined>(undefined);
  private readonly writtenSignal = signal(false);
  private readonly firstVisitSignal = signal(false);
  private readonly lastBackupSignal = signal<string | undefined>(undefined);
  private readonly otherTabs = new BroadcastChannel('restless-tinder');
  private readonly unwritten = new Unwritten(`${performance.timeOrigin} ${Math.random()}`);
  private db: WorkspaceDb | undefined;
  /** Undefined until what is saved has been read: before that nothing is ever written. */
  private saved: Saved | undefined;
  private openId = '';
  /** One thing at a time: a save and a look at another tab's work never interleave. */
  private readonly jobs$ = new Subject<() => Promise<unknown>>();
  private readonly failures$ = new Subject<number>();
  /** What was just merged differs from what is saved, though nobody has edited. */
  private readonly merged$ = new Subject<void>();
  private failures = 0;

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
  /** The database was read, and held nothing. */
  readonly firstVisit = this.firstVisitSignal.asReadonly();
  /** ISO date of the last backup of everything; undefined before the first. */
  readonly lastBackup = this.lastBackupSignal.asReadonly();

  constructor() {
    this.jobs$
      .pipe(
        concatMap((job) =>
          defer(job).pipe(
            catchError((e: unknown) => {
              this.tryAgain(saveFaultOf(e)); // told and tried again: it ends nothing
              return EMPTY;
            }),
          ),
        ),
        takeUntilDestroyed(),
      )
      .subscribe();
  }

  /** A sentence about saving that the walker must see. */
  problem(): string | undefined {
    const told = this.faultSignal();
    if (told) return saveFaultWords(told.fault, told.retryS);
    return this.asideSignal().length ? asideWords(this.asideSignal().length) : undefined;
  }

  /** Reads what is saved; done when it is known, and edits can be made. From then on every edit is written. */
  async start(): Promise<void> {
    await this.queue(() => this.read());
    this.listen();
  }

  private listen(): void {
    const edits$ = this.store.workspace$.pipe(
      map(() => this.store.workspace()), // as it is now: the first that comes may be from before the start
      tap((w) => this.noteOpenTrip(w)),
      // an edit taken back may be what ends a fault
      filter((w) => this.saved?.differsFrom(w) || this.faultSignal() !== undefined),
      tap((w) => this.db && this.saved?.differsFrom(w) && this.stateSignal.set('saving')),
    );
    const leaving$ = merge(fromEvent(window, 'pagehide'), fromEvent(document, 'visibilitychange').pipe(filter(() => document.hidden))).pipe(
      tap(() => this.keepNow()),
    );
    const news$ = fromEvent<MessageEvent>(this.otherTabs, 'message').pipe(
      map(({ data }) => readTabNews(data)),
      filter((news) => news !== undefined),
    );
    const writes$ = merge(saveTimes(merge(edits$, this.merged$), this.failures$), leaving$).pipe(map(() => () => this.write()));
    merge(writes$, news$.pipe(map((news) => () => this.follow(news))))
      .pipe(takeUntilDestroyed(this.gone))
      .subscribe((job) => this.jobs$.next(job));
  }

  /** Writes what is not written yet, and is done when it is, or has failed. */
  settled(): Promise<void> {
    return this.queue(() => this.write());
  }

  /** Done when the work is, or has failed. */
  private queue(work: () => Promise<unknown>): Promise<void> {
    return new Promise((done) => this.jobs$.next(() => work().finally(done)));
  }

  /** Keeps what is not written yet where it outlives the death of the page in this very moment. */
  keepNow(): void {
    if (this.saved) this.unwritten.keep(this.saved, this.store.workspace());
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
      this.db = await this.open();
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
    this.writtenSignal.set(loaded.trips.length > 0);
    this.firstVisitSignal.set(loaded.trips.length === 0 && loaded.aside.length === 0);
    this.store.start(saved.workspace);
    const taken = this.unwritten.takenInto(saved.workspace);
    if (taken !== saved.workspace) this.store.edit('what was not saved yet', () => taken);
    this.stateSignal.set('saved');
  }

  private async open(): Promise<WorkspaceDb> {
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

  /** Which trip is open is a convenience of the next visit: a fault of storage shows in the next save. */
  private noteOpenTrip(w: Workspace): void {
    if (w.openId === this.openId) return;
    this.openId = w.openId;
    tabMemory.keepOpenTrip(w.openId);
    this.jobs$.next(async () => this.db?.setting('lastOpen', w.openId).catch(() => undefined));
  }

  private async write(): Promise<void> {
    const { saved } = this;
    if (!saved) return;
    const workspace = this.store.workspace();
    if (!saved.differsFrom(workspace)) return this.fine(); // undone before it was written
    const db = (this.db ??= await this.open());
    const changes = saved.changes(workspace);
    const writes = changes.trips.map(({ shelved, expected }) => ({ ...shelved, expected }));
    const conflicts = await db.save(writes, changes.removed, changes.ids);
    const conflicting = conflicts.map((c) => c.id);
    saved.tookTrips(changes, conflicting);
    if (changes.preferences) await db.savePreferences(workspace.preferences);
    saved.preferences = workspace.preferences;
    if (changes.rack) await this.writeRack(db, saved, workspace);
    this.writtenSignal.set(true);
    this.tell({
      trips: changes.trips.flatMap(({ shelved: { trip }, expected }) =>
        conflicting.includes(trip.id) ? [] : [{ id: trip.id, revision: expected + 1 }],
      ),
      removed: changes.removed,
      rack: changes.rack,
      preferences: changes.preferences,
    });
    for (const conflict of conflicts) this.merge(saved, conflict);
    if (!saved.differsFrom(this.store.workspace())) this.fine();
    else this.merged$.next();
    void navigator.storage?.persist?.();
  }

  /** Where another tab was faster, both racks are merged; the next save writes what came of it. */
  private async writeRack(db: WorkspaceDb, saved: Saved, { rack: mine }: Workspace): Promise<void> {
    const theirs = await db.saveRack(saved.rack, mine);
    const merged = theirs && mergeRacks(saved.rack, mine, theirs);
    saved.tookRack(theirs ?? mine);
    if (merged) this.store.followRack(merged.value);
  }

  /** Both tabs changed one trip: what each changed is kept; where that cannot be, mine stands and theirs can be taken. */
  private merge(saved: Saved, { id, trip, archived, revision }: Conflict): void {
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

  private tell(news: TabNews): void {
    if (isNews(news)) this.otherTabs.postMessage(news);
  }

  private fine(): void {
    this.unwritten.done();
    this.stateSignal.set('saved');
    this.faultSignal.set(undefined);
    this.failures = 0;
    this.failures$.next(0);
  }

  /** Tells of a fault; one that may pass is tried again after growing pauses, on a new connection where the old one is gone. */
  private tryAgain(fault: SaveFault): void {
    if (!this.saved || !mayPass(fault)) return this.fail(fault, undefined);
    if (fault.code === 'closed') {
      this.db?.close();
      this.db = undefined;
    }
    this.failures++;
    this.fail(fault, Math.round(retryPauseMs(this.failures) / 1000));
    this.failures$.next(this.failures);
  }

  private fail(fault: SaveFault, retryS: number | undefined): void {
    this.stateSignal.set('failed');
    this.faultSignal.set({ fault, retryS });
  }
}
