/** `npm run layers`, after the import rules: every room of the core is on the list of floors, and told where it should be. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import floors from '../src/core/floors.json';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const core = path.join(root, 'src/core');
const problems: string[] = [];

const foldersOf = (place: string): string[] =>
  readdirSync(place, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name);

/** Complains of what is on one list and not on the other. */
function compare(where: string, there: readonly string[], listed: readonly string[]): void {
  for (const name of there) if (!listed.includes(name)) problems.push(`${where}/${name}: not in floors.json`);
  for (const name of listed) if (!there.includes(name)) problems.push(`${where}/${name}: no such folder`);
}

const readme = readFileSync(path.join(root, 'README.md'), 'utf8');
compare(
  'src/core',
  foldersOf(core),
  floors.map(({ floor }) => floor),
);
for (const { floor, rooms } of floors) {
  const place = path.join(core, floor);
  const names = rooms.map(({ room }) => room);
  compare(`src/core/${floor}`, foldersOf(place), names);
  if (names.length > 12) problems.push(`src/core/${floor}: ${names.length} rooms, 12 at most`);
  const page = path.join(place, 'README.md');
  const text = existsSync(page) ? readFileSync(page, 'utf8') : '';
  for (const name of names) {
    if (!text.includes(`\`${name}\``)) problems.push(`src/core/${floor}/README.md: does not tell of ${name}`);
    if (!readme.includes(` ${name} `)) problems.push(`README.md: its drawing of the floors lacks ${name}`);
  }
}

if (problems.length > 0) {
  process.stderr.write(`${problems.join('\n')}\n`);
  process.exitCode = 1;
} else {
  const count = floors.reduce((sum, { rooms }) => sum + rooms.length, 0);
  // The import rules have just shown that nothing goes up one ordered list, so that nothing can go round.
  process.stdout.write(`${count} rooms on ${floors.length} floors, 0 circles between folders\n`);
}
