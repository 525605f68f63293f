import type { ConnectorFamilyId } from '../connectors/families';
import type { Chemistry } from '../packs/chemistry';
import { packKilograms, wattHours } from '../packs/pack-volts';
import type { BecSpec } from '../kinds/bec/bec';
import type { ControllerSpec } from '../kinds/controller/controller';
import type { MotorKind, MotorSpec } from '../kinds/motor/motor';
import type { PackSpec } from '../kinds/pack/pack';
import { estimated, stated } from '../../base/validation/figure';
import { becPorts, controllerPorts, packPort } from './power-ports';
import { motorPort } from './ports';

type PackRow = [chemistry: Chemistry, cells: number, milliampHours: number, rate: number, ConnectorFamilyId];

const packRows: PackRow[] = [
  ['LiPo', 1, 650, 20, 'box-25'],
  ['LiPo', 2, 450, 30, 'servo-3-flat'],
  ['LiPo', 2, 850, 25, 'servo-3-flat'],
  ['LiPo', 2, 1300, 30, 'sleeve-20'],
  ['LiPo', 2, 3300, 30, 'blade-t'],
  ['LiPo', 2, 6200, 50, 'blade-t'],
  ['LiPo', 2, 7600, 60, 'sleeve-35'],
  ['LiPo', 3, 850, 30, 'sleeve-20'],
  ['LiPo', 3, 1500, 40, 'sleeve-20'],
  ['LiPo', 3, 3000, 30, 'blade-t'],
  ['LiPo', 3, 6600, 40, 'sleeve-35'],
  ['LiPo', 3, 8000, 20, 'sleeve-35'],
  ['LiPo', 4, 2200, 30, 'blade-t'],
  ['LiPo', 4, 5200, 50, 'sleeve-35'],
  ['LiPo', 4, 8000, 20, 'sleeve-35'],
  ['LiPo', 6, 5000, 50, 'sleeve-35'],
  ['Li-ion', 2, 3400, 3, 'blade-t'],
  ['Li-ion', 3, 10_200, 5, 'sleeve-35'],
  ['Li-ion', 4, 6800, 5, 'sleeve-35'],
  ['LiFePO4', 2, 1450, 20, 'servo-3-flat'],
  ['LiFePO4', 4, 3000, 15, 'blade-t'],
  ['NiMH', 4, 2000, 3, 'servo-3-flat'],
  ['NiMH', 5, 2000, 3, 'servo-3-flat'],
  ['NiMH', 6, 1800, 5, 'blade-t'],
  ['NiMH', 6, 4600, 10, 'blade-t'],
  ['NiMH', 8, 2000, 5, 'blade-t'],
  ['lead-acid', 6, 7000, 3, 'blade-t'],
];

export const morePacks: PackSpec[] = packRows.map(([chemistry, cells, milliampHours, rate, family]) => ({
  id: `pack-${chemistry.toLowerCase().replace(/\W/g, '')}-${cells}-${milliampHours}-${rate}c`,
  kind: 'pack',
  name: `${chemistry}, ${cells} ${cells === 1 ? 'cell' : 'cells'}, ${milliampHours} mAh, ${rate} C`,
  maker: 'Marram Cells',
  chemistry,
  cells,
  ampHours: stated(milliampHours / 1000),
  dischargeRate: stated(rate),
  kilograms: stated(
    Number(packKilograms(chemistry, wattHours({ chemistry, cells }, milliampHours / 1000)).toPrecision(2)),
  ),
  ports: [packPort(family)],
}));

type ControllerRow = [
  kind: MotorKind,
  amps: number,
  volts: [number, number],
  /** Volts and amps of its BEC. */
  bec: [volts: number[], amps: number, type?: 'linear'] | undefined,
  family: ConnectorFamilyId,
  grams: number,
  extra?: Partial<ControllerSpec> & { words?: string },
];

const controllerRows: ControllerRow[] = [
  ['brushed', 5, [3, 9], [[5], 0.5, 'linear'], 'box-25', 6],
  ['brushed', 15, [4.5, 9], [[5], 1, 'linear'], 'box-25', 14],
  ['brushed', 20, [5.5, 13], [[5, 6], 2], 'blade-t', 28],
  ['brushed', 45, [5.5, 13], [[6], 3], 'blade-t', 45, { protection: 'sealed', words: 'crawler, drag brake' }],
  ['brushed', 80, [5.5, 17], [[5, 6, 7.4], 3], 'blade-t', 70, { protection: 'sealed' }],
  ['brushed', 25, [8, 26], undefined, 'blade-t', 40, { words: 'up to 6 cells' }],
  ['brushless', 12, [5.5, 13], [[5], 1, 'linear'], 'sleeve-20', 12],
  ['brushless', 20, [5.5, 13], [[5], 2], 'sleeve-20', 22],
  ['brushless', 30, [5.5, 17], [[5, 6], 3], 'blade-t', 36, { words: 'water-cooled' }],
  ['brushless', 50, [5.5, 13], [[6, 7.4], 3], 'blade-t', 55, { protection: 'sealed', sensored: true }],
  ['brushless', 70, [5.5, 17], [[6, 7.4], 5], 'sleeve-35', 80, { protection: 'sealed', sensored: true }],
  ['brushless', 100, [9, 26], [[6, 7.4, 8.4], 6], 'sleeve-35', 105, { protection: 'sealed' }],
  ['brushless', 120, [5.5, 17], [[6, 7.4], 6], 'sleeve-35', 105, { protection: 'sealed', sensored: true }],
  ['brushless', 150, [11, 34], [[6, 7.4, 8.4], 8], 'sleeve-35', 190, { protection: 'sealed' }],
];

/** Amps for some seconds, against those that last: usual. */
const burst = 1.5;

export const moreControllers: ControllerSpec[] = controllerRows.map(
  ([drives, amps, [least, most], bec, family, grams, { words, ...extra } = {}]): ControllerSpec => {
    const name = `${drives} controller, ${amps} A, ${
      words ?? (bec ? `${bec[2] ?? 'switching'} BEC ${bec[0].join(', ')} V` : 'no BEC')
    }`;
    return {
      id: `controller-${drives}-${amps}-${most}v`,
      kind: 'controller',
      name,
      maker: 'Tidewrack',
      drives,
      protection: 'coated',
      minInputVolts: stated(least),
      maxInputVolts: stated(most),
      continuousAmps: stated(amps),
      burstAmps: stated(burst * amps),
      quiescentAmps: estimated(0.05, 'usual for a controller'),
      modes: ['reverse', 'noReverse', 'brake', ...(words?.includes('drag') ? (['dragBrake'] as const) : [])],
      cutoffModes: ['LiPo', 'NiMH'],
      armsAt: 'centre',
      kilograms: stated(grams / 1000),
      ...(bec && {
        regulator: {
          type: bec[2] ?? ('switching' as const),
          voltsChoices: bec[0],
          maxAmps: stated(bec[1]),
          ...(bec[2] ? { maxWatts: stated(3 * bec[1]) } : { efficiency: stated(0.9) }),
        },
      }),
      ports: controllerPorts(drives === 'brushed' ? 2 : 3, family, bec !== undefined),
      ...extra,
    };
  },
);

/** Cans and rotors by size: N·m/√W, N·m of friction and iron, grams, millimetres across and long, and of the shaft. */
const cans = {
  '20 mm can': [0.0035, 0.0007, 22, 20, 25, 2],
  '24 mm can': [0.0045, 0.0009, 45, 24, 31, 2],
  '380 can': [0.0078, 0.0024, 72, 28, 38, 2.3],
  '540 can': [0.0136, 0.0055, 160, 36, 50, 3.17],
  '600 can': [0.018, 0.0064, 215, 38, 57, 3.17],
  '700 can': [0.024, 0.0085, 340, 42, 67, 5],
  '28 × 50 mm': [0.013, 0.0033, 110, 28, 50, 3.17],
  '36 × 50 mm': [0.021, 0.0064, 190, 36, 50, 3.17],
  '36 × 60 mm': [0.029, 0.009, 235, 36, 60, 5],
  '28 mm outrunner': [0.03, 0.006, 75, 28, 30, 3.17],
  '35 mm outrunner': [0.05, 0.012, 140, 35, 36, 5],
} as const;

type MotorRow = [kind: MotorKind, can: keyof typeof cans, kv: number, volts: number, turns?: number];

const motorRows: MotorRow[] = [
  ['brushed', '20 mm can', 3000, 7.4],
  ['brushed', '24 mm can', 2600, 7.4],
  ['brushed', '380 can', 2280, 7.4],
  ['brushed', '380 can', 1100, 11.1],
  ['brushed', '540 can', 3530, 7.4, 17],
  ['brushed', '540 can', 2220, 7.4, 27],
  ['brushed', '540 can', 1330, 11.1, 45],
  ['brushed', '600 can', 1500, 7.4],
  ['brushed', '600 can', 760, 11.1],
  ['brushed', '700 can', 480, 11.1],
  ['brushless', '28 × 50 mm', 4500, 7.4],
  ['brushless', '28 × 50 mm', 2800, 7.4],
  ['brushless', '36 × 50 mm', 3300, 7.4],
  ['brushless', '36 × 50 mm', 2100, 11.1],
  ['brushless', '36 × 60 mm', 2400, 7.4],
  ['brushless', '36 × 60 mm', 1800, 11.1],
  ['brushless', '28 mm outrunner', 1100, 11.1],
  ['brushless', '35 mm outrunner', 750, 11.1],
];

/** Share of its stalled amps that a motor is loaded to: for a brushed and a brushless one, usual. */
const loadShare: Record<MotorKind, number> = { brushed: 0.22, brushless: 0.12 };

/** A motor from its size: Kt by its speed per volt, windings (Kt/Km)², idle amps by its friction. */
function motor([motorKind, can, kv, volts, turns]: MotorRow): MotorSpec {
  const [strength, friction, grams, across, long, shaft] = cans[can];
  const round = (value: number) => Number(value.toPrecision(3));
  const kt = 60 / (2 * Math.PI * kv);
  const ohms = (kt / strength) ** 2;
  const stallAmps = volts / ohms;
  return {
    id: `motor-${motorKind}-${can.replace(/\W+/g, '-')}-${kv}`,
    kind: 'motor',
    name: `${motorKind} motor, ${can}, ${turns === undefined ? `${kv} rev/min per volt` : `${turns} turns`}`,
    maker: 'Quillet',
    motorKind,
    kv: turns === undefined ? stated(kv) : estimated(kv, 'from its turns, usual for a can of this size'),
    ...(turns !== undefined && { turns: stated(turns) }),
    windingOhms: stated(round(ohms)),
    noLoadAmps: stated(round(friction / kt)),
    fullLoadAmps: estimated(round(loadShare[motorKind] * stallAmps), 'a usual load for its size'),
    fullLoadVolts: stated(volts),
    // A brushless one hangs on its controller when it is stalled.
    ...(motorKind === 'brushed' && { stallAmps: stated(round(stallAmps)) }),
    maxVolts: stated(round(volts * 1.4)),
    kilograms: stated(grams / 1000),
    width: stated(across / 1000),
    length: stated(long / 1000),
    shaftDiameter: stated(shaft / 1000),
    ports: [motorPort('in', motorKind === 'brushed' ? 2 : 3)],
  };
}

export const moreMotors: MotorSpec[] = motorRows.map(motor);

function bec(
  name: string,
  volts: number[],
  amps: number,
  most: number,
  grams: number,
  family: ConnectorFamilyId,
): BecSpec {
  return {
    id: `bec-${volts.join('-')}-${amps}a-${most}v`,
    kind: 'bec',
    name,
    maker: 'Tidewrack',
    protection: 'coated',
    minInputVolts: stated(6),
    maxInputVolts: stated(most),
    kilograms: stated(grams / 1000),
    regulator: { type: 'switching', voltsChoices: volts, maxAmps: stated(amps), efficiency: stated(0.9) },
    ports: becPorts(family),
  };
}

export const moreBecs: BecSpec[] = [
  bec('stand-alone BEC, 5 A, up to 6 cells', [5, 6], 5, 26, 12, 'box-25'),
  bec('stand-alone BEC, 10 A, up to 8 cells', [5, 6, 7.4], 10, 34, 38, 'box-25'),
  bec('stand-alone BEC, 20 A, up to 8 cells', [6, 7.4, 8.4], 20, 34, 55, 'blade-t'),
];
