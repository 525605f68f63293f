/** Writes the JSON Schema of the file format into the docs. */
import { writeFileSync } from 'node:fs';
import { formatSchema } from './format-schema';

const place = new URL('../docs/format/dry-hull.schema.json', import.meta.url);
writeFileSync(place, `${JSON.stringify(formatSchema(), null, 2)}\n`);
