import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Element } from './devices';
import { foldWires } from './fold-wires';
import { operatingPoint } from './operating-point';
import { networkOf } from './reference-form';

const wire = (from: number, to: number, siemens: number) => ({ from, to, siemens });
const onlyEnds = (node: number) => node < 2;

describe('foldWires', () => {
  it('makes one wire of three in a row, and says what lies between', () => {
    const { conductances, inner } = foldWires([wire(0, 2, 3), wire(2, 3, 3), wire(3, 1, 3)], onlyEnds);
    expect(conductances).toHaveLength(1);
    expect(conductances[0]!.siemens).toBeCloseTo(1, 12);
    expect(inner.map((innerNode) => innerNode.node).sort()).toEqual([2, 3]);
  });

  it('adds wires side by side', () => {
    const { conductances } = foldWires([wire(0, 1, 2), wire(1, 0, 5)], onlyEnds);
    expect(conductances).toEqual([{ from: 0, to: 1, siemens: 7 }]);
  });

  it('takes off an end that leads nowhere, at the volts of where it hangs', () => {
    const { conductances, inner } = foldWires([wire(0, 1, 2), wire(1, 2, 5), wire(2, 3, 1)], onlyEnds);
    expect(conductances).toEqual([{ from: 0, to: 1, siemens: 2 }]);
    expect(inner.every((innerNode) => innerNode.shareOfA === 1)).toBe(true);
  });

  it('keeps a joint of three', () => {
    const { inner } = foldWires(
      [wire(0, 2, 1), wire(2, 1, 1), wire(2, 3, 1), wire(3, 4, 1)],
      (node) => node < 2 || node === 4,
    );
    expect(inner.map((innerNode) => innerNode.node)).toEqual([3]);
  });
});

describe('a network with folded wires', () => {
  // Up to an ohm each, so that what the megohms at nine joints draw stays under a millivolt in any row of wires.
  const wires = fc.array(
    fc.tuple(
      fc.integer({ min: 0, max: 9 }),
      fc.integer({ min: 0, max: 9 }),
      fc.double({ min: 1e-3, max: 1, noNaN: true }),
    ),
    { minLength: 4, maxLength: 24 },
  );

  it('has the volts that it has when every joint is solved for', () => {
    fc.assert(
      fc.property(wires, (all) => {
        const node = (n: number) => (n === 9 ? 'gnd' : `n${n}`);
        const elements: Element[] = [
          { kind: 'source', id: 'pack', node: 'n0', volts: 11, ohms: 0.05 },
          ...all.map(([from, to, ohms], n): Element => ({
            kind: 'resistor',
            id: `w${n}`,
            from: node(from),
            to: node(to),
            ohms,
          })),
        ];
        // A load of nothing is not a wire, so that its node is solved for.
        const nothing = Array.from({ length: 9 }, (_, n): Element => ({
          kind: 'currentLoad',
          id: `load${n}`,
          from: node(n),
          amps: 0,
          kneeVolts: 1,
        }));
        const [folded, whole] = [elements, [...elements, ...nothing]].map((each) => {
          const network = networkOf(each, true);
          const found = operatingPoint(network);
          if (!found.ok) throw new Error(found.problem.at);
          return { network, x: found.value.x };
        }) as [Solved, Solved];
        expect(folded.network.size).toBeLessThanOrEqual(whole.network.size);
        for (const name of folded.network.nodeNames()) {
          const [a, b] = [folded, whole].map(({ network, x }) => x[network.indexOf(name)!]!);
          // A megohm to ground at every joint that is solved for makes the difference.
          expect(Math.abs(a! - b!), name).toBeLessThan(1e-3);
        }
      }),
      { numRuns: 200 },
    );
  });
});

type Solved = { network: ReturnType<typeof networkOf>; x: Float64Array };
