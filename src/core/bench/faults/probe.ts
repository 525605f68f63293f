import type { BenchTest } from './bench-test';
import type { Fault } from './fault';
import type { FaultyModel } from './faulty-model';

/** A test, and what it shows on a model with something wrong: the id of an answer, or volts. */
export interface Probe {
  test: BenchTest;
  shows: (model: FaultyModel, fault: Fault) => string | number;
}
