import type { RequestHandler } from 'express';
import { setInterval } from 'node:timers';
import { checkBuild } from '../src/core/judgement/check/check-build';
import { candidateFaults } from '../src/core/bench/faults/candidate-faults';
import { readBuildFile } from '../src/core/model/file/read-file';
import { benchHead } from '../src/core/bench/instruments/bench-line';
import { StandIn } from '../src/core/bench/instruments/stand-in';
import { planProcedure } from '../src/core/bench/procedure/plan-procedure';

/** Most that are open at once, and how long one stays open: a forgotten page does not keep the server busy. */
const mostStreams = 4;
const longestSeconds = 600;
const beatSeconds = 0.25;

/**
 * Streams what simulated instruments read at a step of a build: the file of the build comes in, one JSON object a line goes
 * out until the page hangs up. `?step=` names the step, `?seed=` the very instruments, `?fault=` what is wrong with the
 * model, of the faults that it may have.
 */
export function benchStream(): RequestHandler {
  let open = 0;
  return (request, response) => {
    const refuse = (status: number, problem: string) => response.status(status).json({ problem });
    if (open >= mostStreams) return refuse(429, 'all the instruments are in use');
    const read = readBuildFile(typeof request.body === 'string' ? request.body : '');
    if (!read.ok) return refuse(422, `${read.problem.where}: ${read.problem.why}`);
    const { step: wanted, seed, fault } = request.query;
    const { context } = checkBuild(read.value, []);
    const step = planProcedure(context).find(({ id }) => id === wanted);
    if (!step) return refuse(404, 'the build has no such step');
    const planted = candidateFaults(context).find(({ id }) => id === fault);
    if (fault !== undefined && !planted) return refuse(404, 'the build has no such fault');
    const standIn = new StandIn(context, step, Number(seed) || 1, planted?.harm);
    open += 1;
    // Compressed, a line would wait for others.
    response
      .status(200)
      .set({ 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store, no-transform' });
    const write = (line: object) => response.write(`${JSON.stringify(line)}\n`);
    write(benchHead);
    let seconds = 0;
    const beat = setInterval(() => {
      seconds += beatSeconds;
      for (const line of standIn.at(seconds)) write(line);
      if (seconds >= longestSeconds) response.end();
    }, 1000 * beatSeconds);
    response.on('close', () => {
      clearInterval(beat);
      open -= 1;
    });
  };
}
