import { buck, type BuckValues } from './buck';
import { capacitor, type CapacitorValues } from './capacitor';
import { controller, type ControllerValues } from './controller';
import { currentLoad, type CurrentLoadValues } from './current-load';
import { diode, type DiodeValues } from './diode';
import { hull, type HullValues } from './hull';
import { drive, type DriveValues } from './drive';
import { ledString, type LedStringValues } from './led-string';
import { linear } from './linear';
import { motor, type MotorValues } from './motor';
import { powerLoad, type PowerLoadValues } from './power-load';
import type { RegulatorValues } from './regulator';
import { ptcFuse, type PtcFuseValues } from './ptc-fuse';
import { resistor, type ResistorValues } from './resistor';
import { servo, type ServoValues } from './servo';
import { source, type SourceValues } from './source';
import { vehicle, type VehicleValues } from './vehicle';
import type { Vehicles } from './shaft';
import type { Device, Wiring } from '../device';

interface ValuesByKind {
  source: SourceValues;
  resistor: ResistorValues;
  capacitor: CapacitorValues;
  diode: DiodeValues;
  buck: BuckValues;
  linear: RegulatorValues;
  currentLoad: CurrentLoadValues;
  powerLoad: PowerLoadValues;
  ledString: LedStringValues;
  drive: DriveValues;
  controller: ControllerValues;
  motor: MotorValues;
  servo: ServoValues;
  vehicle: VehicleValues;
  hull: HullValues;
  ptcFuse: PtcFuseValues;
}

export type ElementKind = keyof ValuesByKind;

/** A device as data: its kind, the nodes it joins and its values, in SI units. */
export type Element = { [Kind in ElementKind]: { kind: Kind } & ValuesByKind[Kind] }[ElementKind];

export type ElementOfKind<Kind extends ElementKind> = Extract<Element, { kind: Kind }>;

const makers: {
  [Kind in ElementKind]: (values: ValuesByKind[Kind], wiring: Wiring, vehicles: Vehicles) => Device;
} = {
  source,
  resistor,
  capacitor,
  diode,
  buck,
  linear,
  currentLoad,
  powerLoad,
  ledString,
  drive,
  controller,
  motor,
  servo,
  vehicle,
  hull,
  ptcFuse,
};

export const elementKinds = Object.keys(makers) as ElementKind[];

/** Makes the device that an element describes. @param vehicles those that stand in the same network */
export function makeDevice(element: Element, wiring: Wiring, vehicles: Vehicles): Device {
  const make = makers[element.kind] as (values: Element, wiring: Wiring, vehicles: Vehicles) => Device;
  return make(element, wiring, vehicles);
}
