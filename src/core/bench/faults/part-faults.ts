import { packVolts } from '../../model/packs/pack-volts';
import { regulatorChoices, regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { cellVolts, type Chemistry } from '../../model/packs/chemistry';
import type { Reading } from '../../reading/build-reading/reading';
import { terminalsOf } from '../../model/kinds';
import type { Edit } from '../../model/plan/edits';
import type { Fitted } from '../../model/kinds/fitted';
import { weights, type Fault } from './fault';

/** What may be wrong with packs, switches, fuses, regulators, controllers and servos. */
export const partFaults = (context: Reading): Fault[] => [
  ...packFaults(context),
  ...inlineFaults(context),
  ...regulatorFaults(context),
  ...cutOffFaults(context),
  ...servoFaults(context),
];

const packFaults = ({ index }: Reading): Fault[] => {
  const packs = index.ofKind('pack').map(({ fitting }) => fitting);
  if (packs.length === 0) return [];
  const names = packs.map(({ name }) => name).join(' and ');
  return [
    {
      id: `flat:${packs.map(({ id }) => id).join('+')}`,
      label: `The ${names} ${packs.length > 1 ? 'are' : 'is'} flat`,
      weight: weights.supply,
      harm: { charge: 0 },
      seen: {},
      cure: `Take the ${names} out and charge ${packs.length > 1 ? 'them' : 'it'} as its maker says, attended.`,
      touches: packs.map(({ id }) => id),
    },
  ];
};

/** Wires of a lead that carry plus, taken out. */
const openPlus = ({ build }: Reading, fittingId: string): Edit[] =>
  build.leads
    .filter(({ from, to }) => from.fitting === fittingId || to.fitting === fittingId)
    .slice(0, 1)
    .map((lead) => ({
      type: 'setConductors',
      lead: lead.id,
      conductors: lead.conductors.map((each) =>
        each.from === 'plus' ? { ...each, state: 'lifted' as const } : each,
      ),
    }));

/** Hand switches that stand at off, and fuses that have blown. */
function inlineFaults(context: Reading): Fault[] {
  return context.index.ofKind('cable').flatMap(({ fitting: { id, name }, part }): Fault[] => {
    const harm = { edits: openPlus(context, id) };
    if (harm.edits.length === 0) return [];
    if (part.form === 'switch')
      return [
        {
          id: `switch-off:${id}`,
          label: `The ${name} stands at off`,
          weight: weights.supply,
          harm,
          seen: { [`switch:${id}`]: 'notAsPlanned' },
          cure: `Transmitter on first, then the ${name} to on.`,
          touches: [id],
        },
      ];
    if (part.form !== 'fuse') return [];
    return [
      {
        id: `fuse-blown:${id}`,
        label: `The ${name} has blown`,
        weight: weights.fuse,
        harm,
        seen: { [`fuse:${id}`]: 'notAsPlanned' },
        cure: `Pack out. Find what blew the ${name} before a new one of the same amps goes in.`,
        touches: [id],
      },
    ];
  });
}

/** Regulators that give nothing, or other volts than they are set to. */
function regulatorFaults({ index }: Reading): Fault[] {
  return index.all().flatMap((fitted): Fault[] => {
    const regulator = terminalsOf(fitted.part).gives?.regulator;
    if (!regulator || fitted.kind === 'pack') return [];
    const { id } = fitted.fitting;
    const name = regulatorName(fitted);
    const about = { weight: weights.regulator, touches: [id] };
    const set = regulatorChoices(fitted.fitting, regulator);
    const others = regulator.voltsChoices.filter((volts) => !set.includes(volts));
    return [
      {
        ...about,
        id: `regulator-dead:${id}`,
        label: `The ${name} gives nothing`,
        harm: { missing: [`${id}.bec`] },
        seen: {},
        cure: `The ${name} is dead: lift its red wire and feed the rail from another regulator, or replace it.`,
      },
      ...others.map((volts): Fault => ({
        ...about,
        id: `regulator-volts:${id}:${volts}`,
        label: `The ${name} is set to ${volts} V`,
        harm: { edits: [{ type: 'setRegulatorVolts', fitting: id, volts }] },
        seen: { [`volts-set:${id}`]: 'notAsPlanned' },
        cure: `Pack out, rail bare: set the ${name} to ${set.join(' or ')} V, measure, then plug in.`,
      })),
    ];
  });
}

/** Cut-offs that take the pack for another chemistry, where that stops the motor early. */
function cutOffFaults({ index, survey }: Reading): Fault[] {
  return index.ofKind('controller').flatMap(({ fitting, part }): Fault[] => {
    const pack = survey.packOf(fitting.id)?.packs[0];
    const chemistry = pack?.part.chemistry;
    const wrong = chemistry && (part.cutoffModes ?? []).find((mode) => stopsEarly(mode, pack));
    if (!wrong) return [];
    return [
      {
        id: `cut-off:${fitting.id}`,
        label: `The cut-off of the ${fitting.name} is set for ${wrong}, and the pack is ${chemistry}`,
        weight: weights.cutOff,
        harm: { cutsOut: fitting.id },
        seen: { [`cut-off:${fitting.id}`]: 'notAsPlanned' },
        cure: `Set the cut-off of the ${fitting.name} for ${chemistry}, as its sheet says.`,
        touches: [fitting.id],
      },
    ];
  });
}

/** Cells are counted by volts: a pack under load then stands at or under the cut-off of as many cells of another kind. */
function stopsEarly(mode: Chemistry, { part }: Fitted<'pack'>): boolean {
  if (mode === part.chemistry) return false;
  const volts = packVolts(part, 'nominal');
  const counted = Math.ceil(volts / cellVolts(mode).full);
  return packVolts({ chemistry: mode, cells: counted }, 'cutoff') > 0.88 * volts;
}

const servoFaults = ({ index }: Reading): Fault[] =>
  index.ofKind('servo').flatMap(({ fitting: { id, name } }): Fault[] => [
    {
      id: `servo-dead:${id}`,
      label: `The ${name} is dead`,
      weight: weights.servo,
      harm: { missing: [id] },
      seen: {},
      cure: `Put another servo in the place of the ${name}, centred before its horn goes on.`,
      touches: [id],
    },
    {
      id: `servo-stripped:${id}`,
      label: `The gears of the ${name} are stripped`,
      weight: weights.servo,
      harm: { stripped: id },
      seen: {},
      cure: `New gears for the ${name}, or another servo; then look what it ran against.`,
      touches: [id],
    },
  ]);

/** Nothing at all: what was seen was misread. */
export const nothingWrong: Fault = {
  id: 'nothing',
  label: 'Nothing is wrong: it was misread',
  weight: weights.misread,
  harm: {},
  seen: {},
  cure: 'Do the step again, and look once more.',
  touches: [],
};
