import type { Placement } from '../../model/fitting/placement';
import { settingName } from '../../base/words/setting-names';
import { isJoined, type Conductor } from '../../model/plan/lead';

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

export function placeWords({ x, y, z, turn }: Placement): string {
  const [along, across, up] = [x, y, z].map((metres) => Math.round(metres * 1000));
  const side =
    across === 0 ? 'in the middle' : `${Math.abs(across!)} mm to ${across! > 0 ? 'port' : 'starboard'}`;
  return `to ${along} mm along, ${side}, ${up} mm up${turn === 0 ? '' : `, turned ${turn}°`}`;
}
