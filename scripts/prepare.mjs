/** What the demo and the tests need before they can run: packages, a browser, a build. Needs nothing but Node. */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');

const say = (line) => process.stdout.write(`${line}\n`);

function run(command, args) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit' });
  if (status !== 0) {
    say(`\n${command} ${args.join(' ')} failed; see above.`);
    process.exit(status ?? 1);
  }
}

/** Installs the packages of the lock file, once for each lock file. */
export function ensureInstalled() {
  const stamp = path.join(root, 'node_modules/.dry-hull-lock');
  const lock = hashOf(['package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing packages (about a minute, only this once)…');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, lock);
}

/** Builds the application, unless what it is made of has not changed since the last build. */
export function ensureBuilt() {
  const stamp = path.join(root, 'dist/made-of');
  const sources = hashOf(['src', 'demo', 'public', 'index.html', 'vite.config.ts', 'package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === sources) return;
  say('Building the application…');
  run(path.join(root, 'node_modules/.bin/vite'), ['build', '--logLevel', 'warn']);
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, sources);
}

/** What the tests run from Debian's packages: the program, and the package it comes in. */
const programs = [
  {
    path: '/usr/bin/chromium',
    package: 'chromium',
    why: 'The end-to-end tests drive the real interface with it',
  },
  { path: '/usr/bin/ngspice', package: 'ngspice', why: 'The exported netlists are run in it' },
];

/** Installs Debian's packages that the tests need where that is possible, or says how. */
export function ensurePrograms() {
  const missing = programs.filter((one) => !existsSync(one.path));
  if (missing.length === 0) return;
  const names = missing.map((one) => one.package);
  for (const one of missing) say(`${one.why}: ${one.path} is missing.`);
  if (process.getuid?.() !== 0) {
    say(`Install it with: sudo apt-get install ${names.join(' ')}`);
    process.exit(1);
  }
  say(`Installing ${names.join(' and ')} from Debian’s packages…`);
  execFileSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...names]);
}

export function hashOf(names) {
  const hash = createHash('sha256');
  const add = (name) => {
    const file = path.join(root, name);
    // A test more changes neither what is built nor how it looks.
    if (!existsSync(file) || /\.test\.tsx?$/.test(name)) return;
    try {
      for (const inside of readdirSync(file).sort()) add(path.join(name, inside));
    } catch {
      hash.update(name).update(readFileSync(file));
    }
  };
  names.forEach(add);
  return hash.digest('hex');
}
