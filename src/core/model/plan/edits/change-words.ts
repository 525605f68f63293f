import { settingName } from '../../../base/words/setting-names';
import { isJoined, type Conductor } from '../lead';

/** What the screen calls values that are not words already. */
const valueNames: Record<string, string> = {
  reverse: 'brake, then reverse',
  instantReverse: 'reverse at once',
  noReverse: 'no reverse',
  brake: 'brakes with the stick',
  dragBrake: 'drag brake',
  off: 'off',
  centring: 'centres',
  staying: 'stays put',
  twoPosition: 'two states',
  threePosition: 'three states',
  momentary: 'while held',
};

function valueWords(value: unknown): string {
  switch (typeof value) {
    case 'undefined':
      return 'none';
    case 'boolean':
      return value ? 'yes' : 'no';
    case 'string':
      return valueNames[value] ?? value;
    case 'number':
      return String(value);
    default:
      return 'as set';
  }
}

export const changeWords = (change: object): string =>
  Object.entries(change)
    .map(([key, value]) => `${settingName(key)} → ${valueWords(value)}`)
    .join(', ');

export function conductorWords(conductors: readonly Conductor[]): string {
  return conductors
    .map(
      (conductor) =>
        `${conductor.colour} ${isJoined(conductor) ? `to ${conductor.to}` : conductor.state}${conductor.state === 'spliced' ? ', spliced' : ''}`,
    )
    .join(', ');
}
