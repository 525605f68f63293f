import type { ElementKind } from './devices';

/** What a figure must be: above zero, zero or more, or any number. */
type Bound = 'aboveZero' | 'zeroOrMore' | 'any';

interface Figures {
  /** Names of nodes. */
  nodes: readonly string[];
  nodesIfAny?: readonly string[];
  needs: Readonly<Record<string, Bound>>;
  mayHave?: Readonly<Record<string, Bound>>;
}

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
    needs: { volts: 'any', ohms: 'aboveZero' },
    mayHave: { r1: 'zeroOrMore', c1: 'aboveZero' },
  },
  resistor: { nodes: ['from', 'to'], needs: { ohms: 'aboveZero' } },
  capacitor: { nodes: ['from', 'to'], needs: { farads: 'aboveZero' } },
  diode: { nodes: ['from', 'to'], needs: { forwardVolts: 'zeroOrMore', ohms: 'aboveZero' } },
  buck: { ...regulator, needs: { ...regulator.needs, efficiency: 'aboveZero' } },
  linear: regulator,
  currentLoad: { ...load, needs: { amps: 'zeroOrMore', kneeVolts: 'aboveZero' }, mayHave: { on: 'any' } },
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
    needs: { ...motor, escOhms: 'zeroOrMore', duty: 'any', quiescentAmps: 'zeroOrMore' },
    mayHave: { slipShare: 'zeroOrMore' },
  },
  controller: {
    nodes: ['from', 'to'],
    nodesIfAny: ['ground'],
    needs: { escOhms: 'aboveZero', duty: 'any', quiescentAmps: 'zeroOrMore' },
  },
  motor: { ...load, needs: motor, mayHave: { slipShare: 'zeroOrMore' } },
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
      command: 'any',
      band: 'aboveZero',
      loadSpring: 'any',
      loadConst: 'any',
      omegaEps: 'aboveZero',
    },
  },
};

/** What is wrong with an element of a known kind: a name or figure that is missing, misspelt or out of bounds. */
export function elementTrouble(kind: ElementKind, element: Record<string, unknown>): string | undefined {
  const { nodes, nodesIfAny = [], needs, mayHave = {} } = figuresOf[kind];
  for (const name of nodes) if (element[name] === undefined) return `a ${kind} needs the node "${name}"`;
  for (const name of Object.keys(needs))
    if (element[name] === undefined) return `a ${kind} needs the figure "${name}"`;
  const bounds = { ...needs, ...mayHave };
  for (const [name, value] of Object.entries(element)) {
    if (name === 'kind' || (kind === 'servo' && name === 'stalled')) continue;
    if (name === 'id' || nodes.includes(name) || nodesIfAny.includes(name)) {
      if (typeof value !== 'string' || value === '') return `"${name}" must be a name`;
      continue;
    }
    const bound = Object.hasOwn(bounds, name) ? bounds[name] : undefined;
    if (bound === undefined) return `"${name}" is not a figure of a ${kind}`;
    const why = figureTrouble(value, bound);
    if (why !== undefined) return `"${name}" ${why}`;
  }
  return undefined;
}

function figureTrouble(value: unknown, bound: Bound): string | undefined {
  if (bound === 'any' && isTrack(value)) return undefined;
  if (typeof value !== 'number' || !Number.isFinite(value))
    return bound === 'any'
      ? 'must be a number, or a list of pairs of numbers whose first rise'
      : 'must be a number';
  if (bound === 'aboveZero' && !(value > 0)) return `must be above zero, and is ${value}`;
  if (bound === 'zeroOrMore' && value < 0) return `must not be negative, and is ${value}`;
  return undefined;
}

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
