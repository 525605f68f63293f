import type { Build } from '../src/core/model/plan/build';
import { sketchBuild } from '../src/core/model/plan/sketch-build';
import { starterPart } from '../src/core/model/starter/starter-locker';

const servoLead = { metres: 0.3, awg: 22 };
const power = { metres: 0.15, awg: 14 };

/**
 * A ready-made field tractor on a board that is receiver and controller, refitted to a money limit: a two-speed shift, a
 * front lock, a hitch lift and beacon lights on the channels that the board has left.
 */
export function fieldTractor(): Build {
  return sketchBuild(
    {
      id: 'field-tractor',
      name: 'Field tractor',
      model: 'truck',
      fittings: [
        { id: 'pack', name: 'pack', part: 'pack-lipo-2-3300-30c' },
        { id: 'fuse', name: 'main fuse', part: 'fuse-blade-20' },
        {
          id: 'board',
          name: 'tractor board',
          part: 'board-receiver-6',
          inside: [{ component: 'controller', cutoff: 'LiPo', running: 'reverse', brake: 'dragBrake' }],
        },
        { id: 'motor', name: 'drive motor', part: 'motor-brushed-55t' },
        { id: 'transmitter', name: 'transmitter', part: 'transmitter-10', protocol: 'holm link' },
        { id: 'steering', name: 'steering servo', part: 'servo-standard' },
        { id: 'shift', name: 'gear shift servo', part: 'servo-micro-60' },
        { id: 'lock', name: 'front lock servo', part: 'servo-micro-60' },
        { id: 'hitch', name: 'hitch servo', part: 'servo-micro-60' },
        { id: 'beacons', name: 'beacon lamps', part: 'lamps-beacon' },
      ],
      leads: [
        ['pack.out', 'fuse.in', power],
        ['fuse.out', 'board.power', power],
        ['board.motor', 'motor.motor', power],
        ['steering.lead', 'board.servo', servoLead],
        ['shift.lead', 'board.servo-3', servoLead],
        ['lock.lead', 'board.servo-4', servoLead],
        ['hitch.lead', 'board.servo-5', servoLead],
        ['beacons.lead', 'board.servo-6', { metres: 0.4, awg: 24 }],
      ],
      functions: [
        work('steering', 'Steering', 'steer', 'centring', 'right-x', 1),
        { ...work('drive', 'Drive', 'drive', 'centring', 'left-y', 2), devices: ['board/controller'] },
        work('shift', 'Gear shift', 'mechanism', 'twoPosition', 'switch-a', 3),
        work('lock', 'Front lock', 'mechanism', 'twoPosition', 'switch-b', 4),
        work('hitch', 'Hitch lift', 'mechanism', 'staying', 'dial-1', 5),
        { ...work('beacons', 'Beacon lights', 'lights', 'threePosition', 'switch-c', 6), stage: 2 },
      ],
      brief: {
        drive: 'single',
        exposure: 'dust',
        kilograms: 3.2,
        topSpeed: 1.6,
        surface: 'dirt',
        moneyLimit: 160,
      },
    },
    starterPart,
  );
}

function work(
  id: string,
  name: string,
  role: Build['functions'][number]['role'],
  wants: Build['functions'][number]['wants'],
  control: string,
  channel: number,
): Build['functions'][number] {
  return { id, name, role, wants, control, channel, devices: [id] };
}
