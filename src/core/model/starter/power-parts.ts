import type { ConnectorFamilyId } from '../connectors/families';
import type { Chemistry } from '../packs/chemistry';
import type { BecSpec } from '../kinds/bec/bec';
import type { ControllerSpec } from '../kinds/controller/controller';
import type { MotorKind, MotorSpec } from '../kinds/motor/motor';
import type { PackSpec } from '../kinds/pack/pack';
import { estimated, stated } from '../../base/validation/figure';
import { motorPort, powerPort } from './ports';
import { becPorts, controllerPorts, packPort } from './power-ports';

const inputNets = { plus: 'power+', minus: 'ground' };
const becNets = { plus: 'bec+', minus: 'ground' };

type PackRow = [
  id: string,
  chemistry: Chemistry,
  cells: number,
  milliampHours: number,
  rate: number,
  family: ConnectorFamilyId,
];

const packRows: PackRow[] = [
  ['pack-lipo-3s-2200-10c', 'LiPo', 3, 2200, 10, 'sleeve-35'],
  ['pack-lipo-3s-4000-20c', 'LiPo', 3, 4000, 20, 'sleeve-35'],
  ['pack-lipo-4s-4000-20c', 'LiPo', 4, 4000, 20, 'sleeve-35'],
  ['pack-lipo-2s-5000-20c', 'LiPo', 2, 5000, 20, 'sleeve-35'],
  ['pack-lipo-2s-2200-25c', 'LiPo', 2, 2200, 25, 'blade-t'],
  ['pack-lipo-3s-5000-40c', 'LiPo', 3, 5000, 40, 'blade-t'],
  ['pack-lihv-2s-4500-30c', 'LiHV', 2, 4500, 30, 'sleeve-35'],
  ['pack-liion-3s-6000-5c', 'Li-ion', 3, 6000, 5, 'blade-t'],
  ['pack-lifepo4-2s-2100-15c', 'LiFePO4', 2, 2100, 15, 'servo-3-flat'],
  ['pack-nimh-6-3000-10c', 'NiMH', 6, 3000, 10, 'blade-t'],
  ['pack-nimh-7-3000-10c', 'NiMH', 7, 3000, 10, 'blade-t'],
  ['pack-lead-3-4000-3c', 'lead-acid', 3, 4000, 3, 'blade-t'],
  ['pack-dry-4', 'dry cell', 4, 2500, 0.8, 'servo-3-flat'],
  ['pack-dry-4-large', 'dry cell', 4, 7800, 0.8, 'servo-3-flat'],
];

export const packs: PackSpec[] = packRows.map(([id, chemistry, cells, milliampHours, rate, family]) => ({
  id,
  kind: 'pack',
  name: `${chemistry}, ${cells} cells, ${milliampHours} mAh, ${rate} C`,
  maker: 'Marram Cells',
  chemistry,
  cells,
  ampHours: stated(milliampHours / 1000),
  dischargeRate:
    chemistry === 'dry cell' ? estimated(rate, 'alkaline cells, for a minute at a time') : stated(rate),
  ports: [packPort(family)],
}));

const namedControllers: ControllerSpec[] = [
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
    regulator: { type: 'linear', voltsChoices: [5], maxAmps: stated(1), maxWatts: stated(6) },
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

type ControllerRow = [
  id: string,
  name: string,
  kind: MotorKind,
  amps: number,
  volts: [number, number],
  becAmps: number | undefined,
];

const controllerRows: ControllerRow[] = [
  ['controller-brushed-10', 'brushed controller, 10 A, no BEC', 'brushed', 10, [4.5, 9], undefined],
  ['controller-brushed-60', 'brushed controller, 60 A, sealed', 'brushed', 60, [5.5, 13], 3],
  ['controller-brushless-60', 'brushless controller, 60 A, sealed', 'brushless', 60, [5.5, 17], 4],
  ['controller-brushless-80', 'brushless controller, 80 A, no BEC', 'brushless', 80, [9, 26], undefined],
];

export const controllers: ControllerSpec[] = [
  ...namedControllers,
  ...controllerRows.map(([id, name, drives, amps, [least, most], becAmps]): ControllerSpec => ({
    id,
    kind: 'controller',
    name,
    maker: 'Tidewrack',
    drives,
    protection: name.includes('sealed') ? 'sealed' : 'coated',
    minInputVolts: stated(least),
    maxInputVolts: stated(most),
    continuousAmps: stated(amps),
    quiescentAmps: estimated(0.05, 'usual for a controller'),
    modes: ['reverse', 'instantReverse', 'noReverse', 'brake', 'dragBrake'],
    cutoffModes: ['LiPo', 'LiFePO4', 'NiMH'],
    ...(drives === 'brushed' && {
      turnLimits: [
        { cells: 2, turns: stated(12) },
        { cells: 3, turns: stated(21) },
      ],
    }),
    ...(becAmps !== undefined && {
      regulator: {
        type: 'switching' as const,
        voltsChoices: [5, 6, 7.4],
        maxAmps: stated(becAmps),
        efficiency: stated(0.9),
      },
    }),
    ports: controllerPorts(drives === 'brushed' ? 2 : 3, 'blade-t', becAmps !== undefined),
  })),
];

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
    ports: becPorts(),
  };
}

export const becs: BecSpec[] = [
  bec('bec-3a', 'stand-alone BEC, 3 A', [5, 6], 3),
  bec('bec-8a', 'stand-alone BEC, 8 A', [5, 6, 7.4], 8),
  {
    ...bec('bec-linear-3a', 'stand-alone BEC, linear, 3 A', [5], 3),
    regulator: { type: 'linear', voltsChoices: [5], maxAmps: stated(3), maxWatts: stated(8) },
  },
  {
    ...bec('bec-two-wire-5', 'stand-alone BEC, 5 V, two wires', [5], 2),
    ports: [
      powerPort('in', 'power lead', 'box-25', 'in', inputNets),
      powerPort('out', 'regulated lead', 'box-25', 'out', becNets),
    ],
  },
  bec('bec-15a', 'stand-alone BEC, 15 A', [5, 6, 7.4, 8.4], 15),
];

const namedMotors: MotorSpec[] = [
  {
    id: 'motor-brushed-620',
    kind: 'motor',
    name: 'brushed motor, 620 rev/min per volt',
    maker: 'Quillet',
    motorKind: 'brushed',
    kv: stated(620),
    fullLoadAmps: estimated(8.2, 'a 40 mm screw on 3 cells, by the maker’s table'),
    fullLoadVolts: stated(11.1),
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
    fullLoadVolts: stated(11.1),
    maxVolts: stated(17),
    ports: [motorPort('in', 3)],
  },
];

type MotorRow = [
  id: string,
  kind: MotorKind,
  kv: number,
  fullLoad: number,
  stall: number | undefined,
  turns: number | undefined,
  /** Volts that its amps were taken at. */
  volts: number,
];

const motorRows: MotorRow[] = [
  ['motor-brushed-21t', 'brushed', 1900, 18, 70, 21, 7.4],
  ['motor-brushed-35t', 'brushed', 1350, 12, 45, 35, 7.4],
  ['motor-brushed-55t', 'brushed', 950, 8, 28, 55, 11.1],
  ['motor-brushed-80t', 'brushed', 650, 5, 18, 80, 11.1],
  ['motor-brushless-2200', 'brushless', 2200, 28, undefined, undefined, 7.4],
  ['motor-brushless-3500', 'brushless', 3500, 42, undefined, undefined, 7.4],
];

export const motors: MotorSpec[] = [
  ...namedMotors,
  ...motorRows.map(([id, motorKind, kv, fullLoad, stall, turns, volts]): MotorSpec => ({
    id,
    kind: 'motor',
    name: `${motorKind} motor, ${turns === undefined ? `${kv} rev/min per volt` : `${turns} turns`}`,
    maker: 'Quillet',
    motorKind,
    kv: turns === undefined ? stated(kv) : estimated(kv, 'from its turns, usual for a can of this size'),
    fullLoadAmps: estimated(fullLoad, 'usual in a model of two to four kilograms'),
    fullLoadVolts: stated(volts),
    ...(stall !== undefined && { stallAmps: stated(stall) }),
    ...(turns !== undefined && { turns: stated(turns) }),
    ports: [motorPort('in', motorKind === 'brushed' ? 2 : 3)],
  })),
];
