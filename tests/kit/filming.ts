import type { Build } from '../../src/core/model/plan/build';
import type { Fitting } from '../../src/core/model/fitting/fitting';
import type { ModelFunction } from '../../src/core/model/plan/model-function';
import { tub } from './tub';

export const pan: ModelFunction = {
  id: 'pan',
  name: 'Camera pan',
  role: 'mechanism',
  wants: 'staying',
  control: 'dial-1',
  channel: 1,
  devices: ['pan-servo'],
};

/** A tub with a camera on a receiver of its own, with or without a transmitter of its own. */
export const filming = (camera: Partial<Fitting> | undefined, moreFunctions = [pan]): Build =>
  tub({
    extra: [
      { id: 'camera-rx', name: 'camera receiver', part: 'receiver-4-ness-small' },
      { id: 'pan-servo', name: 'pan servo', part: 'servo-micro-60' },
      ...(camera
        ? [{ id: 'camera-tx', name: 'camera transmitter', part: 'transmitter-wheel-7', ...camera }]
        : []),
    ],
    leads: [
      ['pan-servo.lead', 'camera-rx.1'],
      ['rx.8', 'camera-rx.B'],
    ],
    moreFunctions,
  });
