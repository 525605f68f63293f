import type { Device } from '../../physics/network/device';
import { Controller } from '../../physics/network/devices/controller';
import { Motor } from '../../physics/network/devices/motor';
import { sum } from 'd3-array';
import { cellVolts } from '../../model/packs/chemistry';
import { terminalsOf } from '../../model/kinds';
import type { Reading } from '../../reading/build-reading/reading';
import type { RunningModel } from './running-model';
import { usualFloor } from '../../model/kinds/receiver/usual-receiver';
import { wakingSeconds } from './waking';
import { Sampler } from './sampler';
import type { TrialFigures, TrialResult } from './trial-result';
import type { TrialTask } from './trial-task';
import type { BrownOut } from './watch/brown-out';

/** Slices of time where a task does not say. */
const usualSlices = 600;

type Parts = Pick<RunningModel, 'across' | 'device' | 'packs' | 'heats' | 'speed' | 'receivers'>;

interface Line {
  id: string;
  name: string;
  sampler: Sampler;
  read: (x: Float64Array, time: number) => number;
}

/** Writes down an outing: lines over time, and the numbers that decide. */
export class Recorder {
  private readonly rails: (Line & { floors: { name: string; volts: number }[] })[];
  private readonly amps: Line[];
  private readonly charge: Line[];
  private readonly cells: (Line & { floors: { name: string; volts: number }[] })[];
  private readonly heat: (Line & { limit: number })[];
  private readonly speed: Line;
  readonly slices: number;
  /** The least that each receiver had, and when. */
  private readonly least: { volts: number; at: number }[];
  private readonly lowestCells = new Map<string, number>();

  constructor(
    context: Reading,
    private readonly task: TrialTask,
    private readonly parts: Parts,
  ) {
    const { index, survey } = context;
    const { seconds } = task.outing;
    this.slices = task.slices ?? usualSlices;
    const line = (
      id: string,
      name: string,
      keep: 'lowest' | 'mean' | 'end',
      read: Line['read'],
      first = 0,
    ): Line => ({ id, name, read, sampler: new Sampler(seconds, this.slices, keep, first) });

    this.least = parts.receivers.map(() => ({ volts: Infinity, at: 0 }));
    this.rails = survey.rails.map((rail) => {
      const owner = rail.supplies.find((supply) => supply.fitted.kind === 'receiver') ?? rail.supplies[0]!;
      const { plus, minus } = owner.terminal;
      return {
        ...line(rail.id, rail.name, 'lowest', parts.across(owner.fitted.fitting.id, plus, minus)),
        floors: rail.supplies.flatMap(({ fitted, terminal }) =>
          terminal.minVolts ? [{ name: fitted.fitting.name, volts: terminal.minVolts.value }] : [],
        ),
      };
    });
    this.amps = index.all().flatMap(({ fitting, part }) => {
      if (part.kind === 'pack' || part.kind === 'cable') return [];
      const found = parts.device.get(fitting.id);
      const takes = found && (part.kind === 'motor' || terminalsOf(part).consumes.length > 0);
      return takes
        ? [line(fitting.id, fitting.name, 'mean', suppliedAmps(context, parts, fitting.id, found))]
        : [];
    });
    this.charge = parts.packs.flatMap(({ pack, discharge }) =>
      discharge ? [line(pack.fitting.id, pack.fitting.name, 'end', () => discharge.charge, task.charge)] : [],
    );
    this.cells = parts.packs.map(({ pack }) => {
      const { fitting, part } = pack;
      const volts = parts.across(fitting.id, 'plus', 'minus');
      const { cutoff, floor } = cellVolts(part.chemistry);
      return {
        ...line(fitting.id, fitting.name, 'lowest', (x) => volts(x) / part.cells),
        floors: [
          { name: 'cut-off', volts: cutoff },
          { name: 'damage', volts: floor },
        ],
      };
    });
    this.heat = parts.heats.map((heat) => ({
      ...line(heat.node.id, heat.node.name, 'end', () => heat.celsius, task.air),
      limit: heat.node.limit,
    }));
    this.speed = line('speed', 'speed', 'end', () => parts.speed.metresPerSecond);
  }

  add(time: number, x: Float64Array): void {
    if (this.slices > 0) for (const line of this.lines()) line.sampler.add(time, line.read(x, time));
    if (time > wakingSeconds)
      for (const { id, read } of this.cells)
        this.lowestCells.set(id, Math.min(this.lowestCells.get(id) ?? Infinity, read(x, time)));
    if (time <= wakingSeconds) return;
    for (const [n, { volts: read }] of this.parts.receivers.entries()) {
      const volts = read(x);
      if (volts < this.least[n]!.volts) this.least[n] = { volts, at: time };
    }
  }

  result(): Pick<TrialResult, 'slices' | 'rails' | 'amps' | 'charge' | 'cells' | 'heat' | 'speed'> {
    const plain = ({ id, name, sampler }: Line) => ({ id, name, values: sampler.values });
    return {
      slices: this.slices,
      rails: this.rails.map((rail) => ({ ...plain(rail), floors: rail.floors })),
      amps: this.amps.map(plain),
      charge: this.charge.map(plain),
      cells: this.cells.map((cell) => ({ ...plain(cell), floors: cell.floors })),
      heat: this.heat.map((each) => ({ ...plain(each), limit: each.limit })),
      speed: plain(this.speed),
    };
  }

  /** @param overReceivers the watch over each receiver, in the order of the receivers */
  figures(overReceivers: readonly BrownOut[], usableShare: number): TrialFigures {
    const { heats, speed, packs } = this.parts;
    const worst = this.worstReceiver(overReceivers);
    const { seconds } = this.task.outing;
    const known = packs.flatMap(({ discharge }) => discharge ?? []);
    const used = Math.max(0, ...known.map((discharge) => this.task.charge - discharge.charge));
    const nearest = [...heats].sort((a, b) => a.node.limit - a.most - (b.node.limit - b.most))[0];
    return {
      hasWoken: overReceivers.every((over) => over.hasWoken),
      railMinVolts: worst.volts,
      railMinAt: worst.at,
      floorVolts: worst.floor,
      lowestCells: Object.fromEntries(this.lowestCells),
      brownOuts: sum(overReceivers, (over) => over.count),
      secondsDown: sum(overReceivers, (over) => over.seconds),
      mostPackAmps: Math.max(0, ...known.map((discharge) => discharge.mostAmps)),
      meanPackAmps: known.reduce((sum, discharge) => sum + discharge.given, 0) / seconds,
      runMinutes: used > 0 ? (usableShare * seconds) / used / 60 : Infinity,
      chargeUsed: used,
      hottestCelsius: Math.max(this.task.air, ...heats.map((heat) => heat.most)),
      heatMargin: nearest ? nearest.node.limit - nearest.most : Infinity,
      topSpeed: speed.top,
    };
  }

  /** Of several receivers the one that is nearest to its floor, or furthest below it. */
  private worstReceiver(overReceivers: readonly BrownOut[]): { volts: number; at: number; floor: number } {
    const all = overReceivers.map((over, n) => {
      const { volts, at } = this.least[n] ?? { volts: Infinity, at: 0 };
      const floor = this.parts.receivers[n]?.floor ?? usualFloor;
      return { volts: over.hasWoken && Number.isFinite(volts) ? volts : over.mostVolts, at, floor };
    });
    return all.sort((a, b) => a.volts - a.floor - (b.volts - b.floor))[0]!;
  }

  private lines(): Line[] {
    return (this.all ??= [
      ...this.rails,
      ...this.amps,
      ...this.charge,
      ...this.cells,
      ...this.heat,
      this.speed,
    ]);
  }

  private all: Line[] | undefined;
}

/** Amps that a part takes from its supply; a motor's are those its controller takes for it, and are told with the motor alone. */
function suppliedAmps(
  { survey }: Reading,
  { device }: Pick<Parts, 'device'>,
  fittingId: string,
  own: Device,
): Line['read'] {
  if (own instanceof Controller) return (x) => own.ownAmps(x);
  const controller = device.get(survey.controllerOf(fittingId)?.fitting.id ?? '');
  if (own instanceof Motor && controller instanceof Controller) return (x) => controller.inAmps(own.amps(x));
  return (x, time) => own.amps(x, time);
}
