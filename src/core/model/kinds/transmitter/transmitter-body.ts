import type { UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const transmitterBody: UsualBody<'transmitter'> = {
  // It stays ashore.
  kilograms: () => 0,
  sides: () => [30, 12, 8],
};
