import { CANISTER_SIZES, canPackage } from '../../domain/carry';
import { build, tripWithKit } from '../../domain/kit';
import { dishOn, eatenCold, isHot, setDish } from '../../domain/menu';
import { daysOf, type Rack, type Trip } from '../../domain/model';
import { planTrip, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { Plan } from '../../planning/planned';
import { editStop, offersAt, stopDays } from '../../domain/trail';

/** A way out where what is pinned leaves too little: the nearest plans that hold, each one planned. */
export interface PinMend {
  kind: MendKind;
  trip: Trip;
  /** Mean of the mornings with it, g. */
  averageG: number;
}
export type MendKind =
  | { code: 'more'; stop: string; netG: number }
  | { code: 'box'; stop: string }
  | { code: 'coldSuppers'; nights: number }
  | { code: 'kit'; name: string }
  | { code: 'unpin'; stop: string };

/** Ways out, the least change first; empty where nothing is too small. Kits of the rack are tried one by one. */
export function mendPins(rack: Rack, trip: Trip, plan: Plan, cache: PlanCache = planCache()): PinMend[] {
  const short = plan.pinTooSmall;
  if (!short) return [];
  const holds = (kind: MendKind, changed: Trip): PinMend[] => {
    const then = planTrip(changed, { cache });
    return then.pinTooSmall ? [] : [{ kind, trip: changed, averageG: weightSums(then).averageG }];
  };
  return [
    ...oneMore(trip, plan, short)
      .flatMap(({ netG, changed }) => holds({ code: 'more', stop: short.stop, netG }, changed))
      .slice(0, 1),
    ...coldSuppers(trip, short)
      .flatMap(({ nights, changed }) => holds({ code: 'coldSuppers', nights }, changed))
      .slice(0, 1),
    ...boxes(trip, short).flatMap(({ stop, changed }) => holds({ code: 'box', stop }, changed)),
    ...holds({ code: 'unpin', stop: short.stop }, editStop(trip, short.fromStopId, { pinned: null })),
    ...rack.kits
      .filter((k) => k.id !== trip.rackKitId)
      .flatMap((k) => {
        const changed = tripWithKit(trip, build(rack, k));
        return changed.ok ? holds({ code: 'kit', name: k.name }, changed.value) : [];
      }),
  ];
}

type Short = NonNullable<Plan['pinTooSmall']>;

/** One more can of each size that is sold there, the smallest first. */
function oneMore(trip: Trip, plan: Plan, { fromStop, fromStopId }: Short): { netG: number; changed: Trip }[] {
  const stop = trip.stops[fromStop]!;
  const { pinned } = stop;
  if (pinned?.kind !== 'cans') return [];
  const offers = plan.carries.filter((c) => c.fromStopId === fromStopId).flatMap((c) => offersAt(stop, c.supply));
  return CANISTER_SIZES.flatMap(({ netG }) => {
    const id = canPackage(netG);
    if (!id || !offers.some((o) => o.packageId === id)) return [];
    const counts = { ...pinned.counts, [id]: (pinned.counts[id] ?? 0) + 1 };
    return [{ netG, changed: editStop(trip, fromStopId, { pinned: { kind: 'cans', counts } }) }];
  });
}

/** A box posted to one of the stops passed without filling up. */
const boxes = (trip: Trip, { fromStop, toStop }: Short): { stop: string; changed: Trip }[] =>
  trip.stops.slice(fromStop + 1, toStop).map((stop) => ({
    stop: stop.name,
    changed: editStop(trip, stop.id, { box: { postBy: null, note: '' } }),
  }));

/** The last one, two, three … suppers of the carry eaten cold. */
function coldSuppers(trip: Trip, { fromStop, toStop }: Short): { nights: number; changed: Trip }[] {
  const at = stopDays(trip);
  const [first, last] = [at[fromStop]! + 1, at[toStop]!];
  const days = daysOf(trip);
  const ways: { nights: number; changed: Trip }[] = [];
  let changed = trip;
  let nights = 0;
  for (let day = last; day >= first; day--) {
    const { dishes, eatsOut } = days[day - 1]!;
    const supper = dishOn(changed, day, 'supper', dishes);
    if (eatsOut.supper || !isHot(supper)) continue;
    changed = setDish(changed, 'supper', eatenCold(supper), { kind: 'days', from: day, to: day }, `cold-supper-${day}`);
    ways.push({ nights: ++nights, changed });
  }
  return ways;
}
