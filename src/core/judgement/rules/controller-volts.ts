import { drivesAll, type ControllerSpec } from '../../model/parts/controller';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { isOver } from '../../base/quantity/compare';
import { packVolts } from '../../model/packs/pack-volts';
import { offerPackSwaps } from '../put-right/swap-pack';
import { offerSwaps } from '../put-right/swap-part';
import type { Fitted } from '../../model/kinds/fitted';
import type { PackGroup } from '../../reading/survey/pack-group';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';
import { voltsAgainstSheet } from './support/limit-report';
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
        text: 'the {{source}} gives the {{part}} too many volts',
        why: burns,
      },
      slightlyOver: {
        severity: 'note',
        bound: 'most',
        text: 'the {{source}} gives the {{part}} a little more than its sheet says while it is fresh',
        why: 'Ordinary with such cells: their volts settle within the first minute under load.',
      },
      tooFewVolts: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{source}} gives the {{part}} too few volts once it runs down',
        why: starves,
      },
      tooManyCells: {
        severity: 'stop',
        bound: 'most',
        text: '{{packs}} {{have}} more cells than the {{part}} stands',
        why: burns,
      },
      tooFewCells: {
        severity: 'stop',
        bound: 'least',
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
      const limit =
        packs && fitted.part.cellLimits?.find((cellLimit) => cellLimit.chemistry === packs.chemistry);
      if (packs && limit) return cellsAgainstSheet(context, fitted, packs, limit);
      return voltsAgainstSheet(context, supply, source, {
        lower: (most) => [
          ...offerPackSwaps(context, source, (pack) => !isOver(packVolts(pack, 'full'), most, 'V')),
          ...offerControllers(context, fitted, supply.volts?.full ?? 0),
        ],
        higher: () => offerControllers(context, fitted, supply.volts?.full ?? 0),
      });
    });
  },
});

const offerControllers = (context: Reading, fitted: Fitted<'controller'>, full: number) =>
  offerSwaps(
    context,
    fitted,
    (part) => drivesAll(part, fitted.part) && (part.maxInputVolts?.value ?? 0) >= full,
  );

function cellsAgainstSheet(
  context: Reading,
  fitted: Fitted<'controller'>,
  packs: PackGroup,
  { least, most }: NonNullable<ControllerSpec['cellLimits']>[number],
): Report<Message>[] {
  const { fitting } = fitted;
  const { cells } = packs;
  const isMany = cells > most;
  if (!isMany && (least === undefined || cells >= least)) return [];
  const limit = isMany ? most : least!;
  const pack = packs.packs[0]!;
  return [
    {
      messageId: isMany ? 'tooManyCells' : 'tooFewCells',
      data: { part: fitting.name, packs: packs.name, have: packs.packs.length === 1 ? 'has' : 'have' },
      subjects: [fittingSubject(fitting.id), ...packs.packs.map((each) => fittingSubject(each.fitting.id))],
      actual: cells,
      limit,
      unit: 'cells',
      formula: `cells of ${packs.chemistry} in series, against those of the controller’s sheet`,
      terms: [
        plannedTerm(`cells in series, ${packs.name}`, cells, 'cells'),
        plannedTerm(`${isMany ? 'most' : 'least'} for the ${fitting.name}`, limit, 'cells'),
      ],
      offers: () => [
        ...(packs.packs.length === 1
          ? offerSwaps(
              context,
              pack,
              (part) =>
                part.chemistry === packs.chemistry && part.cells <= most && part.cells >= (least ?? 1),
            )
          : []),
        ...offerControllers(context, fitted, packs.volts.full),
      ],
    },
  ];
}
