import type { Unit } from '../../base/quantity/format';
import { connectorFamily, type ConnectorFamilyId } from './families';

export const genders = ['plug', 'socket', 'none'] as const;
export type Gender = (typeof genders)[number];

export interface Connector {
  family: ConnectorFamilyId;
  /** `plug` has the pins or blades, `socket` receives them; `none` for bare wire and solder tabs. */
  gender: Gender;
  /** Whether nobody has said which it is: the usual one of such a part. */
  isAssumed?: boolean;
}

export type Mating =
  | { result: 'mates' }
  | { result: 'solder' }
  | { result: 'unknown' }
  | { result: 'trim'; what: string }
  | { result: 'nearMiss' | 'refuses'; reason: MatingReason; actual: number; limit: number; unit: Unit };

export type MatingReason = 'pitch' | 'poles' | 'gender' | 'form' | 'size';

/**
 * Whether two connectors go together, and the two numbers that decide it.
 * Pitches of 2.0, 2.5 and 2.54 mm look alike and are the usual near miss.
 */
export function mating(connector: Connector, other: Connector): Mating {
  const a = connectorFamily(connector.family);
  const b = connectorFamily(other.family);
  if (a.form === 'open' || b.form === 'open') return { result: 'solder' };
  if (connector.isAssumed || other.isAssumed) return { result: 'unknown' };

  const looksAlike = isPinRow(a.form) && isPinRow(b.form);
  if (a.form !== b.form && !looksAlike) return refusal('form', a.sizeMillimetres, b.sizeMillimetres, 'mm');
  if (a.poles !== b.poles) return refusal('poles', a.poles, b.poles, 'poles');
  if (a.sizeMillimetres !== b.sizeMillimetres) {
    const reason = looksAlike ? 'pitch' : 'size';
    const difference = Math.abs(a.sizeMillimetres - b.sizeMillimetres);
    return {
      ...refusal(reason, a.sizeMillimetres, b.sizeMillimetres, 'mm'),
      result: difference < 0.6 ? 'nearMiss' : 'refuses',
    };
  }
  if (a.form !== b.form) return refusal('form', a.sizeMillimetres, b.sizeMillimetres, 'mm');
  if (connector.gender === other.gender) return refusal('gender', 2, 1, 'plugs');
  // A housing that goes over the pins has its lug in the way where theirs have no slot for it.
  if (connector.gender !== 'socket' && other.gender !== 'socket') return { result: 'mates' };
  const [over, pins] = connector.gender === 'socket' ? [a, b] : [b, a];
  if (over.trims !== undefined && pins.trims === undefined) return { result: 'trim', what: over.trims };
  return { result: 'mates' };
}

/** Whether two connectors can be joined with no adapter, as far as is known: plugged, trimmed and plugged, or soldered. */
export const goesTogether = (connector: Connector, other: Connector): boolean =>
  ['mates', 'trim', 'solder', 'unknown'].includes(mating(connector, other).result);

const isPinRow = (form: string) => form === 'servo' || form === 'balance' || form === 'box';

function refusal(reason: MatingReason, actual: number, limit: number, unit: Unit) {
  return { result: 'refuses' as const, reason, actual, limit, unit };
}
