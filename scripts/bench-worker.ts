/** One of the two workers of the tolerance bench: runs what it is sent. */
import { parentPort } from 'node:worker_threads';
import { toleranceWork } from './bench-tolerance';

parentPort?.on('message', ({ from, count }: { from: number; count: number }) =>
  parentPort?.postMessage(toleranceWork(from, count)),
);
parentPort?.postMessage('ready');
