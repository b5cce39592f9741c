import { fuelById } from '../../physics/fuel';
import { menuMeals } from '../../domain/menu';
import { ownBurner, type Rack, type Trip } from '../../domain/model';
import type { Plan } from '../../planning/planned';
import { dateOfDay } from '../../domain/trail';
import { stopSheets } from './sheets';

/** Work at home before the trip, each with the day by which it is done. */
export type HomeTask =
  | { code: 'bagPortions'; stop: string; packets: number }
  | { code: 'dry'; minutes: number; dishes: string[] }
  | { code: 'markBottles'; count: number }
  | { code: 'checkMeasure'; measureMl: number }
  | { code: 'checkCup'; markMl: number }
  | { code: 'burnTest'; kit: string }
  | { code: 'weighCans'; count: number }
  | { code: 'post'; stop: string; note: string };
export interface HomeWork {
  id: string;
  /** Year-month-day. */
  by: string;
  task: HomeTask;
}

/** Days before leaving by which a thing should be done, where nothing else says so (common practice). */
const DAYS_BEFORE = { dry: 10, burnTest: 14, bagPortions: 3, markBottles: 3, checkMeasure: 3, weighCans: 1 } as const;

/** The list, in the order of its days. What is posted is bagged before it is posted. */
export function homeWork(rack: Rack, trip: Trip, plan: Plan): HomeWork[] {
  const work = [...foodWork(trip, plan), ...fuelWork(trip, plan), ...testWork(rack, trip)];
  return work.sort((a, b) => a.by.localeCompare(b.by) || a.id.localeCompare(b.id));
}

/** A task so many days before leaving. */
const before = (trip: Trip, days: number, id: string, task: HomeTask): HomeWork => ({ id, by: dateOfDay(trip.startDate, 1 - days), task });

/** Drying, bagging and posting. */
function foodWork(trip: Trip, plan: Plan): HomeWork[] {
  const work: HomeWork[] = [];
  const dried = menuMeals(trip).filter((m) => m.homeMin > 0);
  const minutes = dried.reduce((s, m) => s + m.homeMin, 0);
  if (dried.length) work.push(before(trip, DAYS_BEFORE.dry, 'dry', { code: 'dry', minutes, dishes: dried.map((m) => m.name) }));
  for (const { stopId, stop, supply, packets, postBy, boxNote } of stopSheets(trip, plan)) {
    const count = packets.reduce((n, p) => n + p.count, 0);
    const bag = before(trip, DAYS_BEFORE.bagPortions, `bag ${stopId}`, { code: 'bagPortions', stop, packets: count });
    if (count && supply !== 'shop') work.push({ ...bag, by: postBy ?? bag.by });
    if (postBy) work.push({ id: `post ${stopId}`, by: postBy, task: { code: 'post', stop, note: boxNote } });
  }
  return work;
}

/** Marks on what measures, and the weights of one's own containers. */
function fuelWork(trip: Trip, plan: Plan): HomeWork[] {
  const { kit, cupMarkMl } = trip;
  const work: HomeWork[] = [];
  const bottles = Math.max(0, ...plan.carries.map((c) => c.containers.filter((x) => x.kind === 'bottle').length));
  if (bottles) work.push(before(trip, DAYS_BEFORE.markBottles, 'bottles', { code: 'markBottles', count: bottles }));
  if (fuelById(kit.fuelId).kind === 'alcohol')
    work.push(before(trip, DAYS_BEFORE.checkMeasure, 'measure', { code: 'checkMeasure', measureMl: kit.measureMl }));
  if (cupMarkMl !== null) work.push(before(trip, DAYS_BEFORE.checkMeasure, 'cup', { code: 'checkCup', markMl: cupMarkMl }));
  const own = plan.carries.flatMap((c) => c.taken).length;
  if (own) work.push(before(trip, DAYS_BEFORE.weighCans, 'weigh', { code: 'weighCans', count: own }));
  return work;
}

/** A burn test of a kit that was never tested. */
function testWork(rack: Rack, trip: Trip): HomeWork[] {
  if (trip.kit.burnerId === 'none' || ownBurner(trip.kit)) return [];
  const kit = rack.kits.find((k) => k.id === trip.rackKitId)?.name ?? trip.kit.pot.name;
  return [before(trip, DAYS_BEFORE.burnTest, 'test', { code: 'burnTest', kit })];
}
