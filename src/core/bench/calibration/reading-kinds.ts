import type { Reading } from '../../reading/build-reading/reading';
import type { Unit } from '../../base/quantity/format';

/** Where a reading is foretold: on a straight run at full throttle, on an outing, at rest, or with one servo held. */
export type ReadingPlace = 'straight' | 'outing' | 'rest' | `held:${string}`;

/** Something that can be read on the real model. */
export interface ReadingKind {
  /** Stable, as it stands in files: `topSpeed`, `heldAmps:rudder`. */
  what: string;
  name: string;
  unit: Extract<Unit, 'V' | 'A' | '°C' | 'min'> | 'km/h';
  least: number;
  most: number;
  place: ReadingPlace;
  /**
   * Error of the instrument, 1 σ, in the unit: a meter half of 0.5 % and two digits, a clamp or pack monitor 2 % and
   * 0.1 A, a thermometer 2 K and 3 % of the rise, speed 3 %, run time 5 %.
   */
  instrument: (value: number, air: number) => number;
  /** What the model cannot know, 1 σ, as a share of the reading, or of its rise over the air. */
  unknowable: number;
}

const meter = (value: number): number => (0.005 * Math.abs(value) + 0.02) / 2;
const clamp = (value: number): number => 0.02 * Math.abs(value) + 0.1;
const thermometer = (value: number, air: number): number => 2 + 0.03 * Math.abs(value - air);
const underWay = 0.1;
const underStall = 0.03;
const still = 0.005;

const onTheMove: readonly ReadingKind[] = [
  {
    what: 'topSpeed',
    name: 'Top speed, level, full ahead',
    unit: 'km/h',
    least: 0.2,
    most: 200,
    place: 'straight',
    instrument: (value) => 0.03 * value,
    unknowable: underWay,
  },
  {
    what: 'fullAmps',
    name: 'Amps of the pack at full ahead',
    unit: 'A',
    least: 0.05,
    most: 500,
    place: 'straight',
    instrument: clamp,
    unknowable: underWay,
  },
  {
    what: 'motorCelsius',
    name: 'Motor after this outing',
    unit: '°C',
    least: 0,
    most: 250,
    place: 'outing',
    instrument: thermometer,
    unknowable: underWay,
  },
  {
    what: 'controllerCelsius',
    name: 'Controller after this outing',
    unit: '°C',
    least: 0,
    most: 250,
    place: 'outing',
    instrument: thermometer,
    unknowable: underWay,
  },
  {
    what: 'runMinutes',
    name: 'Run time at this outing',
    unit: 'min',
    least: 0.5,
    most: 6000,
    place: 'outing',
    instrument: (value) => 0.05 * value,
    unknowable: underWay,
  },
];

/** What can be read on this very model: under way, at rest, and with each servo held. */
export function readingKinds({ index, survey }: Reading): ReadingKind[] {
  const hasPack = index.ofKind('pack').length > 0;
  const moves = survey.movers().size > 0;
  const servos = index.ofKind('servo').filter(({ fitting }) => survey.supplyOf(fitting.id)?.status === 'fed');
  return [
    ...onTheMove.filter(({ what }) => hasPack && (moves || what === 'runMinutes')),
    ...(hasPack
      ? [
          {
            what: 'restAmps',
            name: 'Amps of the pack, on and still',
            unit: 'A' as const,
            least: 0.001,
            most: 50,
            place: 'rest' as const,
            // A meter in the lead, not a clamp: what rests draws too little for one.
            instrument: (value: number) => (0.01 * value + 0.002) / 2,
            unknowable: underWay,
          },
        ]
      : []),
    ...servos.flatMap(({ fitting: { id, name } }): ReadingKind[] => [
      {
        what: `heldAmps:${id}`,
        name: `Amps of the ${name}, held for a second`,
        unit: 'A',
        least: 0.02,
        most: 60,
        place: `held:${id}`,
        instrument: clamp,
        unknowable: underStall,
      },
      {
        what: `heldVolts:${id}`,
        name: `Volts at the ${name}, held for a second`,
        unit: 'V',
        least: 0.5,
        most: 60,
        place: `held:${id}`,
        instrument: meter,
        unknowable: underStall,
      },
    ]),
    ...index.ofKind('receiver').map(({ fitting: { id, name } }): ReadingKind => ({
      what: `restVolts:${id}`,
      name: `Volts at the ${name}, on and still`,
      unit: 'V',
      least: 0.5,
      most: 60,
      place: 'rest',
      instrument: meter,
      unknowable: still,
    })),
  ];
}

/** The error of a reading, 1 σ, in its unit: the instrument's, and what the model cannot know. */
export function readingSigma(
  { instrument, unknowable, unit }: ReadingKind,
  value: number,
  air: number,
  given?: number,
): number {
  const own = given ?? instrument(value, air);
  return Math.hypot(own, unknowable * Math.abs(unit === '°C' ? value - air : value));
}
