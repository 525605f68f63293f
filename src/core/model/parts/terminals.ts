import type { Figure } from '../../base/validation/figure';
import type { Regulator } from './regulator';

/** Where a part takes power: the pair of nets, what it stands, and the net of its signal if it has one. */
export interface ConsumerTerminal {
  id: 'supply' | 'feed';
  plus: string;
  minus: string;
  signal?: string;
  minVolts?: Figure;
  maxVolts?: Figure;
}

/** Where a part gives power. A pack's volts come from its cells, a regulator's from its setting. */
export interface SourceTerminal {
  plus: string;
  minus: string;
  regulator?: Regulator;
}

export interface Terminals {
  consumes: ConsumerTerminal[];
  gives?: SourceTerminal;
}

/** Nets of the wires between a controller and its motor. */
export const motorNets = ['m1', 'm2', 'm3'] as const;

/** The limits of a terminal, where the sheet states them. */
export const limits = (minVolts: Figure | undefined, maxVolts: Figure | undefined) => ({
  ...(minVolts && { minVolts }),
  ...(maxVolts && { maxVolts }),
});
