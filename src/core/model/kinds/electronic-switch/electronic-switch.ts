import { IsIn } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';
import { threePins } from '../../parts/channel-port';
import type { PinSpec, PortSpec } from '../../parts/port';

/**
 * A switch worked by a receiver channel, or a relay worked by volts on its coil: one without a `signal`. Nets:
 * `signal`, `logic+`, `ground`, and `feed+`, which it passes from its supply to its load when on (all checks take it as
 * on, the worst case). A relay's contacts are apart from its coil: what they switch has a minus of its own, `feed-`.
 */
export class ElectronicSwitchSpec extends PartBase {
  @IsIn(['electronicSwitch'])
  kind!: 'electronicSwitch';

  @FigureField({ least: 1, most: 30, optional: true })
  minVolts?: Figure;

  /** Most volts on its receiver lead, or on its coil. */
  @FigureField({ least: 1, most: 30, optional: true })
  maxVolts?: Figure;

  /** Most volts it can switch. */
  @FigureField({ least: 1, most: 60, optional: true })
  maxFeedVolts?: Figure;

  @FigureField({ least: 0, most: 2, optional: true })
  amps?: Figure;
}

/** Id of the port that a relay's coil has. */
export const coilPort = 'coil';

/** Whether volts on a coil work it, and no channel. */
export const isRelay = ({ ports }: Pick<ElectronicSwitchSpec, 'ports'>): boolean =>
  ports.some(({ id }) => id === coilPort);

/** The net that the minus of what it switches belongs to. */
export const feedMinus = (part: Pick<ElectronicSwitchSpec, 'ports'>): string =>
  isRelay(part) ? 'feed-' : 'ground';

const onNet = (port: PortSpec, minus: string): PortSpec => ({
  ...port,
  pins: port.pins.map((pin): PinSpec => (pin.name === 'minus' ? { ...pin, net: minus } : pin)),
});

/** A copy that volts on a coil work: two wires in the place of its receiver lead, and contacts apart from them. */
export const asRelay = (part: ElectronicSwitchSpec): ElectronicSwitchSpec => ({
  ...part,
  ports: part.ports.map((port) =>
    port.use === 'servo'
      ? {
          id: coilPort,
          name: 'coil',
          use: 'power',
          flow: 'in',
          connector: { family: 'open', gender: 'none' },
          pins: [
            { name: 'plus', net: 'logic+' },
            { name: 'minus', net: 'ground' },
          ],
        }
      : onNet(port, 'feed-'),
  ),
});

/** A copy that a receiver channel works. */
export const asSwitch = (part: ElectronicSwitchSpec): ElectronicSwitchSpec => ({
  ...part,
  ports: part.ports.map((port) =>
    port.id === coilPort
      ? {
          id: 'lead',
          name: 'servo lead',
          use: 'servo',
          flow: 'in',
          connector: { family: 'servo-3-flat', gender: 'socket' },
          pins: threePins('signal', 'logic+', 'ground'),
        }
      : onNet(port, 'ground'),
  ),
});
