import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { workspaceSchema, type Workspace } from './workspace';

interface TinderDb extends DBSchema {
  workspace: { key: 'current' | 'unreadable'; value: unknown };
}

export interface DbEvents {
  /** Another tab holds an older version of the database open. */
  blocked: () => void;
  /** The browser closed the connection. */
  terminated: () => void;
}

export type Loaded = { kind: 'none' } | { kind: 'workspace'; workspace: Workspace } | { kind: 'unreadable' };

/** The saved workspace: a thin typed facade over IndexedDB. */
export class WorkspaceDb {
  private constructor(private readonly db: IDBPDatabase<TinderDb>) {}

  static async open(events: DbEvents, name = 'restless-tinder'): Promise<WorkspaceDb> {
    const db = await openDB<TinderDb>(name, 1, {
      upgrade: (fresh) => void fresh.createObjectStore('workspace'),
      blocked: events.blocked,
      blocking: (_current, _next, e) => (e.target as IDBDatabase).close(),
      terminated: events.terminated,
    });
    return new WorkspaceDb(db);
  }

  /** Reads what was saved. A value that no longer fits is set aside under its own key, never overwritten. */
  async load(): Promise<Loaded> {
    const stored = await this.db.get('workspace', 'current');
    if (stored === undefined) return { kind: 'none' };
    const parsed = workspaceSchema.safeParse(stored);
    if (parsed.success) return { kind: 'workspace', workspace: parsed.data };
    await this.db.put('workspace', stored, 'unreadable');
    return { kind: 'unreadable' };
  }

  async save(workspace: Workspace): Promise<void> {
    await this.db.put('workspace', workspace, 'current');
  }

  close(): void {
    this.db.close();
  }
}
