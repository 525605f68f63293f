/** `npm run demo`: installs what is missing, builds what changed, serves, and says where. */
import { spawn } from 'node:child_process';
import path from 'node:path';
import { ensureBuilt, ensureInstalled, root } from './prepare.mjs';

// Always the same port: a browser keeps builds by address, and another port would be another, empty bench.
const port = 4300;

ensureInstalled();
ensureBuilt();

const answer = await whoIsThere();
if (answer === 'dry-hull') {
  process.stdout.write(`Dry Hull is already open at http://127.0.0.1:${port}/\n`);
} else if (answer !== undefined) {
  process.stderr.write(`Port ${port} is taken by another program; end that one and try again.\n`);
  process.exitCode = 1;
} else {
  const server = spawn(path.join(root, 'node_modules/.bin/tsx'), ['server/main.ts', '--port', String(port)], {
    cwd: root,
    stdio: 'inherit',
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => (process.exitCode = code ?? 0));
}

/** The name of the program on the port, `''` for a stranger, `undefined` for nobody. */
async function whoIsThere() {
  try {
    const response = await fetch(`http://127.0.0.1:${port}/api/health`, {
      signal: AbortSignal.timeout(2000),
    });
    return (await response.json().catch(() => ({}))).name ?? '';
  } catch (error) {
    return error.cause?.code === 'ECONNREFUSED' ? undefined : '';
  }
}
