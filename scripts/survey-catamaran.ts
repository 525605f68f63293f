import type { Build } from '../src/core/model/plan/build';
import { lifted, sketchBuild } from '../src/core/model/plan/sketch-build';
import { starterPart } from '../src/core/model/starter/starter-locker';

const servoLead = { metres: 0.45, awg: 22 };
const power = { metres: 0.2, awg: 14 };

/**
 * A catamaran that looks at the bed of a lake: a screw in each hull, a camera on pan and tilt servos, a video sender, a
 * rail of 7.4 V for rudders that like it, and the servos of the camera on a second one of 5 V.
 */
export function surveyCatamaran(): Build {
  return sketchBuild(
    {
      id: 'survey-catamaran',
      name: 'Survey catamaran',
      model: 'boat',
      fittings: [
        { id: 'pack', name: 'hull pack', part: 'pack-lipo-3s-5000-40c' },
        { id: 'fuse', name: 'main fuse', part: 'fuse-blade-25' },
        { id: 'harness', name: 'power harness', part: 'harness-five-way' },
        {
          id: 'port-esc',
          name: 'port controller',
          part: 'controller-brushed-20-13v',
          regulatorVolts: 5,
          cutoff: 'LiPo',
        },
        {
          id: 'starboard-esc',
          name: 'starboard controller',
          part: 'controller-brushed-20-13v',
          regulatorVolts: 5,
          cutoff: 'LiPo',
        },
        { id: 'port-motor', name: 'port motor', part: 'motor-brushed-55t' },
        { id: 'starboard-motor', name: 'starboard motor', part: 'motor-brushed-55t' },
        { id: 'rail-bec', name: 'rail BEC', part: 'bec-8a', regulatorVolts: 7.4 },
        { id: 'camera-bec', name: 'camera BEC', part: 'bec-3a', regulatorVolts: 5 },
        { id: 'second', name: 'second-rail harness', part: 'second-rail-harness' },
        { id: 'receiver', name: 'receiver', part: 'receiver-8-skerry' },
        { id: 'transmitter', name: 'transmitter', part: 'transmitter-10', protocol: 'skerry link' },
        { id: 'rudder', name: 'rudder servo', part: 'servo-low-profile' },
        { id: 'pan', name: 'pan servo', part: 'servo-micro-52' },
        { id: 'tilt', name: 'tilt servo', part: 'servo-micro-52' },
        { id: 'sender', name: 'video sender', part: 'video-sender' },
      ],
      leads: [
        ['pack.out', 'fuse.in', power],
        ['fuse.out', 'harness.in', power],
        ['harness.large 1', 'port-esc.power', power],
        ['harness.large 2', 'starboard-esc.power', power],
        ['port-esc.motor', 'port-motor.motor', power],
        ['starboard-esc.motor', 'starboard-motor.motor', power],
        ['port-esc.lead', 'receiver.3', { ...servoLead, change: lifted('plus') }],
        ['starboard-esc.lead', 'receiver.4', { ...servoLead, change: lifted('plus') }],
        ['harness.small 1', 'rail-bec.in', { metres: 0.2, awg: 18 }],
        ['rail-bec.out', 'receiver.B', { metres: 0.2, awg: 20 }],
        ['harness.small 2', 'camera-bec.in', { metres: 0.2, awg: 20 }],
        ['camera-bec.out', 'second.power', { metres: 0.15, awg: 22 }],
        ['second.signal 1', 'receiver.5', servoLead],
        ['second.signal 2', 'receiver.6', servoLead],
        ['pan.lead', 'second.servo 1', servoLead],
        ['tilt.lead', 'second.servo 2', servoLead],
        ['harness.small 3', 'sender.power', { metres: 0.3, awg: 22 }],
        ['rudder.lead', 'receiver.1', servoLead],
      ],
      functions: [
        {
          id: 'rudder',
          name: 'Steering',
          role: 'steer',
          wants: 'centring',
          control: 'right-x',
          channel: 1,
          devices: ['rudder'],
        },
        {
          id: 'port',
          name: 'Port screw',
          role: 'drive',
          wants: 'centring',
          control: 'left-y',
          channel: 3,
          devices: ['port-esc'],
        },
        {
          id: 'starboard',
          name: 'Starboard screw',
          role: 'drive',
          wants: 'centring',
          control: 'right-y',
          channel: 4,
          devices: ['starboard-esc'],
        },
        {
          id: 'pan',
          name: 'Camera pan',
          role: 'mechanism',
          wants: 'staying',
          control: 'dial-1',
          channel: 5,
          devices: ['pan'],
        },
        {
          id: 'tilt',
          name: 'Camera tilt',
          role: 'mechanism',
          wants: 'staying',
          control: 'dial-2',
          channel: 6,
          devices: ['tilt'],
        },
      ],
      brief: { drive: 'twin', exposure: 'splash', kilograms: 5, waterline: 1 },
    },
    starterPart,
  );
}
