import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { lifted, reversed, sketchBuild, turned } from '../../model/plan/sketch-build';
import type { Build } from '../../model/plan/build';
import { starterPart } from '../../model/starter/starter-locker';
import { Survey } from './survey';

function supplies(build: Build) {
  const picture = new Survey(build);
  return Object.fromEntries(
    picture.supplies.map((supply) => [`${supply.fitted.fitting.id}.${supply.terminal.id}`, supply]),
  );
}

describe('the survey of power', () => {
  it('feeds the controller from the pack and the rail from its regulator', () => {
    const all = supplies(tub());
    expect(all['esc.supply']).toMatchObject({
      status: 'fed',
      volts: { full: 12.6, nominal: 11.1, cutoff: 9.9 },
    });
    expect(all['rx.supply']?.volts?.full).toBe(6);
    expect(all['rudder.supply']?.sources.map((source) => source.fitted.fitting.id)).toEqual(['esc']);
  });

  it('loses the source when the red wire is lifted', () => {
    const all = supplies(tub({ wires: { 'esc-lead': lifted('plus') } }));
    expect(all['rx.supply']).toMatchObject({ status: 'noSource', sources: [] });
    expect(all['rudder.supply']?.status).toBe('noSource');
  });

  it('reverses what a reversed plug reverses, and leaves the regulator behind it asleep', () => {
    const all = supplies(tub({ wires: { 'adapter-out': reversed } }));
    expect(all['esc.supply']).toMatchObject({ status: 'reversed', volts: { full: -12.6 } });
    expect(all['rx.supply']?.status).toBe('noSource');
  });

  it('leaves a servo dead when its ground is missing or its plug is turned', () => {
    expect(supplies(tub({ wires: { 'rudder-lead': lifted('minus') } }))['rudder.supply']?.status).toBe(
      'noGround',
    );
    expect(supplies(tub({ wires: { 'rudder-lead': turned } }))['rudder.supply']?.status).toBe('plugTurned');
  });

  it('adds packs in series', () => {
    const build = sketchBuild(
      {
        fittings: [
          { id: 'p1', name: 'first', part: 'pack-lipo-2s-5000-20c' },
          { id: 'p2', name: 'second', part: 'pack-lipo-2s-5000-20c' },
          { id: 'esc', name: 'controller', part: 'controller-brushless-40' },
          { id: 'series', name: 'series harness', part: 'series-harness' },
        ],
        leads: [
          ['p1.out', 'series.one'],
          ['p2.out', 'series.two'],
          ['series.out', 'esc.power'],
        ],
      },
      (id) => (id === 'series-harness' ? seriesHarness : starterPart(id)),
    );
    expect(supplies(build)['esc.supply']?.volts?.full).toBeCloseTo(16.8, 6);
  });

  it('wakes a regulator behind a regulator', () => {
    const all = supplies(
      tub({
        extra: [{ id: 'bec', name: 'second regulator', part: 'bec-3a', regulatorVolts: 5 }],
        leads: [['rx.5', 'bec.in']],
        sheets: {
          'bec-3a': (part) => ({
            ...part,
            ports: [{ ...part.ports[0]!, use: 'servo' as const }, part.ports[1]!],
          }),
        },
      }),
    );
    expect(all['bec.supply']?.volts?.nominal).toBe(6);
  });
});

const seriesHarness = {
  id: 'series-harness',
  kind: 'cable' as const,
  form: 'harness' as const,
  name: 'series harness',
  ports: [
    port('one', 'in', 'top', 'middle'),
    port('two', 'in', 'middle', 'bottom'),
    port('out', 'out', 'top', 'bottom'),
  ],
};

function port(id: string, flow: 'in' | 'out', plus: string, minus: string) {
  return {
    id,
    name: id,
    use: 'power' as const,
    flow,
    connector: { family: 'sleeve-35' as const, gender: 'plug' as const },
    pins: [
      { name: 'plus' as const, net: plus },
      { name: 'minus' as const, net: minus },
    ],
  };
}
