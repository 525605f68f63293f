import { portKey } from '../build/build-index';
import type { Fitted } from '../build/build-index';
import type { PortSpec } from '../parts/port';
import { defineRule, fittingSubject, type CheckContext, type Missing, type Report } from './rule';
import { figureTerm } from './support/terms';
import { nameList } from './words';

type Message = 'outputOverloaded';

/** Lamps and pumps on an output, against what that output may give. */
export const outputOverload = defineRule({
  meta: {
    id: 'output-overload',
    well: 'current',
    title: 'Lamps and pumps against the output that feeds them',
    messages: {
      outputOverloaded: {
        severity: 'stop',
        bound: 'most',
        text: '{{loads}} draw more than the {{port}} of the {{part}} may give',
        why: 'The pin, then the board, burns out. Lamps and pumps want a switch of their own, a transistor or a relay.',
      },
    },
  },
  check(context) {
    return context.index
      .all()
      .flatMap((fitted) => fitted.part.ports.flatMap((port) => checkPort(context, fitted, port)));
  },
});

function checkPort(
  { index }: CheckContext,
  { fitting }: Fitted,
  port: PortSpec,
): (Report<Message> | Missing)[] {
  const { maxAmps } = port;
  const here = { fitting: fitting.id, port: port.id };
  if (!maxAmps || !index.leadAt(here)) return [];
  const loads = loadsBeyond(index, here);
  if (loads.length === 0) return [];
  const known = loads.flatMap(({ fitting: { name }, part }) =>
    part.amps ? [{ name, amps: part.amps }] : [],
  );
  const asked = known.reduce((sum, one) => sum + one.amps.value, 0);
  const missing = loads
    .filter(({ part }) => !part.amps)
    .map((one) => ({
      missing: `amps of the ${one.fitting.name}`,
      subjects: [fittingSubject(one.fitting.id)],
    }));
  if (asked <= maxAmps.value) return missing;
  return [
    {
      messageId: 'outputOverloaded',
      data: { loads: nameList(known.map((one) => `the ${one.name}`)), port: port.name, part: fitting.name },
      subjects: [fittingSubject(fitting.id), ...loads.map((one) => fittingSubject(one.fitting.id))],
      actual: asked,
      limit: maxAmps.value,
      unit: 'A',
      formula: 'sum of the loads’ amps, against the most that the output may give',
      terms: [
        ...known.map((one) => figureTerm(one.name, one.amps, 'A')),
        figureTerm(`most from the ${port.name}`, maxAmps, 'A'),
      ],
    },
    ...missing,
  ];
}

/** Loads reached from a port through cables, away from its part. */
function loadsBeyond(
  index: CheckContext['index'],
  from: { fitting: string; port: string },
): Fitted<'load'>[] {
  const loads: Fitted<'load'>[] = [];
  const seen = new Set([from.fitting]);
  const queue = [index.leadAt(from)];
  for (let lead = queue.shift(); lead; lead = queue.shift()) {
    for (const end of [lead.from, lead.to]) {
      if (portKey(end) === portKey(from) || seen.has(end.fitting)) continue;
      seen.add(end.fitting);
      const fitted = index.get(end.fitting);
      if (fitted.part.kind === 'load') loads.push(fitted as Fitted<'load'>);
      if (fitted.part.kind === 'cable') queue.push(...index.leadsOf(end.fitting));
    }
  }
  return loads;
}
