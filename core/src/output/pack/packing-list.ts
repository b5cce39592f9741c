import { burnerById } from '../../domain/catalogue';
import type { Container } from '../../domain/carry';
import { build, isInStep, lightersOf, packingSteps, type Nest } from '../../domain/kit';
import { foodOf, mealsEaten } from '../../domain/menu';
import { hasRole, massOfG, type Piece, type Rack, type RackKit, type Trip } from '../../domain/model';
import type { CarryPlan, Plan } from '../../planning/planned';
import { nestOf } from '../../studies/study';
import { tripOnLeg } from '../../domain/trail';

/** Where a thing rides. */
export type PackPlace = 'pot' | 'pack' | 'body' | 'foodBag';
export const PACK_GROUPS = ['kit', 'fuel', 'food', 'water'] as const;
export type PackGroup = (typeof PACK_GROUPS)[number];

/** A line of the list. */
export interface PackItem {
  /** The same on every list of this trip: ticks go by it. */
  id: string;
  group: PackGroup;
  name: string;
  massG: number;
  place: PackPlace;
  /** A container as it is loaded. */
  container?: Container;
}

export interface PackingList {
  carry: Pick<CarryPlan, 'fromStopId' | 'from' | 'to'>;
  items: PackItem[];
  sums: PackSums;
  /** What is put back into the pot, in this order; empty where nothing nests or the kit was changed by hand. */
  nestOrder: string[];
  /** Pieces to count when leaving camp: everything that comes out to cook. */
  atCampCount: number;
  /** Rubbish that there is by the next bin, g: packets, and cans burnt empty on the way. */
  rubbishG: number;
  /** Both ignitions ride in one place, or there is only one; unknown for a kit changed by hand, whose pieces are not named. */
  ignition: 'apart' | 'together' | 'one' | 'none' | 'unknown';
}

/** The same things by every way of counting, g. */
export interface PackSums {
  /** Kit with fuel and its containers: what the verdict calls the load out of a stop. */
  cookingG: number;
  /** Kit and empty containers: what is still there when the fuel is burnt. */
  dryG: number;
  /** Kit alone. */
  kitG: number;
  /** With food as well, and with the water for a dry camp. */
  withFoodG: number;
  allG: number;
}

/** Dense as water, g per mL. */
const WATER_G_PER_ML = 1;

/** How a kit nests. */
type NestFor = (kit: RackKit) => Nest | undefined;

/** A list for every departure. A kit nests alike at each of them: it is worked out once. */
export function packingLists(rack: Rack, trip: Trip, plan: Plan): PackingList[] {
  const known = new Map<string, Nest | undefined>();
  const nestFor: NestFor = (kit) => {
    if (!known.has(kit.id)) known.set(kit.id, nestOf(rack, kit));
    return known.get(kit.id);
  };
  return plan.carries.map((c) => packingList(rack, trip, c, nestFor));
}

/** Everything for one departure: kit pieces once, containers as loaded, food and the water for a dry camp on its first day. */
export function packingList(rack: Rack, trip: Trip, carry: CarryPlan, nestFor: NestFor = (kit) => nestOf(rack, kit)): PackingList {
  const here = tripOnLeg(trip, carry.fromStop);
  const { items: kitItems, nestOrder, pieces, holdsCan } = kitLines(rack, here, nestFor);
  const fuel = carry.containers.map((c, i): PackItem => ({
    id: `fuel ${carry.fromStopId} ${i}`,
    group: 'fuel',
    name: c.own?.name ?? '',
    massG: c.tareG + c.fuelG,
    // the can that was nested is the first that is carried
    place: holdsCan && i === 0 ? 'pot' : 'pack',
    container: c,
  }));
  const { foodG, packets } = foodOf(trip, carry.days);
  const food: PackItem[] =
    foodG > 0 ? [{ id: `food ${carry.fromStopId}`, group: 'food', name: packetNames(packets), massG: foodG, place: 'foodBag' }] : [];
  const [first] = carry.days;
  const waterMl = first?.carriedWaterMl ?? 0;
  const water: PackItem[] =
    waterMl > 0 ? [{ id: `water ${carry.fromStopId}`, group: 'water', name: '', massG: waterMl * WATER_G_PER_ML, place: 'pack' }] : [];
  const items = [...kitItems, ...fuel, ...food, ...water];
  return {
    carry: { fromStopId: carry.fromStopId, from: carry.from, to: carry.to },
    items,
    sums: sumsOf(items),
    nestOrder,
    atCampCount: kitItems.length + fuel.length,
    rubbishG: rubbishG(trip, carry),
    ignition: ignitionOf(rack, here, pieces, kitItems),
  };
}

/** What the lines come to. Containers count empty in what is left when the fuel is burnt. */
export function sumsOf(items: readonly PackItem[]): PackSums {
  const sum = (groups: readonly PackGroup[]): number => items.filter((i) => groups.includes(i.group)).reduce((g, i) => g + i.massG, 0);
  const tareG = items.reduce((g, i) => g + (i.container?.tareG ?? 0), 0);
  return {
    kitG: sum(['kit']),
    dryG: sum(['kit']) + tareG,
    cookingG: sum(['kit', 'fuel']),
    withFoodG: sum(['kit', 'fuel', 'food']),
    allG: sum(PACK_GROUPS),
  };
}

const packetNames = (packets: readonly { name: string; count: number }[]): string =>
  packets.map((p) => (p.count === 1 ? p.name : `${p.count} × ${p.name}`)).join(', ');

/** The kit piece by piece where the trip is in step with its kit of the rack; in five lines where it was changed by hand. */
function kitLines(
  rack: Rack,
  trip: Trip,
  nestFor: NestFor,
): { items: PackItem[]; nestOrder: string[]; pieces: Piece[]; holdsCan: boolean } {
  const kit = rack.kits.find((k) => k.id === trip.rackKitId);
  if (!kit || !isInStep(trip, rack)) return { items: handLines(trip), nestOrder: [], pieces: [], holdsCan: false };
  const { pieces } = build(rack, kit);
  const nest = nestFor(kit);
  const steps = nest ? packingSteps(nest) : [];
  const inPot = new Set(steps.map((s) => s.id));
  const lighters = pieces.filter((p) => hasRole(p, 'ignition'));
  const items = pieces
    // containers stand among the fuel, as they are loaded
    .filter((p) => p.role !== 'container')
    .map((p): PackItem => ({
      id: `piece ${p.id}`,
      group: 'kit',
      name: p.name,
      massG: massOfG(p),
      // the second ignition keeps away from the first
      place: p === lighters[1] ? 'body' : inPot.has(p.id) || hasRole(p, 'pot') ? 'pot' : 'pack',
    }));
  const nameOf = (id: string): string => pieces.find((p) => p.id === id)?.name ?? '';
  const holdsCan = pieces.some((p) => p.role === 'container' && inPot.has(p.id));
  return { items, nestOrder: steps.map((s) => nameOf(s.id)).filter(Boolean), pieces, holdsCan };
}

function handLines({ kit }: Trip): PackItem[] {
  const line = (id: string, name: string, massG: number): PackItem => ({ id: `kit ${id}`, group: 'kit', name, massG, place: 'pack' });
  return [
    line('burner', burnerById(kit.burnerId).name, kit.burnerMassG),
    line('pot', kit.pot.name, kit.pot.massG),
    // a lid that is not used stays at home, as the plan has it
    line('lid', 'lid', kit.lidOn ? kit.pot.lidMassG : 0),
    line('windscreen', 'windscreen', kit.windscreenMassG),
    line('rest', 'lighter, spoon, bag and the rest', kit.otherMassG),
  ].filter((l) => l.massG > 0);
}

function ignitionOf(rack: Rack, trip: Trip, pieces: readonly Piece[], items: readonly PackItem[]): PackingList['ignition'] {
  const { family } = burnerById(trip.kit.burnerId);
  if (family === 'none') return 'none';
  if (!pieces.length) return 'unknown';
  const usable = lightersOf(rack, family, pieces).filter((l) => l.how !== 'no');
  if (!usable.length) return 'none';
  if (usable.length === 1) return 'one';
  const places = usable.map((l) => items.find((i) => i.id === `piece ${l.piece.id}`)?.place);
  return new Set(places).size > 1 ? 'apart' : 'together';
}

/** Packets emptied on the way, and cans that are empty at the end, as far as nothing takes them before. */
function rubbishG(trip: Trip, carry: CarryPlan): number {
  const packets = carry.days.flatMap((d) => mealsEaten(trip, d)).reduce((sum, [, meal]) => sum + meal.packagingG, 0);
  const empties = carry.after.filter((c) => c.kind === 'canister' && c.fuelG < 1).reduce((sum, c) => sum + c.tareG, 0);
  return packets + empties;
}
