import { asRelay, type ElectronicSwitchSpec } from '../kinds/electronic-switch/electronic-switch';
import type { LoadForm, LoadSpec } from '../kinds/load/load';
import type { PortSpec } from '../parts/port';
import { stated } from '../../base/validation/figure';
import { powerPort, servoLead } from './ports';

const nets = { plus: 'plus', minus: 'minus' };

function load(
  id: string,
  name: string,
  form: LoadForm,
  volts: [number, number],
  amps: number,
  port: PortSpec,
): LoadSpec {
  return {
    id,
    kind: 'load',
    name,
    maker: 'Oakum & Pitch',
    form,
    minVolts: stated(volts[0]),
    maxVolts: stated(volts[1]),
    amps: stated(amps),
    ports: [port],
  };
}

const twoWires = (name: string) => powerPort('power', name, 'box-25', 'in', nets);

export const loads: LoadSpec[] = [
  load('pump-6', 'monitor pump, 6 V', 'pump', [4, 7.5], 1.1, twoWires('pump wires')),
  load('pump-12', 'monitor pump, 12 V', 'pump', [8, 14], 0.6, twoWires('pump wires')),
  load('lamp-board', 'lamp board, three states', 'lamps', [4, 6.5], 0.24, servoLead(nets)),
  load('lamps-12', 'lamp string, 12 V', 'lamps', [8, 14], 0.4, twoWires('lamp wires')),
  load('bilge-pump-12', 'bilge pump, 12 V', 'pump', [8, 14], 1.8, twoWires('pump wires')),
  load('horn-12', 'horn, 12 V', 'horn', [9, 14], 0.8, twoWires('horn wires')),
  load('video-sender', 'video sender, 6 to 17 V', 'videoSender', [6, 17], 0.45, twoWires('power wires')),
  load('video-sender-5', 'video sender, 5 V', 'videoSender', [4.5, 5.5], 0.6, twoWires('power wires')),
  load('horn-board', 'horn board', 'horn', [4.5, 6.5], 0.35, servoLead(nets)),
  load('lamps-6', 'lamp string, 6 V', 'lamps', [4.5, 7], 0.5, twoWires('lamp wires')),
  load('lamps-beacon', 'beacon lamps', 'lamps', [4.5, 9], 0.15, servoLead(nets)),
  load('lamps-car', 'lamp set of a car, switched by a channel', 'lamps', [4.8, 8.4], 0.3, servoLead(nets)),
  load('smoke-12', 'smoke maker, 12 V', 'smoke', [7, 13], 1.6, twoWires('smoke maker wires')),
  load('fan-30', 'cooling fan, 30 mm', 'fan', [4.5, 8.6], 0.2, servoLead(nets)),
  load('fan-40', 'cooling fan, 40 mm', 'fan', [4.5, 8.6], 0.35, twoWires('fan wires')),
  load('camera-5', 'camera, 5 V', 'camera', [4.5, 5.5], 0.3, twoWires('camera wires')),
  load('camera-12', 'camera, 5 to 17 V', 'camera', [5, 17], 0.2, twoWires('camera wires')),
  load('sound-board', 'sound board with speaker', 'sound', [5, 13], 0.8, twoWires('sound board wires')),
  load('sound-board-servo', 'sound board on a channel', 'sound', [4.8, 8.4], 0.6, servoLead(nets)),
  load('pump-small-5', 'small pump, 5 V', 'pump', [3.5, 6], 0.4, twoWires('pump wires')),
  capacitor('capacitor-4700', 'capacitor on a servo plug, 4700 µF', 4700e-6),
];

/** A capacitor for a free port: it carries milliseconds, and no stall. */
function capacitor(id: string, name: string, farads: number): LoadSpec {
  const lead = servoLead(nets);
  return {
    id,
    kind: 'load',
    name,
    maker: 'Oakum & Pitch',
    form: 'capacitor',
    maxVolts: stated(10),
    farads: stated(farads),
    ports: [{ ...lead, name: 'lead', pins: lead.pins.filter((pin) => pin.name !== 'signal') }],
  };
}

function electronicSwitch(
  id: string,
  amps: number,
  own: [least: number, most: number],
  feed: number,
): ElectronicSwitchSpec {
  return {
    id,
    kind: 'electronicSwitch',
    name: `electronic switch, ${amps} A`,
    maker: 'Oakum & Pitch',
    minVolts: stated(own[0]),
    maxVolts: stated(own[1]),
    protection: 'coated',
    maxFeedVolts: stated(feed),
    amps: stated(0.02),
    ports: [
      powerPort('in', 'supply wires', 'box-25', 'in', { plus: 'feed+', minus: 'ground' }),
      {
        ...powerPort('out', 'switched wires', 'box-25', 'out', { plus: 'feed+', minus: 'ground' }),
        maxAmps: stated(amps),
      },
      servoLead({ plus: 'logic+', minus: 'ground' }),
    ],
  };
}

export const electronicSwitches: ElectronicSwitchSpec[] = [
  electronicSwitch('switch-electronic-5a', 5, [4, 6.5], 16),
  electronicSwitch('switch-electronic-2a', 2, [4, 8.6], 13),
  electronicSwitch('switch-electronic-10a', 10, [4, 8.6], 26),
  {
    ...electronicSwitch('switch-relay-7a', 7, [4.5, 6.5], 30),
    name: 'switch with relay, 7 A',
    amps: stated(0.09),
  },
  {
    ...asRelay(electronicSwitch('relay-10a', 10, [3.8, 6.5], 30)),
    name: 'bare relay, 10 A, coil for 5 V',
    amps: stated(0.072),
  },
];
