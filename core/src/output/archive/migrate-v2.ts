import { CAN_PACKAGE_IDS } from '../../domain/carry';

/**
 * Version 2 kept pinned cans as three counts by size; version 3 keeps them by what they are sold as. Everything else is the same. Works on
 * what was stored before any schema has seen it: what is not there, or not of that form, is left for the schema to name.
 */
export function tripFromV2(raw: unknown): unknown {
  if (!isRecord(raw) || !Array.isArray(raw['stops'])) return raw;
  return { ...raw, stops: raw['stops'].map(stopFromV2) };
}

/** A whole file of version 2. */
export function archiveFromV2(raw: unknown): unknown {
  if (!isRecord(raw)) return raw;
  const { trips } = raw;
  return { ...raw, version: 3, ...(Array.isArray(trips) ? { trips: trips.map(shelvedFromV2) } : {}) };
}

const shelvedFromV2 = (raw: unknown): unknown => (isRecord(raw) ? { ...raw, trip: tripFromV2(raw['trip']) } : raw);

function stopFromV2(raw: unknown): unknown {
  if (!isRecord(raw) || !isRecord(raw['pinned']) || !Array.isArray(raw['pinned']['counts'])) return raw;
  const { counts, ...pin } = raw['pinned'];
  const byPackage = Object.fromEntries((counts as unknown[]).flatMap((n, k) => (n === 0 ? [] : [[CAN_PACKAGE_IDS[k] ?? `can-${k}`, n]])));
  return { ...raw, pinned: { ...pin, counts: byPackage } };
}

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
