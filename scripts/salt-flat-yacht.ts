import type { Build } from '../src/core/model/plan/build';
import { sketchBuild } from '../src/core/model/plan/sketch-build';
import { starterPart } from '../src/core/model/starter/starter-locker';

const servoLead = { metres: 0.3, awg: 22 };

/** A wind-driven yacht for salt flats: dry cells, a sail winch and steering, no motor. */
export function saltFlatYacht(): Build {
  return sketchBuild(
    {
      id: 'salt-flat-yacht',
      name: 'Salt-flat yacht',
      model: 'yacht',
      fittings: [
        { id: 'cells', name: 'cell box', part: 'pack-dry-4-large' },
        { id: 'switch', name: 'hand switch', part: 'hand-switch-servo' },
        { id: 'receiver', name: 'receiver', part: 'receiver-4-skerry' },
        { id: 'transmitter', name: 'transmitter', part: 'transmitter-6', protocol: 'skerry link' },
        { id: 'steering', name: 'steering servo', part: 'servo-micro-60' },
        { id: 'sail', name: 'sail winch', part: 'servo-sail' },
      ],
      leads: [
        ['cells.out', 'switch.in', { metres: 0.2, awg: 20 }],
        ['switch.out', 'receiver.B', { metres: 0.2, awg: 20 }],
        ['steering.lead', 'receiver.1', servoLead],
        ['sail.lead', 'receiver.3', servoLead],
      ],
      functions: [
        {
          id: 'steering',
          name: 'Steering',
          role: 'steer',
          wants: 'centring',
          control: 'right-x',
          channel: 1,
          devices: ['steering'],
        },
        {
          id: 'sail',
          name: 'Sail winch',
          role: 'mechanism',
          wants: 'staying',
          control: 'left-y',
          channel: 3,
          devices: ['sail'],
        },
      ],
      brief: { drive: 'none', exposure: 'dust', kilograms: 3.5, surface: 'asphalt' },
    },
    starterPart,
  );
}
