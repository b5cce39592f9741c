import { fuelById, FUELS } from '../../physics/fuel';
import { done, refused, type Result } from '../../foundation/errors';
import { FUEL_IN, lookProblem, nameFrom, shelfItemSchema, type Look, type LookProblem, type ShelfItem, type ShelfKind } from '../model';
import { parseQuantity, UNITS, type Quantity, type QuantityProblem, type Unit } from '../../foundation/units';
import { newContainer, withLook } from './edit';
import { densityOf } from './stock';

/** Why a sentence about a container was not understood. */
export type SaidProblem =
  | { code: 'noKind' }
  | { code: 'noSize'; kind: ShelfKind }
  /** A part that says nothing known, as it was written. */
  | { code: 'unknownPart'; part: string }
  | { code: 'badQuantity'; part: string; quantity: Quantity; problem: QuantityProblem }
  | { code: 'outside'; field: string }
  | { code: 'badLook'; problem: LookProblem };

/** Units that a bare number takes. */
export interface SaidUnits {
  mass: Unit;
  volume: Unit;
}
export const METRIC_SAID: SaidUnits = { mass: UNITS.mass[0]!, volume: UNITS.volume[0]! };

/** Words by which a walker names a kind; the first that is found decides. */
const KIND_WORDS: readonly [RegExp, ShelfKind][] = [
  [/\btab(let)?s?\b/i, 'tablets'],
  [/\b(gel|paste)\b/i, 'gelTin'],
  [/\b(white gas|petrol|kerosene|diesel|liquid|pressure bottle)\b/i, 'liquidBottle'],
  [/\b(alcohol|spirits?|ethanol|methanol|meths|bottle)\b/i, 'bottle'],
  [/\b(can|canister|cartridge|gas)\b/i, 'canister'],
];
const FUEL_WORDS: readonly [RegExp, string][] = [
  [/\bmethanol\b/i, 'alcohol-methanol'],
  [/\bstrong\b/i, 'alcohol-strong'],
  [/\bkerosene\b/i, 'liquid-kerosene'],
  [/\bpetrol\b/i, 'liquid-petrol'],
  [/\bdiesel\b/i, 'liquid-diesel'],
  [/\bn-?butane\b/i, 'gas-butane'],
  [/\b30\/70\b/, 'gas-30-70'],
  [/\b25\/25\/50\b/, 'gas-25-25-50'],
  [/\b4 ?g\b/i, 'tablet-4'],
];
/** A number with whatever unit stands behind it. */
const AMOUNT = /\d[\d.,]*(?:\s*[a-z]+)?/i;
const WEIGHS = /^(?:it )?(?:weighs|weighing|weight|gross|on the scale)\s*:?\s*(.+)$/i;
const EMPTY = /^(?:empty|tare|(?:it )?weighs empty)\s*:?\s*(.+)$/i;
const SIMULATED = /\s*\(simulated\)$/i;
const NEW = /^(new|full|unopened)\b/i;
const COSTS = /^(?:costs?|price|paid|for)\s*:?\s*([\d.,]+)/i;
const HOLDS = /^(?:holds|with|has)\s*:?\s*(.+?)(?:\s+(?:in it|left))?$/i;

/**
 * Reads a container as a walker says it: "230 g canister, weighs 293 g", "100 g canister, empty 99 g, weighs 139", "500 mL spirit, holds 310 mL",
 * "9 tablets of 14 g". What is said of its weight is a look of that day.
 */
export function readSaid(text: string, on: string, id: string, units: SaidUnits = METRIC_SAID): Result<ShelfItem, SaidProblem> {
  const [first = '', ...parts] = text
    .split(/\s*(?:;|,(?!\d)|,\s+)\s*/)
    .map((p) => p.trim())
    .filter(Boolean);
  const kind = KIND_WORDS.find(([pattern]) => pattern.test(first))?.[1];
  if (!kind) return refused({ code: 'noKind' });
  const begun = containerSaid(first, kind, id, units);
  if (!begun.ok) return begun;
  let item = begun.value;
  const looks: Look[] = kind === 'tablets' ? [{ how: 'counted', on, count: Math.round(item.netG / tabletG(item)), used: true }] : [];
  for (const part of parts) {
    const read = partSaid(part, item, on, units);
    if (!read.ok) return read;
    item = { ...item, ...read.value.change };
    looks.push(...read.value.looks);
  }
  const isNew = parts.some((p) => NEW.test(p));
  return looksAdded(
    item,
    looks.map((look) => (isNew && 'used' in look ? { ...look, used: false } : look)),
  );
}

/** The container with what was said of it written down, where it may be so. */
function looksAdded(begun: ShelfItem, looks: readonly Look[]): Result<ShelfItem, SaidProblem> {
  let item = begun;
  for (const look of looks) {
    const problem = lookProblem(item, look);
    if (problem) return refused({ code: 'badLook', problem });
    const looked = withLook(item, look);
    if (looked.ok) item = looked.value;
  }
  const whole = shelfItemSchema.safeParse(item);
  return whole.success ? done(whole.data) : refused({ code: 'outside', field: String(whole.error.issues[0]!.path[0]) });
}

const tabletG = (item: ShelfItem): number => {
  const fuel = fuelById(item.fuelId);
  return fuel.kind === 'tablet' ? fuel.tabletG : 1;
};

/** Size and kind: "230 g canister". */
function containerSaid(words: string, kind: ShelfKind, id: string, units: SaidUnits): Result<ShelfItem, SaidProblem> {
  const fuelId = FUEL_WORDS.find(([pattern, fuel]) => pattern.test(words) && isIn(kind, fuel))?.[1];
  const item: ShelfItem = { ...newContainer(id, kind, nameFrom(words)), ...(fuelId ? { fuelId } : {}) };
  const said = AMOUNT.exec(words.replace(/\b\d+(?:\/\d+)+\b/, ''))?.[0];
  if (!said) return kind === 'gelTin' ? done(item) : refused({ code: 'noSize', kind });
  if (kind === 'tablets') return done({ ...item, netG: Number.parseInt(said, 10) * tabletG(item) });
  const amount = amountSaid(said.replace(/\s*(can|canister|cartridge|bottle|tin|gas|of|spirit|alcohol)$/i, ''), item, units);
  return amount.ok ? done({ ...item, netG: amount.value }) : amount;
}

const isIn = (kind: ShelfKind, fuelId: string): boolean => FUELS.some((f) => f.id === fuelId && f.kind === FUEL_IN[kind]);

interface Read {
  change: Partial<ShelfItem>;
  looks: Look[];
}
function partSaid(part: string, item: ShelfItem, on: string, units: SaidUnits): Result<Read, SaidProblem> {
  const mass = (text: string): Result<number, SaidProblem> => quantity(text, 'mass', units.mass);
  const empty = EMPTY.exec(part);
  if (empty) return mapped(mass(empty[1]!), (tareG) => ({ change: { tareG }, looks: [] }));
  const weighs = WEIGHS.exec(part);
  if (weighs)
    return mapped(mass(weighs[1]!.replace(SIMULATED, '')), (grossG) => ({
      change: {},
      looks: [{ how: 'weighed', on, grossG, scaleSdG: 1, simulated: SIMULATED.test(part), used: true }],
    }));
  const costs = COSTS.exec(part);
  if (costs) return done({ change: { price: Number(costs[1]!.replace(',', '.')) }, looks: [] });
  const holds = HOLDS.exec(part);
  if (holds && (item.kind === 'bottle' || item.kind === 'liquidBottle'))
    return mapped(quantity(holds[1]!, 'volume', units.volume), (fuelMl) => ({
      change: {},
      looks: [{ how: 'measured', on, fuelMl, used: true }],
    }));
  return NEW.test(part) ? done({ change: {}, looks: [] }) : refused({ code: 'unknownPart', part });
}

/** What a container holds when new, g: a can by weight, a bottle by volume. */
function amountSaid(text: string, item: ShelfItem, units: SaidUnits): Result<number, SaidProblem> {
  if (item.kind !== 'bottle' && item.kind !== 'liquidBottle') return quantity(text, 'mass', units.mass);
  return mapped(quantity(text, 'volume', units.volume), (ml) => ml * densityOf(item));
}

function quantity(text: string, of: Quantity, unit: Unit): Result<number, SaidProblem> {
  const read = parseQuantity(text, of, unit);
  return read.ok ? done(read.value.value) : refused({ code: 'badQuantity', part: text, quantity: of, problem: read.problem });
}

const mapped = <A, B>(result: Result<A, SaidProblem>, into: (value: A) => B): Result<B, SaidProblem> =>
  result.ok ? done(into(result.value)) : result;
