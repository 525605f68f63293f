/**
 * What is known of each connector family, by form and contact size.
 * Contact ohms and amps are rules of thumb for clean contacts; a maker's sheet goes first.
 */
export interface ConnectorFamily {
  id: string;
  name: string;
  /** Shape group: families of different form never go together. */
  form: 'servo' | 'balance' | 'blade' | 'sleeve' | 'bullet' | 'box' | 'motorBlade' | 'motorRound' | 'open';
  poles: number;
  /** Distance between neighbouring contacts, or contact diameter for round ones, in millimetres. */
  sizeMillimetres: number;
  /** Whether the housing prevents turning the plug round. */
  keyed: boolean;
  /** Continuous amps a contact carries. */
  amps: number;
  contactOhms: number;
  /** What of its housing a knife takes off where the other side has no room for it. */
  trims?: string;
}

const families = {
  'servo-3-flat': family('three-pin servo plug, flat housing', 'servo', 3, 2.54, false, 3, 0.015),
  'servo-3-lug': {
    ...family('three-pin servo plug, side lug', 'servo', 3, 2.54, true, 3, 0.015),
    trims: 'the lug',
  },
  'servo-3-keyed': family('three-pin servo plug, bevelled edges', 'servo', 3, 2.54, true, 3, 0.015),
  'servo-3-small': family('three-pin servo plug, small 2.0 mm pitch', 'servo', 3, 2.0, true, 2, 0.02),
  'balance-25-2': family('balance plug of two cells, 2.5 mm pitch', 'balance', 3, 2.5, true, 3, 0.015),
  'balance-25': family('balance plug, 2.5 mm pitch', 'balance', 4, 2.5, true, 3, 0.015),
  'balance-25-4': family('balance plug of four cells, 2.5 mm pitch', 'balance', 5, 2.5, true, 3, 0.015),
  'balance-25-6': family('balance plug of six cells, 2.5 mm pitch', 'balance', 7, 2.5, true, 3, 0.015),
  'balance-20-2': family('balance plug of two cells, 2.0 mm pitch', 'balance', 3, 2.0, true, 2, 0.02),
  'blade-t': family('flat-blade T plug', 'blade', 2, 6.0, true, 50, 0.0006),
  'sleeve-35': family('two-pole sleeve plug, 3.5 mm contacts', 'sleeve', 2, 3.5, true, 60, 0.0005),
  'sleeve-20': family('two-pole sleeve plug, 2.0 mm contacts', 'sleeve', 2, 2.0, true, 25, 0.001),
  'bullet-35': family('round bullet, 3.5 mm', 'bullet', 1, 3.5, false, 50, 0.0006),
  'bullet-40': family('round bullet, 4.0 mm', 'bullet', 1, 4.0, false, 70, 0.0004),
  'bullet-20': family('round bullet, 2.0 mm', 'bullet', 1, 2, false, 20, 0.0012),
  'bullet-60': family('round bullet, 6.0 mm', 'bullet', 1, 6, false, 120, 0.0003),
  'box-62': family('large two-pole box plug, 6.2 mm pitch', 'box', 2, 6.2, true, 15, 0.003),
  'box-20': family('small wire-to-board plug, two poles, 2.0 mm pitch', 'box', 2, 2, true, 2, 0.02),
  'box-15-3': family('small wire-to-board plug, three poles, 1.5 mm pitch', 'box', 3, 1.5, true, 1.5, 0.02),
  'box-125': family('micro plug, two poles, 1.25 mm pitch', 'box', 2, 1.25, true, 1, 0.03),
  'motor-blade': family('three-contact motor plug, flat', 'motorBlade', 3, 5, true, 60, 0.0006),
  'motor-round': family('three-contact motor plug, round 3.5 mm', 'motorRound', 3, 3.5, true, 60, 0.0005),
  'box-25': family('small two-pole box plug, 2.5 mm pitch', 'box', 2, 2.5, true, 5, 0.01),
  open: family('bare wire or solder tab', 'open', 2, 0, false, 100, 0.0003),
} as const satisfies Record<string, Omit<ConnectorFamily, 'id'>>;

export type ConnectorFamilyId = keyof typeof families;
export const connectorFamilyIds = Object.keys(families) as ConnectorFamilyId[];

const byId = new Map<ConnectorFamilyId, ConnectorFamily>(
  connectorFamilyIds.map((id) => [id, { id, ...families[id] }]),
);

export const connectorFamily = (id: ConnectorFamilyId): ConnectorFamily => byId.get(id)!;

function family(
  name: string,
  form: ConnectorFamily['form'],
  poles: number,
  sizeMillimetres: number,
  keyed: boolean,
  amps: number,
  contactOhms: number,
): Omit<ConnectorFamily, 'id'> {
  return { name, form, poles, sizeMillimetres, keyed, amps, contactOhms };
}
