/** `npm test`: installs what is missing, then every check there is, and says how many tests passed. */
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt, ensureInstalled, ensurePrograms, root } from './prepare.mjs';

const reports = path.join(root, '.cache/reports');
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

ensureInstalled();
ensurePrograms();

const failed = [];

/** Runs an npm script; what it prints is kept together. */
function check(name) {
  const started = Date.now();
  return new Promise((resolve) => {
    const child = spawn('npm', ['run', '-s', name], { cwd: root });
    let text = '';
    child.stdout.on('data', (data) => (text += data));
    child.stderr.on('data', (data) => (text += data));
    child.on('close', (code) => {
      const seconds = ((Date.now() - started) / 1000).toFixed(0);
      process.stdout.write(`${code === 0 ? 'ok    ' : 'FAILED'} ${name} (${seconds} s)\n`);
      if (code !== 0) {
        failed.push(name);
        process.stdout.write(text);
      }
      resolve();
    });
  });
}

await Promise.all([
  // The build goes beside the linter, which has a core to itself for longer.
  check('types')
    .then(() => check('layers'))
    .then(ensureBuilt)
    .then(() => check('unit')),
  check('lint')
    .then(() => check('rules'))
    .then(() => check('kinds'))
    .then(() => check('unused')),
]);
await check('e2e');

const { passed, broken, flaky } = tally();
if (flaky.length > 0) process.stdout.write(`\n${flaky.length} flaky: passed on a second try only\n`);
for (const name of flaky) process.stdout.write(`  ${name}\n`);
if (failed.length > 0) process.stdout.write(`\nFailed: ${failed.join(', ')}\n`);
process.stdout.write(`\n${passed} passed, ${broken} failed\n`);
process.exitCode = failed.length > 0 ? 1 : 0;

function tally() {
  const unit = report('unit.json');
  const e2e = report('e2e.json');
  return {
    // What needed a second try is told by name, and not counted as passed.
    passed: (unit?.numPassedTests ?? 0) + (e2e?.stats.expected ?? 0),
    broken: (unit?.numFailedTests ?? 0) + (e2e?.stats.unexpected ?? 0),
    flaky: (e2e?.suites ?? []).flatMap(flakyIn),
  };
}

/** Names of the flaky tests in a suite of Playwright's report, and in those inside it. */
function flakyIn({ specs = [], suites = [] }) {
  const own = specs.filter(({ tests }) => tests.some(({ status }) => status === 'flaky'));
  return [...own.map((spec) => `${spec.file}: ${spec.title}`), ...suites.flatMap(flakyIn)];
}

function report(name) {
  try {
    return JSON.parse(readFileSync(path.join(reports, name), 'utf8'));
  } catch {
    return undefined;
  }
}
