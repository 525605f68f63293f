import type { ElectronicSwitchSpec } from '../parts/electronic-switch';
import type { LoadForm, LoadSpec } from '../parts/load';
import type { PortSpec } from '../parts/port';
import { stated } from '../quantity/figure';
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
];

export const electronicSwitches: ElectronicSwitchSpec[] = [
  {
    id: 'switch-electronic-5a',
    kind: 'electronicSwitch',
    name: 'electronic switch, 5 A',
    maker: 'Oakum & Pitch',
    minVolts: stated(4),
    maxVolts: stated(6.5),
    protection: 'coated',
    maxFeedVolts: stated(16),
    amps: stated(0.02),
    ports: [
      powerPort('in', 'supply wires', 'box-25', 'in', { plus: 'feed+', minus: 'ground' }),
      {
        ...powerPort('out', 'switched wires', 'box-25', 'out', { plus: 'feed+', minus: 'ground' }),
        maxAmps: stated(5),
      },
      servoLead({ plus: 'logic+', minus: 'ground' }),
    ],
  },
];
