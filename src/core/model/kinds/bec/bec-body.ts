import { alike, type UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const becBody: UsualBody<'bec'> = {
  kilograms: () => 0.02,
  sides: alike([40, 18, 9], 0.02),
  exit: (_, port) => (port.flow === 'in' ? 'back' : 'front'),
};
