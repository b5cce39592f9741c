/** What walkers do to keep a can warm (docs/physics.md, The can; temperatures and powers are assumptions, to be overruled by a thermometer). */
export const WARMING = {
  none: { startC: Number.NEGATIVE_INFINITY, warmingW: 0 },
  pad: { startC: Number.NEGATIVE_INFINITY, warmingW: 1 },
  jacket: { startC: 15, warmingW: 0 },
  slept: { startC: 18, warmingW: 0 },
  handWarmer: { startC: 10, warmingW: 5 },
  bath: { startC: 18, warmingW: Number.POSITIVE_INFINITY },
} as const;
export type Warming = keyof typeof WARMING;

/** The can when lit, °C: the air's temperature, or warmer by what was done. */
export function canStartC(airC: number, warming: Warming): number {
  return Math.max(airC, WARMING[warming].startC);
}

/** No can may get warmer than this: the limit printed on cartridges, °C. */
export const HOTTEST_CAN_C = 50;
