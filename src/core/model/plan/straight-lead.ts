import type { PinName, PortSpec } from '../parts/port';
import type { Conductor, Lead, PortRef, WireColour } from './lead';

/** Usual colours: red plus, black minus, white signal; motor wires blue, yellow and orange. */
const usualColours: Record<PinName, WireColour> = {
  signal: 'white',
  plus: 'red',
  minus: 'black',
  a: 'blue',
  b: 'yellow',
  c: 'orange',
};

interface End {
  ref: PortRef;
  port: PortSpec;
}

/** A lead that joins like to like: every contact name that both ports have. */
export function straightLead(id: string, from: End, to: End): Lead {
  const shared = from.port.pins.filter((pin) => to.port.pins.some((other) => other.name === pin.name));
  const conductors = shared.map(({ name }): Conductor => ({
    from: name,
    to: name,
    colour: usualColours[name],
    state: 'whole',
  }));
  return { id, from: from.ref, to: to.ref, conductors };
}
