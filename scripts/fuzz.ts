/**
 * Feeds spoilt files to the reader, and whatever it lets in to everything that works on a build.
 * `npm run fuzz -- 100000 7`: how many, and the seed. Prints what it came to; the first crash ends it.
 */
import 'reflect-metadata';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fuzz } from '../tests/kit/fuzz';

const [count = 10_000, seed = 1] = process.argv
  .slice(2)
  .filter((text) => /^\d+$/.test(text))
  .map(Number);
const texts = ['harbour-tug-as-planned', 'harbour-tug', 'salt-flat-yacht'].map((name) =>
  readFileSync(path.join('demo', `${name}.dryhull.json`), 'utf8'),
);
const started = performance.now();
const { refused, accepted } = fuzz(texts, count, seed);
const seconds = (performance.now() - started) / 1000;
process.stdout.write(
  `${count} files from seed ${seed}: ${refused} refused, ${accepted} accepted and worked on, none crashed; ${seconds.toFixed(0)} s\n`,
);
