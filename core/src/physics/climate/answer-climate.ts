import type { ClimateQuery } from './climate-service';
import { simulatedClimate, type SimulatedClimate } from './simulated-climate';

/** The service itself, on the server and, when that cannot be reached, in the app. */
export const answerClimate = (q: ClimateQuery): SimulatedClimate[] =>
  q.days.map((d) => simulatedClimate(q.latitudeDeg, d.altitudeM, d.dayOfYear));
