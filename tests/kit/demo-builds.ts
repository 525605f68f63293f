import { readFileSync } from 'node:fs';
import type { Build } from '../../src/core/model/plan/build';
import { readBuildFile } from '../../src/core/model/file/read-file';

/** A demo build as it ships. */
export function demoBuild(name: string): Build {
  const text = readFileSync(new URL(`../../demo/${name}.dryhull.json`, import.meta.url), 'utf8');
  const read = readBuildFile(text);
  if (!read.ok) throw new Error(`${name}: ${read.problem.where}: ${read.problem.why}`);
  return read.value;
}

export const demoNames = [
  'harbour-tug-as-planned',
  'harbour-tug',
  'salt-flat-yacht',
  'field-tractor',
  'survey-catamaran',
];

/** Sound builds of the kinds of model that the demos leave out. */
export const exampleNames = ['touring-car', 'rock-crawler', 'quarry-excavator'];
