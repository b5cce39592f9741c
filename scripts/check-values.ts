// Prints the check values of docs/physics.md with what the core answers now.
import { CHECK_CASES } from '../core/test/check-cases';

console.log('| case | practice | model | error | time practice | model | error |\n|---|---|---|---|---|---|---|');
for (const c of CHECK_CASES) {
  const b = c.burn();
  const error = (got: number, want: number) => `${(100 * (got / want - 1)).toFixed(0)} %`.replace('-', '−');
  const minutes = (s: number) => `${(s / 60).toFixed(1)} min`;
  const time = c.expectedS
    ? `${minutes(c.expectedS)} | ${minutes(b.durationS)} | ${error(b.durationS, c.expectedS)}`
    : `– | ${minutes(b.durationS)} | –`;
  console.log(`| ${c.name} | ${c.expectedG.toFixed(1)} g | ${b.fuelG.toFixed(1)} g | ${error(b.fuelG, c.expectedG)} | ${time} |`);
}
