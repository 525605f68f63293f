import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer } from './create-server';

const { values } = parseArgs({ options: { port: { type: 'string', default: '4300' } } });
const port = Number(values.port);
const builtApp = path.join(path.dirname(fileURLToPath(import.meta.url)), '..', 'dist', 'app');

const listener = createServer(builtApp).listen(port, '127.0.0.1', (error?: Error) => {
  if (error) {
    process.stderr.write(`Dry Hull cannot listen on port ${port}: ${error.message}\n`);
    process.exitCode = 1;
    return;
  }
  process.stdout.write(`Dry Hull is open at http://127.0.0.1:${port}/  (Ctrl+C ends it)\n`);
});

// A connection that says nothing does not hold the server.
listener.requestTimeout = 30_000;
listener.headersTimeout = 10_000;

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => listener.close());
