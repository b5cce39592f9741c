import { tareOfG, type Container } from '../../domain/carry';
import { fuelById } from '../../physics/fuel';
import type { Kit, WalkEvent } from '../../domain/model';
import { cylinderOf, floatsUpright, gramsPerMm } from '../../domain/shelf';

/** How well each way of reading what is left tells, one standard deviation, g (docs/physics.md, Walking; common practice). */
export const READ_SD_G: Record<Extract<WalkEvent, { kind: 'weighed' }>['how'], number> = {
  scale: 0.29,
  float: 7,
  pole: 8.5,
  doses: 4,
  mark: 6,
  emptied: 3,
};

/** An amount of fuel as a walker can read it, each rounded to the safe side: more is asked for, never less. */
export interface AsRead {
  fuelG: number;
  /** All containers together on a scale, g. */
  grossG: number;
  /** How much deeper than empty a single can floats, whole mm; absent for several cans and for those that lie over. */
  floatMm?: number;
  /** Whole measures of spirit, and what one holds, mL. */
  doses?: { count: number; measureMl: number };
  tablets?: number;
}

/** What a unit of a reading is worth where it can be taken: a millimetre of a single can's float, a measure of spirit, a tablet, g. */
export interface ReadingUnits {
  floatMmG?: number;
  doseG?: number;
}
export function readingUnits(containers: readonly Container[], kit: Kit): ReadingUnits {
  const fuel = fuelById(kit.fuelId);
  const [only, ...more] = containers;
  const can = only?.kind === 'canister' && !more.length ? cylinderOf(only) : undefined;
  return {
    ...(can && floatsUpright(can) ? { floatMmG: gramsPerMm(can.diameterMm) } : {}),
    ...(fuel.kind === 'alcohol' ? { doseG: kit.measureMl * fuel.densityGPerMl } : {}),
    ...(fuel.kind === 'tablet' ? { doseG: fuel.tabletG } : {}),
  };
}

/** So much fuel in some containers as scale, float strip and measure show it. */
export function asRead(fuelG: number, containers: readonly Container[], kit: Kit): AsRead {
  const fuel = fuelById(kit.fuelId);
  const { floatMmG, doseG } = readingUnits(containers, kit);
  const whole = (unitG: number): number => Math.ceil(fuelG / unitG - 1e-9);
  return {
    fuelG,
    grossG: Math.ceil(fuelG + tareOfG(containers) - 1e-9),
    ...(floatMmG === undefined ? {} : { floatMm: whole(floatMmG) }),
    ...(doseG !== undefined && fuel.kind === 'alcohol' ? { doses: { count: whole(doseG), measureMl: kit.measureMl } } : {}),
    ...(doseG !== undefined && fuel.kind === 'tablet' ? { tablets: whole(doseG) } : {}),
  };
}
