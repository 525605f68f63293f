import type { UnknownKind } from '../device';

/** What moves on with its motors: its speed is an unknown of the network, in m/s. */
export const bodySpeed = (id: string): [name: string, kind: UnknownKind] => [`${id}_v`, 'pace'];

/** How fast a tracked body's sides go beside its middle while it turns: an unknown in m/s. */
export const turningSpeed = (id: string): [name: string, kind: UnknownKind] => [`${id}_turn`, 'pace'];
