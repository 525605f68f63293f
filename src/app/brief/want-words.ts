import type { ControlKind } from '../../core/model/kinds/transmitter/transmitter';

/** What a control does when it is let go, in two words. */
export const wantWords: Record<ControlKind, string> = {
  centring: 'centres',
  staying: 'stays put',
  twoPosition: 'two states',
  threePosition: 'three states',
  momentary: 'while held',
};
