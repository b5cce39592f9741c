import { inject, Injectable, signal } from '@angular/core';
import { debounceTime, Subject } from 'rxjs';
import { filter } from 'rxjs/operators';
import type { Workspace } from './workspace';
import { WorkspaceDb } from './workspace-db';
import { WorkspaceStore } from './workspace-store';

export type SaveState = 'reading' | 'saved' | 'saving' | 'failed';
const SAVE_AFTER_MS = 250;

/**
 * Reads the saved workspace at the start and writes every change back soon after it was made.
 * A second tab that saves is followed at once; what this tab showed stays one undo away.
 */
@Injectable({ providedIn: 'root' })
export class Autosave {
  private readonly store = inject(WorkspaceStore);
  private readonly stateSignal = signal<SaveState>('reading');
  private readonly problemSignal = signal<string | undefined>(undefined);
  private readonly dirty = new Subject<Workspace>();
  private readonly otherTabs = new BroadcastChannel('restless-tinder');
  private db: WorkspaceDb | undefined;
  private lastKnown: Workspace | undefined;
  private pending: Workspace | undefined;
  private saveFailed = false;

  readonly state = this.stateSignal.asReadonly();
  /** A sentence about saving that the walker must see. */
  readonly problem = this.problemSignal.asReadonly();

  async start(): Promise<void> {
    await this.read();
    this.lastKnown = this.store.workspace();
    this.store.workspace$.pipe(filter((w) => w !== this.lastKnown)).subscribe((w) => {
      this.lastKnown = w;
      this.pending = w;
      this.stateSignal.set('saving');
      this.dirty.next(w);
    });
    this.dirty.pipe(debounceTime(SAVE_AFTER_MS)).subscribe(() => void this.flush());
    addEventListener('pagehide', () => void this.flush());
    document.addEventListener('visibilitychange', () => document.hidden && void this.flush());
    this.otherTabs.addEventListener('message', () => void this.followOtherTab());
  }

  private async read(): Promise<void> {
    try {
      this.db = await WorkspaceDb.open({
        blocked: () => this.problemSignal.set('Another tab holds an older Restless Tinder open. Close it, then reload this one.'),
        terminated: () => this.fail('The browser closed its storage. Export the trip, then reload the page.'),
      });
      const loaded = await this.db.load();
      if (loaded.kind === 'unreadable')
        this.problemSignal.set('What was saved here could not be read. It is kept aside untouched, and the demo is shown instead.');
      this.store.start(loaded.kind === 'workspace' ? loaded.workspace : undefined);
      this.stateSignal.set('saved');
    } catch {
      this.store.start(undefined);
      this.fail('This browser does not let the page store anything (a private window?). Export the trip before you close it.');
    }
  }

  private async flush(): Promise<void> {
    const workspace = this.pending;
    if (!workspace || !this.db) return;
    this.pending = undefined;
    try {
      await this.db.save(workspace);
      this.otherTabs.postMessage('saved');
      if (this.saveFailed) this.problemSignal.set(undefined);
      this.saveFailed = false;
      if (!this.pending) this.stateSignal.set('saved');
      void navigator.storage?.persist?.();
    } catch (e) {
      this.pending ??= workspace; // a newer edit takes its place
      this.saveFailed = true;
      const full = e instanceof DOMException && e.name === 'QuotaExceededError';
      this.fail(
        full
          ? 'The browser has no room left to save. Export the trip and free some space.'
          : 'The last change could not be saved. Export the trip to keep it.',
      );
    }
  }

  private async followOtherTab(): Promise<void> {
    if (this.pending || !this.db) return; // an edit under way here wins; the other tab will follow it
    const loaded = await this.db.load();
    if (loaded.kind !== 'workspace') return;
    this.lastKnown = loaded.workspace;
    this.store.edit('change in another tab', () => loaded.workspace);
  }

  private fail(sentence: string): void {
    this.stateSignal.set('failed');
    this.problemSignal.set(sentence);
  }
}
