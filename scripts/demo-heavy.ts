// Writes the heavy demo as a backup that the app reads: import it, and see how it bears half a year of trail.
import { writeFileSync } from 'node:fs';
import { heavyBackup } from '../bench/heavy-demo';

const FILE = 'heavy-demo.json';
writeFileSync(FILE, heavyBackup());
console.log(`${FILE} is written: 200 days, 60 stops, 40 dishes, 100 containers, 500 burns, 20 trips. Import it in the app.`);
