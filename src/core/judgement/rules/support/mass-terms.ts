import type { Balance } from '../../../reading/berths/balance';
import type { Reading } from '../../../reading/build-reading/reading';
import type { Term } from '../../../base/quantity/term';
import { fittingSubject, type Missing } from '../../findings/report';

/** Share of the whole mass from which on one that nobody weighed leaves the balance open: rule of thumb. */
const openShare = 0.1;

/** The heaviest parts, for how sure their weight is. */
export const massTerms = ({ masses }: Balance): Term[] =>
  [...masses]
    .sort((a, b) => b.kilograms - a.kilograms)
    .slice(0, 4)
    .map(({ name, kilograms, provenance }) => ({
      name: `${name}, mass`,
      value: kilograms * 1000,
      unit: 'g',
      provenance,
      ...(provenance === 'estimated' && { note: 'usual for its kind, nobody weighed it' }),
    }));

/** Share of the whole mass that may lie nowhere yet without making what is told of the balance that of another model. */
const looseShare = 0.03;

/** Whether so much lies nowhere yet that nothing can be said of the balance. */
export const isUnsettled = ({ loose, kilograms }: Balance): boolean =>
  loose.kilograms > looseShare * kilograms;

/** Whether the parts weigh more than the Brief says that all of the model does. */
export const outweighs = ({ build }: Reading, { masses }: Balance): boolean =>
  build.brief.kilograms !== undefined &&
  masses.reduce((sum, mass) => sum + (mass.fitting === undefined ? 0 : mass.kilograms), 0) >
    build.brief.kilograms;

/** What has to be weighed before its balance is known, the one that matters most. */
export function missingMasses(context: Reading, balance: Balance): Missing[] {
  const { masses, kilograms, mostGuessed } = balance;
  if (context.build.brief.kilograms === undefined)
    return [{ missing: 'mass of the model, ready to run', subjects: [], asked: 'brief' }];
  if (outweighs(context, balance))
    return [
      {
        missing: 'mass of the model, ready to run: what the Brief says is less than its parts weigh',
        subjects: [],
        asked: 'brief',
      },
    ];
  const heaviest = masses.find(({ name }) => name === mostGuessed);
  return heaviest?.fitting !== undefined && heaviest.kilograms / kilograms > openShare
    ? [{ missing: `mass of the ${heaviest.name}`, subjects: [fittingSubject(heaviest.fitting)] }]
    : [];
}
