import {
  preferencesSchema,
  rackSchema,
  tripSchema,
  tripV1Schema,
  migrateTripV1,
  type Preferences,
  type Rack,
  type ShelvedTrip,
} from '@tinder/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import * as z from 'zod';
import { same } from './merge';

/** A trip at rest. The revision counts its saves: a tab that knows an older one has something to merge. */
interface StoredTrip {
  trip: unknown;
  archived: boolean;
  revision: number;
}
interface TinderDb extends DBSchema {
  trips: { key: string; value: StoredTrip };
  settings: { key: 'preferences' | 'rack' | 'rackAside' | 'order' | 'lastOpen' | 'lastBackup'; value: unknown };
  /** Of version 1: one trip with the preferences, under `current`. */
  workspace: { key: string; value: unknown };
}

export interface DbEvents {
  /** Another tab holds an older version of the database open. */
  blocked: () => void;
  /** The browser closed the connection. */
  terminated: () => void;
}

/** A trip as it was read, with the revision it had. */
export interface Kept extends ShelvedTrip {
  revision: number;
}
export interface Loaded {
  /** In the order of the library; empty on a first visit. */
  trips: Kept[];
  preferences?: Preferences;
  rack?: Rack;
  lastOpen?: string;
  /** ISO date of the last backup. */
  lastBackup?: string;
  /** Trips, or a rack, that could not be read: they are kept aside, untouched. */
  unreadable: number;
}

/** What to write; `expected` is the revision this tab knows, 0 for a new trip. */
export interface Write extends ShelvedTrip {
  expected: number;
}
/** A trip that another tab has saved in the meantime: nothing of it was overwritten. */
export interface Conflict extends Kept {
  id: string;
}

const v1Schema = z.object({ trip: tripV1Schema, preferences: preferencesSchema });

/** The saved library: a thin typed facade over IndexedDB. */
export class WorkspaceDb {
  private constructor(private readonly db: IDBPDatabase<TinderDb>) {}

  static async open(events: DbEvents, name = 'restless-tinder'): Promise<WorkspaceDb> {
    const db = await openDB<TinderDb>(name, 2, {
      upgrade: (fresh, oldVersion) => {
        if (oldVersion < 1) fresh.createObjectStore('workspace');
        fresh.createObjectStore('trips');
        fresh.createObjectStore('settings');
      },
      blocked: events.blocked,
      blocking: (_current, _next, e) => (e.target as IDBDatabase).close(),
      terminated: events.terminated,
    });
    const opened = new WorkspaceDb(db);
    await opened.takeOverVersion1();
    return opened;
  }

  /** The one trip of version 1 moves into the library; what cannot be read stays under its old key. */
  private async takeOverVersion1(): Promise<void> {
    const old = v1Schema.safeParse(await this.db.get('workspace', 'current'));
    if (!old.success) return;
    const trip = migrateTripV1(old.data.trip);
    const tx = this.db.transaction(['trips', 'settings', 'workspace'], 'readwrite');
    await tx.objectStore('trips').put({ trip, archived: false, revision: 1 }, trip.id);
    await tx.objectStore('settings').put(old.data.preferences, 'preferences');
    await tx.objectStore('settings').put([trip.id], 'order');
    await tx.objectStore('workspace').delete('current');
    await tx.done;
  }

  async load(): Promise<Loaded> {
    const tx = this.db.transaction(['trips', 'settings', 'workspace']);
    const settings = tx.objectStore('settings');
    const [keys, values, preferences, rawRack, order, lastOpen, lastBackup, old] = await Promise.all([
      tx.objectStore('trips').getAllKeys(),
      tx.objectStore('trips').getAll(),
      settings.get('preferences'),
      settings.get('rack'),
      settings.get('order'),
      settings.get('lastOpen'),
      settings.get('lastBackup'),
      tx.objectStore('workspace').get('current'),
    ]);
    const place = new Map((Array.isArray(order) ? order : []).map((id, i) => [id, i]));
    const parsed = values.map((stored, i) => ({ id: keys[i], ...readTrip(stored) }));
    const trips = parsed.flatMap((p) => (p.kept ? [p.kept] : []));
    trips.sort((a, b) => (place.get(a.trip.id) ?? Infinity) - (place.get(b.trip.id) ?? Infinity));
    const prefs = preferencesSchema.safeParse(preferences);
    const rack = rackSchema.safeParse(rawRack);
    const lostRack = rawRack !== undefined && !rack.success;
    if (lostRack) await this.db.put('settings', rawRack, 'rackAside');
    return {
      trips,
      ...(prefs.success ? { preferences: prefs.data } : {}),
      ...(rack.success ? { rack: rack.data } : {}),
      ...(typeof lastOpen === 'string' ? { lastOpen } : {}),
      ...(typeof lastBackup === 'string' ? { lastBackup } : {}),
      unreadable: parsed.length - trips.length + (old === undefined ? 0 : 1) + (lostRack ? 1 : 0),
    };
  }

  /**
   * Writes trips whose stored revision is the one expected, all in one transaction, and gives back those that are not: another tab was
   * faster. A trip that is gone is written again: an edit wins over a deletion.
   */
  async save(writes: readonly Write[], removed: readonly string[], order: readonly string[]): Promise<Conflict[]> {
    const tx = this.db.transaction(['trips', 'settings'], 'readwrite');
    const trips = tx.objectStore('trips');
    const conflicts: Conflict[] = [];
    for (const { trip, archived, expected } of writes) {
      const stored = await trips.get(trip.id);
      const { kept } = stored ? readTrip(stored) : { kept: undefined };
      if (kept && kept.revision !== expected) conflicts.push({ id: trip.id, ...kept });
      else await trips.put({ trip, archived, revision: expected + 1 }, trip.id);
    }
    for (const id of removed) await trips.delete(id);
    await tx.objectStore('settings').put([...order], 'order');
    await tx.done;
    return conflicts;
  }

  /** Writes the rack where the stored one is still `base` (or none); else gives back the stored one, and nothing of it is overwritten. */
  async saveRack(base: Rack, mine: Rack): Promise<Rack | undefined> {
    const tx = this.db.transaction('settings', 'readwrite');
    const stored = rackSchema.safeParse(await tx.store.get('rack'));
    const theirs = stored.success && !same(stored.data, base) ? stored.data : undefined;
    if (!theirs) await tx.store.put(mine, 'rack');
    await tx.done;
    return theirs;
  }

  async setting(key: 'preferences' | 'lastOpen' | 'lastBackup', value: Preferences | string): Promise<void> {
    await this.db.put('settings', value, key);
  }

  close(): void {
    this.db.close();
  }
}

function readTrip(stored: StoredTrip): { kept?: Kept } {
  const parsed = tripSchema.safeParse(stored.trip);
  return parsed.success ? { kept: { trip: parsed.data, archived: stored.archived, revision: stored.revision } } : {};
}
