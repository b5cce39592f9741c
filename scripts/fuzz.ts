// Ten thousand spoilt files through every reader: each is taken whole or refused with a code. `npm run fuzz -- SEED RUNS`
import { READERS, spoil } from '../core/test/hostile-files';

const [seed = 20_261, runs = 10_000] = process.argv.slice(2).map(Number);
const each = Math.ceil(runs / READERS.length);
for (const reader of READERS) {
  const started = performance.now();
  const taken = spoil(reader, each, seed);
  console.log(`${reader.name}: ${each} spoilt, ${taken} taken, ${((performance.now() - started) / 1000).toFixed(1)} s`);
}
