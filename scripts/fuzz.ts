/**
 * Feeds spoilt files to the reader, and whatever it lets in to everything that works on a build.
 * `npm run fuzz -- 100000 7`: how many, and the seed. Prints what it came to; the first crash ends it.
 * `npm run fuzz -- edits 10000 7` takes builds through runs of edits instead, and saves and reads back each.
 */
import 'reflect-metadata/lite';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { editSequences } from '../tests/kit/edit-sequences';
import { fuzz } from '../tests/kit/fuzz';

const [count = 10_000, seed = 1] = process.argv
  .slice(2)
  .filter((text) => /^\d+$/.test(text))
  .map(Number);
const started = performance.now();
const seconds = (): string => `${((performance.now() - started) / 1000).toFixed(0)} s`;

if (process.argv.includes('edits')) {
  const { same, first } = editSequences(count, seed);
  process.stdout.write(
    `${count} runs of edits from seed ${seed}: ${same} saved and read back the same; ${seconds()}\n`,
  );
  if (first) throw new Error(first);
} else {
  const texts = [
    'harbour-tug-as-planned',
    'harbour-tug',
    'salt-flat-yacht',
    'field-tractor',
    'survey-catamaran',
  ].map((name) => readFileSync(path.join('demo', `${name}.dryhull.json`), 'utf8'));
  const { refused, accepted } = fuzz(texts, count, seed);
  process.stdout.write(
    `${count} files from seed ${seed}: ${refused} refused, ${accepted} accepted and worked on, none crashed; ${seconds()}\n`,
  );
}
