import { requireRange } from '../../foundation/errors';

/**
 * A SIMULATED climate: smooth, deterministic and invented, so that a trip can be planned before anyone has looked up the real one.
 * Shapes from common knowledge (lapse rate of the standard atmosphere, colder and more seasonal towards the poles); no station stands behind it.
 */
export interface SimulatedClimate {
  simulated: true;
  supperAirC: number;
  /** Just before sunrise, the coldest of the day. */
  breakfastAirC: number;
  /** Of a stream. */
  waterC: number;
  /** At 10 m above open ground. */
  tenMetreMps: number;
  /** One standard deviation of the air from day to day, K. */
  spreadC: number;
}

/** Sea-level mean over the year: this at the equator, this much less at the poles, °C. */
const EQUATOR_C = 27;
const POLE_DROP_C = 50;
/** Half the difference of summer and winter at the poles, K; it grows with the sine of latitude. */
const POLE_SWING_C = 20;
/** K per km (US Standard Atmosphere 1976). */
const LAPSE_C_PER_KM = 6.5;
/** Warmest day after the June solstice in the north, day of the year. */
const WARMEST_DAY = 205;
const SUPPER_ABOVE_MEAN_C = 1.5;
const NIGHT_BELOW_MEAN_C = 5;
/** Nights fall further below the mean in thin dry air, K per km. */
const NIGHT_MORE_C_PER_KM = 0.6;
const WIND = { atSeaMps: 4, perKmMps: 1.2, winterMps: 1.5 };
const SPREAD = { tropicC: 2, poleC: 6 };
const STREAM = { shareOfAir: 0.6, offsetC: 3, coldestC: 1, warmestC: 22 };

/**
 * What the simulated climate says of a place and day. `dayOfYear` 1–366. Throws OutOfRangeError outside −90…90° and −500…9,000 m.
 */
export function simulatedClimate(latitudeDeg: number, altitudeM: number, dayOfYear: number): SimulatedClimate {
  requireRange('latitudeDeg', latitudeDeg, -90, 90);
  requireRange('altitudeM', altitudeM, -500, 9000);
  requireRange('dayOfYear', dayOfYear, 1, 366);
  const poleward = Math.sin((Math.abs(latitudeDeg) * Math.PI) / 180);
  const season = Math.cos((2 * Math.PI * (dayOfYear - WARMEST_DAY)) / 365.25) * (latitudeDeg < 0 ? -1 : 1);
  const km = altitudeM / 1000;
  const meanC = EQUATOR_C - POLE_DROP_C * poleward ** 2 + POLE_SWING_C * poleward * season - LAPSE_C_PER_KM * km;
  const tenth = (x: number): number => Math.round(10 * x) / 10 + 0;
  const waterC = Math.min(STREAM.warmestC, Math.max(STREAM.coldestC, STREAM.offsetC + STREAM.shareOfAir * meanC));
  return {
    simulated: true,
    supperAirC: tenth(meanC + SUPPER_ABOVE_MEAN_C),
    breakfastAirC: tenth(meanC - NIGHT_BELOW_MEAN_C - NIGHT_MORE_C_PER_KM * Math.max(0, km)),
    waterC: tenth(waterC),
    tenMetreMps: tenth(WIND.atSeaMps + WIND.perKmMps * Math.max(0, km) - WIND.winterMps * season * poleward),
    spreadC: tenth(SPREAD.tropicC + (SPREAD.poleC - SPREAD.tropicC) * poleward),
  };
}
