import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { stated } from '../../base/validation/figure';
import { leadLabels } from './lead-labels';
import { benchLists, scheduleTable } from './schedule';

const itemsOf = (build: Build, change: (id: string) => Partial<LockerItem> = () => ({})): LockerItem[] =>
  build.parts.map((part) => ({ part, state: 'catalogue', isStarter: true, ...change(part.id) }));
const lists = (build: Build, items = itemsOf(build)) => {
  const [shopping, solder, leads] = benchLists(readingOf(build, []), items);
  return { leads: leads!, solder: solder!, shopping: shopping! };
};

describe('the lists of a build', () => {
  it('number every lead, and label both of its ends', () => {
    const build = tub();
    const { leads } = lists(build);
    expect(leads.lines.map(({ cells }) => cells[0])).toEqual(['L1', 'L2', 'L3', 'L4', 'L5']);
    const labels = leadLabels(readingOf(build, []));
    expect(labels).toHaveLength(10);
    expect(labels[0]).toMatchObject({ number: 'L1', there: labels[1]!.here });
  });

  it('say what is soldered wire to wire, with heat shrink for its gauge', () => {
    const gauged = applyEdits(tub(), [{ type: 'setGauge', lead: 'esc-motor--motor-motor', awg: 14 }]);
    // 3.5 mm over the insulation, and a third more for the joint.
    expect(lists(gauged).solder.lines.map(({ cells }) => cells)).toEqual([
      ['L3', 'Controller to the motor, wire to wire', 'blue, yellow', '2', '2 pieces, 5 mm'],
    ]);
  });

  it('ask for the plug that a bare end needs, on the side that goes into the other, with spares', () => {
    const bare = tub({
      sheets: {
        'controller-brushed-30-switching': (part) => ({
          ...part,
          ports: part.ports.map((port) =>
            port.id === 'power' ? { ...port, connector: { family: 'open', gender: 'none' } } : port,
          ),
        }),
      },
    });
    const { solder, shopping } = lists(bare);
    expect(solder.lines[0]!.cells[1]).toBe('1 × flat-blade T plug, plug, onto the wires of the controller');
    expect(shopping.lines.find(({ key }) => key.startsWith('list:plug'))!.cells).toEqual([
      'Flat-blade T plug, plug',
      '1 and 1 spare',
      'controller',
      '',
    ]);
  });

  it('leave out what lies on the shelf, and count the rest with its price', () => {
    const build = tub();
    const owned = itemsOf(build, (id) => ({
      state: id.startsWith('servo') ? 'own' : 'catalogue',
      ...(id.startsWith('motor') && { price: 12.5 }),
    }));
    const names = lists(build, owned).shopping.lines.map(({ cells }) => cells);
    expect(names.some(([name]) => name === 'Micro servo')).toBe(false);
    expect(names.find(([, , use]) => use === 'motor')).toEqual([expect.any(String), '1', 'motor', '12.50']);
  });

  it('buy lead by the metre only where somebody measured it', () => {
    const measured = applyEdits(tub(), [
      { type: 'setGauge', lead: 'esc-motor--motor-motor', awg: 14 },
      {
        type: 'setLength',
        lead: 'esc-motor--motor-motor',
        metres: { ...stated(0.7), provenance: 'measured' },
      },
    ]);
    const wires = lists(measured).shopping.lines.filter(({ key }) => key.startsWith('list:wire'));
    expect(wires.map(({ cells }) => cells.slice(0, 2))).toEqual([
      ['Lead, AWG 14, blue', '1.0 m'],
      ['Lead, AWG 14, yellow', '1.0 m'],
    ]);
    expect(lists(tub()).shopping.lines.some(({ key }) => key.startsWith('list:wire'))).toBe(false);
  });

  it('have no line twice and no hole, in any demo or sound build', () => {
    for (const build of [demoBuild('harbour-tug'), ...Object.values(soundBuilds)]) {
      const { leads, solder, shopping } = lists(build);
      for (const { heads, lines } of [leads, solder, shopping])
        for (const { cells } of lines) {
          expect(cells).toHaveLength(heads.length);
          expect(cells.join()).not.toMatch(/undefined|NaN/);
        }
      const keys = [leads, solder, shopping].flatMap(({ lines }) => lines.map(({ key }) => key));
      expect(new Set(keys).size).toBe(keys.length);
      const { fields, data } = scheduleTable([leads, solder, shopping]);
      expect(data).toHaveLength(keys.length);
      expect(data.every((row) => row.length === fields.length)).toBe(true);
    }
  });
});
