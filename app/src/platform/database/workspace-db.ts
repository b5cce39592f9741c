import {
  preferencesSchema,
  rackSchema,
  readAs,
  tripSchema,
  type Preferences,
  type Rack,
  type ShelvedTrip,
  type ValueProblem,
  same,
} from '@tinder/core/domain/model';
import { openDB, type IDBPDatabase, type IDBPTransaction } from 'idb';
import type { ZodType } from 'zod';
import { problemOf, readPreferences, readRack, readTrip, type Kept } from './reading';
import { Unsavable } from './unsavable';
import { DB_NAME, DB_VERSION, type Aside, type SettingKey, type StoredTrip, type TinderDb } from './schema';
import { upgrade } from './upgrades';

export interface DbEvents {
  /** Another tab holds an older version of the database open: this one waits. */
  blocked: () => void;
  /** Another tab wants to open a newer version: this one must let go. */
  blocking: () => void;
  /** The browser closed the connection. */
  terminated: () => void;
}

export interface Loaded {
  /** In the order of the library; empty on a first visit. */
  trips: Kept[];
  preferences?: Preferences;
  rack?: Rack;
  lastOpen?: string;
  /** ISO date of the last backup. */
  lastBackup?: string;
  /** What could not be read, now or earlier: kept as it was. */
  aside: KeptAside[];
}
export interface KeptAside extends Aside {
  key: number;
  /** What is wrong with it; undefined where it could be read, and something else has taken its place. */
  problem: ValueProblem | undefined;
}

/** What to write; `expected` is the revision this tab knows, 0 for a new trip. */
export interface Write extends ShelvedTrip {
  expected: number;
}
/** A trip that another tab has saved in the meantime: nothing of it was overwritten. */
export interface Conflict extends Kept {
  id: string;
}

/** The saved library: a thin typed facade over IndexedDB. Whatever is written passes its schema, and what cannot be read is never written over. */
export class WorkspaceDb {
  private constructor(private readonly db: IDBPDatabase<TinderDb>) {}

  static async open(events: DbEvents, name = DB_NAME): Promise<WorkspaceDb> {
    const db = await openDB<TinderDb>(name, DB_VERSION, {
      // a step that fails takes back the whole upgrade: the older version stays as it was
      upgrade: (fresh, oldVersion, _newVersion, tx) => void upgrade(fresh, oldVersion, tx).catch(() => tx.abort()),
      blocked: events.blocked,
      blocking: events.blocking,
      terminated: events.terminated,
    });
    return new WorkspaceDb(db);
  }

  /** Everything that is saved. What cannot be read is put aside first, so that nothing is ever saved in its place. */
  async load(): Promise<Loaded> {
    await this.putAside();
    const tx = this.db.transaction(['trips', 'settings', 'aside']);
    const settings = tx.objectStore('settings');
    const [stored, preferences, rack, order, lastOpen, lastBackup, asideKeys, aside] = await Promise.all([
      tx.objectStore('trips').getAll(),
      settings.get('preferences'),
      settings.get('rack'),
      settings.get('order'),
      settings.get('lastOpen'),
      settings.get('lastBackup'),
      tx.objectStore('aside').getAllKeys(),
      tx.objectStore('aside').getAll(),
    ]);
    const trips = stored.map(readTrip).flatMap((r) => (r.ok ? [r.value] : []));
    const place = new Map((Array.isArray(order) ? order : []).map((id, i) => [id, i]));
    trips.sort((a, b) => (place.get(a.trip.id) ?? Infinity) - (place.get(b.trip.id) ?? Infinity));
    const [prefs, racked] = [readPreferences(preferences), readRack(rack)];
    return {
      trips,
      ...(prefs.ok ? { preferences: prefs.value } : {}),
      ...(racked.ok ? { rack: racked.value } : {}),
      ...(typeof lastOpen === 'string' ? { lastOpen } : {}),
      ...(typeof lastBackup === 'string' ? { lastBackup } : {}),
      aside: aside.map(({ kind, id, value }, i) => ({ kind, id, value, key: asideKeys[i], problem: problemOf({ kind, id, value }) })),
    };
  }

  /** Some trips as they are saved now; those that are gone are not among them. */
  async trips(ids: readonly string[]): Promise<Kept[]> {
    const tx = this.db.transaction('trips');
    const stored = await Promise.all(ids.map((id) => tx.store.get(id)));
    return stored.map(readTrip).flatMap((r) => (r.ok ? [r.value] : []));
  }

  async rack(): Promise<Rack | undefined> {
    const read = readRack(await this.db.get('settings', 'rack'));
    return read.ok ? read.value : undefined;
  }

  async preferences(): Promise<Preferences | undefined> {
    const read = readPreferences(await this.db.get('settings', 'preferences'));
    return read.ok ? read.value : undefined;
  }

  /**
   * Writes trips whose stored revision is the one expected, all in one transaction, and gives back those that are not: another tab was
   * faster. A trip that is gone is written again: an edit wins over a deletion.
   */
  async save(writes: readonly Write[], removed: readonly string[], order: readonly string[]): Promise<Conflict[]> {
    for (const { trip } of writes) requireReadable(tripSchema, trip, trip.name);
    const tx = this.db.transaction(['trips', 'settings', 'aside'], 'readwrite');
    const trips = tx.objectStore('trips');
    const conflicts: Conflict[] = [];
    for (const { trip, archived, expected } of writes) {
      const stored = await trips.get(trip.id);
      const read = stored === undefined ? undefined : readTrip(stored);
      if (read?.ok && read.value.revision !== expected) conflicts.push({ id: trip.id, ...read.value });
      else {
        if (read && !read.ok) await tx.objectStore('aside').add({ kind: 'trip', id: trip.id, value: stored });
        await trips.put({ trip, archived, revision: expected + 1 }, trip.id);
      }
    }
    for (const id of removed) await trips.delete(id);
    await tx.objectStore('settings').put([...order], 'order');
    await tx.done;
    return conflicts;
  }

  /** Writes the rack where the stored one is still `base` (or none); else gives back the stored one, and nothing of it is overwritten. */
  async saveRack(base: Rack, mine: Rack): Promise<Rack | undefined> {
    requireReadable(rackSchema, mine, 'the rack');
    const tx = this.db.transaction('settings', 'readwrite');
    const stored = readRack(await tx.store.get('rack'));
    const theirs = stored.ok && !same(stored.value, base) ? stored.value : undefined;
    if (!theirs) await tx.store.put(mine, 'rack');
    await tx.done;
    return theirs;
  }

  async savePreferences(preferences: Preferences): Promise<void> {
    requireReadable(preferencesSchema, preferences, 'the units and the theme');
    await this.db.put('settings', preferences, 'preferences');
  }

  async setting(key: Extract<SettingKey, 'lastOpen' | 'lastBackup'>, value: string): Promise<void> {
    await this.db.put('settings', value, key);
  }

  /** What is kept aside comes back where it can be read by now; true where it could. */
  async tryAside(key: number): Promise<boolean> {
    const tx = this.db.transaction(['trips', 'settings', 'aside'], 'readwrite');
    const kept = await tx.objectStore('aside').get(key);
    const back = kept ? await this.putBack(kept, tx) : false;
    if (back) await tx.objectStore('aside').delete(key);
    await tx.done;
    return back;
  }

  /** Takes away for good what is kept aside. */
  async removeAside(key: number): Promise<void> {
    await this.db.delete('aside', key);
  }

  close(): void {
    this.db.close();
  }

  private async putBack(kept: Aside, tx: ReadWrite): Promise<boolean> {
    if (kept.kind === 'trip') {
      const read = readTrip(kept.value);
      if (!read.ok || (await tx.objectStore('trips').get(read.value.trip.id))) return false;
      await tx.objectStore('trips').put(kept.value as StoredTrip, read.value.trip.id);
      return true;
    }
    const read = kept.kind === 'rack' ? readRack(kept.value) : readPreferences(kept.value);
    if (!read.ok || (await tx.objectStore('settings').get(kept.kind))) return false;
    await tx.objectStore('settings').put(read.value, kept.kind);
    return true;
  }

  private async putAside(): Promise<void> {
    const tx = this.db.transaction(['trips', 'settings', 'aside'], 'readwrite');
    const [trips, settings, aside] = [tx.objectStore('trips'), tx.objectStore('settings'), tx.objectStore('aside')];
    for (const id of await trips.getAllKeys()) {
      const kept: Aside = { kind: 'trip', id, value: await trips.get(id) };
      if (!problemOf(kept)) continue;
      await aside.add(kept);
      await trips.delete(id);
    }
    for (const kind of ['rack', 'preferences'] as const) {
      const kept: Aside = { kind, id: kind, value: await settings.get(kind) };
      if (kept.value === undefined || !problemOf(kept)) continue;
      await aside.add(kept);
      await settings.delete(kind);
    }
    await tx.done;
  }
}

type ReadWrite = IDBPTransaction<TinderDb, ('trips' | 'settings' | 'aside')[], 'readwrite'>;

function requireReadable(schema: ZodType, value: unknown, what: string): void {
  const read = readAs(schema, value);
  if (!read.ok) throw new Unsavable(what, read.problem.issues[0]);
}
