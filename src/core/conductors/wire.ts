/** Conductor resistivity of annealed copper, 1.724e-8 Ω·m at 20 °C, IEC 60028. */
const copperOhmMetres = 1.724e-8;

/** Continuous amps a square millimetre carries in a bundle: rule of thumb. */
const bundleAmpsPerSquareMillimetre = 10;

/** Cross-section of a gauge in square millimetres: d = 0.127 · 92^((36 − n)/39) mm (definition of AWG). */
export function gaugeArea(awg: number): number {
  const millimetres = 0.127 * 92 ** ((36 - awg) / 39);
  return (Math.PI / 4) * millimetres ** 2;
}

/** Ohms of one conductor at 20 °C. @param metres its length, one way */
export const conductorOhms = (awg: number, metres: number): number =>
  (copperOhmMetres * metres) / (gaugeArea(awg) * 1e-6);

/** Amps a gauge carries continuously in a bundle (rule of thumb, 10 A/mm²). */
export const gaugeAmps = (awg: number): number => bundleAmpsPerSquareMillimetre * gaugeArea(awg);
