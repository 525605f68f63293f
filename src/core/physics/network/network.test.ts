import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Element } from './devices';
import { operatingPoint } from './operating-point';
import { networkOf } from './reference-form';
import { SpiceNames, spiceText } from './spice';

const pack = (over: Partial<Extract<Element, { kind: 'source' }>> = {}): Element => ({
  kind: 'source',
  id: 'pack',
  node: 'p',
  volts: 11.4,
  ohms: 0.02,
  ...over,
});
const bec = (over: Partial<Extract<Element, { kind: 'buck' }>> = {}): Element => ({
  kind: 'buck',
  id: 'bec',
  from: 'p',
  to: 'rail',
  setVolts: 5,
  maxAmps: 3,
  efficiency: 0.88,
  dropoutVolts: 0.8,
  quiescentAmps: 0.01,
  outOhms: 0.02,
  ...over,
});
const wire = (id: string, from: string, to: string, ohms: number): Element => ({
  kind: 'resistor',
  id,
  from,
  to,
  ohms,
});
const draw = (id: string, from: string, amps: number, kneeVolts = 3): Element => ({
  kind: 'currentLoad',
  id,
  from,
  amps,
  kneeVolts,
});

function solved(elements: readonly Element[]) {
  const network = networkOf(elements, true);
  const found = operatingPoint(network);
  if (!found.ok) throw new Error(`does not settle at ${found.problem.at}`);
  const { x } = found.value;
  return {
    volts: (node: string) => x[network.indexOf(node)!]!,
    amps: (id: string) => network.devices.find((device) => device.id === id)!.amps(x, 0),
  };
}

describe('a network at rest', () => {
  it('divides volts by ohms', () => {
    const { volts, amps } = solved([pack({ ohms: 1 }), wire('a', 'p', 'm', 2), wire('b', 'm', 'gnd', 3)]);
    expect(volts('m')).toBeCloseTo((11.4 * 3) / 6, 4);
    expect(amps('pack')).toBeCloseTo(11.4 / 6, 4);
  });

  it('gives two equal BECs equal shares', () => {
    const { amps } = solved([
      pack(),
      bec({ id: 'one', to: 'r1' }),
      bec({ id: 'two', to: 'r2' }),
      wire('w1', 'r1', 'rail', 0.05),
      wire('w2', 'r2', 'rail', 0.05),
      draw('servos', 'rail', 2),
    ]);
    expect(amps('one')).toBeCloseTo(1, 4);
    expect(amps('two')).toBeCloseTo(amps('one'), 8);
  });

  it('lets a higher neighbour shut a regulator off', () => {
    const { amps, volts } = solved([
      pack(),
      bec({ id: 'high', setVolts: 6 }),
      bec({ id: 'low', setVolts: 5 }),
      draw('rx', 'rail', 1),
    ]);
    expect(amps('low')).toBe(0);
    expect(amps('high')).toBeCloseTo(1, 4);
    expect(volts('rail')).toBeCloseTo(5.98, 3);
  });

  it('holds a part that hangs in the air still, and goes on', () => {
    const { volts, amps } = solved([
      pack(),
      bec(),
      draw('rx', 'rail', 0.1),
      { kind: 'currentLoad', id: 'loose', from: 'nowhere', to: 'rail', amps: 1, kneeVolts: 1 },
    ]);
    expect(Math.abs(amps('loose'))).toBeLessThan(1e-5);
    expect(volts('rail')).toBeCloseTo(4.998, 3);
  });

  it('takes the state that power comes up in, where a converter could have two', () => {
    // 8 W behind 2 Ω from 8 V: at 4 V the converter would just be fed, but from below it never gets there.
    const elements = [
      pack({ volts: 8, ohms: 2 }),
      { kind: 'powerLoad', id: 'sender', from: 'p', watts: 7.9, minVolts: 4.5 } as Element,
    ];
    const { volts } = solved(elements);
    expect(volts('p')).toBeCloseTo((8 * (4.5 ** 2 / 7.9)) / (2 + 4.5 ** 2 / 7.9), 3);
  });

  it('spins a drive to where torque and load agree', () => {
    const { volts, amps } = solved([
      pack({ ohms: 0 }),
      {
        kind: 'drive',
        id: 'm',
        from: 'p',
        kv: 620,
        motorOhms: 0.4,
        escOhms: 0,
        noLoadAmps: 0.5,
        duty: 1,
        loadConst: 0,
        loadLinear: 0,
        loadSquare: 2e-7,
        inertia: 1e-5,
        omegaEps: 1,
        quiescentAmps: 0,
      },
    ]);
    const kt = 60 / (2 * Math.PI * 620);
    const speed = volts('m_w');
    expect(kt * (amps('m') - 0.5)).toBeCloseTo(2e-7 * speed ** 2, 6);
    expect(amps('m')).toBeCloseTo((11.4 - kt * speed) / 0.4, 3);
  });

  it('blocks a diode the wrong way round', () => {
    const { amps } = solved([
      pack(),
      { kind: 'diode', id: 'd', from: 'rail', to: 'p', forwardVolts: 0.35, ohms: 0.05 },
      draw('rx', 'rail', 0.1),
    ]);
    expect(amps('d')).toBe(0);
  });
});

/** Networks as they come: a pack, nodes in a tree of wires with extra loops, and any devices hung on them. */
const networks = fc
  .record({
    volts: fc.double({ min: 1, max: 26, noNaN: true }),
    ohms: fc.double({ min: 0.005, max: 0.5, noNaN: true }),
    wires: fc.array(fc.tuple(fc.nat(99), fc.nat(99), fc.double({ min: 0.001, max: 1, noNaN: true })), {
      minLength: 1,
      maxLength: 12,
    }),
    parts: fc.array(
      fc.record({
        kind: fc.constantFrom('load', 'power', 'leds', 'diode', 'buck', 'linear', 'servo'),
        at: fc.nat(99),
        to: fc.nat(99),
        size: fc.double({ min: 0.05, max: 4, noNaN: true }),
      }),
      { minLength: 1, maxLength: 10 },
    ),
  })
  .map(({ volts, ohms, wires, parts }): Element[] => {
    const nodes = ['p', ...wires.map((_, n) => `n${n}`)];
    const at = (n: number) => nodes[n % nodes.length]!;
    return [
      pack({ volts, ohms }),
      ...wires.map(([from, extra, value], n) =>
        wire(`w${n}`, nodes[(from + extra) % (n + 1)]!, `n${n}`, value),
      ),
      ...parts.map(({ kind, at: from, to, size }, n): Element => {
        const id = `part${n}`;
        const regulator = {
          ...bec({ id, from: at(from), to: `out${n}`, setVolts: 3 + size, maxAmps: size }),
        };
        switch (kind) {
          case 'load':
            return draw(id, at(from), size);
          case 'power':
            return { kind: 'powerLoad', id, from: at(from), watts: 3 * size, minVolts: 4 };
          case 'leds':
            return {
              kind: 'ledString',
              id,
              from: at(from),
              ledsPerString: 2,
              strings: 3,
              ohms: 100 * size,
              forwardVolts: 2,
            };
          case 'diode':
            return { kind: 'diode', id, from: at(from), to: at(to), forwardVolts: 0.4, ohms: 0.05 * size };
          case 'buck':
            return regulator;
          case 'linear':
            return { ...regulator, kind: 'linear' } as Element;
          default:
            return {
              kind: 'servo',
              id,
              from: n > 0 && parts[n - 1]!.kind === 'buck' ? `out${n - 1}` : at(from),
              refVolts: 6,
              stallAmps: size,
              stallTorque: size,
              noLoadSpeed: 7,
              noLoadAmps: size / 9,
              timeConstant: 0.03,
              idleAmps: 0.01,
              stalled: true,
            };
        }
      }),
    ];
  });

describe('any network', () => {
  it('settles with currents that add up at every node, or says where it does not', () => {
    fc.assert(
      fc.property(networks, (elements) => {
        const network = networkOf(elements, true);
        const found = operatingPoint(network);
        if (!found.ok) {
          expect(network.names).toContain(found.problem.at);
          return;
        }
        const { x } = found.value;
        expect([...x].every(Number.isFinite)).toBe(true);
        const [f, a] = [new Float64Array(network.size), new Float64Array(network.lu.values.length)];
        network.evaluate({ x, f, a, time: 0 });
        for (const amps of f) expect(Math.abs(amps)).toBeLessThan(1e-3);
      }),
      { numRuns: 300 },
    );
  });

  it('settles nearly always', () => {
    const all = fc.sample(networks, { numRuns: 200, seed: 5 });
    const settled = all.filter((elements) => operatingPoint(networkOf(elements, true)).ok);
    expect(settled.length).toBeGreaterThanOrEqual(198);
  });
});

describe('spiceText', () => {
  it('names every node in letters that no two share', () => {
    const names = new SpiceNames();
    expect(names.of('gnd')).toBe('0');
    expect(names.of('esc.bec+')).toBe('n_esc_becp');
    expect(names.of('esc-bec+')).toBe('n_esc_becp_2');
    expect(names.of('esc.bec+')).toBe('n_esc_becp');
  });

  it('says our own answer in comments', () => {
    const text = spiceText('two parts', [pack(), draw('rx', 'p', 1)], new Map([['p', 11.38]]));
    expect(text).toContain('* expect V(n_p) 11.3800000');
    expect(text).toMatch(/^b2 n_p 0 i=1\*min\(max\(v\(n_p,0\)\/3,0\),1\)$/m);
    expect(text.trimEnd().endsWith('.end')).toBe(true);
  });
});
