/** `npm run kinds`: each kind of part has its folder, its entry in the index and parts to begin with, and no other room keeps a table by kind. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { blankPart } from '../src/core/desk/locker/blank-part';
import { kinds } from '../src/core/model/kinds';
import { kilogramsOfPart } from '../src/core/model/kinds/kilograms';
import { partProblem } from '../src/core/model/kinds/part-problem';
import { sizeOfPart } from '../src/core/model/kinds/part-size';
import { partKinds } from '../src/core/model/kinds/part-spec';
import { starterLocker } from '../src/core/model/starter/starter-locker';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const home = 'src/core/model/kinds';
const problems: string[] = [];
const expect = (isSo: boolean, words: string): void => {
  if (!isSo) problems.push(words);
};

/** What several kinds share, and no kind itself. */
const shared = ['regulated'];

const folderOf = (kind: string): string => kind.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
const folders = readdirSync(path.join(root, home), { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !shared.includes(entry.name))
  .map(({ name }) => name);
for (const folder of folders)
  expect(
    partKinds.some((kind) => folderOf(kind) === folder),
    `${home}/${folder}: not in part-spec.ts`,
  );
for (const kind of partKinds) {
  const folder = folderOf(kind);
  const files = folders.includes(folder) ? readdirSync(path.join(root, home, folder)) : [];
  for (const file of [`${folder}.ts`, `${folder}-kind.ts`])
    expect(files.includes(file), `${home}/${folder}/${file}: missing`);
  expect(kinds[kind].kind === kind, `kinds/index.ts: the entry of ${kind} is ${kinds[kind].kind}`);
  const own = starterLocker.filter((part) => part.kind === kind);
  expect(own.length > 0, `${kind}: no part of the starter locker to begin with`);
  if (own.length === 0) continue;
  for (const part of [...own, blankPart(kind, `blank-${folder}`)]) {
    const problem = partProblem(part, part.id);
    expect(problem === undefined, `${part.id}: ${problem?.where} ${problem?.why}`);
    const { long, wide, high } = sizeOfPart(part);
    expect(Math.min(long, wide, high) > 0, `${part.id}: has no size`);
    expect(kilogramsOfPart(part) >= 0, `${part.id}: has no mass`);
  }
}
for (const turn of ['chosen', 'seen'] as const) {
  const turns = partKinds.flatMap((kind) => kinds[kind][turn] ?? []);
  expect(new Set(turns).size === turns.length, `two kinds have the same turn in ${turn}`);
}

/** Tables by kind outside the kinds: what a new kind would be wrong in without a word. */
function lookInto(place: string): void {
  for (const entry of readdirSync(path.join(root, place), { withFileTypes: true })) {
    const here = `${place}/${entry.name}`;
    if (here === home) continue;
    if (entry.isDirectory()) lookInto(here);
    else if (
      /\.tsx?$/.test(entry.name) &&
      /Record<PartKind\b/.test(readFileSync(path.join(root, here), 'utf8'))
    )
      problems.push(`${here}: keeps a table by kind; it belongs to the kinds`);
  }
}
lookInto('src');

if (problems.length > 0) {
  process.stderr.write(`${problems.join('\n')}\n`);
  process.exitCode = 1;
} else {
  process.stdout.write(
    `${partKinds.length} kinds of part, each with its folder, entry and parts to begin with\n`,
  );
}
