import type { DBSchema } from 'idb';

/** A trip at rest. The revision counts its saves: a tab that knows an older one has something to merge. */
export interface StoredTrip {
  trip: unknown;
  archived: boolean;
  revision: number;
}

/** Something that was saved and cannot be read any more: kept as it was, until the walker takes it away. */
export interface Aside {
  kind: 'trip' | 'rack' | 'preferences';
  /** What it was known by. */
  id: string;
  value: unknown;
}

export type SettingKey = 'preferences' | 'rack' | 'order' | 'lastOpen' | 'lastBackup';

/** The database, version 3. */
export interface TinderDb extends DBSchema {
  trips: { key: string; value: StoredTrip };
  settings: { key: SettingKey; value: unknown };
  aside: { key: number; value: Aside };
}
export const DB_NAME = 'restless-tinder';
export const DB_VERSION = 3;
