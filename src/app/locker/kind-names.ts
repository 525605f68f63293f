import type { PartKind } from '../../core/parts/part-spec';

export const kindNames: Record<PartKind, string> = {
  pack: 'Packs',
  controller: 'Controllers',
  bec: 'BECs',
  motor: 'Motors',
  servo: 'Servos',
  receiver: 'Receivers',
  transmitter: 'Transmitters',
  load: 'Pumps, lamps, horns',
  electronicSwitch: 'Switches',
  cable: 'Cables, fuses',
};
