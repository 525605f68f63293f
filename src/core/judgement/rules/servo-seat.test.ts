import { describe, expect, it } from 'vitest';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { checkBuild } from '../check/check-build';
import { shoppingList } from '../../desk/lists/shopping-list';
import { applyEdits } from '../../model/plan/edits';
import type { ServoSeat } from '../../model/fitting/servo-seat';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { servoSeat } from './servo-seat';

/** A standard servo: ears 49.5 mm apart, shaft at 14, 28 under its ears, 25 teeth. */
const seated = (seat: ServoSeat, part = 'servo-standard-metal') =>
  tub({ parts: { rudder: part }, settings: { rudder: { seat } } });

testRule(servoSeat, {
  valid: [
    { name: 'a seat that nobody measured', build: tub() },
    {
      name: 'a seat that is made for it',
      build: seated({ holeSpan: 0.0495, shaftAt: 0.014, depth: 0.029, hornTeeth: 25 }),
    },
    { name: 'holes that give way by themselves', build: seated({ holeSpan: 0.0485, shaftAt: 0.0136 }) },
    { name: 'on a plate of its own', build: seated({ holeSpan: 0.04, shaftAt: 0.01, hasPlate: true }) },
    {
      name: 'a sheet that says nothing of ears',
      build: tub({
        settings: { rudder: { seat: { holeSpan: 0.0495 } } },
        sheets: {
          'servo-micro-60': (part) => {
            const { earSpan: _, ...rest } = part as typeof part & { earSpan?: unknown };
            return rest;
          },
        },
      }),
      missing: ['the distance from ear to ear of the rudder'],
    },
  ],
  invalid: [
    {
      name: 'ears 2.5 mm further apart than the holes',
      build: seated({ holeSpan: 0.047 }),
      findings: [
        {
          messageId: 'holesApart',
          actual: 49.5,
          limit: 47,
          says: 'by 2.5 mm',
          putRight: ['open-holes:rudder', 'plate:rudder'],
        },
      ],
    },
    {
      name: 'ears so far apart that filing breaks the holes out',
      build: seated({ holeSpan: 0.04 }),
      findings: [{ messageId: 'holesApart', actual: 49.5, limit: 40, putRight: ['plate:rudder'] }],
    },
    {
      name: 'a shaft two millimetres too far on',
      build: seated({ shaftAt: 0.012 }),
      findings: [
        {
          messageId: 'shaftAside',
          actual: 14,
          limit: 12,
          says: '2 mm too far from its screw holes',
          putRight: ['plate:rudder'],
        },
      ],
    },
    {
      name: 'a servo that stands on the floor',
      build: seated({ depth: 0.027 }),
      findings: [
        { messageId: 'tooDeep', actual: 29, limit: 27, says: 'by 2 mm', putRight: ['standoff:rudder'] },
      ],
    },
    {
      name: 'a horn with other teeth',
      build: seated({ hornTeeth: 24 }),
      findings: [
        { messageId: 'otherSpline', actual: 25, limit: 24, subjects: ['rudder'], putRight: ['horn:rudder'] },
      ],
    },
  ],
});

describe('a seat that was put right', () => {
  const odd = seated({ holeSpan: 0.04, shaftAt: 0.01, depth: 0.02, hornTeeth: 24 });
  const right = [1, 2, 3, 4].reduce((build) => {
    const { findings } = checkBuild(build, starterLocker);
    const finding = findings.find(({ rule }) => rule === 'servo-seat');
    return finding ? applyEdits(build, finding.patches[0]!.edits) : build;
  }, odd);
  const { findings, context } = checkBuild(right, starterLocker);

  it('is silent, has a step with every size, and what it takes on the list', () => {
    expect(findings.filter(({ rule }) => rule === 'servo-seat')).toEqual([]);
    const step = planProcedure(context).find(({ id }) => id === 'seat:rudder');
    expect(step?.lines.join(' ')).toMatch(/holes 40 mm apart; for the servo holes 49.5 mm apart/);
    expect(step?.lines.join(' ')).toMatch(/distance pieces of 9 mm/);
    expect(shoppingList(context, []).lines.map(({ key }) => key)).toEqual(
      expect.arrayContaining([
        'list:seat:horn:rudder',
        'list:seat:plate:rudder',
        'list:seat:standoff:rudder',
      ]),
    );
  });

  it('keeps the longer of two filings, for the holes and for the shaft', () => {
    const both = seated({ holeSpan: 0.047, shaftAt: 0.0133 });
    const filed = [1, 2].reduce((build) => {
      const found = checkBuild(build, starterLocker).findings.find(({ rule }) => rule === 'servo-seat');
      return found ? applyEdits(build, found.patches[0]!.edits) : build;
    }, both);
    expect(checkBuild(filed, starterLocker).findings.filter(({ rule }) => rule === 'servo-seat')).toEqual([]);
    expect(filed.fittings.find(({ id }) => id === 'rudder')?.seat?.openedBy).toBe(0.0015);
  });

  it('loses what was made for a servo when another takes its place', () => {
    const swapped = applyEdits(right, [
      { type: 'swapPart', fitting: 'rudder', part: starterPart('servo-mini-metal') },
    ]);
    const { seat } = swapped.fittings.find(({ id }) => id === 'rudder')!;
    expect(seat).toEqual({ holeSpan: 0.04, shaftAt: 0.01, depth: 0.02, hornTeeth: 24 });
  });
});
