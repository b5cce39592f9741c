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
  const before = (days: number): string => dateOfDay(trip.startDate, 1 - days);
  const work: HomeWork[] = [];
  const add = (id: string, by: string, task: HomeTask): void => void work.push({ id, by, task });
  const dried = menuMeals(trip).filter((m) => m.homeMin > 0);
  if (dried.length)
    add('dry', before(DAYS_BEFORE.dry), {
      code: 'dry',
      minutes: dried.reduce((s, m) => s + m.homeMin, 0),
      dishes: dried.map((m) => m.name),
    });
  for (const s of stopSheets(trip, plan)) {
    const packets = s.packets.reduce((n, p) => n + p.count, 0);
    const due = s.postBy ?? before(DAYS_BEFORE.bagPortions);
    if (packets && s.supply !== 'shop') add(`bag ${s.stopId}`, due, { code: 'bagPortions', stop: s.stop, packets });
    if (s.postBy) add(`post ${s.stopId}`, s.postBy, { code: 'post', stop: s.stop, note: s.boxNote });
  }
  const bottles = Math.max(0, ...plan.carries.map((c) => c.containers.filter((x) => x.kind === 'bottle').length));
  const spirit = fuelById(trip.kit.fuelId).kind === 'alcohol';
  if (bottles) add('bottles', before(DAYS_BEFORE.markBottles), { code: 'markBottles', count: bottles });
  if (spirit) add('measure', before(DAYS_BEFORE.checkMeasure), { code: 'checkMeasure', measureMl: trip.kit.measureMl });
  if (trip.cupMarkMl !== null) add('cup', before(DAYS_BEFORE.checkMeasure), { code: 'checkCup', markMl: trip.cupMarkMl });
  if (trip.kit.burnerId !== 'none' && !ownBurner(trip.kit)) {
    const name = rack.kits.find((k) => k.id === trip.rackKitId)?.name ?? trip.kit.pot.name;
    add('test', before(DAYS_BEFORE.burnTest), { code: 'burnTest', kit: name });
  }
  const own = plan.carries.flatMap((c) => c.taken).length;
  if (own) add('weigh', before(DAYS_BEFORE.weighCans), { code: 'weighCans', count: own });
  return work.sort((a, b) => a.by.localeCompare(b.by) || a.id.localeCompare(b.id));
}
