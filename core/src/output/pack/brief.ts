import { burnerById, isGas, type BurnerFamily } from '../../domain/catalogue';
import { menuMeals } from '../../domain/menu';
import type { Restriction, Trip } from '../../domain/model';
import type { Caution, CarryPlan, Hazard, Plan } from '../../planning/planned';
import { stopDays, tripOnLeg } from '../../domain/trail';

/** Days of the trip from–to on which something applies. */
export interface DayRange {
  from: number;
  to: number;
}
/** One line of the brief: what can hurt, and on which days; none named means all the way. */
export interface BriefLine {
  what:
    | { kind: 'caution'; caution: Caution }
    | { kind: 'hazard'; hazard: Hazard }
    | { kind: 'rule'; restriction: Restriction; note: string }
    | { kind: 'coldSoak' };
  days: DayRange[];
}

/** What goes with a family of burners wherever it is lit (docs/physics.md, Cautions). */
const HAZARDS_OF: Record<BurnerFamily, readonly Hazard[]> = {
  canisterTop: ['hissMeansGas'],
  regulated: ['hissMeansGas'],
  locked: ['hissMeansGas'],
  remote: ['hissMeansGas'],
  openAlcohol: ['bottleAway'],
  simmerAlcohol: ['bottleAway'],
  tablet: ['tabletFumes'],
  liquid: ['pressureOff'],
  gel: ['gelBurnsOn'],
  wood: ['embersLast'],
  none: [],
};
const ALWAYS: readonly Hazard[] = ['noTent', 'neverLeave', 'neverMoveLit', 'tired', 'coolFirst', 'leaveNoTrace'];

/** What can hurt on this trip with these kits, dishes and rules, what the land manager says first; each with the days on which it applies. */
export function brief(trip: Trip, plan: Plan): BriefLine[] {
  const lit = plan.carries.filter((c) => c.days.some((d) => Object.keys(d.meals).length > 0));
  const at = stopDays(trip);
  const rules = trip.legs.flatMap((leg, i): BriefLine[] =>
    leg.restriction === 'none'
      ? []
      : [{ what: { kind: 'rule', restriction: leg.restriction, note: leg.restrictionNote }, days: [{ from: at[i]! + 1, to: at[i + 1]! }] }],
  );
  const cautions = new Map<string, { caution: Caution; carries: CarryPlan[] }>();
  for (const c of lit)
    for (const caution of c.cautions) {
      const key = JSON.stringify(caution);
      cautions.set(key, { caution, carries: [...(cautions.get(key)?.carries ?? []), c] });
    }
  const hazards = new Map<Hazard, CarryPlan[]>();
  for (const c of lit) {
    const burner = burnerById(tripOnLeg(trip, c.fromStop).kit.burnerId);
    const joint = isGas(burner) || burner.family === 'liquid' ? [] : (['rightFuel'] as const);
    for (const h of [...HAZARDS_OF[burner.family], ...joint]) hazards.set(h, [...(hazards.get(h) ?? []), c]);
  }
  const where = (carries: readonly CarryPlan[]): DayRange[] => (carries.length === lit.length ? [] : joined(carries.map(daysOf)));
  return [
    ...rules,
    ...[...cautions.values()].map(({ caution, carries }): BriefLine => ({ what: { kind: 'caution', caution }, days: where(carries) })),
    ...[...hazards].map(([hazard, carries]): BriefLine => ({ what: { kind: 'hazard', hazard }, days: where(carries) })),
    ...(lit.length ? ALWAYS.map((hazard): BriefLine => ({ what: { kind: 'hazard', hazard }, days: [] })) : []),
    ...(menuMeals(trip).some((m) => m.method === 'coldSoak') ? [{ what: { kind: 'coldSoak' as const }, days: [] }] : []),
  ];
}

const daysOf = ({ days }: CarryPlan): DayRange => ({ from: days[0]!.day, to: days[days.length - 1]!.day });

/** Ranges that follow one another are one. */
function joined(ranges: readonly DayRange[]): DayRange[] {
  const out: DayRange[] = [];
  for (const r of ranges) {
    const last = out.at(-1);
    if (last && r.from <= last.to + 1) last.to = Math.max(last.to, r.to);
    else out.push({ ...r });
  }
  return out;
}
