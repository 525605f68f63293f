import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { checkBuild } from '../core/check/check-build';
import { problemText } from '../core/file/problem';
import { readBuildFile } from '../core/file/read-file';
import { markdownSheet } from '../core/sheet/markdown-sheet';
import { starterLocker } from '../core/starter/starter-locker';
import { checkCommand } from './check-command';

const usage = 'usage: hull check FILE [--json] [--apply PATCHID] | hull sheet FILE';

/** Exit code for input that cannot be used; one line on stderr says where and why. */
const unusable = 2;

function main(args: string[]): number {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: { json: { type: 'boolean', default: false }, apply: { type: 'string' } },
    });
  } catch (error) {
    return refuse(`${error instanceof Error ? error.message : 'bad arguments'}; ${usage}`);
  }
  const [verb, file, ...rest] = parsed.positionals;
  if ((verb !== 'check' && verb !== 'sheet') || file === undefined || rest.length > 0) return refuse(usage);
  let text: string;
  try {
    text = readFileSync(file, 'utf8');
  } catch {
    return refuse(`${file}: cannot be opened`);
  }
  const read = readBuildFile(text);
  if (!read.ok) return refuse(`${file}: ${problemText(read.problem)}`);
  if (verb === 'sheet') {
    process.stdout.write(markdownSheet(checkBuild(read.value, starterLocker)));
    return 0;
  }
  const done = checkCommand(read.value, { json: parsed.values.json, apply: parsed.values.apply });
  if (!done.ok) return refuse(`${file}: ${done.problem}`);
  process.stdout.write(done.value.text);
  return done.value.exitCode;
}

function refuse(line: string): number {
  process.stderr.write(`${line.replaceAll('\n', ' ')}\n`);
  return unusable;
}

process.exitCode = main(process.argv.slice(2));
