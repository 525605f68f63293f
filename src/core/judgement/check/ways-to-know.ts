import type { FigureName } from '../../model/kinds/figure-names';

/** How a person comes to know a figure: where it is printed, and how it is measured on the bench. */
export interface WayToKnow {
  /** Where it may be read, in one sentence. */
  read: string;
  measure?: {
    minutes: number;
    /** What is needed, in a few words. */
    needs: string;
    steps: readonly string[];
    caution: string;
  };
}

const label = 'On the label, the box or the maker’s page.';

/** The usual ways. What a label is needed for cannot be measured without harm: limits are read. */
export const waysToKnow: Partial<Record<FigureName, WayToKnow>> = {
  stallAmps: {
    read: 'On the maker’s sheet, as stall or lock current.',
    measure: {
      minutes: 4,
      needs: 'meter for 10 A, servo tester or radio, held arm',
      steps: [
        'Put the meter for amps into the red wire of the servo, and feed the servo the volts of its rail.',
        'Hold the arm with a clamp and turn the stick to one end for one second.',
        'Type the highest amps.',
      ],
      caution: 'One second, no longer: a stalled servo heats up fast. Keep fingers off the arm.',
    },
  },
  stallTorque: {
    read: label,
    measure: {
      minutes: 6,
      needs: 'kitchen scale, arm of known length',
      steps: [
        'Let the arm press on the scale at a right angle, at the volts of the rail.',
        'Turn the stick until the servo gives up, for one second, and read the scale.',
        'Type kilograms × centimetres of the arm, as kg·cm.',
      ],
      caution: 'One second, no longer. Clamp servo and scale: the arm flies off when it slips.',
    },
  },
  fullLoadAmps: {
    read: 'In the maker’s table for your screw, gearing or propeller.',
    measure: {
      minutes: 10,
      needs: 'watt meter for the pack lead',
      steps: [
        'Put the meter between pack and controller, and load the motor as it will run: in the water, or on the road.',
        'Full throttle for three seconds, then neutral.',
        'Type the amps once the needle stands, not the first kick.',
      ],
      caution:
        'Fasten a model in the water; lift no wheel at full throttle. Hands and leads off all that turns.',
    },
  },
  kv: {
    read: 'On the can or the maker’s page, as KV or revolutions per volt.',
    measure: {
      minutes: 8,
      needs: 'meter, drill of known speed',
      steps: [
        'Turn the bare motor with the drill at a known speed, its wires on nothing but the meter.',
        'Brushed: volts DC. Brushless: volts AC between two wires, × 1.41.',
        'Type revolutions per minute ÷ volts.',
      ],
      caution: 'Clamp the motor. Its wires must not touch each other.',
    },
  },
  amps: {
    read: label,
    measure: {
      minutes: 3,
      needs: 'meter for amps',
      steps: [
        'Put the meter for amps into its plus wire, and feed it the volts of its rail.',
        'Switch it on and type the amps once they are steady.',
      ],
      caution: 'Begin on the 10 A range. Smoke units and pumps never run dry.',
    },
  },
  ampHours: { read: 'On the pack, in mAh or Ah.' },
  dischargeRate: { read: 'On the pack, as a number before C.' },
  continuousAmps: { read: 'On the controller or its box.' },
  maxVolts: { read: label },
  minVolts: { read: label },
  maxInputVolts: { read: 'On the controller, in cells or volts.' },
};
