import { packIn, mainPack } from './packs';
import type { Reading } from '../../../reading/build-reading/reading';
import {
  gearRatioFor,
  isAfloat,
  kilogramsOf,
  tyreDiameter,
  usualTopSpeed,
} from '../../../reading/motion/vehicle-values';
import { Estimates } from '../../../model/kinds/estimates';
import { turnsDrum } from '../../../model/kinds/servo/servo';
import type { MotorSpec } from '../../../model/kinds/motor/motor';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import type { Build, ModelKind } from '../../../model/plan/build';
import { isOfSameForm } from '../../../judgement/put-right/swap-part';
import { fullThrottle, turnsAtRest } from '../full-throttle';
import type { Candidate, Role, Screen } from '../role';
import { alone, between, identity, marginAbove, partIn, rolesOfKind } from './pairs';
import { cellsOf } from './pack-volts';
import { packVolts } from '../../../model/packs/pack-volts';

/** Watts at the shafts that a kilogram of model wants, where nothing is fitted that tells: rules of thumb. */
const wattsPerKilogram: Record<ModelKind, number> = {
  boat: 12,
  car: 120,
  crawler: 20,
  truck: 12,
  'tracked machine': 8,
  yacht: 2,
};

/** Share of the drive that is fitted now, or of what such a model wants, that one must give and may: rules of thumb. */
const share = { fitted: { least: 0.75, most: 1.8 }, wanted: { least: 0.5, most: 3 } };

/** Parts that do the work that is asked: of the same form, and a drive neither too weak nor far too strong. */
export function sameFormScreens(context: Reading, roles: readonly Role[]): Screen[] {
  return [
    ...roles.flatMap(({ name, fittings, kind, isNew }, n): Screen[] => {
      const now = context.index.get(fittings[0]!).part;
      // What was put in for a role that was empty says what form it is of, and not how strong.
      return kind === 'servo'
        ? [
            alone(
              { id: `form:${n}`, words: `the work of the ${name}`, isMargin: false, isWish: true },
              n,
              ({ part }) =>
                (
                  isNew && part.kind === 'servo' && now.kind === 'servo'
                    ? turnsDrum(part) === turnsDrum(now)
                    : isOfSameForm(part, now)
                )
                  ? 1
                  : -1,
            ),
          ]
        : [];
    }),
    ...driveScreen(context, roles),
    ...gearScreens(context, roles),
  ];
}

function driveScreen(context: Reading, roles: readonly Role[]): Screen[] {
  const { build, index } = context;
  const motors = rolesOfKind(roles, 'motor').filter((n) => roles[n]!.isOpen);
  const pack = mainPack(context, roles);
  if (motors.length === 0 || pack === undefined) return [];
  const turns = turnsAtRest(build);
  const given = (motor: MotorSpec, source: PackSpec): number | undefined =>
    fullThrottle(motor, packVolts(source, 'nominal'), turns)?.watts;
  const isNew = motors.some((n) => roles[n]!.isNew) || roles[pack.role]!.isNew;
  const now = pack.asOne(index.get(roles[pack.role]!.fittings[0]!).part as PackSpec);
  const fitted = motors.reduce((sum, n) => {
    const { fittings } = roles[n]!;
    return sum + (given(index.get(fittings[0]!).part as MotorSpec, now) ?? 0) * fittings.length;
  }, 0);
  const isTold = !isNew && fitted > 0;
  const wanted = isTold ? fitted : wantedWatts(build);
  const { least, most } = isTold ? share.fitted : share.wanted;
  return [
    {
      id: 'drive:watts',
      words: isTold ? 'watts of the drive, near those of now' : 'watts of the drive for a model of this mass',
      roles: [pack.role, ...motors],
      isMargin: false,
      isWish: true,
      standing: (assignment) => {
        const source = packIn(assignment, pack);
        const known = motors.map((motor) => identity(assignment[motor])).join();
        return { key: `${source ? packVolts(source, 'nominal') : ''} ${known}`, less: [] };
      },
      margin: (assignment) => {
        const source = packIn(assignment, pack);
        if (!source) return undefined;
        let watts = 0;
        let isWhole = true;
        for (const motor of motors) {
          const part = partIn<'motor'>(assignment, motor);
          const own = part && given(part, source);
          if (own === undefined) isWhole = false;
          else watts += own * roles[motor]!.fittings.length;
        }
        if (watts > most * wanted) return -1;
        return isWhole ? marginAbove(watts, least * wanted) : undefined;
      },
    },
  ];
}

/** Turns of the motor for one of the wheel that models of a kind have room for: rules of thumb. */
const usualGears: Partial<Record<ModelKind, readonly [least: number, most: number]>> = {
  car: [4, 16],
  crawler: [18, 90],
  truck: [8, 45],
  'tracked machine': [20, 150],
};

/** Most revolutions per minute that a screw is turned with straight from a motor: rule of thumb. */
const mostScrewSpeed = 20_000;

/** Motors that can be geared to the model's speed, or turn a screw; where the gears are told, that come near it. */
function gearScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const { build } = context;
  const pack = mainPack(context, roles);
  if (pack === undefined) return [];
  const diameter = tyreDiameter(build);
  const speed = build.brief.topSpeed ?? usualTopSpeed(build);
  const told = build.brief.gearRatio;
  const [least, most] = told ? [told / 2, told * 2] : (usualGears[build.model] ?? [0, Infinity]);
  const judge = ({ part: source }: Candidate, { part: motor }: Candidate): number | undefined => {
    if (source.kind !== 'pack' || motor.kind !== 'motor' || !motor.kv) return undefined;
    const volts = packVolts(pack.asOne(source), 'nominal');
    if (isAfloat(build)) return motor.kv.value * volts <= mostScrewSpeed ? 1 : -1;
    const gears = gearRatioFor(motor.kv.value, volts, speed, diameter);
    return gears >= least && gears <= most ? 1 : -1;
  };
  return rolesOfKind(roles, 'motor')
    .filter((motor) => roles[motor]!.isOpen)
    .map((motor) =>
      between(
        {
          id: `gears:${pack.role}:${motor}`,
          words: isAfloat(build) ? 'a speed that a screw stands' : 'gears that such a model has room for',
          isMargin: false,
          isWish: true,
          meets: cellsOf,
        },
        [pack.role, motor],
        judge,
      ),
    );
}

/** Watts at all shafts that a model of this mass and kind wants. */
const wantedWatts = (build: Build): number =>
  wattsPerKilogram[build.model] * kilogramsOf(build, new Estimates(build.measured));
