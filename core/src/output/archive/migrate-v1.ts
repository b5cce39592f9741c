import { unscreenedWindMps } from '../../physics/burn';
import { ANNOYANCES, COMFORTS, cutSchema, clamp, LIMITS, USUAL_WHAT_IFS, type Day, type Trip } from '../../domain/model';
import type { TripV1 } from './trip-v1';

/** A day without a shape of its own in version 1. */
const PLAIN = { km: 18, altitudeDeltaM: 0, airDeltaC: 0, windFactor: 1 };
/** What version 1 did not know: an undated trip starts on this day, at this latitude. */
const UNDATED = { startDate: '2027-07-01', latitudeDeg: 46 };
const SPREAD_C = 4;

/** A trip of version 1 as version 2 writes it: the same days, the same plan. Values pushed past the limits by a day's shape stop there. */
export function migrateTripV1({ id, name, leg, conditions: c, kit, menu, reservePercent }: TripV1): Trip {
  const windMps = unscreenedWindMps(c.wind);
  const days = Array.from({ length: leg.dayCount }, (_, i): Day => {
    const shape = leg.shape[i] ?? PLAIN;
    return {
      km: shape.km,
      ascentM: 0,
      altitudeM: clamp(c.altitudeM + shape.altitudeDeltaM, LIMITS.altitudeM),
      supperAirC: clamp(c.supperAirC + shape.airDeltaC, LIMITS.airC),
      breakfastAirC: clamp(c.breakfastAirC + shape.airDeltaC, LIMITS.airC),
      spreadC: SPREAD_C,
      waterC: c.waterC,
      wind: shape.windFactor === 1 ? c.wind : { kind: 'flame', mps: clamp(windMps * shape.windFactor, LIMITS.flameMps) },
      gusty: c.gusty,
      source: !c.snow ? 'stream' : c.starterWater ? 'snow' : 'snowDry',
      treatment: 'filter',
      eatsOut: { breakfast: false, supper: false },
      dishes: {},
      simulated: [],
    };
  });
  const stop = { kind: 'town' as const, sells: [], openNote: '', bin: false, box: null, pinned: null, detourKm: 0 };
  return {
    id,
    name,
    ...UNDATED,
    stops: [
      { id: 'start', name: leg.from, ...stop },
      { id: 'end', name: leg.to, ...stop },
    ],
    legs: [{ days, restriction: 'none', restrictionNote: '' }],
    profile: [],
    kit,
    menu,
    dishes: [],
    rotation: {},
    oneLighting: true,
    appetite: 1,
    reservePercent,
    loadOut: { measure: 'gramDays', gramsPerPrice: 0, leakProof: false, riskLimitPercent: 2 },
    comforts: [...COMFORTS],
    own: [],
    packed: [],
    cut: cutSchema.parse({}),
    cupMarkMl: null,
    annoyances: [...ANNOYANCES],
    detour: null,
    whatIfs: USUAL_WHAT_IFS,
  };
}
