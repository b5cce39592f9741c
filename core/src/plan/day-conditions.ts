import { ambientPressurePa } from '../air/atmosphere';
import type { DayShape, Trip } from '../archive/trip-schema';
import { unscreenedWindMps } from '../burn/wind';

/** A day without a shape of its own: common practice of a long-distance walker. */
const PLAIN_DAY: DayShape = { km: 18, altitudeDeltaM: 0, airDeltaC: 0, windFactor: 1 };

/** What one day is like at the stove. */
export interface DayConditions {
  /** 1-based. */
  day: number;
  km: number;
  altitudeM: number;
  pressurePa: number;
  breakfastAirC: number;
  supperAirC: number;
  /** At an unscreened flame. */
  windMps: number;
  waterC: number;
  /** Water has to be melted. */
  snow: boolean;
  starterWater: boolean;
  gusty: boolean;
}

/** The leg's conditions laid over the shape of its days. */
export function dayConditions(trip: Trip): DayConditions[] {
  const { conditions, leg } = trip;
  const windMps = unscreenedWindMps(conditions.wind);
  return Array.from({ length: leg.dayCount }, (_, i) => {
    const shape = leg.shape[i] ?? PLAIN_DAY;
    const altitudeM = conditions.altitudeM + shape.altitudeDeltaM;
    return {
      day: i + 1,
      km: shape.km,
      altitudeM,
      pressurePa: ambientPressurePa(altitudeM),
      breakfastAirC: conditions.breakfastAirC + shape.airDeltaC,
      supperAirC: conditions.supperAirC + shape.airDeltaC,
      windMps: windMps * shape.windFactor,
      waterC: conditions.waterC,
      snow: conditions.snow,
      starterWater: conditions.starterWater,
      gusty: conditions.gusty,
    };
  });
}
