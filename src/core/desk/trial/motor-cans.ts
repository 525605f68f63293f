import type { MotorKind } from '../../model/kinds/motor/motor';

/** How a size of motor warms and cools in still air: rules of thumb, ±25 %. */
interface Can {
  /** N·m/√W: torque for the root of what its windings burn; it goes with size, whatever the winding. */
  strength: number;
  kelvinPerWatt: number;
  joulesPerKelvin: number;
}

/** Cans of 24 mm, 380, 540, 600 and 700 size. */
const brushed: readonly Can[] = [
  { strength: 0.0045, kelvinPerWatt: 22, joulesPerKelvin: 18 },
  { strength: 0.0078, kelvinPerWatt: 16, joulesPerKelvin: 32 },
  { strength: 0.0136, kelvinPerWatt: 9, joulesPerKelvin: 85 },
  { strength: 0.018, kelvinPerWatt: 8, joulesPerKelvin: 105 },
  { strength: 0.024, kelvinPerWatt: 5.5, joulesPerKelvin: 170 },
];

/** Inrunners of 13×30, 20×40, 28×50, 36×50 and 36×60 mm, and outrunners of 28 and 35 mm. */
const brushless: readonly Can[] = [
  { strength: 0.004, kelvinPerWatt: 50, joulesPerKelvin: 8 },
  { strength: 0.011, kelvinPerWatt: 25, joulesPerKelvin: 25 },
  { strength: 0.013, kelvinPerWatt: 14, joulesPerKelvin: 50 },
  { strength: 0.021, kelvinPerWatt: 9, joulesPerKelvin: 90 },
  { strength: 0.029, kelvinPerWatt: 8, joulesPerKelvin: 115 },
  { strength: 0.05, kelvinPerWatt: 8, joulesPerKelvin: 80 },
];

/** The size of motor that is nearest in strength. @param strength Kt/√R, N·m/√W */
export function canOf(kind: MotorKind, strength: number): Can {
  const apart = (can: Can) => Math.abs(Math.log(can.strength / strength));
  return (kind === 'brushed' ? brushed : brushless).reduce((best, can) =>
    apart(can) < apart(best) ? can : best,
  );
}
