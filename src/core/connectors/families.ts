/**
 * What is known of each connector family, by form and contact size.
 * Contact ohms and amps are rules of thumb for clean contacts; a maker's sheet goes first.
 */
export interface ConnectorFamily {
  id: string;
  name: string;
  /** Shape group: families of different form never go together. */
  form: 'servo' | 'balance' | 'blade' | 'sleeve' | 'bullet' | 'box' | 'open';
  poles: number;
  /** Distance between neighbouring contacts, or contact diameter for round ones, in millimetres. */
  sizeMillimetres: number;
  /** Whether the housing prevents turning the plug round. */
  keyed: boolean;
  /** Continuous amps a contact carries. */
  amps: number;
  contactOhms: number;
}

const families = {
  'servo-3-flat': family('three-pin servo plug, flat housing', 'servo', 3, 2.54, false, 3, 0.015),
  'servo-3-lug': family('three-pin servo plug, side lug', 'servo', 3, 2.54, true, 3, 0.015),
  'servo-3-small': family('three-pin servo plug, small 2.0 mm pitch', 'servo', 3, 2.0, true, 2, 0.02),
  'balance-25': family('balance plug, 2.5 mm pitch', 'balance', 4, 2.5, true, 3, 0.015),
  'blade-t': family('flat-blade T plug', 'blade', 2, 6.0, true, 50, 0.0006),
  'sleeve-35': family('two-pole sleeve plug, 3.5 mm contacts', 'sleeve', 2, 3.5, true, 60, 0.0005),
  'sleeve-20': family('two-pole sleeve plug, 2.0 mm contacts', 'sleeve', 2, 2.0, true, 25, 0.001),
  'bullet-35': family('round bullet, 3.5 mm', 'bullet', 1, 3.5, false, 50, 0.0006),
  'bullet-40': family('round bullet, 4.0 mm', 'bullet', 1, 4.0, false, 70, 0.0004),
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
