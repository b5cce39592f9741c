// Writes docs/formats/examples: every format as the demo comes out in it.
import { writeFileSync } from 'node:fs';
import { EXAMPLES } from '../core/test/examples';

for (const [name, write] of Object.entries(EXAMPLES)) writeFileSync(new URL(`../docs/formats/examples/${name}`, import.meta.url), write());
