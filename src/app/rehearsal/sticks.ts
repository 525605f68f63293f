import type { Reading } from '../../core/reading/build-reading/reading';
import { radioOfFunction } from '../../core/reading/radio/radios';
import type { ControlKind } from '../../core/model/kinds/transmitter/transmitter';

/** A control of the transmitter on the screen, for one function. */
export interface Stick {
  id: string;
  /** The function that it works. */
  name: string;
  control: string;
  kind: ControlKind;
  /** Where it stands when nobody has touched it. */
  start: number;
}

/** The controls of this build's functions; one that has none yet is worked by what it wants. */
export function sticksOf(context: Reading): Stick[] {
  const { build, index } = context;
  return build.functions.map((each) => {
    const { transmitter } = radioOfFunction(context, each);
    const control = transmitter?.part.controls.find(({ id }) => id === each.control);
    const kind = control?.kind ?? each.wants;
    const armsAtEnd = each.devices.some((id) => {
      const fitted = index.has(id) ? index.get(id) : undefined;
      return fitted?.kind === 'controller' && fitted.part.armsAt === 'minimum';
    });
    const isSwitch = kind === 'twoPosition' || kind === 'threePosition' || kind === 'momentary';
    return {
      id: each.id,
      name: each.name,
      control: control?.name ?? 'no control yet',
      kind,
      start: isSwitch || armsAtEnd ? -1 : 0,
    };
  });
}

/** Whether a control goes back by itself when it is let go. */
export const springsBack = ({ kind }: Stick): boolean => kind === 'centring';
