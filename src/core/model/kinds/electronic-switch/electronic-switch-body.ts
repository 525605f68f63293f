import { alike, type UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const electronicSwitchBody: UsualBody<'electronicSwitch'> = {
  kilograms: () => 0.012,
  sides: alike([30, 18, 9], 0.012),
  exit: (_, port) => (port.flow === 'in' ? 'back' : 'front'),
  hasSockets: true,
};
