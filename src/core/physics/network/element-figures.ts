import type { ElementKind } from './devices';

/** What a figure must be: above zero, zero or more, a share of one, any number, or a number or line over time. */
type Bound = 'aboveZero' | 'zeroOrMore' | 'share' | 'any' | 'track' | 'curve' | 'flag' | 'side';

interface Figures {
  /** Names of nodes. */
  nodes: readonly string[];
  nodesIfAny?: readonly string[];
  needs: Readonly<Record<string, Bound>>;
  mayHave?: Readonly<Record<string, Bound>>;
  /** Figures in an object of their own, which may be left out. */
  groups?: Readonly<Record<string, Group>>;
  /** What it says of its own figures together. */
  trouble?: (element: Record<string, unknown>) => string | undefined;
}

/** What stands between a motor and the body that it moves. */
interface Group extends Omit<Figures, 'nodes' | 'nodesIfAny' | 'groups'> {
  /** The kind of element that its `on` names, where it has one. */
  on?: ElementKind;
}

const wheels: Group = {
  on: 'vehicle',
  needs: {
    mu: 'aboveZero',
    drivenShare: 'share',
    tyreRadius: 'aboveZero',
    gearRatio: 'aboveZero',
    efficiency: 'aboveZero',
    slipSpeed: 'aboveZero',
  },
  mayHave: { side: 'side' },
};
const jam: Group = { needs: { over: 'track', damping: 'zeroOrMore' } };
const skid: Group = { needs: { mu: 'zeroOrMore', lengthOverGauge: 'aboveZero' } };
const screw: Group = {
  on: 'hull',
  needs: {
    diameter: 'aboveZero',
    shaftRatio: 'aboveZero',
    kt0: 'any',
    kt1: 'any',
    kq0: 'any',
    kq1: 'any',
  },
  mayHave: {
    kt2: 'any',
    kq2: 'any',
    asternThrust: 'zeroOrMore',
    asternTorque: 'zeroOrMore',
    cavitationThrust: 'aboveZero',
  },
};
const manner = { freewheel: 'flag', synchronous: 'flag' } as const;
const oneManner = ({ freewheel, synchronous }: Record<string, unknown>) =>
  freewheel === true && synchronous === true
    ? 'has both "freewheel" and "synchronous": a controller does one of them'
    : undefined;

const load = { nodes: ['from'], nodesIfAny: ['to'] } as const;
const regulator = {
  nodes: ['from', 'to'],
  nodesIfAny: ['ground'],
  needs: {
    setVolts: 'zeroOrMore',
    maxAmps: 'zeroOrMore',
    dropoutVolts: 'zeroOrMore',
    quiescentAmps: 'zeroOrMore',
    outOhms: 'aboveZero',
  },
} as const;
const motor = {
  kv: 'aboveZero',
  motorOhms: 'aboveZero',
  noLoadAmps: 'zeroOrMore',
  loadConst: 'any',
  loadLinear: 'any',
  loadSquare: 'any',
  inertia: 'aboveZero',
  omegaEps: 'aboveZero',
} as const;

/** What each kind of element is told by, in SI units. */
const figuresOf: Readonly<Record<ElementKind, Figures>> = {
  source: {
    nodes: ['node'],
    nodesIfAny: ['to'],
    needs: { ohms: 'aboveZero' },
    mayHave: {
      volts: 'any',
      openVolts: 'curve',
      coulombs: 'aboveZero',
      charge: 'share',
      r1: 'zeroOrMore',
      c1: 'aboveZero',
    },
    trouble: ({ volts, openVolts, coulombs, charge }) => {
      const hasCurve = openVolts !== undefined || coulombs !== undefined || charge !== undefined;
      if (volts !== undefined)
        return hasCurve ? 'has "volts" beside "openVolts", "coulombs" or "charge": one of both' : undefined;
      return openVolts === undefined || coulombs === undefined || charge === undefined
        ? 'needs the figure "volts", or "openVolts" with "coulombs" and "charge"'
        : undefined;
    },
  },
  resistor: { nodes: ['from', 'to'], needs: { ohms: 'aboveZero' } },
  capacitor: { nodes: ['from', 'to'], needs: { farads: 'aboveZero' } },
  diode: { nodes: ['from', 'to'], needs: { forwardVolts: 'zeroOrMore', ohms: 'aboveZero' } },
  buck: { ...regulator, needs: { ...regulator.needs, efficiency: 'aboveZero' } },
  linear: regulator,
  currentLoad: { ...load, needs: { amps: 'zeroOrMore', kneeVolts: 'aboveZero' }, mayHave: { on: 'track' } },
  powerLoad: { ...load, needs: { watts: 'aboveZero', minVolts: 'aboveZero' } },
  ledString: {
    ...load,
    needs: {
      ledsPerString: 'aboveZero',
      strings: 'aboveZero',
      ohms: 'aboveZero',
      forwardVolts: 'zeroOrMore',
    },
  },
  drive: {
    ...load,
    needs: { ...motor, escOhms: 'zeroOrMore', duty: 'track', quiescentAmps: 'zeroOrMore' },
    mayHave: { dragBrake: 'share', ...manner },
    groups: { wheels, screw, jam },
    trouble: oneManner,
  },
  controller: {
    nodes: ['from', 'to'],
    nodesIfAny: ['ground'],
    needs: { escOhms: 'aboveZero', duty: 'track', quiescentAmps: 'zeroOrMore' },
    mayHave: { ...manner, dragBrake: 'share', motorOhms: 'zeroOrMore' },
    trouble: oneManner,
  },
  motor: { ...load, needs: motor, groups: { wheels, screw, jam } },
  servo: {
    ...load,
    needs: {
      refVolts: 'aboveZero',
      stallAmps: 'aboveZero',
      stallTorque: 'aboveZero',
      noLoadSpeed: 'aboveZero',
      noLoadAmps: 'zeroOrMore',
      timeConstant: 'aboveZero',
      idleAmps: 'zeroOrMore',
    },
    mayHave: {
      holdTorque: 'any',
      command: 'track',
      band: 'aboveZero',
      loadSpring: 'any',
      loadConst: 'any',
      omegaEps: 'aboveZero',
    },
  },
  vehicle: {
    nodes: [],
    needs: {
      mass: 'aboveZero',
      crr: 'zeroOrMore',
      vEps: 'aboveZero',
      cdA: 'zeroOrMore',
      grade: 'track',
    },
    mayHave: { push: 'track' },
    groups: { skid },
  },
  hull: {
    nodes: [],
    needs: { mass: 'aboveZero', dragLinear: 'zeroOrMore', dragSquare: 'zeroOrMore' },
    mayHave: { drag: 'curve', push: 'track' },
  },
  ptcFuse: {
    nodes: ['from', 'to'],
    needs: {
      rCold: 'aboveZero',
      ratio: 'aboveZero',
      tripC: 'any',
      widthC: 'aboveZero',
      heatCapacity: 'aboveZero',
      thermalOhms: 'aboveZero',
      ambientC: 'any',
    },
  },
};

/** Kinds that stand in courses through time only. */
export const movingKinds: readonly ElementKind[] = ['vehicle', 'hull', 'ptcFuse'];

/**
 * What is wrong with an element of a known kind: a name or figure that is missing, misspelt or out of bounds.
 * @param kindOf the kind of another element of the network, by its id
 */
export function elementTrouble(
  kind: ElementKind,
  element: Record<string, unknown>,
  kindOf: (id: unknown) => unknown,
): string | undefined {
  const { nodes, nodesIfAny = [], groups = {}, trouble } = figuresOf[kind];
  for (const name of nodes) if (element[name] === undefined) return `a ${kind} needs the node "${name}"`;
  const figures: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(element)) {
    if (name === 'kind' || (kind === 'servo' && name === 'stalled')) continue;
    if (name === 'id' || nodes.includes(name) || nodesIfAny.includes(name)) {
      if (typeof value !== 'string' || value === '') return `"${name}" must be a name`;
    } else if (Object.hasOwn(groups, name)) {
      const why = groupTrouble(name, groups[name]!, value, kindOf);
      if (why !== undefined) return why;
    } else figures[name] = value;
  }
  return figuresTrouble(`a ${kind}`, figuresOf[kind], figures) ?? trouble?.(element);
}

function groupTrouble(
  name: string,
  group: Group,
  value: unknown,
  kindOf: (id: unknown) => unknown,
): string | undefined {
  if (!isObject(value)) return `"${name}" must be an object`;
  const { on, ...figures } = group.on === undefined ? { ...value, on: undefined } : value;
  if (group.on !== undefined && (typeof on !== 'string' || kindOf(on) !== group.on))
    return `"${name}.on" must name a ${group.on} of the network`;
  return figuresTrouble(`"${name}"`, group, figures);
}

function figuresTrouble(
  whose: string,
  { needs, mayHave = {} }: Pick<Figures, 'needs' | 'mayHave'>,
  figures: Record<string, unknown>,
): string | undefined {
  for (const name of Object.keys(needs))
    if (figures[name] === undefined) return `${whose} needs the figure "${name}"`;
  const bounds = { ...needs, ...mayHave };
  for (const [name, value] of Object.entries(figures)) {
    const bound = Object.hasOwn(bounds, name) ? bounds[name] : undefined;
    if (bound === undefined) return `"${name}" is not a figure of ${whose}`;
    const why = figureTrouble(value, bound);
    if (why !== undefined) return `"${name}" ${why}`;
  }
  return undefined;
}

function figureTrouble(value: unknown, bound: Bound): string | undefined {
  if (bound === 'flag') return typeof value === 'boolean' ? undefined : 'must be true or false';
  if (bound === 'side') return value === 1 || value === -1 ? undefined : 'must be 1 or -1';
  if ((bound === 'track' || bound === 'curve') && isTrack(value)) return undefined;
  if (bound === 'curve') return 'must be a list of pairs of numbers whose first rise';
  if (typeof value !== 'number' || !Number.isFinite(value))
    return bound === 'track'
      ? 'must be a number, or a list of pairs of numbers whose first rise'
      : 'must be a number';
  if (bound === 'aboveZero' && !(value > 0)) return `must be above zero, and is ${value}`;
  if (bound === 'zeroOrMore' && value < 0) return `must not be negative, and is ${value}`;
  if (bound === 'share' && !(value >= 0 && value <= 1)) return `must lie between 0 and 1, and is ${value}`;
  return undefined;
}

const isObject = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data);

/** Pairs of a time and a value, the times in order. */
const isTrack = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length > 0 &&
  value.every(
    (point, n) =>
      Array.isArray(point) &&
      point.length === 2 &&
      point.every(Number.isFinite) &&
      (n === 0 || (point[0] as number) >= ((value[n - 1] as number[])[0] ?? 0)),
  );
