import { alike, type UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const motorBody: UsualBody<'motor'> = {
  kilograms: () => 0.18,
  sides: alike([57, 36, 36], 0.18),
  exit: () => 'back',
  hold: 'screws',
  shadesAntenna: true,
};
