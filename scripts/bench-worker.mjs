/** One of the two workers of the tolerance bench: loads the core as TypeScript, and runs what it is sent. */
import { parentPort } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const { toleranceWork } = await import('./bench-tolerance.ts');
parentPort.on('message', ({ from, count }) => parentPort.postMessage(toleranceWork(from, count)));
parentPort.postMessage('ready');
