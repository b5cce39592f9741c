import { computed, Injectable, signal, type Signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import type { Kit, Preferences, Trip } from '@tinder/core';
import type { Observable } from 'rxjs';
import { endGesture, newHistory, record, redo, undo, type History } from './history';
import { demoWorkspace, type Workspace } from './workspace';

/** The one place that holds what the walker has entered. Every edit is a labelled, undoable step. */
@Injectable({ providedIn: 'root' })
export class WorkspaceStore {
  private readonly history = signal<History<Workspace>>(newHistory(demoWorkspace()));
  private readonly loadedSignal = signal(false);

  /** False until the saved workspace has been read; views wait for it. */
  readonly loaded = this.loadedSignal.asReadonly();
  readonly workspace: Signal<Workspace> = computed(() => this.history().present);
  readonly trip: Signal<Trip> = computed(() => this.workspace().trip);
  readonly preferences: Signal<Preferences> = computed(() => this.workspace().preferences);
  readonly undoLabel = computed(() => this.history().past.at(-1)?.label);
  readonly redoLabel = computed(() => this.history().future[0]?.label);
  readonly workspace$: Observable<Workspace> = toObservable(this.workspace);

  /** Takes what was saved (or nothing, on a first visit) as the start; not an undoable step. */
  start(saved: Workspace | undefined): void {
    if (saved) this.history.set(newHistory(saved));
    this.loadedSignal.set(true);
  }

  edit(label: string, change: (w: Workspace) => Workspace, gesture?: string): void {
    this.history.update((h) => record(h, change(h.present), label, gesture));
  }

  editTrip(label: string, change: (t: Trip) => Trip, gesture?: string): void {
    this.edit(label, (w) => ({ ...w, trip: change(w.trip) }), gesture);
  }

  editKit(label: string, change: Partial<Kit>, gesture?: string): void {
    this.editTrip(label, (t) => ({ ...t, kit: { ...t.kit, ...change } }), gesture);
  }

  editPreferences(label: string, change: Partial<Preferences>): void {
    this.edit(label, (w) => ({ ...w, preferences: { ...w.preferences, ...change } }));
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
