import { computed, Injectable, signal, untracked, type Signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import type { Kit, Preferences, Rack, ShelvedTrip, TooMany, Trip } from '@tinder/core/domain/model';
import { editKitOnLeg, fillClimate } from '@tinder/core/domain/trail';
import type { Observable } from 'rxjs';
import { noRoomFor } from './edit-guard';
import { editBase, endGesture, newHistory, rebase, record, redo, undo, type History } from './history';
import { requireReadable } from './require-readable';
import { demoWorkspace, openTrip, withTrip, type Workspace } from './workspace';

/** The same trip again is no edit: the shelved value stays as it is. */
function withChange(s: ShelvedTrip, change: (t: Trip) => Trip): ShelvedTrip {
  const trip = change(s.trip);
  return trip === s.trip ? s : { ...s, trip };
}

/** Why an edit was not taken: there would be too much of something, or the trip is somebody else's. */
export type Refusal = TooMany | typeof GUEST;
const GUEST = 'guest';

/** The one place that holds what the walker has entered. Every edit is a labelled, undoable step. */
@Injectable({ providedIn: 'root' })
export class WorkspaceStore {
  private readonly history = signal<History<Workspace>>(newHistory(demoWorkspace()));
  private readonly loadedSignal = signal(false);
  private readonly refusedSignal = signal<Refusal | undefined>(undefined);
  private readonly guestSignal = signal<Trip | undefined>(undefined);

  /** False until what was saved has been read; views wait for it. */
  readonly loaded = this.loadedSignal.asReadonly();
  /** Why the last edit was not taken; undefined where it was. */
  readonly refused = this.refusedSignal.asReadonly();
  readonly workspace: Signal<Workspace> = computed(() => this.history().present);
  /** Somebody else's trip that is looked at in place of the open one: it is not kept, and nothing is changed meanwhile but how things are shown. */
  readonly guest = this.guestSignal.asReadonly();
  readonly trip: Signal<Trip> = computed(() => this.guest() ?? openTrip(this.workspace()));
  readonly preferences: Signal<Preferences> = computed(() => this.workspace().preferences);
  readonly rack: Signal<Rack> = computed(() => this.workspace().rack);
  /** The step that undo would take back. */
  readonly lastStep = computed(() => (this.guest() ? undefined : this.history().past.at(-1)));
  readonly undoLabel = computed(() => this.lastStep()?.label);
  readonly redoLabel = computed(() => (this.guest() ? undefined : this.history().future[0]?.label));
  readonly workspace$: Observable<Workspace> = toObservable(this.workspace);

  /** Takes what was saved (or nothing, on a first visit) as the start; not an undoable step. */
  start(saved: Workspace | undefined): void {
    if (saved) this.history.set(newHistory(saved));
    this.loadedSignal.set(true);
  }

  /** Takes an edit; false where it is refused: then nothing has changed, and `refused` says why. */
  edit(label: string, change: (w: Workspace) => Workspace, gesture?: string): boolean {
    const history = untracked(this.history);
    const edited = change(editBase(history, gesture));
    // opening a trip of one's own ends the look at another's; how things are shown may be changed meanwhile
    const opens = edited.openId !== history.present.openId;
    const isLooking = untracked(this.guest) !== undefined && !opens && edited.preferences === history.present.preferences;
    const refused = isLooking ? GUEST : noRoomFor(history.present, edited);
    this.refusedSignal.set(refused);
    if (refused) return false;
    // a constant of the build: nothing of it, nor of the schemas it needs, is in what walkers load
    if (ngDevMode) requireReadable(history.present, edited, label);
    if (opens) this.guestSignal.set(undefined);
    this.history.set(record(history, edited, label, gesture));
    return true;
  }

  dismissRefusal(): void {
    this.refusedSignal.set(undefined);
  }

  /** Shows somebody else's trip, or one's own again. */
  lookAt(trip: Trip | undefined): void {
    this.guestSignal.set(trip);
    this.dismissRefusal();
  }

  /** Opens a trip of the library. */
  openTrip({ id, name }: Trip): void {
    this.lookAt(undefined);
    this.edit(`open ${name}`, (w) => ({ ...w, openId: id }));
  }

  editTrip(label: string, change: (t: Trip) => Trip, gesture?: string): boolean {
    const { id } = this.trip();
    return this.edit(label, (w) => withTrip(w, id, (s) => withChange(s, change)), gesture);
  }

  /** An edit that may change heights, dates or days: what is simulated follows it. */
  editTrail(label: string, change: (t: Trip) => Trip, gesture?: string): boolean {
    return this.editTrip(
      label,
      (t) => {
        const changed = change(t);
        return changed === t ? t : fillClimate(changed);
      },
      gesture,
    );
  }

  /** Changes the kit that is carried on a leg. */
  editKit(label: string, leg: number, change: Partial<Kit>, gesture?: string): void {
    this.editTrip(label, (t) => editKitOnLeg(t, leg, (kit) => ({ ...kit, ...change })), gesture);
  }

  /** Sets some of the trip's own values. */
  editTripWith(label: string, change: Partial<Trip>): void {
    this.editTrip(label, (t) => ({ ...t, ...change }));
  }

  editPreferences(label: string, change: Partial<Preferences>): void {
    this.edit(label, (w) => ({ ...w, preferences: { ...w.preferences, ...change } }));
  }

  editRack(label: string, change: (r: Rack) => Rack, gesture?: string): boolean {
    return this.edit(label, (w) => ({ ...w, rack: change(w.rack) }), gesture);
  }

  /** One step that changes the rack and the open trip together. */
  editRackAndTrip(label: string, change: (rack: Rack, trip: Trip) => { rack: Rack; trip: Trip }): boolean {
    return this.edit(label, (w) => {
      const { rack, trip } = change(w.rack, openTrip(w));
      return withTrip({ ...w, rack }, trip.id, (s) => withChange(s, () => trip));
    });
  }

  /**
   * Takes in what another tab did to a trip. Where it is not the open one it happened everywhere in this tab's history, so that undo here
   * never takes it back; the open one changes as a step of its own.
   */
  follow(id: string, was: ShelvedTrip | undefined, now: ShelvedTrip | undefined): void {
    const swap = (w: Workspace): Workspace => {
      const here = w.library.find((s) => s.trip.id === id);
      if (here !== was) return w;
      const others = w.library.filter((s) => s.trip.id !== id);
      if (now) return here ? withTrip(w, id, () => now) : { ...w, library: [...w.library, now] };
      return others.length ? { ...w, library: others } : w;
    };
    if (id === openTrip(this.workspace()).id && now && !this.guest()) this.edit('change in another tab', (w) => withTrip(w, id, () => now));
    else this.history.update((h) => rebase(h, swap));
  }

  /** Takes in another tab's preferences, everywhere in this tab's history. */
  followPreferences(preferences: Preferences): void {
    this.history.update((h) => rebase(h, (w) => ({ ...w, preferences })));
  }

  /** Takes in another tab's rack, as preferences are. */
  followRack(rack: Rack): void {
    this.history.update((h) => rebase(h, (w) => ({ ...w, rack })));
  }

  endGesture(): void {
    this.history.update(endGesture);
  }

  undo(): void {
    this.history.update(undo);
  }

  redo(): void {
    this.history.update(redo);
  }
}
