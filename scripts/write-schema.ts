// Writes the published JSON Schemas of the trip file and of a walk's log from the Zod schemas that check them.
import { writeFileSync } from 'node:fs';
import { archiveJsonSchema, logJsonSchema } from '../core/src/output/archive';

const write = (name: string, schema: unknown): void =>
  writeFileSync(new URL(`../docs/formats/${name}.schema.json`, import.meta.url), JSON.stringify(schema, null, 2) + '\n');

write('trip-archive-v3', archiveJsonSchema());
write('walk-log-v1', logJsonSchema());
