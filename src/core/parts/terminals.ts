import type { Figure } from '../quantity/figure';
import type { PartSpec } from './part-spec';
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

/** The electrical ends of a part, by the net names that each part class documents. */
export function terminalsOf(part: PartSpec): Terminals {
  switch (part.kind) {
    case 'pack':
      return { consumes: [], gives: { plus: 'plus', minus: 'minus' } };
    case 'controller':
    case 'bec':
      return {
        consumes: [
          {
            id: 'supply',
            plus: 'power+',
            minus: 'ground',
            ...limits(part.minInputVolts, part.maxInputVolts),
          },
        ],
        ...(part.regulator && { gives: { plus: 'bec+', minus: 'ground', regulator: part.regulator } }),
      };
    case 'servo':
      return {
        consumes: [
          {
            id: 'supply',
            plus: 'plus',
            minus: 'minus',
            signal: 'signal',
            ...limits(part.minVolts, part.maxVolts),
          },
        ],
      };
    case 'receiver':
      return {
        consumes: [{ id: 'supply', plus: 'rail', minus: 'ground', ...limits(part.minVolts, part.maxVolts) }],
      };
    case 'load': {
      const listens = part.ports.some((port) => port.pins.some((pin) => pin.net === 'signal'));
      return {
        consumes: [
          {
            id: 'supply',
            plus: 'plus',
            minus: 'minus',
            ...(listens && { signal: 'signal' }),
            ...limits(part.minVolts, part.maxVolts),
          },
        ],
      };
    }
    case 'electronicSwitch':
      return {
        consumes: [
          {
            id: 'supply',
            plus: 'logic+',
            minus: 'ground',
            signal: 'signal',
            ...limits(part.minVolts, part.maxVolts),
          },
          { id: 'feed', plus: 'feed+', minus: 'ground', ...limits(undefined, part.maxFeedVolts) },
        ],
      };
    case 'motor':
    case 'transmitter':
    case 'cable':
      return { consumes: [] };
  }
}

/** The net on which a part listens to a receiver channel, if it does. */
export function signalNetOf(part: PartSpec): string | undefined {
  return part.kind === 'controller' ? 'signal' : terminalsOf(part).consumes.find((one) => one.signal)?.signal;
}

function limits(minVolts: Figure | undefined, maxVolts: Figure | undefined) {
  return { ...(minVolts && { minVolts }), ...(maxVolts && { maxVolts }) };
}
