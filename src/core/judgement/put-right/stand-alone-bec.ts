import { standsVolts, railRange } from '../limits/volts';
import { lastingAmps } from '../../model/kinds/regulated/regulator-amps';
import type { Reading } from '../../reading/build-reading/reading';
import type { BecSpec } from '../../model/kinds/bec/bec';
import type { Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { Patch } from '../../model/plan/patch';
import { usualLead } from '../../model/plan/usual-run';
import { formatQuantity } from '../../base/quantity/format';
import type { PackGroup } from '../../reading/survey/pack-group';
import type { Rail } from '../../reading/survey/rails';
import { liftRed } from './lift-red-wire';
import { packOutlet, railInlet } from './outlet';

/** Share by which volts that are raised raise what servos ask: amps go with volts. */
const amps = (asked: number, now: number | undefined, then: number): number =>
  now === undefined || now <= 0 ? asked : asked * Math.max(then / now, 1);

/**
 * Gives a rail its own regulator from the locker, the smallest that suits, and lifts the red wires of the
 * built-in ones: school (b) of the field. Where no outlet is free a harness comes along. Nothing is offered where
 * neither takes its plugs, or the receiver has no port left.
 */
export function offerStandAloneBec(context: Reading, rail: Rail): Patch[] {
  const packs = packsFor(context, rail);
  if (!packs) return [];
  const { least: floor, most: ceiling } = railRange(rail);
  const asked = context.circuit.railLoads().find((load) => load.rail.plus === rail.plus)?.amps ?? 0;
  const fitting = context.locker
    .filter((part): part is BecSpec => part.kind === 'bec')
    .map((bec) => ({
      bec,
      volts: Math.max(...bec.regulator.voltsChoices.filter((v) => v <= ceiling && v >= floor)),
    }))
    .filter(
      ({ bec, volts }) =>
        Number.isFinite(volts) && suits(bec, volts, packs, amps(asked, rail.volts?.nominal, volts)),
    )
    .sort((a, b) => a.bec.regulator.maxAmps.value - b.bec.regulator.maxAmps.value);
  for (const { bec, volts } of fitting) {
    const edits = wire(context, rail, packs, bec, volts);
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

/** The packs that a rail is fed from now, or else those of the first controller. */
function packsFor({ survey }: Reading, rail: Rail): PackGroup | undefined {
  const [source] = rail.sources;
  return (source && survey.packsBehind(source)) ?? survey.packGroups()[0];
}

/** Whether a BEC stands the packs, and gives what is asked. */
export function suits(bec: BecSpec, volts: number, packs: PackGroup, asked: number): boolean {
  const cells = packs.chemistry && { chemistry: packs.chemistry, cells: packs.cells };
  return (
    standsVolts(bec, { volts: packs.volts, cells }) &&
    lastingAmps(bec.regulator, packs.volts.full, volts).value >= asked
  );
}

function wire(
  context: Reading,
  rail: Rail,
  packs: PackGroup,
  bec: BecSpec,
  volts: number,
): Edit[] | undefined {
  const { build } = context;
  const id = freshId(build, 'radio-bec');
  const input = bec.ports.find((port) => port.flow === 'in');
  const output = bec.ports.find((port) => port.flow === 'out');
  if (!input || !output) return undefined;
  const inlet = railInlet(context, output, rail.plus);
  const lifts = rail.sources.map((source) => liftRed(context, source));
  if (!inlet || lifts.includes(undefined)) return undefined;
  const place = packOutlet(context, packs, input);
  if (!place) return undefined;
  const inLead = freshId(build, `${id}-feed`);
  const outLead = freshId(build, `${id}-rail`);
  return [
    ...lifts.filter((edit) => edit !== undefined),
    ...inlet.edits,
    ...place.edits,
    {
      type: 'addFitting',
      fitting: { id, name: 'radio BEC', part: bec.id, regulatorVolts: volts },
      part: bec,
    },
    {
      type: 'addLead',
      lead: usualLead(inLead, place.outlet, { ref: { fitting: id, port: input.id }, port: input }),
    },
    {
      type: 'addLead',
      lead: usualLead(outLead, { ref: { fitting: id, port: output.id }, port: output }, inlet.outlet),
    },
  ];
}
