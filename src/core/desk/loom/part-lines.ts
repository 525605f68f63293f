import type { Reading } from '../../reading/build-reading/reading';
import { kindOfAny, terminalsOf } from '../../model/kinds';
import { formatQuantity } from '../../base/quantity/format';
import { componentId } from '../../model/fitting/component-id';
import { endAt } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { regulatorChoices } from '../../model/kinds/regulated/regulator-choices';
import { isJoined } from '../../model/plan/lead';
import type { RedWire } from '../../model/kinds/kind';

/** Most lines that a board takes for what sits on it. */
const mostLines = 5;

/** The two or three facts that the wiring picture writes on a part. */
export function partLines(context: Reading, fitted: Fitted): string[] {
  const { survey, circuit, index } = context;
  if (fitted.kind === 'board')
    return fitted.part.components
      .flatMap(({ id }) => insideLines(context, index.get(componentId(fitted.fitting.id, id))))
      .slice(0, mostLines);
  const { id } = fitted.fitting;
  const supplies = survey.supplies.filter((supply) => supply.fitted === fitted);
  const voltsAt = (terminal: 'supply' | 'feed') =>
    supplies.find((supply) => supply.terminal.id === terminal)?.volts?.full;
  const choices = regulatorChoices(fitted.fitting, terminalsOf(fitted.part).gives?.regulator);
  return kindOfAny(fitted.part).lines(fitted.part, {
    fedVolts: voltsAt('supply'),
    feedVolts: voltsAt('feed'),
    allowedAmps:
      fitted.kind === 'pack'
        ? circuit.packLoads().find((load) => load.pack.fitting.id === id)?.allowedAmps
        : undefined,
    regulator:
      choices.length === 0
        ? undefined
        : choices.length === 1
          ? formatQuantity(choices[0]!, 'V')
          : `${choices.map((volts) => volts.toFixed(1)).join(' or ')} V`,
    redWire: redWireState(context, fitted),
  });
}

/** The first facts of a component; it has no red wire of its own. */
const insideLines = (context: Reading, inside: Fitted): string[] =>
  partLines(context, inside)
    .filter((line) => !line.startsWith('red wire'))
    .slice(0, 2);

function redWireState({ index, survey: { nets } }: Reading, { fitting, part }: Fitted): RedWire {
  const plus = terminalsOf(part).gives?.plus;
  const reds = index.leadsOf(fitting.id).flatMap((lead) => {
    const end = endAt(lead, fitting.id);
    const { pins } = index.port(lead[end]);
    const red = plus === undefined ? undefined : nets.node(fitting.id, plus);
    return lead.conductors.filter((conductor) => {
      const net = pins.find((pin) => pin.name === conductor[end])?.net;
      return net !== undefined && nets.node(lead[end].fitting, net) === red;
    });
  });
  if (plus === undefined || reds.length === 0) return 'not plugged';
  return reds.some(isJoined) ? 'in' : reds.some(({ state }) => state === 'cut') ? 'cut' : 'lifted';
}
