import { airDensity, waterDensity, gravity } from '../../base/quantity/constants';
import type { Term } from '../../base/quantity/term';
import type { Unit } from '../../base/quantity/format';
import type { Survey } from '../survey/survey';
import { Estimates } from '../../model/kinds/estimates';
import type { MotorElement } from './driven-motors';
import { hullSpeed, waterlineOf } from '../motion/hull-values';
import { sailAreaOf } from '../motion/sail-values';
import { thrustOf } from '../motion/screw-thrust';
import {
  gripOf,
  isAfloat,
  kilogramsOf,
  steeredShare,
  tyreWidth,
  usualSurface,
} from '../motion/vehicle-values';

/** Torque that a mechanism asks of its servo where it is hardest, a horn as long as the arm taken between them. */
export interface MechanismLoad {
  /** N·m. */
  newtonMetres: number;
  /** N·m where the wheels stand wedged between stones. */
  wedgedNewtonMetres?: number;
  /** `turn the wheels at rest`. */
  words: string;
  formula: string;
  /** The size that tells most comes first. */
  terms: Term[];
}

/** Kingpin to wheel centre against the width of a tyre: usual. */
const kingpinShare = 0.5;
/** Times the torque at rest that wheels ask which are wedged between stones, in the middle. */
const wedgedTimes = 4;

/** Coefficient of force square to a rudder at 35 degrees, and to a sail that is sheeted home. */
const rudderForce = 1.1;
const sailForce = 1.2;
/** Chord of a rudder against the root of its area, and stock to the centre of its force against the chord. */
const chordShare = 0.8;
const hungLever = 0.4;
const balancedLever = 0.2;
/** Centre of a sail's force against the sheet's point along the boom. */
const sailLever = 0.65;
const gust = 6;
const usualDrum = 0.012;

const estimate = (name: string, value: number, unit: Unit, note: string): Term => ({
  name,
  value,
  unit,
  provenance: 'estimated',
  note,
});
const told = (
  name: string,
  value: number | undefined,
  usual: number,
  unit: Unit,
  scale: number,
  note: string,
) =>
  value === undefined
    ? estimate(name, usual * scale, unit, note)
    : ({ name, value: value * scale, unit, provenance: 'stated' } satisfies Term);

/**
 * What the mechanism of each servo of a build asks of it; `undefined` where nothing is known of what it moves.
 * @param driven the motors that move the build, asked for where a screw's race counts
 */
export function mechanismLoads(
  survey: Survey,
  driven: () => readonly MotorElement[],
): (servoId: string) => MechanismLoad | undefined {
  const { build } = survey;
  let steering: MechanismLoad | undefined;
  const steer = () => (isAfloat(build) ? rudderLoad(survey, driven()) : wheelLoad(survey));
  return (servoId) => {
    const works = build.functions.find(({ devices }) => devices.includes(servoId));
    if (works?.role === 'steer')
      return build.model === 'tracked machine' ? undefined : (steering ??= steer());
    return works?.role === 'mechanism' && build.model === 'yacht' ? sheetLoad(survey) : undefined;
  };
}

/** M = µ·W·√(b²/8 + e²) about the kingpins, e half the width b where nothing tells. */
function wheelLoad({ build }: Survey): MechanismLoad {
  const { brief } = build;
  const width = tyreWidth(build);
  const weight = kilogramsOf(build, new Estimates(build.measured)) * gravity * steeredShare(build);
  const mu = gripOf(build);
  const newtonMetres = mu * weight * Math.hypot(width / Math.sqrt(8), kingpinShare * width);
  const isRock = usualSurface(build) === 'rock';
  return {
    newtonMetres,
    ...(isRock && { wedgedNewtonMetres: wedgedTimes * newtonMetres }),
    words: 'turn the wheels at rest',
    formula: 'grip × weight on the steered axle × √(width² ÷ 8 + (kingpin to wheel centre)²)',
    terms: [
      told('weight on the steered axle', brief.kilograms && weight, weight, 'N', 1, 'usual for its kind'),
      estimate('grip', mu, '×', 'rubber on this ground'),
      told('width of a tyre', brief.tyreWidth, width, 'mm', 1000, 'usual for its diameter'),
      estimate('kingpin to wheel centre', kingpinShare * width * 1000, 'mm', 'half the width'),
    ],
  };
}

/** M = ½·ρ·A·v²·C·lever; behind a screw v = √(8·T/(ρ·π·D²)) where the model stands still, the hardest case. */
function rudderLoad(survey: Survey, [motor]: readonly MotorElement[]): MechanismLoad {
  const estimates = new Estimates(survey.build.measured);
  const { build } = survey;
  const { brief } = build;
  const length = waterlineOf(build, estimates);
  const controller = motor && survey.controllerOf(motor.id);
  const pack = controller && survey.packOf(controller.fitting.id);
  const screw = motor?.screw;
  const race =
    screw && pack
      ? Math.sqrt(
          (8 * thrustOf(motor, pack.volts.nominal, 0)) / (waterDensity * Math.PI * screw.diameter ** 2),
        )
      : 0;
  const way = brief.topSpeed ?? hullSpeed(length);
  const speed = Math.max(race, way);
  const usualArea = screw ? screw.diameter ** 2 : 0.007 * length ** 2;
  const area = brief.rudderArea ?? usualArea;
  const lever = (screw ? hungLever : balancedLever) * chordShare * Math.sqrt(area);
  return {
    newtonMetres: 0.5 * waterDensity * area * speed ** 2 * rudderForce * lever,
    words: race > way ? 'hold the rudder over in the race of the screw' : 'hold the rudder over under way',
    formula: '½ × density of water × area × speed of the water² × 1.1 × lever',
    terms: [
      told(
        'area of a rudder',
        brief.rudderArea,
        area,
        'cm²',
        1e4,
        'usual for the screw or the hull before it',
      ),
      estimate('speed of the water', speed, 'm/s', race > way ? 'held still, full ahead' : 'at top speed'),
      estimate('lever', lever * 1000, 'mm', 'stock to the centre of its force'),
    ],
  };
}

/** M = ½·ρ·A·v²·1.2·lever share · radius of drum or arm, in a gust of 6 m/s. */
function sheetLoad({ build }: Survey): MechanismLoad {
  const { sailArea, drumRadius } = build.brief;
  const area = sailAreaOf(build, new Estimates(build.measured));
  const radius = drumRadius ?? usualDrum;
  return {
    newtonMetres: 0.5 * airDensity * area * gust ** 2 * sailForce * sailLever * radius,
    words: 'hold the sail in a gust',
    formula: '½ × density of air × area × wind² × 1.2 × share of the lever × radius',
    terms: [
      told('sail', sailArea, area, 'm²', 1, isAfloat(build) ? 'usual for its waterline' : 'usual on wheels'),
      estimate('gust', gust, 'm/s', 'apparent wind'),
      estimate(
        'share of the lever',
        sailLever,
        '×',
        'centre of the sail against the sheet’s point on the boom',
      ),
      told('drum or arm', drumRadius, radius, 'mm', 1000, 'usual drum of a winch'),
    ],
  };
}
