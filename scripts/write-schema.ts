// Writes the published JSON Schema of the trip file from the Zod schema that checks it.
import { writeFileSync } from 'node:fs';
import { archiveJsonSchema } from '../core/src/archive';

writeFileSync(new URL('../docs/formats/trip-archive-v3.schema.json', import.meta.url), JSON.stringify(archiveJsonSchema(), null, 2) + '\n');
