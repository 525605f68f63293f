import { buildElements, type BuildElements } from '../../reading/circuit/build-elements';
import type { Conditions } from '../../model/kinds/conditions';
import type { Estimates } from '../../model/kinds/estimates';
import { packValues } from '../../model/kinds/pack/pack-values';
import { bodyId, isAfloat } from '../../reading/motion/vehicle-values';
import type { Reading } from '../../reading/build-reading/reading';
import { terminalsOf } from '../../model/kinds';
import type { Device } from '../../physics/network/device';
import type { Element } from '../../physics/network/devices';
import { bodySpeed } from '../../physics/network/devices/body';
import { Controller } from '../../physics/network/devices/controller';
import { Motor } from '../../physics/network/devices/motor';
import { PtcFuse } from '../../physics/network/devices/ptc-fuse';
import { Regulator } from '../../physics/network/devices/regulator';
import { MovingServo } from '../../physics/network/devices/servo';
import { Source } from '../../physics/network/devices/source';
import type { Network } from '../../physics/network/network';
import { networkOf } from '../../physics/network/reference-form';
import type { Build } from '../../model/plan/build';
import type { Fitted } from '../../model/kinds/fitted';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import { cutOffVolts } from './cut-off-volts';
import { controllerHeat, motorHeat, regulatorHeat, type MotorCooling } from './heat-nodes';
import { ModelSpeed } from './model-speed';
import { watchedReceivers, type WatchedReceiver } from './receivers-watched';
import { CutOff } from './watch/cut-off';
import { Discharge } from './watch/discharge';
import { FuseGuard } from './watch/fuse';
import { Heat } from './watch/heat';
import { Limit } from './watch/limit';
import { OverAmps } from './watch/over-amps';
import { packAllowance } from '../../reading/circuit/loads';
import { blinkAmps } from '../../model/kinds/controller/usual-controller';
import { ShutDown } from './watch/shut-down';
import { StickBrake } from './watch/stick-brake';
import type { Watcher } from './watch/watcher';

/** A part with the device that it is in the network. */
interface Running<K extends Fitted['kind'], D extends Device> {
  fitted: Fitted<K>;
  device: D;
}

/** A build in motion: its network, its parts in it, and what watches over them. */
export interface RunningModel {
  built: BuildElements;
  network: Network;
  device: ReadonlyMap<string, Device>;
  /** Reads the volts across two nets of a part. */
  across: (fitting: string, plus: string, minus: string) => (x: Float64Array) => number;
  servos: readonly Running<'servo', MovingServo>[];
  controllers: readonly Running<'controller', Controller>[];
  motors: readonly Running<'motor', Motor>[];
  packs: readonly { pack: Fitted<'pack'>; discharge: Discharge | undefined }[];
  heats: readonly Heat[];
  speed: ModelSpeed;
  receivers: readonly WatchedReceiver[];
  /** Packs that run down, heat, speed, brakes: looked at from the first moment on. */
  followers: readonly Watcher[];
  /** Cut-offs, limits of regulators, fuses, shut-downs: looked at once power has come up. */
  guards: readonly Watcher[];
}

/**
 * Sets a build in motion under some conditions, which tell commands over time.
 * @param charge of every pack, 0 to 1
 * @param air in degrees Celsius
 * @param altered what is otherwise than planned: other elements in place of those of the plan
 */
export function runningModel(
  { survey, build, index }: Reading,
  conditions: Conditions,
  estimates: Estimates,
  { charge, air }: { charge: number; air: number },
  altered: (elements: Element[]) => Element[] = (elements) => elements,
): RunningModel {
  const planned = buildElements(survey, conditions, estimates);
  const built = { ...planned, elements: altered(planned.elements) };
  const network = networkOf(built.elements, false);
  const device = new Map(network.devices.map((each) => [each.id, each]));
  const at = (fitting: string, net: string) => network.indexOf(built.names.node(fitting, net)) ?? 0;
  const across = (fitting: string, plus: string, minus: string) => {
    const [a, b] = [at(fitting, plus), at(fitting, minus)];
    return (x: Float64Array) => x[a]! - x[b]!;
  };
  const running = <K extends Fitted['kind'], D extends Device>(
    all: readonly Fitted<K>[],
    isOne: (found: Device | undefined) => found is D,
    idOf = (id: string) => id,
  ) =>
    all.flatMap((fitted) => {
      const found = device.get(idOf(fitted.fitting.id));
      return isOne(found) ? [{ fitted, device: found }] : [];
    });
  const servos = running(index.ofKind('servo'), (found) => found instanceof MovingServo);
  const controllers = running(index.ofKind('controller'), (found) => found instanceof Controller);
  const motors = running(index.ofKind('motor'), (found) => found instanceof Motor);
  const regulators = running(
    index.all(),
    (found) => found instanceof Regulator,
    (id) => `${id}.bec`,
  );
  const packs = index.ofKind('pack').map((pack) => {
    const source = device.get(pack.fitting.id);
    const { chemistry, cells } = pack.part;
    const discharge =
      source instanceof Source
        ? new Discharge({
            pack: { id: pack.fitting.id, name: pack.fitting.name, chemistry, cells },
            source,
            ampHours: packValues(pack, estimates, conditions.coldFactor).ampHours,
            charge,
            volts: across(pack.fitting.id, 'plus', 'minus'),
          })
        : undefined;
    return { pack, discharge };
  });
  const pace = network.indexOf(bodySpeed(bodyId)[0]);
  const heats = [
    ...controllers.map(({ fitted, device: controller }) =>
      controllerHeat(controller, fitted, estimates, isAfloat(build)),
    ),
    ...motors.map(({ fitted, device: motor }) => motorHeat(motor, fitted, estimates, coolingOf(build), pace)),
    ...regulators.map(({ fitted, device: regulator }) => regulatorHeat(regulator, fitted, estimates)),
  ].map((node) => new Heat(node, air));
  const speed = new ModelSpeed(pace);
  const brakes = controllers.flatMap(({ fitted, device: controller }) => {
    const own = survey.motorsOf(fitted.fitting.id).flatMap(({ fitting }) => {
      const found = device.get(fitting.id);
      return found instanceof Motor ? [found] : [];
    });
    const volts = survey.packOf(fitted.fitting.id)?.volts.nominal;
    return own.length > 0 && volts !== undefined && fitted.fitting.running !== 'instantReverse'
      ? [new StickBrake(controller, own, volts)]
      : [];
  });
  const guarded = [
    ...controllers.map(({ fitted: { fitting }, device: controller }) => ({
      device: controller,
      part: { id: fitting.id, name: fitting.name, loss: 'its motor stops' },
    })),
    ...regulators.flatMap(({ fitted, device: regulator }) =>
      terminalsOf(fitted.part).gives?.regulator?.type === 'linear'
        ? [
            {
              device: regulator,
              part: { id: regulator.id, name: regulatorName(fitted), loss: 'its rail is dead' },
            },
          ]
        : [],
    ),
  ];
  const guards: Watcher[] = [
    ...controllers.flatMap(({ fitted, device: controller }) => {
      const threshold = cutOffVolts(survey, fitted);
      const volts = across(fitted.fitting.id, 'power+', 'ground');
      return threshold === undefined
        ? []
        : [new CutOff({ controller: fitted.fitting, drive: controller, threshold, volts })];
    }),
    ...controllers.map(
      ({ fitted: { fitting, part }, device: controller }) =>
        new OverAmps(
          {
            id: fitting.id,
            name: fitting.name,
            lasting: part.continuousAmps?.value,
            blink: blinkAmps(part),
          },
          (x) => controller.outAmps(x),
        ),
    ),
    ...packs.flatMap(({ pack: { fitting, part } }) => {
      const source = device.get(fitting.id);
      const lasting = packAllowance(part, build.policies.labelShare)?.allowed;
      return source instanceof Source && lasting !== undefined
        ? [
            new OverAmps({ id: fitting.id, name: fitting.name, lasting, blink: undefined }, (x) =>
              source.amps(x),
            ),
          ]
        : [];
    }),
    ...regulators.map(
      ({ fitted, device: regulator }) =>
        new Limit(regulator, {
          id: fitted.fitting.id,
          name: regulatorName(fitted),
          maxAmps: regulator.values.maxAmps,
        }),
    ),
    ...index.ofKind('cable').flatMap(({ fitting, part }) => {
      const fuse = device.get(fitting.id);
      if (!(fuse instanceof PtcFuse) || !part.maxAmps) return [];
      const { id, name } = fitting;
      return [
        new FuseGuard(fuse, { id, name, amps: part.maxAmps.value, isResettable: part.resettable === true }),
      ];
    }),
    ...guarded.flatMap(({ device: shut, part }) => {
      const heat = heats.find(({ node }) => node.id === part.id);
      return heat ? [new ShutDown(shut, heat, part)] : [];
    }),
  ];
  return {
    built,
    network,
    device,
    across,
    servos,
    controllers,
    motors,
    packs,
    heats,
    speed,
    receivers: watchedReceivers({ index }, across),
    followers: [...packs.flatMap(({ discharge }) => discharge ?? []), ...heats, speed, ...brakes],
    guards,
  };
}

/** What cools a motor: under a body the wind a little; in a hull none, and a brushless one there has its jacket. */
const coolingOf = (build: Build): MotorCooling =>
  isAfloat(build) ? { windBy: 0, hasJacket: true } : { windBy: 0.12, hasJacket: false };
