import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { planProcedure } from '../procedure/plan-procedure';
import { stepStates } from '../procedure/step-states';
import { tickOf } from '../procedure/tick';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { differences } from './differences';
import { refitParts } from './refit-parts';
import { refitWork } from './refit-work';

const contexts = (from: Build, edits: readonly Edit[]) =>
  [from, applyEdits(from, edits)].map((build) => readingOf(build, [])) as [
    ReturnType<typeof readingOf>,
    ReturnType<typeof readingOf>,
  ];
const said = (from: Build, edits: readonly Edit[]) =>
  differences(...contexts(from, edits)).all.map(({ kind, words }) => `${kind}: ${words}`);
const tractor = demoBuild('field-tractor');

describe('two builds of one model', () => {
  it('that are the same differ in nothing', () => {
    const { all, stays } = differences(...contexts(tractor, []));
    expect(all).toEqual([]);
    expect(stays).toHaveLength(tractor.fittings.length);
  });

  it.each([
    [
      'another part in a place',
      [{ type: 'swapPart', fitting: 'rudder', part: starterPart('servo-standard') }],
      /^swap: The rudder: standard servo.* in the place of /,
    ],
    [
      'a plug in another port',
      [{ type: 'moveLeadEnd', lead: 'rudder-lead--rx-1', end: 'to', port: { fitting: 'rx', port: '2' } }],
      /^move: The plug of the rudder moves from port 1 of the receiver to port 2 of the receiver$/,
    ],
    [
      'a wire that is lifted',
      [
        {
          type: 'setConductors',
          lead: 'esc-lead--rx-3',
          conductors: tub()
            .leads.find(({ id }) => id === 'esc-lead--rx-3')!
            .conductors.map((each) => (each.from === 'plus' ? { ...each, state: 'lifted' } : each)),
        },
      ],
      /^wire: .*red lifted/,
    ],
    [
      'a setting',
      [{ type: 'setFitting', fitting: 'esc', change: { cutoff: 'NiMH' } }],
      /cut-off NiMH, it was LiPo/,
    ],
    [
      'a channel',
      [{ type: 'setChannel', channel: 1, change: { isReversed: true } }],
      /^channel: Channel 1: .*reversed; it was/,
    ],
    [
      'what comes out, with its plug labelled',
      [{ type: 'removeFitting', fitting: 'rudder' }],
      /^out: The rudder/,
    ],
  ] satisfies [string, Edit[], RegExp][])('tell %s', (_, edits, words) => {
    expect(said(tub(), edits)).toEqual(expect.arrayContaining([expect.stringMatching(words)]));
  });

  it('say for a part that comes out how its wires lay', () => {
    expect(said(tub(), [{ type: 'removeFitting', fitting: 'rudder' }])).toEqual(
      expect.arrayContaining([
        expect.stringMatching(
          /^unplug: Unplug the rudder and port 1 of the receiver; label it, wires in this order: \w+, \w+, \w+$/,
        ),
      ]),
    );
  });
});

describe('the work of a refit', () => {
  const steps = (build: Build) => planProcedure(checkBuild(build, starterLocker).context);

  it('takes the pack out first, and puts it in last', () => {
    const bare = applyEdits(
      tractor,
      tractor.leads.map(({ id }) => ({ type: 'removeLead', lead: id })),
    );
    const [from, to] = [tractor, bare].map((build) => readingOf(build, []));
    const out = refitWork(from!, to!, steps(bare)).sections.find(({ id }) => id === 'out')!;
    expect(out.lines[0]!.words).toMatch(/^Unplug the .*pack/);
    const back = refitWork(to!, from!, steps(tractor)).sections.find(({ id }) => id === 'in')!;
    expect(back.lines.at(-1)!.words).toMatch(/pack/);
  });

  it('of one servo calls for the steps of that servo, and no others', () => {
    const swap: Edit = { type: 'swapPart', fitting: 'shift', part: starterPart('servo-standard') };
    const after = applyEdits(tractor, [swap]);
    const work = refitWork(readingOf(tractor, []), readingOf(after, []), steps(after));
    const ids = work.needed.map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining(['centre:shift', 'function:shift', 'end-points:shift', 'range']),
    );
    // The rail is asked for more than before.
    expect(ids.some((id) => id.startsWith('measure-loaded:'))).toBe(true);
    for (const id of ['centre:steering', 'function:steering', 'bind', 'arm:board/controller'])
      expect(ids).not.toContain(id);
    expect(ids.length).toBeLessThan(0.5 * steps(after).length);
  });

  it('as found, planned, done: what stays is taken as found, and one servo later only its steps are open again', () => {
    const on = '2026-11-27T08:00:00.000Z';
    const open = (build: Build) => {
      const { context, findings } = checkBuild(build, starterLocker);
      return stepStates(build, planProcedure(context), findings).filter(({ state }) => state !== 'done');
    };
    const tickAll = (build: Build, ids?: ReadonlySet<string>): Build =>
      applyEdits(
        build,
        open(build).flatMap((state) => {
          if (ids && !ids.has(state.step.id)) return [];
          const reading =
            state.step.measurement && (state.step.measurement.least + state.step.measurement.most) / 2;
          const tick = tickOf(build, state, { on, reading, reason: 'as found' });
          return tick.ok ? [{ type: 'tick', tick: tick.value }] : [];
        }),
      );
    const planned = applyEdits(tractor, [
      { type: 'swapPart', fitting: 'shift', part: starterPart('servo-standard') },
    ]);
    const work = refitWork(readingOf(tractor, []), readingOf(planned, []), steps(planned));
    const found = tickAll(planned, new Set(work.untouched.map(({ id }) => id)));
    expect(new Set(open(found).map(({ step }) => step.id))).toEqual(new Set(work.needed.map(({ id }) => id)));
    const done = tickAll(found);
    expect(open(done)).toEqual([]);
    const later = applyEdits(done, [
      { type: 'swapPart', fitting: 'lock', part: starterPart('servo-strong') },
    ]);
    const again = open(later).map(({ step }) => step.id);
    expect(again).toEqual(expect.arrayContaining(['centre:lock', 'function:lock']));
    expect(again).not.toContain('centre:steering');
    expect(again).not.toContain('bind');
  });
});

describe('the parts of a refit', () => {
  const [rudder, second] = ['servo-micro-60', 'servo-standard'] as const;
  const partsOf = (edits: readonly Edit[]) => {
    const { stays, changed, reused, spare } = refitParts(...contexts(tub(), edits));
    return {
      stays: stays.map(({ id }) => id),
      changed: changed.map(({ id }) => id),
      reused: reused.map(({ was, becomes }) => `${was.id} > ${becomes.id}`),
      spare: spare.map(({ fitting, part }) => `${fitting.id}: ${part.id}`),
    };
  };

  it('all stay where nothing changes', () => {
    const { stays, ...rest } = partsOf([]);
    expect(stays).toEqual(expect.arrayContaining(['pack', 'esc', 'motor', 'rx', 'rudder']));
    expect(rest).toEqual({ changed: [], reused: [], spare: [] });
  });

  it('one that is swapped is over, unless the plan wants one like it elsewhere', () => {
    const swap: Edit = { type: 'swapPart', fitting: 'rudder', part: starterPart(second) };
    expect(partsOf([swap])).toMatchObject({ reused: [], spare: [`rudder: ${rudder}`] });
    const flag: Edit = {
      type: 'addFitting',
      fitting: { id: 'flag', name: 'flag', part: rudder },
      part: starterPart(rudder),
    };
    expect(partsOf([swap, flag])).toMatchObject({ reused: ['rudder > flag'], spare: [] });
  });

  it('one that is plugged or set otherwise is still in its place', () => {
    const { changed, spare, stays } = partsOf([
      { type: 'setFitting', fitting: 'esc', change: { cutoff: 'NiMH' } },
    ]);
    expect(changed).toEqual(['esc']);
    expect(spare).toEqual([]);
    expect(stays).not.toContain('esc');
  });
});
