import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, it } from 'vitest';
import { layOut, segments } from '../../../../tests/kit/lay-out';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { lifted, turned } from '../../model/plan/sketch-build';
import { readingOf } from '../../reading/build-reading/reading';
import { checkBuild } from '../../judgement/check/check-build';
import { readBuildFile } from '../../model/file/read-file';
import { columnHeads } from './column-heads';
import type { Point } from './elk-graph';
import { focusOf } from './focus';
import { leadRows } from './lead-rows';
import type { LoomLayout } from './loom-layout';
import { loomModel } from './loom-model';

function demo(name: string): Build {
  const read = readBuildFile(readFileSync(`demo/${name}.dryhull.json`, 'utf8'));
  if (!read.ok) throw new Error(read.problem.why);
  return read.value;
}

describe.each(['harbour-tug-as-planned', 'harbour-tug'])('the picture of %s', (name) => {
  let picture: LoomLayout;
  beforeAll(async () => {
    picture = await layOut(demo(name));
  });

  it('draws every lead, and every part with ports', () => {
    const build = demo(name);
    expect(picture.leads.map((lead) => lead.id).sort()).toEqual(build.leads.map((lead) => lead.id).sort());
    expect(picture.nodes).toHaveLength(build.fittings.length - 1);
  });

  it('lets few leads cross each other', () => {
    const runs = picture.leads.flatMap((lead) =>
      segments(lead.route).map((segment) => ({ id: lead.id, segment })),
    );
    const crossings = runs.flatMap((run, n) =>
      runs.slice(n + 1).filter((other) => other.id !== run.id && cross(run.segment, other.segment)),
    );
    expect(crossings.length).toBeLessThanOrEqual(4);
  });

  it('brings each wire to its own contacts', () => {
    const contacts = new Map(
      picture.nodes.flatMap((node) => node.ports.map((port) => [`${node.id}.${port.id}`, port.contacts])),
    );
    for (const lead of picture.leads) {
      for (const wire of lead.wires) {
        const start = contacts.get(`${lead.source.node}.${lead.source.port}`)?.[wire.sourcePin];
        const end = contacts.get(`${lead.target.node}.${lead.target.port}`)?.[wire.targetPin];
        const [first, last] = ends(wire.path);
        expect(distance(first, start!)).toBeLessThan(0.2);
        expect(distance(last, end!)).toBeLessThan(0.2);
      }
    }
  });

  it('sets feeders left of what they feed', () => {
    const x = new Map(picture.nodes.map((node) => [node.id, node.x]));
    for (const lead of picture.leads) expect(x.get(lead.source.node)!).toBeLessThan(x.get(lead.target.node)!);
  });
});

describe('the loom model', () => {
  it('keeps true colours, lifted wires and turned plugs', () => {
    const model = loomModel(
      readingOf(tub({ wires: { 'esc-lead': lifted('plus'), 'rudder-lead': turned } }), []),
    );
    const controller = model.leads.find((lead) => lead.id === 'esc-lead--rx-3');
    expect(controller?.conductors.map((conductor) => [conductor.colour, conductor.state])).toEqual([
      ['white', 'whole'],
      ['red', 'lifted'],
      ['black', 'whole'],
    ]);
    const rudder = model.leads.find((lead) => lead.id === 'rudder-lead--rx-1');
    expect(rudder?.conductors.map((conductor) => [conductor.sourcePin, conductor.targetPin])).toEqual([
      [2, 0],
      [1, 1],
      [0, 2],
    ]);
  });

  it('says the same in the table', () => {
    const rows = leadRows(
      readingOf(tub({ wires: { 'esc-lead': lifted('plus') }, parts: { rudder: 'servo-winch' } }), []),
    );
    expect(rows.find((row) => row.id === 'esc-lead--rx-3')).toMatchObject({
      from: 'Controller, receiver lead',
      to: 'Receiver, port 3',
      conductors: ['white: signal', 'red: plus, lifted', 'black: minus'],
      fits: true,
      carries: 'channel 3, drive',
    });
    expect(rows.find((row) => row.id === 'rudder-lead--rx-1')?.fits).toBe(false);
  });

  it('heads the columns with volts and amps', () => {
    const heads = columnHeads(checkBuild(demo('harbour-tug-as-planned'), []));
    expect(heads.map((columnHead) => [columnHead.name, columnHead.figure, columnHead.isBad])).toEqual([
      ['Pack', '12.6 V full', false],
      ['Drive', '22.6 A', true],
      ['Rail', '6.0 and 5.0 V', true],
      ['Motors', '18.1 A', false],
      ['Servos, lamps', '5.8 A', false],
    ]);
  });

  it('finds the leads between the parts of a finding', () => {
    const { index } = readingOf(tub(), []);
    const focus = focusOf(index, [
      { kind: 'fitting', id: 'rudder' },
      { kind: 'fitting', id: 'esc' },
    ]);
    expect([...focus.leads].sort()).toEqual(['esc-lead--rx-3', 'rudder-lead--rx-1']);
  });
});

function cross([a, b]: [Point, Point], [c, d]: [Point, Point]): boolean {
  const isLevel = a.y === b.y;
  if (isLevel === (c.y === d.y)) return false;
  const [level, plumb] = isLevel
    ? [
        [a, b],
        [c, d],
      ]
    : [
        [c, d],
        [a, b],
      ];
  const between = (value: number, edge: number, other: number) =>
    value > Math.min(edge, other) && value < Math.max(edge, other);
  return between(plumb[0]!.x, level[0]!.x, level[1]!.x) && between(level[0]!.y, plumb[0]!.y, plumb[1]!.y);
}

function ends(path: string): [Point, Point] {
  const numbers = [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => ({
    x: Number(x),
    y: Number(y),
  }));
  return [numbers[0]!, numbers.at(-1)!];
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);
