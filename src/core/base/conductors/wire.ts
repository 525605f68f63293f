/** Conductor resistivity of annealed copper, 1.724e-8 Ω·m at 20 °C, IEC 60028. */
const copperOhmMetres = 1.724e-8;

/** Share by which copper's resistivity rises with each kelvin over 20 °C, IEC 60028. */
const copperPerKelvin = 0.00393;

/** Cross-section of a gauge in square millimetres: d = 0.127 · 92^((36 − n)/39) mm (definition of AWG). */
export function gaugeArea(awg: number): number {
  const millimetres = 0.127 * 92 ** ((36 - awg) / 39);
  return (Math.PI / 4) * millimetres ** 2;
}

/** Ohms of one conductor. @param metres its length, one way @param celsius of its copper */
export const conductorOhms = (awg: number, metres: number, celsius = 20): number =>
  ((copperOhmMetres * metres) / (gaugeArea(awg) * 1e-6)) * (1 + copperPerKelvin * (celsius - 20));

/** Usual diameters over silicone insulation, by gauge, in millimetres. */
const overInsulation: readonly (readonly [awg: number, millimetres: number])[] = [
  [8, 6.3],
  [10, 5.5],
  [12, 4.5],
  [14, 3.5],
  [16, 3],
  [18, 2.3],
  [20, 1.8],
  [22, 1.7],
  [26, 1.3],
];

/** Watts that a lead sheds per square metre and kelvin in still air: cautious (engineering notes, section 3). */
const shedding = 15;

/** Of the air around a lead, in degrees Celsius. */
const airCelsius = 20;

/** What a lead's insulation stands without a second thought, and where silicone fails, in degrees Celsius. */
export const warmCelsius = 80;
export const siliconeCelsius = 180;

/** Diameter over the insulation, in millimetres; between the gauges of the table by straight lines, beyond them in proportion. */
export function outerDiameter(awg: number): number {
  const [first, last] = [overInsulation[0]!, overInsulation.at(-1)!];
  if (awg <= first[0]) return first[1] * Math.sqrt(gaugeArea(awg) / gaugeArea(first[0]));
  if (awg >= last[0]) return last[1] * Math.sqrt(gaugeArea(awg) / gaugeArea(last[0]));
  const upper = overInsulation.findIndex(([gauge]) => gauge >= awg);
  const [[a, thick], [b, thin]] = [overInsulation[upper - 1]!, overInsulation[upper]!];
  return thick + ((awg - a) / (b - a)) * (thin - thick);
}

/**
 * Amps that heat a stranded silicone lead to a temperature and no further: I = √(ΔT·h·π·D/R′), from the heat balance
 * of one conductor in still air. It heats by RMS amps, with a time constant of minutes for a thick lead and of half a
 * minute for a thin one.
 */
export function gaugeAmps(awg: number, celsius = warmCelsius): number {
  const shed = (celsius - airCelsius) * shedding * Math.PI * outerDiameter(awg) * 1e-3;
  return Math.sqrt(shed / conductorOhms(awg, 1, celsius));
}

/** Gauges that leads are sold in, thinnest first. */
export const soldGauges = [26, 24, 22, 20, 18, 16, 14, 12, 10, 8] as const;
