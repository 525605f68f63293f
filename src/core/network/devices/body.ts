import type { UnknownKind } from '../device';

/** What moves on with its motors: its speed is an unknown of the network, in m/s. */
export const bodySpeed = (id: string): [name: string, kind: UnknownKind] => [`${id}_v`, 'pace'];

/** m/s². */
export const gravity = 9.81;
