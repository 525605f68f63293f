/** Volts at which a part's own electronics have woken. */
const wakingVolts = 1;

/** What a part's own electronics draw at some volts, and its slope: all of it once they have woken. */
export function standby(amps: number, volts: number): { amps: number; siemens: number } {
  if (volts >= wakingVolts) return { amps, siemens: 0 };
  if (volts <= 0) return { amps: 0, siemens: 0 };
  return { amps: (amps * volts) / wakingVolts, siemens: amps / wakingVolts };
}
