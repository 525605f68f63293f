import { torqueLimit } from '../limits/torque';
import { kilogramCentimetre } from '../../base/quantity/constants';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import { linkageReading } from '../../reading/linkage/linkage-reading';
import { offerInnerHole } from '../put-right/inner-hole';
import { offerHigherVolts } from '../put-right/set-regulator-volts';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';

type Message = 'tooWeak' | 'weak' | 'wedged';

/** Torque that a mechanism asks against what its servo gives at the volts that its rail has. */
export const servoTorque = defineRule<Message>({
  meta: {
    id: 'servo-torque',
    well: 'control',
    title: 'Torque of a servo against what it must move',
    messages: {
      tooWeak: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{servo}} cannot {{work}}',
        why: 'It stands stalled, drawing its most, until the rail sags or it burns out.',
      },
      weak: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{servo}} may not {{work}}',
        why: 'The load is an estimate, and more than the servo gives. It may stall, and then draws most.',
      },
      wedged: {
        severity: 'note',
        bound: 'least',
        text: 'the {{servo}} stalls when its wheels stand wedged',
        why: 'It turns them at rest, but between stones they ask several times that. Ease off, or it draws its most until they come free.',
      },
    },
  },
  check(context) {
    const { index, survey, circuit } = context;
    return index.ofKind('servo').flatMap((servo): (Report<Message> | Missing)[] => {
      const { fitting, part } = servo;
      const load = circuit.mechanismLoad(fitting.id);
      if (!load) return [];
      const volts =
        circuit.at('worst', 'nominal')?.across(fitting.id, 'plus', 'minus') ??
        survey.supplyOf(fitting.id)?.volts?.nominal;
      if (volts === undefined || volts <= 0) return [];
      const given = servoFigureAt(part, 'stallNewtonMetres', volts);
      if (!given)
        return [{ missing: `torque of the ${fitting.name}`, subjects: [fittingSubject(fitting.id)] }];
      // What of its torque comes to the mechanism, where its linkage was told; all of it where not.
      const share = linkageReading(context, servo)?.leastTorqueShare ?? 1;
      const there = given.value * share;
      const { actual, limit, unit, passed } = torqueLimit(load, there);
      const rail = survey.rails.find(({ supplies }) =>
        supplies.some(({ fitted }) => fitted.fitting.id === fitting.id),
      );
      const best = part.sheet.at(-1)?.volts.value;
      const report = (messageId: Message): Report<Message> => ({
        messageId,
        data: { servo: fitting.name, work: load.words },
        subjects: [fittingSubject(fitting.id)],
        actual,
        limit,
        unit,
        formula: load.formula,
        terms: [
          {
            ...figureTerm(`stall torque of the ${fitting.name}`, given, 'kg·cm'),
            value: given.value / kilogramCentimetre,
          },
          ...(share === 1
            ? []
            : [plannedTerm('of it that its linkage passes on, at least', share * 100, '%')]),
          solvedTerm('volts at its plug, at the worst second', volts, 'V'),
          ...load.terms,
        ],
        offers: () => [
          ...offerInnerHole(context, servo, (limit * kilogramCentimetre) / given.value),
          ...(rail && best && messageId !== 'wedged' ? offerHigherVolts(rail, best) : []),
          ...offerSwaps(
            context,
            servo,
            (candidate) => gives(candidate, volts) * share >= limit * kilogramCentimetre,
          ),
        ],
      });
      return passed ? [report(passed)] : [];
    });
  },
});

const gives = (part: ServoSpec, volts: number): number =>
  servoFigureAt(part, 'stallNewtonMetres', volts)?.value ?? 0;
