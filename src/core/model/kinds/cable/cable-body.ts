import type { Sides, UsualBody } from '../body';
import type { CableForm } from './cable';

/** Millimetres of the forms that are more than a plug on a wire: rules of thumb. */
const cableSides: Partial<Record<CableForm, Sides>> = { switch: [30, 15, 12], harness: [40, 25, 12] };

/** What it is as a body, where its sheet does not say: rules of thumb. */
export const cableBody: UsualBody<'cable'> = {
  kilograms: () => 0.01,
  sides: ({ form }) => cableSides[form] ?? [30, 12, 8],
  exit: (_, port) => (port.flow === 'in' ? 'back' : 'front'),
};
