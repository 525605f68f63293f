import type { Sides, UsualBody } from '../body';
import type { LoadForm } from './load';

/** What parts of each form measure, in millimetres: rules of thumb. */
const loadSides: Record<LoadForm, Sides> = {
  pump: [60, 30, 30],
  lamps: [30, 15, 8],
  horn: [30, 25, 12],
  videoSender: [40, 25, 10],
  camera: [30, 30, 25],
  smoke: [60, 40, 40],
  fan: [30, 30, 10],
  sound: [50, 35, 15],
  electronics: [40, 30, 10],
  capacitor: [30, 12, 12],
};

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const loadBody: UsualBody<'load'> = {
  kilograms: () => 0.03,
  sides: ({ form }) => loadSides[form],
  exit: () => 'back',
};
