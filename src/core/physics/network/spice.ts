import type { Element, ElementOfKind } from './devices';
import { servoConstants } from './devices/servo';
import { trackOf } from './track';

/** The names of nodes as a circuit simulator takes them: letters, digits and underscores, each its own. */
export class SpiceNames {
  private readonly given = new Map<string, string>();
  private readonly taken = new Set(['0']);

  of(name: string): string {
    if (name === 'gnd') return '0';
    const known = this.given.get(name);
    if (known !== undefined) return known;
    const plain = `n_${name.replaceAll('+', 'p').replace(/[^A-Za-z0-9]+/g, '_')}`.toLowerCase();
    let unique = plain;
    for (let n = 2; this.taken.has(unique); n += 1) unique = `${plain}_${n}`;
    this.taken.add(unique);
    this.given.set(name, unique);
    return unique;
  }
}

/**
 * A network's operating point as SPICE text. What is not a resistor or a source becomes a source with an
 * expression that says the same equation; a motor's speed becomes the volts of a node of its own.
 * @param volts our own answer, by node; each stands in a comment line `* expect V(NODE) VOLTS`
 */
export function spiceText(
  title: string,
  elements: readonly Element[],
  volts: ReadonlyMap<string, number>,
): string {
  const names = new SpiceNames();
  const cards = elements.flatMap((element, n) => cardsOf(element, `${n + 1}`, names));
  const nodes = new Set(elements.flatMap(nodesOf).filter((name) => name !== 'gnd'));
  return [
    `* ${onOneLine(title)}`,
    ...cards,
    // The same leak to ground that our own solver has, so that nothing hangs in the air.
    ...[...nodes].map((name) => `rleak_${names.of(name)} ${names.of(name)} 0 1e6`),
    ...[...volts].map(([name, value]) => `* expect V(${names.of(name)}) ${value.toPrecision(9)}`),
    '.options reltol=1e-6 abstol=1e-9 vntol=1e-7 itl1=1000 itl2=1000',
    '.op',
    '.end',
    '',
  ].join('\n');
}

/** A line break would end the comment, and what follows be taken for cards or commands. */
// eslint-disable-next-line no-control-regex -- these very characters are taken out
const onOneLine = (text: string): string => text.replace(/[\u0000-\u001f\u007f-\u009f\u2028\u2029]+/g, ' ');

function nodesOf(element: Element): string[] {
  const { from, to, node, ground } = element as Partial<Record<'from' | 'to' | 'node' | 'ground', string>>;
  return [from, to, node, ground].filter((name) => name !== undefined);
}

const clamp = (value: string, least: string, most: string) => `min(max(${value},${least}),${most})`;

function cardsOf(element: Element, tag: string, names: SpiceNames): string[] {
  const at = (name: string | undefined) => names.of(name ?? 'gnd');
  switch (element.kind) {
    case 'resistor':
      return [`r${tag} ${at(element.from)} ${at(element.to)} ${number(Math.max(element.ohms, 1e-6))}`];
    // What stores, moves or trips has no part in an operating point.
    case 'capacitor':
    case 'vehicle':
    case 'hull':
    case 'ptcFuse':
      return [];
    case 'source': {
      const inner = names.of(`inside ${element.id}`);
      const ohms = Math.max(element.ohms, 1e-5) + (element.r1 ?? 0);
      return [
        `v${tag} ${inner} ${at(element.to)} ${number(element.volts ?? trackOf(element.openVolts).value(element.charge ?? 1))}`,
        `r${tag} ${inner} ${at(element.node)} ${number(ohms)}`,
      ];
    }
    case 'buck':
    case 'linear':
      return regulatorCards(element, tag, at);
    case 'drive':
      return driveCards(element, tag, names);
    case 'controller': {
      const [input, output, ground] = [at(element.from), at(element.to), at(element.ground)];
      const duty = number(typeof element.duty === 'number' ? element.duty : (element.duty[0]?.[1] ?? 0));
      const out = `(${duty}*v(${input},${ground})-v(${output},${ground}))/${number(element.escOhms)}`;
      return [
        `bo${tag} ${ground} ${output} i=${out}`,
        `bi${tag} ${input} ${ground} i=max(0,${duty}*${out})+${number(element.quiescentAmps)}*${clamp(`v(${input},${ground})`, '0', '1')}`,
      ];
    }
    case 'motor': {
      const [plus, minus, speed] = [at(element.from), at(element.to), names.of(`${element.id}_w`)];
      const kt = 60 / (2 * Math.PI * element.kv);
      const amps = `(v(${plus},${minus})-${number(kt)}*v(${speed}))/${number(element.motorOhms)}`;
      return [`bi${tag} ${plus} ${minus} i=${amps}`, ...shaftCards(element, tag, kt, amps, speed)];
    }
    default: {
      const [from, to] = [at(element.from), at(element.to)];
      return [`b${tag} ${from} ${to} i=${twoPoleAmps(element, `v(${from},${to})`)}`];
    }
  }
}

type TwoPole = ElementOfKind<'diode' | 'currentLoad' | 'powerLoad' | 'ledString' | 'servo'>;

function twoPoleAmps(element: TwoPole, v: string): string {
  switch (element.kind) {
    case 'diode':
      return `max(0,(${v}-${number(element.forwardVolts)})/${number(element.ohms)})`;
    case 'currentLoad': {
      const on = typeof element.on === 'number' ? element.on : 1;
      return `${number(element.amps * on)}*${clamp(`${v}/${number(element.kneeVolts)}`, '0', '1')}`;
    }
    case 'powerLoad': {
      const { watts, minVolts } = element;
      return `${v} >= ${number(minVolts)} ? ${number(watts)}/max(${v},1e-3) : ${v}*${number(watts / minVolts ** 2)}`;
    }
    case 'ledString': {
      const drop = number(element.ledsPerString * element.forwardVolts);
      return `${element.strings}*max(0,(${v}-${drop})/${number(element.ohms)})`;
    }
    case 'servo': {
      const { ohms, kt } = servoConstants(element);
      if (element.stalled) return `${v}/${number(ohms)}`;
      return `${number(element.idleAmps + (element.holdTorque ?? 0) / kt)}*${clamp(v, '0', '1')}`;
    }
  }
}

function regulatorCards(
  element: ElementOfKind<'buck' | 'linear'>,
  tag: string,
  at: (name: string | undefined) => string,
): string[] {
  const [input, output, ground] = [at(element.from), at(element.to), at(element.ground)];
  const vin = `v(${input},${ground})`;
  const vout = `v(${output},${ground})`;
  const wanted = `(min(${number(element.setVolts)},${vin}-${number(element.dropoutVolts)})-${vout})/${number(element.outOhms)}`;
  const out = clamp(wanted, '0', number(element.maxAmps));
  const taken =
    element.kind === 'buck' ? `max(${vout},0)*${out}/(${number(element.efficiency)}*max(${vin},0.5))` : out;
  return [
    `bo${tag} ${ground} ${output} i=${out}`,
    `bi${tag} ${input} ${ground} i=${number(element.quiescentAmps)}*${clamp(vin, '0', '1')}+${taken}`,
  ];
}

function driveCards(element: ElementOfKind<'drive'>, tag: string, names: SpiceNames): string[] {
  const [plus, minus, speed] = [
    names.of(element.from),
    names.of(element.to ?? 'gnd'),
    names.of(`${element.id}_w`),
  ];
  const kt = 60 / (2 * Math.PI * element.kv);
  const duty = typeof element.duty === 'number' ? element.duty : (element.duty[0]?.[1] ?? 0);
  const amps = `(${number(duty)}*v(${plus},${minus})-${number(kt)}*v(${speed}))/${number(element.motorOhms + element.escOhms)}`;
  return [
    `bi${tag} ${plus} ${minus} i=max(0,${number(duty)}*${amps})+${number(element.quiescentAmps)}*${clamp(`v(${plus},${minus})`, '0', '1')}`,
    ...shaftCards(element, tag, kt, amps, speed),
  ];
}

/** A motor's speed as the volts of a node of its own, where torque and load balance. */
function shaftCards(
  element: ElementOfKind<'drive' | 'motor'>,
  tag: string,
  kt: number,
  amps: string,
  speed: string,
): string[] {
  const w = `v(${speed})`;
  const friction = number(kt * element.noLoadAmps + element.loadConst);
  const torque = `${number(kt)}*${amps}-${friction}*tanh(${w}/${number(element.omegaEps)})-${number(element.loadLinear)}*${w}-${number(element.loadSquare)}*${w}*abs(${w})`;
  return [`bw${tag} 0 ${speed} i=${torque}`, `rw${tag} ${speed} 0 1e12`];
}

/** A number as both sides read it alike; negative ones in brackets, so that no two signs meet. */
const number = (value: number): string => {
  const text = Number(value.toPrecision(12)).toString();
  return value < 0 ? `(${text})` : text;
};
