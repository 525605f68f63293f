import type { Reading } from '../../reading/build-reading/reading';
import { formatQuantity } from '../../base/quantity/format';
import type { Source } from '../../reading/survey/power';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { capital } from '../../base/words/sentences';
import { railTolerance } from './rail-tolerance';
import { standStep } from './stand-step';
import type { Step } from './step';

/** On the stand, each regulator that feeds a rail is set, and its volts are read, before anything hangs on it. */
export function regulatorSteps(context: Reading): Step[] {
  const sources = bareRegulators(context);
  return sources.length > 0 ? [standStep(context, 'regulate'), ...sources.map(regulatorStep)] : [];
}

/** Whether power reaches the model for the first time at a regulator with nothing on it. */
export const hasBareRegulators = (context: Reading): boolean => bareRegulators(context).length > 0;

const bareRegulators = ({ survey }: Reading): Source[] =>
  [...new Set(survey.rails.flatMap((rail) => rail.sources))].filter((source) => source.terminal.regulator);

function regulatorStep({ fitted, terminal, volts, isUnset }: Source): Step {
  const choices = terminal.regulator?.voltsChoices ?? [];
  const name = regulatorName(fitted);
  const plug = fitted.part.kind === 'controller' ? 'receiver lead' : 'output lead';
  const set = formatQuantity(volts.nominal, 'V');
  const isChosen = choices.length > 1;
  return {
    id: `bare-volts:${fitted.fitting.id}`,
    phase: 'regulate',
    title:
      isChosen && !isUnset
        ? `Set the ${name} to ${set}, and measure it with nothing attached`
        : `Measure the ${name} with nothing attached`,
    lines: [
      ...(isChosen
        ? [
            `${capital(choices.map((choice) => formatQuantity(choice, 'V')).join(', '))} can be chosen, by jumper, card or stick: its maker’s sheet says how.${isUnset ? ' The plan has not chosen yet: choose in the Loom first.' : ''}`,
          ]
        : []),
      `Its ${plug} hangs free, on nothing. Pack in, meter on plus and minus of that plug, pack out again.`,
      'A wrong setting found now costs nothing; found later it costs every part on the rail.',
    ],
    cautions: ['stand', 'liveLeads'],
    needsPower: true,
    isHold: true,
    touches: [fitted.fitting.id],
    ...(!isUnset && {
      measurement: {
        what: `${name}, nothing attached`,
        unit: 'V' as const,
        least: volts.nominal * (1 - railTolerance),
        most: volts.nominal * (1 + railTolerance),
      },
    }),
  };
}
