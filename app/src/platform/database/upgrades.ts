import { migrateTripV1, tripFromV2, tripV1Schema } from '@tinder/core/output/archive';
import { preferencesSchema } from '@tinder/core/domain/model';
import type { IDBPDatabase, IDBPTransaction, StoreNames } from 'idb';
import * as z from 'zod';
import type { StoredTrip, TinderDb } from './schema';

type Db = IDBPDatabase<TinderDb>;
type Tx = IDBPTransaction<TinderDb, StoreNames<TinderDb>[], 'versionchange'>;
/** Stores that only older versions had. */
type OldDb = IDBPDatabase;
type OldTx = IDBPTransaction<unknown, string[], 'versionchange'>;

/** Brings a database of any older version up to today's, step by step; each step knows only the one before it. */
export async function upgrade(db: Db, oldVersion: number, tx: Tx): Promise<void> {
  if (oldVersion < 1) (db as unknown as OldDb).createObjectStore('workspace');
  if (oldVersion < 2) await toLibrary(db, tx);
  if (oldVersion < 3) await toAside(db, tx);
}

const v1Schema = z.object({ trip: tripV1Schema, preferences: preferencesSchema });

/** Version 2 keeps a library; version 1 had one trip with the preferences, under `current`. What cannot be read stays for the next step. */
async function toLibrary(db: Db, tx: Tx): Promise<void> {
  const trips = db.createObjectStore('trips');
  const settings = db.createObjectStore('settings');
  const old = (tx as unknown as OldTx).objectStore('workspace');
  const read = v1Schema.safeParse(await old.get('current'));
  if (!read.success) return;
  const trip = migrateTripV1(read.data.trip);
  await trips.put({ trip, archived: false, revision: 1 }, trip.id);
  await settings.put(read.data.preferences, 'preferences');
  await settings.put([trip.id], 'order');
  await old.delete('current');
}

/** Version 3 counts pinned cans by package, and has one place for what cannot be read: what older versions had left lying moves there. */
async function toAside(db: Db, tx: Tx): Promise<void> {
  const aside = db.createObjectStore('aside', { autoIncrement: true });
  const trips = tx.objectStore('trips');
  for (const id of await trips.getAllKeys()) {
    const stored = await trips.get(id);
    if (stored) await trips.put(withPinsByPackage(stored), id);
  }
  const left = (tx as unknown as OldTx).objectStore('workspace');
  const current: unknown = await left.get('current');
  if (current !== undefined) await aside.put({ kind: 'trip', id: 'current', value: current });
  (db as unknown as OldDb).deleteObjectStore('workspace');
  const settings = (tx as unknown as OldTx).objectStore('settings');
  const rack: unknown = await settings.get('rackAside');
  if (rack !== undefined) await aside.put({ kind: 'rack', id: 'rack', value: rack });
  await settings.delete('rackAside');
}

const withPinsByPackage = (stored: StoredTrip): StoredTrip => ({ ...stored, trip: tripFromV2(stored.trip) });
