import { hull } from './hull';

const { exitCode, out, problem } = hull(process.argv.slice(2));
process.stdout.write(out);
if (problem !== undefined) process.stderr.write(`${problem}\n`);
process.exitCode = exitCode;
