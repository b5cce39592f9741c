import type { BlendByMass } from '../../physics/fuel';
import { fuelById } from '../../physics/fuel';
import type { Look, ShelfItem } from '../model';
import { resetTo, transformed, projected, read, type Gaussian } from '../../foundation/numeric';
import { WITHDRAWN_C } from './cold';
import { driftedBlend } from './drift';
import { floatedGross, goneSinceMark } from './float';
import { balancedGross } from './pole';
import { TOO_FAR_SD, type Reading } from './reading';
import { cylinderOf } from './sizes';
import { tareOf } from './tare';

/** What is in a container, how surely, and what it should weigh. */
export interface Stock {
  /** Fuel left, g. */
  left: Reading;
  /** Share of what it held when new, 0–1. */
  share: number;
  /** As it would stand on a scale, and the empty one, as far as the readings tell, g. */
  gross: Reading;
  tare: Reading;
  /** Its liquid now, by mass; for cans only. */
  blend?: BlendByMass;
  /** Nobody has looked since it was opened. */
  unknown: boolean;
  /** The first look that cannot be squared with those before it. */
  asks?: Disagreement;
}
/** A look that says more (or, below nothing, less) than was expected, by so much, g. Until it is answered the lesser of both counts. */
export interface Disagreement {
  look: number;
  byG: number;
}

/** A burner's flow at a flame is known to this share until it has been measured, the same for all its burns (docs/physics.md, Shelf). */
const FLOW_SD = 0.15;
/** How far makers fill to what is printed, as a share (assumption). */
const FILL_SD = 0.01;
/** As good as not known at all, g. */
const ANYTHING_G = 1e4;
/** What a pass pours over is known to this share until both are weighed (assumption). */
const POUR_SD = 0.2;
/** A tablet more or less is not miscounted; what a measure tells of what was poured into it, as a share of it, and at least, g (common practice). */
const COUNT_SD_G = 0.1;
const MEASURE_SD = { share: 0.02, leastG: 2 };

/** What is estimated together: fuel and empty weight, g, the fuel when the water line was marked, g, and by how much the flow is off, as a share. */
const FUEL = [1, 0, 0, 0];
const GROSS = [1, 1, 0, 0];
const TARE = [0, 1, 0, 0];
const RISEN = [-1, 0, 1, 0];
const KEEP = { tare: [0, 1, 0, 0], mark: [0, 0, 1, 0], flow: [0, 0, 0, 1] };

/**
 * What is in a container by all that was ever read off it. Readings of its weight, of its water line, of what is in it and of what was burnt
 * are one linear estimate: a doubtful tare stays as doubtful however often it is weighed, and a burner's flow is off for all burns alike.
 */
export function stockOf(item: ShelfItem): Stock {
  let known: Known = { state: asBought(item), isMeasured: wasSeenFull(item) };
  item.looks.forEach((look, i) => {
    known = looked(item, { ...known, state: changedBy(look, known.state) }, look, i);
  });
  return stockIn(item, known.state, !known.isMeasured, known.asks);
}

/** What is known of a container so far. */
interface Known {
  state: Gaussian;
  /** Something has said how much is in it. */
  isMeasured: boolean;
  asks?: Disagreement;
}

/** What happened to the container at a look: burnt from, poured over, its water line marked. */
function changedBy(look: Look, state: Gaussian): Gaussian {
  const drawn = drawnBy(look);
  if (drawn) return transformed(state, [[1, 0, 0, -drawn.fuelG], KEEP.tare, KEEP.mark, KEEP.flow], [-drawn.fuelG, 0, 0, 0]);
  if (look.how === 'joined') return poured(state, look.fuelG);
  return look.how === 'marked' ? transformed(state, [FUEL, KEEP.tare, FUEL, KEEP.flow]) : state;
}

/** Some of it was used since the reading before. */
const wasUsed = (look: Look): boolean => 'used' in look && look.used;

/** What a look adds to what is known. */
function looked(item: ShelfItem, known: Known, look: Look, at: number): Known {
  const says = readingOf(item, look);
  if (!says) return known;
  const { state, isMeasured } = known;
  const expected = projected(state, says.of);
  const byG = says.more * (says.reading.massG - expected.mean);
  const isFar = isMeasured && Math.abs(byG) > TOO_FAR_SD * Math.hypot(expected.sd, says.reading.sdG);
  const isUsed = wasUsed(look);
  const asks = known.asks ?? (isFar && (byG > 0 || !isUsed) ? { look: at, byG } : undefined);
  // heavier than it can be: what was thought before is less, and counts until it is answered
  if (isFar && byG > 0) return { ...known, asks };
  const isStale = isUsed || isFar || !isMeasured;
  const open = isStale ? resetTo(state, 0, item.netG / 2, ANYTHING_G) : state;
  return { state: read(open, says.of, says.reading.massG, says.reading.sdG), isMeasured: true, asks };
}

/** Was it still full when looks at it began? One that had been opened before holds nobody knows what. */
const wasSeenFull = ({ openedOn, looks }: ShelfItem): boolean => openedOn === null || (looks.length > 0 && openedOn >= looks[0]!.on);

/** What one look says by itself is in a container, g: a weight less the empty one. Undefined for what reads nothing, or only what is gone. */
export function lookSays(item: ShelfItem, look: Look): Reading | undefined {
  const says = readingOf(item, look);
  if (!says || says.more < 0) return undefined;
  if (says.of === FUEL) return says.reading;
  const tare = tareOf(item);
  return { massG: Math.max(0, says.reading.massG - tare.massG), sdG: Math.hypot(says.reading.sdG, tare.sdG) };
}

/** A container before anyone looked: full as printed where it was not opened yet. */
function asBought(item: ShelfItem): Gaussian {
  const tare = tareOf(item);
  const fuelSdG = wasSeenFull(item) ? FILL_SD * item.netG : ANYTHING_G;
  const sds = [fuelSdG, tare.sdG, fuelSdG, FLOW_SD];
  return {
    mean: [item.netG, tare.massG, item.netG, 0],
    covariance: sds.map((sd, i) => sds.map((_, j) => (i === j ? sd ** 2 : 0))),
  };
}

/** So much poured in (or out), as far as one pass is known. */
function poured(state: Gaussian, fuelG: number): Gaussian {
  const moved = transformed(state, [FUEL, KEEP.tare, KEEP.mark, KEEP.flow], [fuelG, 0, 0, 0]);
  const doubt = (POUR_SD * fuelG) ** 2;
  return { ...moved, covariance: moved.covariance.map((row, i) => row.map((c, j) => (i === 0 && j === 0 ? c + doubt : c))) };
}

/** Fuel that a look says was drawn, g, and how cold the can was. */
function drawnBy(look: Look): { fuelG: number; canC: number } | undefined {
  if (look.how === 'burnt') return { fuelG: look.minutes * look.gPerMin, canC: look.canC };
  return look.how === 'walked' ? { fuelG: look.fuelG, canC: look.canC } : undefined;
}

/** What a look reads, of which of the numbers; `more` is −1 where more of it is less fuel. */
interface Says {
  of: readonly number[];
  reading: Reading;
  more: 1 | -1;
}
function readingOf(item: ShelfItem, look: Look): Says | undefined {
  const gross = grossRead(item, look);
  if (gross) return { of: GROSS, reading: gross, more: 1 };
  switch (look.how) {
    case 'risen':
      return { of: RISEN, reading: goneSinceMark(cylinderOf(item).diameterMm, look.risenMm), more: -1 };
    case 'counted': {
      const fuel = fuelById(item.fuelId);
      return { of: FUEL, reading: { massG: look.count * (fuel.kind === 'tablet' ? fuel.tabletG : 0), sdG: COUNT_SD_G }, more: 1 };
    }
    case 'measured': {
      const massG = look.fuelMl * densityOf(item);
      return { of: FUEL, reading: { massG, sdG: Math.max(MEASURE_SD.leastG, MEASURE_SD.share * massG) }, more: 1 };
    }
    default:
      return undefined;
  }
}

/** The weight as it stands that a look reads, by whatever way. */
function grossRead(item: ShelfItem, look: Look): Reading | undefined {
  if (look.how === 'weighed') return { massG: look.grossG, sdG: look.scaleSdG };
  if (look.how === 'balanced') return balancedGross(look);
  if (look.how !== 'floated') return undefined;
  const floated = floatedGross({ ...cylinderOf(item), lowMm: look.lowMm, highMm: look.highMm });
  return floated.ok ? floated.value : undefined;
}

/** Of what a bottle holds, g/mL; 1 where nothing is poured. */
export function densityOf({ fuelId }: Pick<ShelfItem, 'fuelId'>): number {
  const fuel = fuelById(fuelId);
  return fuel.kind === 'alcohol' || fuel.kind === 'liquid' ? fuel.densityGPerMl : 1;
}

function stockIn(item: ShelfItem, state: Gaussian, unknown: boolean, asks: Disagreement | undefined): Stock {
  const fuel = projected(state, FUEL);
  // nobody knows: anything from empty to full
  const left = unknown
    ? { massG: item.netG / 2, sdG: item.netG / Math.sqrt(12) }
    : { massG: Math.min(item.netG, Math.max(0, fuel.mean)), sdG: fuel.sd };
  const tare = projected(state, TARE);
  const gross = projected(state, GROSS);
  const blend = liquidIn(item, left.massG);
  return {
    left,
    share: left.massG / item.netG,
    gross: unknown ? { massG: left.massG + tare.mean, sdG: Math.hypot(left.sdG, tare.sd) } : { massG: gross.mean, sdG: gross.sd },
    tare: { massG: tare.mean, sdG: tare.sd },
    unknown,
    ...(blend ? { blend } : {}),
    ...(asks ? { asks } : {}),
  };
}

/** The liquid left in a can: what was logged was drawn as cold as it was, the rest as cold as is usual. */
function liquidIn(item: ShelfItem, leftG: number): BlendByMass | undefined {
  const fuel = fuelById(item.fuelId);
  if (fuel.kind !== 'gas') return undefined;
  const goneG = item.netG - leftG;
  const logged = item.looks.flatMap((l) => drawnBy(l) ?? []);
  const loggedG = logged.reduce((sum, d) => sum + d.fuelG, 0);
  // where more was logged than is gone the log was too high throughout
  const share = loggedG > goneG ? goneG / loggedG : 1;
  const draws = [...logged.map((d) => ({ ...d, fuelG: share * d.fuelG })), { fuelG: goneG - share * loggedG, canC: WITHDRAWN_C }];
  return driftedBlend(item.ownBlend ?? fuel.blend, item.netG, draws);
}
