import type { BecSpec } from '../parts/bec';
import type { ControllerSpec } from '../parts/controller';
import type { MotorSpec } from '../parts/motor';
import type { PackSpec } from '../parts/pack';
import { estimated, stated } from '../quantity/figure';
import { motorPort, powerPort, servoLead } from './ports';

const packNets = { plus: 'plus', minus: 'minus' };
const inputNets = { plus: 'power+', minus: 'ground' };
const becNets = { plus: 'bec+', minus: 'ground' };

function pack(id: string, name: string, cells: number, ampHours: number, dischargeRate: number): PackSpec {
  return {
    id,
    kind: 'pack',
    name,
    maker: 'Marram Cells',
    chemistry: 'LiPo',
    cells,
    ampHours: stated(ampHours),
    dischargeRate: stated(dischargeRate),
    ports: [powerPort('out', 'pack lead', 'sleeve-35', 'out', packNets)],
  };
}

export const packs: PackSpec[] = [
  pack('pack-lipo-3s-2200-10c', 'LiPo, 3 cells, 2200 mAh, 10 C', 3, 2.2, 10),
  pack('pack-lipo-3s-4000-20c', 'LiPo, 3 cells, 4000 mAh, 20 C', 3, 4, 20),
  pack('pack-lipo-4s-4000-20c', 'LiPo, 4 cells, 4000 mAh, 20 C', 4, 4, 20),
  pack('pack-lipo-2s-5000-20c', 'LiPo, 2 cells, 5000 mAh, 20 C', 2, 5, 20),
];

export const controllers: ControllerSpec[] = [
  {
    id: 'controller-brushed-30-switching',
    kind: 'controller',
    name: 'brushed controller, 30 A, switching BEC',
    maker: 'Tidewrack',
    drives: 'brushed',
    minInputVolts: stated(5.5),
    maxInputVolts: stated(13),
    continuousAmps: stated(30),
    modes: ['reverse', 'instantReverse', 'brake'],
    cutoffModes: ['LiPo', 'NiMH'],
    protection: 'coated',
    quiescentAmps: estimated(0.05, 'usual for a brushed controller'),
    regulator: {
      type: 'switching',
      voltsChoices: [5, 6],
      maxAmps: stated(2),
      efficiency: estimated(0.88, 'usual for a switching BEC'),
    },
    ports: controllerPorts(2),
  },
  {
    id: 'controller-brushed-30-linear',
    kind: 'controller',
    name: 'brushed controller, 30 A, linear BEC',
    maker: 'Tidewrack',
    drives: 'brushed',
    minInputVolts: stated(5.5),
    maxInputVolts: stated(13),
    continuousAmps: stated(30),
    modes: ['reverse', 'instantReverse', 'brake'],
    cutoffModes: ['LiPo', 'NiMH'],
    protection: 'coated',
    quiescentAmps: estimated(0.05, 'usual for a brushed controller'),
    regulator: { type: 'linear', voltsChoices: [5], maxAmps: stated(3), maxWatts: stated(6) },
    ports: controllerPorts(2),
  },
  {
    id: 'controller-brushless-40',
    kind: 'controller',
    name: 'brushless controller, 40 A, switching BEC',
    maker: 'Tidewrack',
    drives: 'brushless',
    minInputVolts: stated(5.5),
    maxInputVolts: stated(17),
    continuousAmps: stated(40),
    modes: ['reverse', 'instantReverse', 'noReverse', 'brake', 'dragBrake'],
    cutoffModes: ['LiPo', 'LiHV', 'NiMH'],
    protection: 'coated',
    quiescentAmps: estimated(0.05, 'usual for a brushless controller'),
    regulator: { type: 'switching', voltsChoices: [5, 6], maxAmps: stated(4), efficiency: stated(0.9) },
    ports: controllerPorts(3),
  },
];

function controllerPorts(phases: 2 | 3) {
  return [
    powerPort('power', 'power lead', 'blade-t', 'in', inputNets),
    motorPort('out', phases),
    { ...servoLead(becNets), name: 'receiver lead' },
  ];
}

function bec(id: string, name: string, volts: number[], amps: number): BecSpec {
  return {
    id,
    kind: 'bec',
    name,
    maker: 'Tidewrack',
    protection: 'coated',
    minInputVolts: stated(6),
    maxInputVolts: stated(26),
    regulator: { type: 'switching', voltsChoices: volts, maxAmps: stated(amps), efficiency: stated(0.9) },
    ports: [
      powerPort('in', 'power lead', 'box-25', 'in', inputNets),
      {
        id: 'out',
        name: 'rail lead',
        use: 'servo',
        flow: 'out',
        connector: { family: 'servo-3-flat', gender: 'socket' },
        pins: [
          { name: 'plus', net: 'bec+' },
          { name: 'minus', net: 'ground' },
        ],
      },
    ],
  };
}

export const becs: BecSpec[] = [
  bec('bec-3a', 'stand-alone BEC, 3 A', [5, 6], 3),
  bec('bec-8a', 'stand-alone BEC, 8 A', [5, 6, 7.4], 8),
  bec('bec-15a', 'stand-alone BEC, 15 A', [5, 6, 7.4, 8.4], 15),
];

export const motors: MotorSpec[] = [
  {
    id: 'motor-brushed-620',
    kind: 'motor',
    name: 'brushed motor, 620 rev/min per volt',
    maker: 'Quillet',
    motorKind: 'brushed',
    kv: stated(620),
    fullLoadAmps: estimated(8.2, 'a 40 mm screw on 3 cells, by the maker’s table'),
    stallAmps: stated(28),
    maxVolts: stated(14),
    ports: [motorPort('in', 2)],
  },
  {
    id: 'motor-brushless-900',
    kind: 'motor',
    name: 'brushless motor, 900 rev/min per volt',
    maker: 'Quillet',
    motorKind: 'brushless',
    kv: stated(900),
    fullLoadAmps: estimated(16, 'a 45 mm screw on 3 cells, by the maker’s table'),
    maxVolts: stated(17),
    ports: [motorPort('in', 3)],
  },
];
