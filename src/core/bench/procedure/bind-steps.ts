import type { Reading } from '../../reading/build-reading/reading';
import { farEnd } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Step } from './step';
import { radioOf } from './touches';

/** The bind plug goes in before power does, and what sits in its port is moved to a free one, or to a borrowed one. */
export function bindPlugSteps(context: Reading): Step[] {
  return context.index.ofKind('receiver').map((receiver) => ({
    id: `bind-plug:${receiver.fitting.id}`,
    phase: 'power',
    title: `Make the ${receiver.fitting.name} ready to bind, pack out`,
    lines: bindLines(context, receiver),
    cautions: [],
    needsPower: false,
    isHold: true,
    touches: radioOf(context),
  }));
}

function bindLines({ index }: Reading, { fitting, part }: Fitted<'receiver'>): string[] {
  const bindPort = part.ports.find((port) => port.pins.some((pin) => pin.net === 'bind'));
  if (!bindPort)
    return ['It has no port for a bind plug: hold its button while the pack goes in, as its maker says.'];
  const here = { fitting: fitting.id, port: bindPort.id };
  const lead = index.leadAt(here);
  const plugIn = `Put the bind plug into its ${bindPort.name}, or hold its button while the pack goes in: its maker says which.`;
  if (!lead) return [plugIn];
  const guest = index.get(farEnd(lead, here).fitting).fitting.name;
  const rows = part.ports.filter((port) => port.channel !== undefined);
  const free = rows.find((port) => !index.leadAt({ fitting: fitting.id, port: port.id }));
  const borrowed = rows.at(-1);
  const room = free
    ? `The ${guest} sits there and feeds it: move that plug to ${free.name}, which is free; any row takes power.`
    : borrowed
      ? `The ${guest} sits there and feeds it, and no row is free: borrow ${borrowed.name} for it, with that plug pulled until the binding is done.`
      : `The ${guest} sits there and feeds it: a Y-lead makes room for both.`;
  return [room, plugIn];
}
