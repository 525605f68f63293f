import type { Reading } from '../../reading/build-reading/reading';
import { planProcedure } from '../procedure/plan-procedure';
import { stepText, type Step } from '../procedure/step';
import { differences, type Difference, type Differences } from './differences';

/** A part of the work of a refit, in the order that it is done. */
interface RefitSection {
  id: 'out' | 'in' | 'set';
  title: string;
  why: string;
  lines: Difference[];
}

/** The work between what is in the model and what is planned. */
export interface RefitWork extends Differences {
  sections: RefitSection[];
  /** Steps of the fit-out that are about nothing that changes: they stand as found. */
  untouched: Step[];
  /** Steps that are to be done. */
  needed: Step[];
}

/**
 * What a refit asks: packs and plugs out before parts, back in the other way round; and the steps of the fit-out that the
 * changes call for, and no others.
 * @param steps of the second build
 */
export function refitWork(from: Reading, to: Reading, steps: readonly Step[]): RefitWork {
  const found = differences(from, to);
  const of = (...kinds: Difference['kind'][]) =>
    kinds.flatMap((kind) => found.all.filter((each) => each.kind === kind));
  const out = [...packsFirst(from, of('unplug')), ...of('out')];
  const touched = new Set(found.all.flatMap(({ touches }) => touches));
  const isNeeded = ({ touches, lead }: Step) =>
    lead !== undefined ? touched.has(lead) || isAbout(lead) : touches.some((id) => touched.has(id));
  const isAbout = (lead: string) => {
    const known = to.build.leads.find(({ id }) => id === lead);
    return known !== undefined && [known.from, known.to].some(({ fitting }) => swapped.has(fitting));
  };
  // What reads otherwise than before, or asks for another figure, is no longer as it was found.
  const before = new Map(planProcedure(from).map((step) => [step.id, saidBy(step)]));
  const swapped = new Set(of('swap', 'in').flatMap(({ touches }) => touches));
  const stands = (step: Step) =>
    step.touches.length > 0 && !isNeeded(step) && before.get(step.id) === saidBy(step);
  return {
    ...found,
    sections: [
      {
        id: 'out' as const,
        title: 'Out, in this order',
        why: 'The pack first. A photograph before each pull; a label on each plug.',
        lines: out,
      },
      {
        id: 'in' as const,
        title: 'In, in this order',
        why: 'Parts before plugs, the pack last.',
        lines: [...of('swap', 'in', 'move'), ...packsFirst(to, of('plug')).reverse(), ...of('wire')],
      },
      {
        id: 'set' as const,
        title: 'Set anew',
        why: 'Settings stay in the transmitter and the parts: they do not move with a plug.',
        lines: of('channel', 'setting'),
      },
    ].filter(({ lines }) => lines.length > 0),
    untouched: steps.filter((step) => stands(step)),
    needed: steps.filter((step) => !stands(step)),
  };
}

/** All that a step asks for: its words, and the band of its reading. */
const saidBy = (step: Step): string => JSON.stringify([stepText(step), step.measurement]);

/** Whatever hangs on a pack comes first. */
function packsFirst({ index, build }: Reading, lines: Difference[]): Difference[] {
  const isPacks = ({ id }: Difference) => {
    const lead = build.leads.find((each) => each.id === id.slice(id.indexOf(':') + 1));
    return lead !== undefined && [lead.from, lead.to].some((ref) => index.owner(ref).kind === 'pack');
  };
  return [...lines.filter(isPacks), ...lines.filter((line) => !isPacks(line))];
}
