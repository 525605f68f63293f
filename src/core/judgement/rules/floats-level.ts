import { leastFreeboard, leastGm, mostHeel, mostTrim, type Afloat } from '../../reading/berths/afloat';
import type { Balance } from '../../reading/berths/balance';
import type { Inside } from '../../reading/berths/inside';
import type { Reading } from '../../reading/build-reading/reading';
import type { Term } from '../../base/quantity/term';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerLevel } from '../put-right/shift-weight';
import type { Patch } from '../../model/plan/patch';
import { defineRule } from './rule';
import { millimetres, planTerm, shapeTerm } from './support/berth-terms';
import { isUnsettled, massTerms, missingMasses, outweighs } from './support/mass-terms';

type Message = 'trimmed' | 'heels' | 'lowSide' | 'tender' | 'capsizes' | 'overweight';

/** How a model floats with everything where it lies. */
export const floatsLevel = defineRule<Message>({
  meta: {
    id: 'floats-level',
    well: 'space',
    title: 'Floats level, high and upright',
    messages: {
      trimmed: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} down, at most {{limit}}',
        text: 'she floats down by the {{end}}',
        why: 'She steers badly, and ships water over the low end.',
      },
      heels: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} over, at most {{limit}}',
        text: 'she leans to {{side}}',
        why: 'She pulls to one side, and takes water over the low rail in a turn.',
      },
      lowSide: {
        severity: 'mind',
        bound: 'least',
        text: 'the deck is low over the water at the {{end}}',
        why: 'The first wave comes aboard.',
      },
      tender: {
        severity: 'mind',
        bound: 'least',
        text: 'she rights herself only weakly',
        why: 'In a turn or a gust she lies over, and comes back late.',
      },
      capsizes: {
        severity: 'stop',
        bound: 'least',
        text: 'she will not stay upright',
        why: 'With so much weight so high she rolls over in the water.',
      },
      overweight: {
        severity: 'stop',
        bound: 'least',
        text: 'with this weight the deck is under water',
        why: 'She sinks to her deck at rest.',
      },
    },
  },
  check(context) {
    const { inside, balance, laid } = context.survey.layout;
    if (!inside || !balance?.afloat || laid.length === 0) return [];
    // While parts lie nowhere, what is told would be of another model.
    if (isUnsettled(balance)) return [];
    const missing = missingMasses(context, balance);
    // A model that weighs less than its parts is none.
    if (outweighs(context, balance)) return missing;
    return [...missing, ...reports(context, inside, balance, balance.afloat)];
  },
});

function reports(
  context: Reading,
  inside: Inside,
  balance: Balance,
  afloat: Afloat,
): (Report<Message> | Missing)[] {
  const { trim, heel, gm, freeboard, draught, low, levelX } = afloat;
  const subjects = balance.masses
    .flatMap(({ fitting, kilograms }) => (fitting === undefined ? [] : [{ fitting, kilograms }]))
    .sort((a, b) => b.kilograms - a.kilograms)
    .slice(0, 3)
    .map(({ fitting }) => fittingSubject(fitting));
  const shape: Term[] = [
    shapeTerm(inside, 'waterline', millimetres(inside.waterline), 'mm'),
    shapeTerm(inside, 'beam', millimetres(inside.beam), 'mm'),
    planTerm(
      'draught',
      draught,
      inside.draught === undefined ? 'estimated' : 'measured',
      'mass over water, length, beam and block coefficient',
    ),
    ...massTerms(balance),
  ];
  const report = (
    messageId: Message,
    [actual, limit]: [number, number],
    unit: 'mm' | '°',
    formula: string,
    terms: Term[],
    data: Record<string, string> = {},
    offers: () => Patch[] = () => [],
  ): Report<Message> => ({
    messageId,
    data,
    subjects,
    actual,
    limit,
    unit,
    formula,
    terms: [...terms, ...shape],
    offers,
  });
  const at = (name: string, metres: number) => planTerm(name, metres, 'estimated', 'moments of all masses');
  if (gm <= 0)
    return [
      report(
        'capsizes',
        [millimetres(gm), 0],
        'mm',
        'GM = KB + BM − KG: how far the metacentre is over the centre of mass',
        [at('centre of mass over the keel', balance.at.z)],
      ),
    ];
  if (draught >= inside.depth)
    return [
      report('overweight', [millimetres(inside.depth - draught), 0], 'mm', 'depth − draught', [
        shapeTerm(inside, 'depth', millimetres(inside.depth), 'mm'),
      ]),
    ];
  const said: Report<Message>[] = [];
  if (Math.abs(trim) > mostTrim)
    said.push(
      report(
        'trimmed',
        [Math.abs(trim), mostTrim],
        '°',
        'trim = atan((x_G − x_B)/(KB + BM_L − KG))',
        [at('centre of mass', balance.at.x), at('floats level with it at', levelX)],
        { end: trim > 0 ? 'bow' : 'stern' },
        () => offerLevel(context, { x: levelX, y: 0 }),
      ),
    );
  if (heel !== undefined && Math.abs(heel) > mostHeel)
    said.push(
      report(
        'heels',
        [Math.abs(heel), mostHeel],
        '°',
        'y_G = tan φ·(GM + ½·BM·tan² φ), solved for φ',
        [at('centre of mass off the middle', Math.abs(balance.at.y)), at('GM', gm)],
        { side: heel > 0 ? 'port' : 'starboard' },
        () => offerLevel(context, { y: 0 }),
      ),
    );
  const least = leastFreeboard(inside);
  if (freeboard < least)
    said.push(
      report(
        'lowSide',
        [millimetres(freeboard), millimetres(least)],
        'mm',
        'depth − draught − ½·beam·tan heel − half the length·tan trim',
        [shapeTerm(inside, 'depth', millimetres(inside.depth), 'mm')],
        { end: low },
        () => offerLevel(context, { x: levelX, y: 0 }),
      ),
    );
  const leastHeight = leastGm(inside);
  if (gm < leastHeight)
    said.push(
      report(
        'tender',
        [millimetres(gm), millimetres(leastHeight)],
        'mm',
        'GM = KB + BM − KG, against a twenty-fifth of the beam',
        [at('centre of mass over the keel', balance.at.z)],
      ),
    );
  return said;
}
