import { cableForms, type CableForm, type CableSpec } from '../../model/kinds/cable/cable';
import type { Gender } from '../../model/connectors/mating';
import type { PinName, PortSpec } from '../../model/parts/port';
import { starterLocker } from '../../model/starter/starter-locker';
import { withAssumedPlug } from './blank-part';

/** Most outlets that a cable has room for. */
const mostOutlets = 24;

/** A cable of another form, with the outlets that such cables usually have until somebody looks. */
export function withForm(cable: CableSpec, form: string): CableSpec {
  const usual = starterLocker.find((part): part is CableSpec => part.kind === 'cable' && part.form === form);
  const { maxAmps, resettable, ...rest } = cable;
  if (!usual || form === cable.form) return cable;
  return { ...rest, form: form as CableForm, ports: usual.ports.map(withAssumedPlug) };
}

export const offeredForms = (): readonly CableForm[] =>
  cableForms.filter((form) =>
    starterLocker.some((part) => part.kind === 'cable' && part.form === form && part.ports.length > 0),
  );

/** One more outlet, like another one of the cable and joined with it contact by contact. */
export function addOutlet(cable: CableSpec, like: string): CableSpec {
  const pattern = cable.ports.find(({ id }) => id === like);
  if (!pattern || cable.ports.length >= mostOutlets) return cable;
  const taken = new Set(cable.ports.map(({ id }) => id));
  let number = 2;
  while (taken.has(`outlet ${number}`)) number += 1;
  const outlet: PortSpec = { ...pattern, id: `outlet ${number}`, name: `outlet ${number}` };
  return { ...cable, ports: [...cable.ports, outlet] };
}

/** A cable less one outlet; the last one stays. */
export const removeOutlet = (cable: CableSpec, id: string): CableSpec =>
  cable.ports.length <= 1 ? cable : { ...cable, ports: cable.ports.filter((port) => port.id !== id) };

const changePort = (cable: CableSpec, id: string, change: (port: PortSpec) => PortSpec): CableSpec => ({
  ...cable,
  ports: cable.ports.map((port) => (port.id === id ? change(port) : port)),
});

/** An outlet with pins or blades, with holes for them, or as bare wires. */
export const setSide = (cable: CableSpec, id: string, gender: Gender): CableSpec =>
  changePort(cable, id, (port) => ({
    ...port,
    connector:
      gender === 'none'
        ? { family: 'open', gender }
        : port.connector.family === 'open'
          ? { family: port.pins.length === 3 ? 'servo-3-flat' : 'box-25', gender, isAssumed: true }
          : { ...port.connector, gender },
  }));

/** The wires inside a cable: contacts of one wire are joined. */
export const wiresOf = (cable: CableSpec): string[] => [
  ...new Set(cable.ports.flatMap((port) => port.pins.map(({ net }) => net))),
];

/** A wire that the cable does not have yet, for a contact of that name. */
export function freshWire(cable: CableSpec, pin: PinName): string {
  const wires = new Set(wiresOf(cable));
  let number = 2;
  while (wires.has(`${pin} ${number}`)) number += 1;
  return `${pin} ${number}`;
}

/** A contact of an outlet on another wire; none takes the contact out, as long as the outlet has another. */
export const setWire = (cable: CableSpec, id: string, pin: PinName, wire: string | undefined): CableSpec =>
  changePort(cable, id, (port) => {
    const pins =
      wire === undefined
        ? port.pins.filter(({ name }) => name !== pin)
        : port.pins.map((each) => (each.name === pin ? { ...each, net: wire } : each));
    return pins.length === 0 ? port : { ...port, pins };
  });
