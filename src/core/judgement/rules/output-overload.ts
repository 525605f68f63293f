import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerOwnRegulator } from '../put-right/own-regulator';
import { offerSwaps } from '../put-right/swap-part';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import type { Patch } from '../../model/plan/patch';
import type { Fitted } from '../../model/kinds/fitted';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { outputUse } from './support/output-use';
import { figureTerm, solvedTerm } from './support/terms';

type Message = 'outputOverloaded';

/** Lamps and pumps on an output, against what that output may give. */
export const outputOverload = defineRule<Message>({
  meta: {
    id: 'output-overload',
    well: 'current',
    title: 'Lamps and pumps against the output that feeds them',
    messages: {
      outputOverloaded: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} needed, output gives {{limit}}',
        text: '{{loads}} draw more than the {{port}} of the {{part}} may give',
        why: 'The pin, then the board, burns out. Lamps and pumps want a switch of their own, a transistor or a relay.',
      },
    },
  },
  check(context) {
    return context.index
      .pieces()
      .flatMap((fitted) => fitted.part.ports.flatMap((port) => checkPort(context, fitted, port)));
  },
});

function checkPort(context: Reading, fitted: Fitted, port: PortSpec): (Report<Message> | Missing)[] {
  const { fitting } = fitted;
  const { maxAmps } = port;
  const use = maxAmps && outputUse(context, { fitting: fitting.id, port: port.id });
  if (!use || use.loads.length === 0) return [];
  const { loads, missing, amps: asked } = use;
  if (asked === undefined || !isOver(asked, maxAmps.value, 'A')) return missing;
  return [
    {
      messageId: 'outputOverloaded',
      data: {
        loads: nameList(loads.map((load) => `the ${load.fitting.name}`)),
        port: port.name,
        part: fitting.name,
      },
      subjects: [fittingSubject(fitting.id), ...loads.map((load) => fittingSubject(load.fitting.id))],
      actual: asked,
      limit: maxAmps.value,
      unit: 'A',
      formula:
        'amps through the plus of the output with everything on, solved, against the most that it may give',
      terms: [
        solvedTerm(`through the ${port.name}`, asked, 'A'),
        ...loads.flatMap(({ fitting: { name }, part }) =>
          part.amps ? [figureTerm(name, part.amps, 'A')] : [],
        ),
        figureTerm(`most from the ${port.name}`, maxAmps, 'A'),
      ],
      offers: () => [
        ...loads.flatMap((load) => offerOwn(context, load)),
        ...offerSwaps(context, fitted, (other) => gives(other, port.id) > asked),
      ],
    },
    ...missing,
  ];
}

/** A regulator of its own for a load, so that the pin gives nothing but its signal. */
function offerOwn(context: Reading, { fitting }: Fitted): Patch[] {
  const supply = context.survey.supplyOf(fitting.id);
  return supply ? offerOwnRegulator(context, supply) : [];
}

/** Amps that a port of a part may give; no end of them where its sheet states none. */
const gives = (part: PartSpec, port: string): number =>
  part.ports.find((plug) => plug.id === port)?.maxAmps?.value ?? Infinity;
