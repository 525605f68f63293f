import { portKey, type FreePort } from '../../build/build-index';
import type { Edit } from '../../build/edits';
import { freshId } from '../../build/fresh-id';
import type { Patch } from '../../build/patch';
import { usualLead } from '../../build/usual-run';
import { mating } from '../../connectors/mating';
import type { BecSpec } from '../../parts/bec';
import type { PortSpec } from '../../parts/port';
import type { Source } from '../../power/power-picture';
import type { Rail } from '../../power/rails';
import { regulatorAmps } from '../../power/regulator-amps';
import { formatQuantity } from '../../quantity/format';
import type { CheckContext } from '../rule';
import { branchOff } from './branch-off';
import { liftRed } from './lift-red-wire';

/**
 * Gives a rail its own regulator from the locker, the smallest that suits, and lifts the red wires of the
 * built-in ones: school (b) of the field. Where no outlet is free a harness comes along. Nothing is offered where
 * neither takes its plugs, or the receiver has no port left.
 */
export function offerStandAloneBec(context: CheckContext, rail: Rail): Patch[] {
  const pack = context.picture.sources.find((one) => one.fitted.part.kind === 'pack');
  if (!pack) return [];
  const ceiling = Math.min(...rail.supplies.map((one) => one.terminal.maxVolts?.value ?? Infinity));
  const floor = Math.max(...rail.supplies.map((one) => one.terminal.minVolts?.value ?? 0));
  const asked = rail.counted.reduce((sum, one) => sum + one.amps, 0);
  const fitting = context.locker
    .filter((part): part is BecSpec => part.kind === 'bec')
    .map((bec) => ({
      bec,
      volts: Math.max(...bec.regulator.voltsChoices.filter((v) => v <= ceiling && v >= floor)),
    }))
    .filter(({ bec, volts }) => Number.isFinite(volts) && suits(bec, volts, pack, asked))
    .sort((a, b) => a.bec.regulator.maxAmps.value - b.bec.regulator.maxAmps.value);
  for (const { bec, volts } of fitting) {
    const edits = wire(context, rail, pack, bec, volts);
    if (!edits) continue;
    const lifted = rail.sources.length > 0;
    return [
      {
        id: `stand-alone-bec:${rail.id}:${bec.id}`,
        label: `Feed ${rail.name} from its own BEC, ${formatQuantity(volts, 'V')} ${formatQuantity(bec.regulator.maxAmps.value, 'A')}${lifted ? '; lift the red wires of the others' : ''}`,
        edits,
      },
    ];
  }
  return [];
}

function suits(bec: BecSpec, volts: number, pack: Source, asked: number): boolean {
  const { full, cutoff } = pack.volts;
  const standsPack = (bec.maxInputVolts?.value ?? 0) >= full && (bec.minInputVolts?.value ?? 0) <= cutoff;
  return standsPack && regulatorAmps(bec.regulator, full, volts).value >= asked;
}

function wire(
  context: CheckContext,
  rail: Rail,
  pack: Source,
  bec: BecSpec,
  volts: number,
): Edit[] | undefined {
  const { build } = context;
  const id = freshId(build, 'radio-bec');
  const input = bec.ports.find((port) => port.flow === 'in');
  const output = bec.ports.find((port) => port.flow === 'out');
  if (!input || !output) return undefined;
  const inlet = freePort(context, output, rail.plus, (port) => port.use === 'servo' && port.flow !== 'out');
  const lifts = rail.sources.map((source) => liftRed(context, source));
  if (!inlet || lifts.includes(undefined)) return undefined;
  const free = freePort(context, input, pack.plus, (port) => port.use === 'power' && port.flow === 'out');
  const branch = free ? { edits: [], outlet: free } : branchOff(context, pack.plus, input);
  if (!branch) return undefined;
  const inLead = freshId(build, `${id}-feed`);
  const outLead = freshId(build, `${id}-rail`);
  return [
    ...lifts.filter((one) => one !== undefined),
    ...branch.edits,
    {
      type: 'addFitting',
      fitting: { id, name: 'radio BEC', part: bec.id, regulatorVolts: volts },
      part: bec,
    },
    {
      type: 'addLead',
      lead: usualLead(inLead, branch.outlet, { ref: { fitting: id, port: input.id }, port: input }),
    },
    {
      type: 'addLead',
      lead: usualLead(outLead, { ref: { fitting: id, port: output.id }, port: output }, inlet),
    },
  ];
}

/** A port with nothing plugged in, whose plus is on the node and which takes the plug; power inlets first. */
function freePort(
  { index, picture }: CheckContext,
  plug: PortSpec,
  node: number,
  allowed: (port: PortSpec) => boolean,
): FreePort | undefined {
  const places = index.freePorts().filter(({ ref, port }) => {
    if (!allowed(port) || mating(port.connector, plug.connector).result !== 'mates') return false;
    const plus = port.pins.find((pin) => pin.name === 'plus');
    return plus !== undefined && picture.nets.node(ref.fitting, plus.net) === node;
  });
  return places.sort(
    (a, b) => inletRank(a) - inletRank(b) || portKey(a.ref).localeCompare(portKey(b.ref)),
  )[0];
}

const inletRank = ({ port }: FreePort): number => (port.flow === 'in' ? 0 : 1);
