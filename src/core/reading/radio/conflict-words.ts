import { nameList } from '../../base/words/sentences';
import type { AssignConflict } from './assign-radio';

/** Which wishes cannot all be met, and who would have to give way. */
export function conflictWords({
  without,
  rivals,
  wants,
  transmitter = 'transmitter',
}: AssignConflict): string {
  const names = nameList(without.map(({ name }) => name));
  if (wants === 'channel')
    return `No channel is left for ${names}: a radio with more, fewer functions, or some together on one.`;
  return rivals.length === 0
    ? `The ${transmitter} has no control of the kind that ${names} wants.`
    : `No control of its kind is left for ${names}: ${nameList(rivals.map(({ name }) => name))} ${rivals.length === 1 ? 'has' : 'have'} what it could use.`;
}
