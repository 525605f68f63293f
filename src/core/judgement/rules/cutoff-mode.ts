import { cutoffsFor, cannotSpare } from '../limits/cut-off';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { cellVolts, isLithium } from '../../model/packs/chemistry';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'cutsTooLate' | 'cutsTooEarly' | 'neverCuts' | 'cannotCut';

/** The chemistry a controller's cut-off is set for, against that of the packs it drinks from. */
export const cutoffMode = defineRule<Message>({
  meta: {
    id: 'cutoff-mode',
    well: 'voltage',
    title: 'Cut-off of the controller against the pack’s chemistry',
    messages: {
      cutsTooLate: {
        severity: 'stop',
        bound: 'least',
        numbers: 'cuts off at {{actual}} a cell, needs {{limit}}',
        text: 'the {{controller}} cuts off for {{set}}, too low for {{packs}}',
        why: '{{harm}}',
      },
      cutsTooEarly: {
        severity: 'mind',
        bound: 'most',
        numbers: 'cuts off at {{actual}} a cell, at most {{limit}}',
        text: 'the {{controller}} cuts off for {{set}}, far too early for {{packs}}',
        why: 'The model stops with most of the charge still in the pack.',
      },
      neverCuts: {
        severity: 'stop',
        bound: 'least',
        numbers: 'cut-off is off, needs {{limit}} a cell',
        text: 'the cut-off of the {{controller}} is off, and nothing guards {{packs}}',
        why: 'A lithium pack drawn flat is ruined, and may burn at the next charge.',
      },
      cannotCut: {
        severity: 'stop',
        bound: 'least',
        numbers: 'cuts off at {{actual}} a cell, needs {{limit}}',
        text: 'the {{controller}} has no cut-off that spares {{packs}}',
        why: 'At any setting it draws the pack below the volts that its cells survive.',
      },
    },
  },
  check({ index, survey }) {
    return index.ofKind('controller').flatMap(({ fitting, part }): (Report<Message> | Missing)[] => {
      const packs = survey.packOf(fitting.id);
      if (!packs?.chemistry) return [];
      const { chemistry } = packs;
      const lithium = isLithium(chemistry);
      const subjects = [
        fittingSubject(fitting.id),
        ...packs.packs.map((pack) => fittingSubject(pack.fitting.id)),
      ];
      const set = fitting.cutoff;
      if (!part.cutoffModes && set === undefined)
        return lithium ? [{ missing: `which cut-offs the ${fitting.name} has`, subjects }] : [];
      const isHelpless = cannotSpare(part, chemistry);
      if (set === undefined && !isHelpless)
        return [{ missing: `what the cut-off of the ${fitting.name} is set to`, subjects, asked: 'setting' }];
      const wanted = cellVolts(chemistry).cutoff;
      const best = Math.max(0, ...(part.cutoffModes ?? []).map((mode) => cellVolts(mode).cutoff));
      const given = set === undefined ? best : set === 'off' ? 0 : cellVolts(set).cutoff;
      if (given === wanted || (set === 'off' && !lithium)) return [];
      return [
        {
          messageId: isHelpless
            ? 'cannotCut'
            : set === 'off'
              ? 'neverCuts'
              : given < wanted
                ? 'cutsTooLate'
                : 'cutsTooEarly',
          data: {
            controller: fitting.name,
            packs: packs.name,
            set: set ?? 'nothing',
            harm: lithium
              ? 'The pack is drawn below what its cells survive: swollen, dead, or a fire at the next charge.'
              : 'The weakest cell is driven backwards by the others, and the pack soon holds less.',
          },
          subjects,
          actual: given,
          limit: wanted,
          unit: 'V',
          formula: 'volts a cell at which it cuts off, against those the chemistry wants',
          terms: [
            plannedTerm(
              set === undefined
                ? 'the highest cut-off it has, each cell'
                : `cut-off set for ${set}, each cell`,
              given,
              'V',
            ),
            plannedTerm(`wanted for ${chemistry}, each cell`, wanted, 'V'),
          ],
          offers: () =>
            cutoffsFor(part, chemistry)
              .slice(0, 1)
              .map((candidate) => ({
                id: `set-cutoff:${fitting.id}:${candidate}`,
                label: `Set the cut-off of the ${fitting.name} for ${candidate}`,
                edits: [{ type: 'setFitting' as const, fitting: fitting.id, change: { cutoff: candidate } }],
              })),
        },
      ];
    });
  },
});
