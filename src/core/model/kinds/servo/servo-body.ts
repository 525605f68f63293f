import { alike, type UsualBody } from '../body';

/** Where its lead leaves it, by its sheet. */
const exits = {
  'at the shaft’s end': 'front',
  'at the far end': 'back',
  'from its side': 'left',
  'from below': 'below',
} as const;

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const servoBody: UsualBody<'servo'> = {
  kilograms: () => 0.045,
  sides: alike([41, 20, 38], 0.045),
  exit: ({ leadSide }) => exits[leadSide ?? 'at the shaft’s end'],
  hold: 'screws',
};
