import { alike, type UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const boardBody: UsualBody<'board'> = {
  kilograms: () => 0.04,
  sides: alike([60, 40, 18], 0.04),
  hasSockets: true,
};
