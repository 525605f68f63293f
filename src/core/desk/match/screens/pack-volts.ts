import { leastVolts, mostVolts, fromCells, voltsOfSheet } from '../../../judgement/limits/volts';
import { marginBy, smallest } from './pairs';
import type { PartSpec } from '../../../model/kinds/part-spec';
import type { Rule } from '../../../judgement/rules/rule';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import type { Candidate } from '../role';

/** What tells packs apart by their volts. */
export const cellsOf = (candidate: Candidate | undefined): string =>
  candidate?.part.kind === 'pack' ? `${candidate.part.chemistry}${candidate.part.cells}` : '';

/** Volts of a pack where a part takes them straight: the most as its rule judges them. */
export const packOnInput = (
  rule: Pick<Rule<'tooManyVolts' | 'slightlyOver' | 'tooFewVolts'>, 'meta'>,
  pack: PackSpec,
  part: PartSpec,
): number | undefined => {
  const { most, least } = voltsOfSheet(part);
  const given = fromCells(pack);
  // The network leaves no more than the pack's open volts: short of the least by those, it is short.
  return smallest(
    most && marginBy(rule, mostVolts(given, most.value)),
    least && marginBy(rule, leastVolts(given.volts.cutoff, least.value)),
  );
};

/** Whether a part hangs on a receiver's row of pins by a lead of its own. */
export const listens = (part: Candidate['part']): boolean =>
  part.ports.some((port) => port.use === 'servo' && port.flow === 'in');
