import type { UsualBody } from '../body';

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const receiverBody: UsualBody<'receiver'> = {
  kilograms: () => 0.012,
  sides: ({ ports }) => [28 + 2 * ports.length, 24, 13],
  hasSockets: true,
};
