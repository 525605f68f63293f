import { randomLcg, randomNormal } from 'd3-random';
import type { Harm } from '../faults/fault';
import { FaultyModel } from '../faults/faulty-model';
import type { Reading } from '../../reading/build-reading/reading';
import type { Step } from '../procedure/step';
import { LiveBench } from '../rehearsal/live-bench';
import type { Fitted } from '../../model/kinds/fitted';
import type { BenchLine } from './bench-line';

/** 1 σ by which a regulator's output lies off its setting, as a share; well within what its sheet allows. */
const regulatorSpread = 0.008;
/** Error of a pocket meter: half of 0.5 % and two digits, 1 σ. */
const meterError = (volts: number): number => (0.005 * Math.abs(volts) + 0.02) / 2;
/** Seconds until probes that are put on lie still. */
const settles = 0.8;
/** Difference of two packs off the same charger, 1 σ, in volts a cell. */
const packSpread = 0.006;

/**
 * Simulated instruments at the bench, for want of real ones: a meter with its probes where the step in hand wants them, a
 * pack monitor and a pulse reader on every port, as this build answers by the solver.
 */
export class StandIn {
  private readonly noise: () => number;
  private readonly truth: number | undefined;
  private readonly live: LiveBench | undefined;
  private last = 0;

  /**
   * @param seed the same instruments again for the same number
   * @param harm what is wrong with the model that they hang on; nothing where it is as planned
   */
  constructor(
    private readonly context: Reading,
    private readonly step: Step,
    seed: number,
    harm: Harm = {},
  ) {
    this.noise = randomNormal.source(randomLcg(seed))();
    this.truth = trueReading(context, step, this.noise, harm);
    this.live = step.needsPower ? new LiveBench(context.build, harm) : undefined;
  }

  /** What the instruments show at some second, later than the one before. */
  at(seconds: number): BenchLine[] {
    return [...this.meter(seconds), ...this.powered(seconds)];
  }

  private meter(seconds: number): BenchLine[] {
    const { measurement } = this.step;
    if (!measurement || this.truth === undefined) return [];
    const isOn = Math.min(1, seconds / settles);
    const value = isOn * this.truth + (meterError(this.truth) / 4) * this.noise();
    return [{ at: seconds, kind: 'volts', of: 'meter', name: measurement.what, value: toCent(value) }];
  }

  private powered(seconds: number): BenchLine[] {
    if (!this.live) return [];
    const { index } = this.context;
    const hands = {
      isTransmitterOn: true,
      isPackIn: true,
      sticks: new Map<string, number>(),
      held: undefined,
    };
    let view = this.live.step(0, hands);
    // Tenths are the longest steps that it takes.
    while (this.last < seconds) {
      const passed = Math.min(0.1, seconds - this.last);
      view = this.live.step(passed, hands);
      this.last += passed;
    }
    const { model } = this.live;
    const packs = index.ofKind('pack').flatMap((pack): BenchLine[] => {
      const { id, name } = pack.fitting;
      const volts = model.volts(model.rest, pack);
      const amps = model.rest?.amps(id) ?? 0;
      return [
        { at: seconds, kind: 'volts', of: id, name, value: toCent(volts + 0.004 * this.noise()) },
        { at: seconds, kind: 'amps', of: id, name, value: toCent(Math.max(0, amps + 0.01 * this.noise())) },
      ];
    });
    const pulses = view.parts.flatMap(({ id, name, pulse }): BenchLine[] =>
      pulse === undefined
        ? []
        : [{ at: seconds, kind: 'pulse', of: id, name, value: Math.round(pulse + this.noise()) }],
    );
    return [...packs, ...pulses];
  }
}

/** What a perfect meter would read on a model of this build; `undefined` where the step has nothing to read. */
function trueReading(
  { build, survey, index }: Reading,
  step: Step,
  noise: () => number,
  harm: Harm,
): number | undefined {
  const { measurement } = step;
  if (!measurement) return undefined;
  const [sort = '', about = ''] = [
    step.id.slice(0, step.id.indexOf(':')),
    step.id.slice(step.id.indexOf(':') + 1),
  ];
  const middle = (measurement.least + measurement.most) / 2;
  const own = 1 + regulatorSpread * noise();
  if (sort === 'measure-rest' || sort === 'measure-loaded') {
    const fed = survey.rails.find(({ id }) => id === about)?.supplies[0]?.fitted;
    const model = new FaultyModel(build, harm, new FaultyModel(build));
    const volts = fed && model.volts(sort === 'measure-rest' ? model.rest : model.busy, fed);
    return volts === undefined ? undefined : volts * own;
  }
  if (sort === 'equal') {
    const packs = step.touches.flatMap((id) => (index.has(id) ? [index.get(id)] : []));
    return Math.abs(noise()) * packSpread * Math.max(1, ...packs.map(cellsOf));
  }
  return middle * own;
}

const cellsOf = ({ part }: Fitted): number => (part.kind === 'pack' ? part.cells : 1);
const toCent = (value: number): number => Math.round(100 * value) / 100;
