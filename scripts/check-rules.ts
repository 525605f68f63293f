/** Fails if a rule lacks its test, its doc page or its place in the index, or if a page tells of other messages. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { rules } from '../src/core/judgement/rules';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const folder = path.join(root, 'src/core/judgement/rules');
const isRuleFile = (name: string) =>
  name.endsWith('.ts') &&
  !name.endsWith('.test.ts') &&
  readFileSync(path.join(folder, name), 'utf8').match(/= defineRule(<[^>]+>)?\(/) !== null;

const files = readdirSync(folder)
  .filter(isRuleFile)
  .map((name) => name.replace(/\.ts$/, ''))
  .sort();
const ids = rules.map((rule) => rule.meta.id);
const problems: string[] = [];
const expect = (holds: boolean, problem: string) => {
  if (!holds) problems.push(problem);
};

expect(ids.join() === [...ids].sort().join(), 'the index is not sorted by id');
for (const file of files)
  expect(ids.includes(file), `${file}: not in the index, or its id differs from its file name`);
for (const { meta } of rules) {
  expect(files.includes(meta.id), `${meta.id}: has no file of its name`);
  expect(existsSync(path.join(folder, `${meta.id}.test.ts`)), `${meta.id}: has no test`);
  const doc = path.join(root, 'docs/rules', `${meta.id}.md`);
  // The formatter pads table columns.
  const text = existsSync(doc) ? readFileSync(doc, 'utf8').replace(/ +/g, ' ') : '';
  expect(text.includes(`\`${meta.id}\``), `${meta.id}: has no page in docs/rules`);
  for (const [id, message] of Object.entries(meta.messages)) {
    expect(
      text.includes(`| \`${id}\` | ${message.severity} |`),
      `${meta.id}: its page does not tell of ${id}, ${message.severity}`,
    );
  }
}
for (const page of readdirSync(path.join(root, 'docs/rules'))) {
  expect(page === 'README.md' || ids.includes(page.replace(/\.md$/, '')), `docs/rules/${page}: no such rule`);
}

if (problems.length > 0) {
  process.stderr.write(`${problems.join('\n')}\n`);
  process.exitCode = 1;
} else {
  process.stdout.write(`${rules.length} rules, each with its test, page and index entry\n`);
}
