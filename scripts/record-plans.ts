// Records the plans of 200 random trips, the demo and half a year of trail: what a change that should change no number is held against.
import { writeFileSync } from 'node:fs';
import { recordedTrips, recordOf } from '../core/test/recorded-plans';

const plans = recordedTrips().map(recordOf);
writeFileSync(
  new URL('../core/test/fixtures/recorded-plans.json', import.meta.url),
  `[\n${plans.map((p) => `  ${JSON.stringify(p)}`).join(',\n')}\n]\n`,
);
