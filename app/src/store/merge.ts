import { rackSchema, shelvedTripSchema, type Rack, type ShelvedTrip, same } from '@tinder/core/domain/model';

/**
 * Three versions of one value into one: what only one side changed is taken from that side, deep into objects, into lists whose entries
 * have ids or are names (both sides may add), and into lists of days. Where both changed the same thing, `mine` stands and `clash` hears
 * of it.
 */
export function mergeThree<T>(base: T, mine: T, theirs: T, clash: () => void = () => undefined): T {
  if (same(mine, base)) return theirs;
  if (same(theirs, base) || same(mine, theirs)) return mine;
  if (isRecord(base) && isRecord(mine) && isRecord(theirs)) return mergeRecords(base, mine, theirs, clash) as T;
  if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)) return mergeLists(base, mine, theirs, clash) as T;
  clash();
  return mine;
}

/** What two tabs made of one thing, and whether something of the other's could not be kept. */
export interface Merged<T> {
  value: T;
  clashed: boolean;
}

/** Two edited trips into one. What would be no trip any more (a stop more, and no leg to it) is not merged: mine stands. */
export function mergeTrips(base: ShelvedTrip, mine: ShelvedTrip, theirs: ShelvedTrip): Merged<ShelvedTrip> {
  let clashed = false;
  const value = mergeThree(base, mine, theirs, () => (clashed = true));
  return shelvedTripSchema.safeParse(value).success ? { value, clashed } : { value: mine, clashed: true };
}

/**
 * Two edited racks into one. A kit keeps only pieces that are there: one side may have taken a piece away that the other has put into a kit.
 */
export function mergeRacks(base: Rack, mine: Rack, theirs: Rack): Merged<Rack> {
  let clashed = false;
  const merged = mergeThree(base, mine, theirs, () => (clashed = true));
  const there = new Set(merged.pieces.map((p) => p.id));
  const value = { ...merged, kits: merged.kits.map((k) => ({ ...k, pieceIds: k.pieceIds.filter((id) => there.has(id)) })) };
  return rackSchema.safeParse(value).success ? { value, clashed } : { value: mine, clashed: true };
}

type Fields = Record<string, unknown>;
function mergeRecords(base: Fields, mine: Fields, theirs: Fields, clash: () => void): Fields {
  const merged: Fields = {};
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const value = mergeThree(base[key], mine[key], theirs[key], clash);
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}

function mergeLists(base: unknown[], mine: unknown[], theirs: unknown[], clash: () => void): unknown[] {
  if (haveIds(base) && haveIds(mine) && haveIds(theirs)) return mergeById(base, mine, theirs, clash);
  if (areNames(base) && areNames(mine) && areNames(theirs)) return mergeNames(base, mine, theirs);
  return mergeByPlace(base, mine, theirs, clash);
}

interface Known {
  id: string;
}
const areNames = (list: unknown[]): list is string[] => list.every((x) => typeof x === 'string') && new Set(list).size === list.length;
const haveIds = (list: unknown[]): list is (Known & Record<string, unknown>)[] => {
  const ids = list.flatMap((x) => (isRecord(x) && typeof x['id'] === 'string' ? [x['id']] : []));
  return ids.length === list.length && new Set(ids).size === ids.length;
};

/** What one side took away is gone, unless the other changed it. */
function mergeById(base: readonly Known[], mine: readonly Known[], theirs: readonly Known[], clash: () => void): Known[] {
  const of = (list: readonly Known[], id: string): Known | undefined => list.find((x) => x.id === id);
  const order = [...mine, ...theirs.filter((t) => !of(mine, t.id))];
  return order.flatMap(({ id }) => {
    const [was, here, there] = [of(base, id), of(mine, id), of(theirs, id)];
    if (here && there) return [was ? mergeThree(was, here, there, clash) : here];
    const left = here ?? there;
    return left && (!was || !same(left, was)) ? [left] : [];
  });
}

/** Of names without an order that matters: what either side added is in, what either took away is out. */
function mergeNames(base: readonly string[], mine: readonly string[], theirs: readonly string[]): string[] {
  const kept = mine.filter((x) => theirs.includes(x) || !base.includes(x));
  return [...kept, ...theirs.filter((x) => !mine.includes(x) && !base.includes(x))];
}

/**
 * Day by day. Where only one side changed the length, it left the days before and after the change as they were: there the other side's
 * stand. Where both did, mine stands.
 */
function mergeByPlace(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[], clash: () => void): unknown[] {
  if (mine.length === base.length && theirs.length === base.length) return base.map((b, i) => mergeThree(b, mine[i], theirs[i], clash));
  if (mine.length !== base.length && theirs.length !== base.length) {
    clash();
    return [...mine];
  }
  const [cut, other] = mine.length === base.length ? [theirs, mine] : [mine, theirs];
  const shorter = Math.min(base.length, cut.length);
  let before = 0;
  while (before < shorter && same(base[before], cut[before])) before++;
  let after = 0;
  while (after < shorter - before && same(base[base.length - 1 - after], cut[cut.length - 1 - after])) after++;
  if (!same(base.slice(before, base.length - after), other.slice(before, base.length - after))) clash();
  return [...other.slice(0, before), ...cut.slice(before, cut.length - after), ...other.slice(base.length - after)];
}

const isRecord = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
