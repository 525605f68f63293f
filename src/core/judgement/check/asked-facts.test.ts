import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { checkBuild } from './check-build';
import { starterLocker } from '../../model/starter/starter-locker';
import { askedFacts, mostEstimated } from './asked-facts';

/** A servo whose plug nobody has looked at. */
const ofUnknownPlug = (part: PartSpec): PartSpec => ({
  ...part,
  ports: part.ports.map((port) => ({ ...port, connector: { ...port.connector, isAssumed: true } })),
});

describe('askedFacts', () => {
  const { unknowns, context } = checkBuild(
    tub({ sheets: { 'servo-micro-60': ofUnknownPlug } }),
    starterLocker,
  );

  it('asks once for what several verdicts wait for, and for that first', () => {
    const [gap] = unknowns;
    const twice = [{ ...gap!, missing: 'another fact' }, ...unknowns, { ...gap!, rule: 'another' }];
    expect(askedFacts(context.index, twice).map((fact) => [fact.gap.missing, fact.verdicts])).toEqual([
      ['which plug the servo lead of the rudder has', 2],
      ['another fact', 1],
    ]);
  });
});

describe('facts of one sheet', () => {
  it('are asked once for all parts that have it', () => {
    const twin = tub({
      extra: [{ id: 'second', name: 'second rudder', part: 'servo-micro-60' }],
      leads: [['second.lead', 'rx.2']],
      sheets: { 'servo-micro-60': ofUnknownPlug },
    });
    const { context, unknowns } = checkBuild(twin, starterLocker);
    const asked = askedFacts(context.index, unknowns).filter(({ gap }) =>
      gap.missing.startsWith('which plug'),
    );
    expect(asked).toMatchObject([{ more: 1 }]);
  });
});

describe('mostEstimated', () => {
  it('names the part whose estimates most open verdicts rest on', () => {
    const { context, findings } = checkBuild(demoBuild('harbour-tug-as-planned'), starterLocker);
    const found = mostEstimated(context.index, findings)!;
    expect(found.gap.missing).toBe('what is estimated of the monitor pan servo');
    expect(found.verdicts).toBe(2);
    expect(mostEstimated(context.index, [])).toBeUndefined();
  });
});
