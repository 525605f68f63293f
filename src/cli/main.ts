import { hull } from './hull';

/** Words of a file may hold what a terminal would obey: nothing but lines and tabs reaches it. */
const printable = (text: string): string =>
  text.replaceAll(/\p{Cc}/gu, (sign) => (sign === '\n' || sign === '\t' ? sign : '\ufffd'));

// Whoever reads may have enough after some lines; a full disk is told.
process.stdout.on('error', ({ code }: NodeJS.ErrnoException) => {
  if (code === 'EPIPE') process.exit(0);
  process.stderr.write(`the answer cannot be written (${code ?? 'unknown'})\n`);
  process.exit(2);
});

const { exitCode, out, problem } = hull(process.argv.slice(2));
process.exitCode = exitCode;
process.stdout.write(printable(out));
if (problem !== undefined) process.stderr.write(`${printable(problem)}\n`);
