import type { Reading } from '../../reading/build-reading/reading';
import type { ServoSeat } from '../../model/fitting/servo-seat';
import type { Fitted } from '../../model/kinds/fitted';
import type { Step } from './step';

const millimetres = (metres: number): string => `${Number((metres * 1000).toFixed(1))} mm`;

/** What is made ready at the seat of each servo before it is screwed on: holes, distance pieces, plate, horn, saver. */
export const seatSteps = ({ index }: Reading): Step[] =>
  index.ofKind('servo').flatMap((servo): Step[] => {
    const { id, name, seat } = servo.fitting;
    const lines = seat ? seatLines(servo, seat) : [];
    return lines.length === 0
      ? []
      : [
          {
            id: `seat:${id}`,
            phase: 'prepare',
            title: `Make the seat of the ${name} ready`,
            lines: [...lines, 'Grommets and brass eyelets go into its ears first, eyelets from below.'],
            cautions: [],
            needsPower: false,
            isHold: false,
            touches: [id],
          },
        ];
  });

function seatLines({ part }: Fitted<'servo'>, seat: ServoSeat): string[] {
  const { earSpan, earToShaft, splineTeeth } = part;
  const plate = [
    earSpan && `holes ${millimetres(earSpan.value)} apart`,
    earToShaft && `the shaft ${millimetres(earToShaft.value)} from the nearer ones`,
  ].filter(Boolean);
  return [
    ...(seat.hasPlate
      ? [
          `Cut a plate: for the seat ${seat.holeSpan === undefined ? 'holes as there are' : `holes ${millimetres(seat.holeSpan)} apart`}; for the servo ${plate.length > 0 ? plate.join(', ') : 'holes as its ears have them'}.`,
        ]
      : []),
    ...(seat.openedBy === undefined
      ? []
      : [`File each of its holes longer by ${millimetres(seat.openedBy)}, along the servo.`]),
    ...(seat.standoff === undefined
      ? []
      : [
          `Put distance pieces of ${millimetres(seat.standoff)} under its ears, and take screws that much longer.`,
          'Horn and rod stand that much higher: look that the rod still runs level.',
        ]),
    ...(seat.wantsHorn
      ? [
          `Lay a horn with ${splineTeeth ? `${splineTeeth.value} teeth` : 'its teeth'} ready: it slides on by hand, and its screw only holds it.`,
        ]
      : []),
    ...(seat.hasSaver
      ? [
          'Fit the servo saver last, with the servo at its centre; its spring is set so that steering does not give way on smooth ground.',
        ]
      : []),
  ];
}
