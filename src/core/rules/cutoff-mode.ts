import { cellVolts } from '../packs/chemistry';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'cutsTooLate' | 'cutsTooEarly' | 'neverCuts';

/** The chemistry a controller's cut-off is set for, against that of its pack. */
export const cutoffMode = defineRule({
  meta: {
    id: 'cutoff-mode',
    well: 'voltage',
    title: 'Cut-off of the controller against the pack’s chemistry',
    messages: {
      cutsTooLate: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{controller}} cuts off for {{set}}, too low for the {{pack}}',
        why: 'The pack is drawn below what its cells survive: swollen, dead, or a fire at the next charge.',
      },
      cutsTooEarly: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{controller}} cuts off for {{set}}, far too early for the {{pack}}',
        why: 'The model stops with most of the charge still in the pack.',
      },
      neverCuts: {
        severity: 'stop',
        bound: 'least',
        text: 'the cut-off of the {{controller}} is off, and nothing guards the {{pack}}',
        why: 'A lithium pack drawn flat is ruined, and may burn at the next charge.',
      },
    },
  },
  check({ picture }) {
    return picture.supplies.flatMap((supply): (Report<Message> | Missing)[] => {
      const { fitting, part } = supply.fitted;
      const source = supply.sources[0]?.fitted;
      const pack = source?.part;
      if (part.kind !== 'controller' || !part.cutoffModes || !source || pack?.kind !== 'pack') return [];
      const subjects = [fittingSubject(fitting.id), fittingSubject(source.fitting.id)];
      const set = fitting.cutoff;
      if (set === undefined)
        return [{ missing: `what the cut-off of the ${fitting.name} is set to`, subjects }];
      const wanted = cellVolts(pack.chemistry).cutoff;
      const given = set === 'off' ? 0 : cellVolts(set).cutoff;
      const isLithium = pack.chemistry.startsWith('Li');
      if (given === wanted || (set === 'off' && !isLithium)) return [];
      return [
        {
          messageId: set === 'off' ? 'neverCuts' : given < wanted ? 'cutsTooLate' : 'cutsTooEarly',
          data: { controller: fitting.name, pack: source.fitting.name, set },
          subjects,
          actual: given,
          limit: wanted,
          unit: 'V',
          formula: 'volts a cell at which it cuts off, against those the chemistry wants',
          terms: [
            plannedTerm(`cut-off set for ${set}, each cell`, given, 'V'),
            plannedTerm(`wanted for ${pack.chemistry}, each cell`, wanted, 'V'),
          ],
          offers: part.cutoffModes.includes(pack.chemistry)
            ? [
                {
                  id: `set-cutoff:${fitting.id}:${pack.chemistry}`,
                  label: `Set the cut-off of the ${fitting.name} for ${pack.chemistry}`,
                  edits: [{ type: 'setFitting', fitting: fitting.id, change: { cutoff: pack.chemistry } }],
                },
              ]
            : [],
        },
      ];
    });
  },
});
