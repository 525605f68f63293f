import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs, type Run } from '../../../../tests/kit/any-build';
import { tub } from '../../../../tests/kit/tub';
import { buildProblem } from '../file/build-problem';
import type { Build } from '../plan/build';
import { applyEdits, type Edit } from '../plan/edits';
import { starterPart } from '../starter/starter-locker';
import { clashWords } from './clash';
import { mergeBuilds } from './merge-builds';

const base = tub();
const after = (...edits: Edit[]): Build => applyEdits(base, edits);
const named = (fitting: string, name: string): Edit => ({ type: 'setFitting', fitting, change: { name } });
const add = (id: string, name: string, part = 'servo-micro-60'): Edit => ({
  type: 'addFitting',
  fitting: { id, name, part },
  part: starterPart(part),
});
const merged = (mine: Build, theirs: Build) => mergeBuilds(base, mine, theirs);
const problemOf = (build: Build) => buildProblem({ ...build });

describe('mergeBuilds', () => {
  it('gives back the very value of the side that changed', () => {
    const mine = after(named('rudder', 'fin'));
    expect(merged(mine, base)).toEqual({ build: mine, clashes: [] });
    expect(merged(mine, base).build).toBe(mine);
    expect(merged(base, mine).build).toBe(mine);
  });

  it('puts different fields of one thing, and different things, together', () => {
    const mine = after(named('esc', 'mine'), { type: 'setBrief', change: { exposure: 'wet' } });
    const theirs = after(
      { type: 'setRegulatorVolts', fitting: 'esc', volts: 5 },
      { type: 'setBrief', change: { finesse: true } },
      add('pan', 'pan servo'),
    );
    const { build, clashes } = merged(mine, theirs);
    expect(clashes).toEqual([]);
    expect(build.fittings.find((fitting) => fitting.id === 'esc')).toMatchObject({
      name: 'mine',
      regulatorVolts: 5,
    });
    expect(build.brief).toMatchObject({ exposure: 'wet', finesse: true });
    expect(build.fittings.some((fitting) => fitting.id === 'pan')).toBe(true);
  });

  it('tells of a field that both changed, and keeps mine', () => {
    const { build, clashes } = merged(after(named('rudder', 'fin')), after(named('rudder', 'blade')));
    expect(build.fittings.find((fitting) => fitting.id === 'rudder')?.name).toBe('fin');
    expect(clashWords(clashes)).toBe('the part "fin", name: kept fin; the other had blade');
  });

  it('keeps both boards that two windows called alike, each with what works on it', () => {
    const mine = after(add('board', 'light board', 'board-lights-2'), {
      type: 'setFunction',
      function: 'steer',
      change: { devices: ['rudder', 'board/brake'] },
    });
    const theirs = after(add('board', 'switch board', 'board-switch-2'));
    const { build } = merged(mine, theirs);
    const own = build.fittings.find(({ name }) => name === 'light board')!;
    expect(own.id).not.toBe('board');
    expect(build.functions.find(({ id }) => id === 'steer')?.devices).toEqual(['rudder', `${own.id}/brake`]);
    expect(problemOf(build)).toBeUndefined();
  });

  it('keeps both parts that two windows called alike', () => {
    const mine = after(add('servo-2', 'pan servo'), {
      type: 'setFunction',
      function: 'steer',
      change: { devices: ['rudder', 'servo-2'] },
    });
    const theirs = after(add('servo-2', 'tilt servo'));
    const { build, clashes } = merged(mine, theirs);
    expect(clashes).toEqual([]);
    expect(build.fittings.map((fitting) => fitting.name)).toEqual(
      expect.arrayContaining(['pan servo', 'tilt servo']),
    );
    const pan = build.fittings.find((fitting) => fitting.name === 'pan servo')!;
    expect(build.functions.find((modelFunction) => modelFunction.id === 'steer')?.devices).toEqual([
      'rudder',
      pan.id,
    ]);
    expect(problemOf(build)).toBeUndefined();
  });

  it('keeps what one side changed and the other took out, and tells of it', () => {
    const mine = after({ type: 'removeFitting', fitting: 'rudder' });
    const theirs = after(named('rudder', 'blade'));
    const { build, clashes } = merged(mine, theirs);
    expect(build.fittings.find((fitting) => fitting.id === 'rudder')?.name).toBe('blade');
    expect(build.parts.some((part) => part.id === 'servo-micro-60')).toBe(true);
    expect(clashes).toHaveLength(1);
    expect(problemOf(build)).toBeUndefined();
  });

  it('drops a lead that hangs on nothing any more, and tells of it', () => {
    const mine = after({ type: 'removeFitting', fitting: 'motor' });
    const theirs = after({ type: 'setGauge', lead: 'esc-motor--motor-motor', awg: 12 });
    const { build, clashes } = merged(mine, theirs);
    expect(build.leads.some((lead) => lead.id === 'esc-motor--motor-motor')).toBe(false);
    expect(clashWords(clashes)).toContain('the lead from controller');
  });

  it('keeps the inside of the model that one side told, and days that both wrote down', () => {
    const day = (id: string): Edit => ({
      type: 'keepEntry',
      entry: { id, kind: 'bench', on: '2026-11-27T08:00:00.000Z', readings: [] },
    });
    const inside = { form: 'open hull', length: 0.6 } as const;
    const noted = (step: string): Edit => ({ type: 'noteStep', note: { step, text: 'second hole' } });
    const mine = after({ type: 'setInside', inside }, day('mine'), noted('bind'));
    const theirs = after(named('rudder', 'fin'), day('theirs'), noted('range'));
    for (const { build, clashes } of [merged(mine, theirs), merged(theirs, mine)]) {
      expect(build.inside).toEqual(inside);
      expect(new Set(build.log?.map(({ id }) => id))).toEqual(new Set(['mine', 'theirs']));
      expect(new Set(build.stepNotes?.map(({ step }) => step))).toEqual(new Set(['bind', 'range']));
      expect(clashes).toEqual([]);
    }
    const other = after({ type: 'setInside', inside: { form: 'open hull', length: 0.9 } });
    expect(merged(mine, other).build.inside).toEqual(inside);
    expect(clashWords(merged(mine, other).clashes)).toContain('inside');
  });

  it('keeps the channels of two radios apart, and what hangs on a radio that two windows called alike', () => {
    const radio = (name: string): Edit => add('camera-tx', name, 'transmitter-wheel-7');
    const reversed: Edit = {
      type: 'setChannel',
      channel: 1,
      transmitter: 'camera-tx',
      change: { isReversed: true },
    };
    const mine = after(
      radio('camera radio'),
      reversed,
      { type: 'setFunction', function: 'steer', change: { transmitter: 'camera-tx' } },
      { type: 'setFitting', fitting: 'rx', change: { boundTo: 'camera-tx' } },
      { type: 'setPictureOrder', order: ['camera-tx', 'rx'] },
    );
    const theirs = after(radio('spare radio'), { type: 'setChannel', channel: 1, change: { lowEnd: 60 } });
    const { build, clashes } = merged(mine, theirs);
    const own = build.fittings.find(({ name }) => name === 'camera radio')!.id;
    expect(own).not.toBe('camera-tx');
    expect(clashes).toEqual([]);
    expect(build.channels).toEqual(
      expect.arrayContaining([
        { channel: 1, lowEnd: 60 },
        { channel: 1, isReversed: true, transmitter: own },
      ]),
    );
    expect(build.functions.find(({ id }) => id === 'steer')?.transmitter).toBe(own);
    expect(build.fittings.find(({ id }) => id === 'rx')?.boundTo).toBe(own);
    expect(build.pictureOrder).toEqual([own, 'rx']);
    expect(problemOf(build)).toBeUndefined();
  });

  it('tells of one channel of one radio that both set, and of the picture that both moved', () => {
    const reversed = (isReversed: true | undefined, lowEnd: number): Edit => ({
      type: 'setChannel',
      channel: 2,
      change: { isReversed, lowEnd },
    });
    const mine = after(reversed(true, 80), { type: 'setPictureOrder', order: ['rx', 'esc'] });
    const theirs = after(reversed(undefined, 90), { type: 'setPictureOrder', order: ['esc', 'rx'] });
    const { build, clashes } = merged(mine, theirs);
    expect(build.channels?.filter(({ channel }) => channel === 2)).toEqual([
      { channel: 2, isReversed: true, lowEnd: 80 },
    ]);
    expect(build.pictureOrder).toEqual(['rx', 'esc']);
    expect(clashWords(clashes)).toContain('channel 2 of the radio');
    expect(clashes).toHaveLength(2);
  });

  it('of any two runs of changes makes a build that can be kept, with every change in it or told', () => {
    const runPair = fc.tuple(runs, runs);
    const from = ([start]: Run, [, steps]: Run): Run => [start, steps];
    fc.assert(
      fc.property(runPair, ([own, other]) => {
        const start = changed([own[0], []]);
        const [mine, theirs] = [changed(own), changed(from(own, other))];
        const { build, clashes } = mergeBuilds(start, mine, theirs);
        expect(problemOf(build)).toBeUndefined();
        const told = JSON.stringify(clashes);
        for (const side of [mine, theirs])
          for (const fitting of side.fittings) {
            const before = start.fittings.find((each) => each.id === fitting.id);
            if (before) continue;
            // What either side added is there, under its own name.
            expect(build.fittings.filter((each) => each.name === fitting.name).length).toBeGreaterThan(0);
          }
        for (const [key, value] of Object.entries(theirs.brief))
          if (value !== start.brief[key as 'finesse'])
            expect(build.brief[key as 'finesse'] === value || told.includes(key)).toBe(true);
      }),
      { numRuns: 120 },
    );
  });
});
