/** What the demo and the tests need before they can run: packages, a browser, a build. Needs nothing but Node. */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const chromiumPath = '/usr/bin/chromium';

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

/** Installs Debian's Chromium where that is possible, or says how. */
export function ensureChromium() {
  if (existsSync(chromiumPath)) return;
  if (process.getuid?.() !== 0) {
    say(`The end-to-end tests need Chromium at ${chromiumPath}: sudo apt-get install chromium`);
    process.exit(1);
  }
  say('Installing Chromium from Debian’s packages…');
  execFileSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium']);
}

function hashOf(names) {
  const hash = createHash('sha256');
  const add = (name) => {
    const file = path.join(root, name);
    if (!existsSync(file)) return;
    try {
      for (const inside of readdirSync(file).sort()) add(path.join(name, inside));
    } catch {
      hash.update(name).update(readFileSync(file));
    }
  };
  names.forEach(add);
  return hash.digest('hex');
}
