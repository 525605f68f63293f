import { alike, type UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const controllerBody: UsualBody<'controller'> = {
  kilograms: () => 0.05,
  sides: alike([45, 36, 20], 0.05),
  exit: (_, port) => (port.use === 'motor' ? 'front' : 'back'),
  shadesAntenna: true,
};
