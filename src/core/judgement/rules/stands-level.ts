import { frontShares, leastTip, mostSideShare } from '../../reading/berths/on-wheels';
import type { Term } from '../../base/quantity/term';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerLevel } from '../put-right/shift-weight';
import { defineRule } from './rule';
import { millimetres, planTerm, shapeTerm } from './support/berth-terms';
import { isUnsettled, massTerms, missingMasses, outweighs } from './support/mass-terms';

type Message = 'frontHeavy' | 'frontLight' | 'oneSided' | 'tips';

/** How the weight of a model lies on its wheels or tracks. */
export const standsLevel = defineRule<Message>({
  meta: {
    id: 'stands-level',
    well: 'space',
    title: 'Weight on axles and sides',
    messages: {
      frontHeavy: {
        severity: 'mind',
        bound: 'most',
        text: 'much of the weight is on the front',
        why: 'It turns in sharply, loses its rear, and the steering servo works hard.',
      },
      frontLight: {
        severity: 'mind',
        bound: 'least',
        text: 'little of the weight is on the front',
        why: 'It pushes straight on with the wheels turned, and lifts its nose up a slope.',
      },
      oneSided: {
        severity: 'mind',
        bound: 'most',
        text: 'it is heavier on the {{side}} side',
        why: 'It pulls to one side, and rolls over more easily to that one.',
      },
      tips: {
        severity: 'mind',
        bound: 'least',
        text: 'it falls over sideways on a slope that others stand',
        why: 'Heavy parts lie high, or the wheels stand close.',
      },
    },
  },
  check(context) {
    const { inside, balance, laid } = context.survey.layout;
    if (!inside || !balance?.onWheels || laid.length === 0 || isUnsettled(balance)) return [];
    const { front, port, tip, axles } = balance.onWheels;
    const shape: Term[] = [
      shapeTerm(inside, 'wheelbase', millimetres(inside.wheelbase), 'mm'),
      shapeTerm(inside, 'track', millimetres(inside.track), 'mm'),
      planTerm(
        'centre of mass, from the rear axle',
        balance.at.x - axles[0],
        'estimated',
        'moments of all masses',
      ),
      ...massTerms(balance),
    ];
    const subjects = balance.masses
      .flatMap(({ fitting, kilograms }) => (fitting === undefined ? [] : [{ fitting, kilograms }]))
      .sort((a, b) => b.kilograms - a.kilograms)
      .slice(0, 3)
      .map(({ fitting }) => fittingSubject(fitting));
    const [least, most] = frontShares[inside.form];
    const said: (Report<Message> | Missing)[] = missingMasses(context, balance);
    if (outweighs(context, balance)) return said;
    const levelTo = (share: number) => axles[0] + share * inside.wheelbase;
    const report = (
      messageId: Message,
      [actual, limit]: [number, number],
      unit: '%' | '°',
      formula: string,
      wanted: { x?: number; y?: number } | undefined,
      data: Record<string, string> = {},
    ) =>
      said.push({
        messageId,
        data,
        subjects,
        actual,
        limit,
        unit,
        formula,
        terms: shape,
        offers: () => (wanted ? offerLevel(context, wanted) : []),
      });
    const axleSum = 'share on the front axle = (x_G − x of the rear axle)/wheelbase';
    if (front > most)
      report('frontHeavy', [front * 100, most * 100], '%', axleSum, { x: levelTo((least + most) / 2), y: 0 });
    if (front < least)
      report('frontLight', [front * 100, least * 100], '%', axleSum, {
        x: levelTo((least + most) / 2),
        y: 0,
      });
    const heavier = Math.max(port, 1 - port);
    if (heavier > mostSideShare)
      report(
        'oneSided',
        [heavier * 100, mostSideShare * 100],
        '%',
        'share on a side = ½ + y_G/track',
        { y: 0 },
        { side: port > 0.5 ? 'port' : 'starboard' },
      );
    if (tip < leastTip)
      report(
        'tips',
        [tip, leastTip],
        '°',
        'atan((½·track − |y_G|)/height of the centre of mass over the ground)',
        undefined,
      );
    return said;
  },
});
