import type { Reading } from '../../reading/build-reading/reading';
import type { BenchTest } from './bench-test';
import { candidateFaults } from './candidate-faults';
import type { Fault } from './fault';
import { FaultyModel } from './faulty-model';
import { lookProbes } from './look-probes';
import { powerProbes } from './power-probes';
import { signalProbes } from './signal-probes';

/** A fault as the finder weighs it. */
export interface KnownFault extends Omit<Fault, 'harm'> {
  /** Whether power on it burns something: reversed, over its volts, or shorted. */
  isHarmful: boolean;
}

/** What every test would show under every fault of a build: all that the finder needs. */
export interface FaultTable {
  faults: readonly KnownFault[];
  tests: readonly BenchTest[];
  /** By fault, then by test: the id of an answer, or volts. */
  shown: readonly (readonly (string | number)[])[];
}

/**
 * Works out what every test shows under every single fault, through the solver and the signal chain.
 * @param changed fittings and leads that were worked on last
 * @param onProgress told the share done, 0 to 1
 */
export function faultTable(
  context: Reading,
  changed: ReadonlySet<string> = new Set(),
  onProgress: (share: number) => void = () => {},
): FaultTable {
  const faults = candidateFaults(context, changed);
  const sound = new FaultyModel(context.build);
  const probes = [...signalProbes(context, sound), ...powerProbes(context), ...lookProbes(context, faults)];
  const models = faults.map((fault, n) => {
    const model = new FaultyModel(context.build, fault.harm, sound);
    const shown = probes.map(({ shows }) => shows(model, fault));
    onProgress((n + 1) / faults.length);
    return { shown, isHarmful: burns(model, sound) };
  });
  return {
    faults: faults.map(({ harm: _, ...fault }, n) => ({ ...fault, isHarmful: models[n]!.isHarmful })),
    tests: probes.map(({ test }) => test),
    shown: models.map(({ shown }) => shown),
  };
}

/** Volts over what a part stands that a meter tells from it. */
const overBy = 1.02;

/** Whether power would hurt something that is safe as planned. */
function burns({ survey }: FaultyModel, sound: FaultyModel): boolean {
  if (survey === sound.survey) return false;
  if (survey.sources.some(({ plus, minus }) => plus === minus)) return true;
  return survey.supplies.some(({ fitted, terminal, status, volts }) => {
    if (status === 'reversed') return true;
    const most = terminal.maxVolts?.value;
    if (most === undefined || !volts || volts.full <= most * overBy) return false;
    const planned = sound.survey.supplies.find(
      (supply) => supply.fitted.fitting.id === fitted.fitting.id && supply.terminal.id === terminal.id,
    )?.volts;
    return planned === undefined || volts.full > planned.full;
  });
}
