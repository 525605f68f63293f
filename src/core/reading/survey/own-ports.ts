import { signalNetOf } from '../../model/kinds';
import type { PortRef } from '../../model/plan/lead';
import { portRef } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';

/** Where a part takes its channel from a receiver; `undefined` where it takes none, or takes it inside its board. */
export function signalPort(fitted: Fitted): PortRef | undefined {
  const net = signalNetOf(fitted.part);
  const port = fitted.part.ports.find(
    (each) => net !== undefined && each.pins.some((pin) => pin.net === net),
  );
  return port && portRef(fitted, port);
}

/** Where a motor or a controller has its motor wires. */
export function motorPort(fitted: Fitted<'motor'> | Fitted<'controller'>): PortRef | undefined {
  const port = fitted.part.ports.find(({ use }) => use === 'motor');
  return port && portRef(fitted, port);
}

/** Where a switch passes on what it switches. */
export function switchedPort(fitted: Fitted<'electronicSwitch'>): PortRef | undefined {
  const port = fitted.part.ports.find(({ flow }) => flow === 'out');
  return port && portRef(fitted, port);
}
