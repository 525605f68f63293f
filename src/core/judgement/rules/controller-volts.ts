import { standsVolts, fromCells, cellsOnController } from '../limits/volts';
import { givenTo, voltsAgainstSheet, saidOf } from './support/limit-report';
import type { Supply } from '../../reading/survey/power';
import { drivesAll } from '../../model/kinds/controller/controller';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerPackSwaps } from '../put-right/swap-pack';
import { offerSwaps } from '../put-right/swap-part';
import type { Fitted } from '../../model/kinds/fitted';
import type { PackGroup } from '../../reading/survey/pack-group';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';
import { plannedTerm } from './support/terms';

type Message = 'tooManyVolts' | 'slightlyOver' | 'tooFewVolts' | 'tooManyCells' | 'tooFewCells';

const burns =
  'A controller above its rating fails at once: a bang and smoke, and often a motor left at full speed.';
const starves = 'The controller resets or cuts off early, and the model stops under way.';

/** Pack volts at full charge, and at cut-off, against what each speed controller stands; or cells against cells. */
export const controllerVolts = defineRule<Message>({
  meta: {
    id: 'controller-volts',
    well: 'voltage',
    title: 'Pack volts or cells against each speed controller',
    messages: {
      tooManyVolts: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: 'the {{source}} gives the {{part}} too many volts',
        why: burns,
      },
      slightlyOver: {
        severity: 'note',
        bound: 'most',
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: 'the {{source}} gives the {{part}} a little more than its sheet says while it is fresh',
        why: 'Ordinary with such cells: their volts settle within the first minute under load.',
      },
      tooFewVolts: {
        severity: 'stop',
        bound: 'least',
        numbers: '{{actual}} supplied, needs {{limit}}',
        text: 'the {{source}} gives the {{part}} too few volts once it runs down',
        why: starves,
      },
      tooManyCells: {
        severity: 'stop',
        bound: 'most',
        short: '{{actual}}, at most {{limit}}',
        text: '{{packs}} {{have}} more cells than the {{part}} stands',
        why: burns,
      },
      tooFewCells: {
        severity: 'stop',
        bound: 'least',
        short: '{{actual}}, at least {{limit}}',
        text: '{{packs}} {{have}} fewer cells than the {{part}} needs',
        why: starves,
      },
    },
  },
  check(context) {
    return context.survey.supplies.flatMap((supply): (Report<Message> | Missing)[] => {
      const [source] = supply.sources;
      const { fitted } = supply;
      if (fitted.kind !== 'controller' || supply.status !== 'fed' || !source || !isRawFed(supply)) return [];
      const packs = context.survey.packsAcross(supply);
      const cells = packs?.chemistry && { chemistry: packs.chemistry, cells: packs.cells };
      const limit = cells && cellsOnController(fitted.part, cells);
      if (packs && limit) return cellsAgainstSheet(context, fitted, packs, supply, limit);
      const said = voltsAgainstSheet(context, supply, source, {
        lower: () => [
          ...offerPackSwaps(context, [source.fitted], (pack) => standsVolts(fitted.part, fromCells(pack))),
          ...offerControllers(context, fitted, supply),
        ],
        higher: () => offerControllers(context, fitted, supply),
      });
      // Its own cut-off ends the run before that.
      return saidOf(said, 'tooManyVolts', 'slightlyOver', 'tooFewVolts');
    });
  },
});

const offerControllers = (context: Reading, fitted: Fitted<'controller'>, supply: Supply) =>
  offerSwaps(
    context,
    fitted,
    (part) =>
      drivesAll(part, fitted.part) &&
      supply.volts !== undefined &&
      standsVolts(part, givenTo(context, supply.volts, supply)),
  );

function cellsAgainstSheet(
  context: Reading,
  fitted: Fitted<'controller'>,
  packs: PackGroup,
  supply: Supply,
  { passed, actual: cells, limit, bound }: NonNullable<ReturnType<typeof cellsOnController>>,
): Report<Message>[] {
  const { fitting } = fitted;
  if (!passed) return [];
  const pack = packs.packs[0]!;
  return [
    {
      messageId: passed,
      data: { part: fitting.name, packs: packs.name, have: packs.packs.length === 1 ? 'has' : 'have' },
      subjects: [fittingSubject(fitting.id), ...packs.packs.map((each) => fittingSubject(each.fitting.id))],
      actual: cells,
      limit,
      unit: 'cells',
      formula: `cells of ${packs.chemistry} in series, against those of the controller’s sheet`,
      terms: [
        plannedTerm(`cells in series, ${packs.name}`, cells, 'cells'),
        plannedTerm(`${bound} for the ${fitting.name}`, limit, 'cells'),
      ],
      offers: () => [
        ...(packs.packs.length === 1
          ? offerSwaps(
              context,
              pack,
              (part) => part.chemistry === packs.chemistry && standsVolts(fitted.part, fromCells(part)),
            )
          : []),
        ...offerControllers(context, fitted, supply),
      ],
    },
  ];
}
