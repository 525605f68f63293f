import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { joints } from '../lists/joints';
import { portJoins } from './port-joins';

const at = (text: string) => {
  const [fitting, port] = text.split('.');
  return { fitting: fitting!, port: port! };
};
const join = (build: Build, from: string, to: string) =>
  portJoins(readingOf(build, starterLocker), at(from), at(to), starterLocker);
const heard = (build: Build, id: string) => readingOf(build, starterLocker).survey.signalOf(id)?.port.channel;
const small = tub({ parts: { rudder: 'servo-winch' }, without: ['rudder'] });

describe('joining port to port', () => {
  it('plugs in what goes together, and says nothing more', () => {
    const build = tub({ without: ['rudder'] });
    const { ways, why } = join(build, 'rudder.lead', 'rx.1');
    expect(why).toBeUndefined();
    expect(ways.map(({ label }) => label)).toEqual(['Plug the rudder into receiver, port 1']);
    expect(heard(applyEdits(build, ways[0]!.edits), 'rudder')).toBe(1);
  });

  it('moves the end of a lead, and keeps what is known of it', () => {
    const before = applyEdits(tub(), [{ type: 'setGauge', lead: 'rudder-lead--rx-1', awg: 22 }]);
    const { ways } = join(before, 'rx.1', 'rx.6');
    const after = applyEdits(before, ways[0]!.edits);
    expect(heard(after, 'rudder')).toBe(6);
    expect(after.leads.find(({ from }) => from.fitting === 'rudder')?.awg).toBe(22);
  });

  it('refuses plugs that look alike with both pitches, and offers what makes it work', () => {
    const { ways, why } = join(small, 'rudder.lead', 'rx.1');
    expect(why).toBe('2.0 mm and 2.54 mm pitch look alike and do not go together');
    expect(ways.map(({ id }) => id.split(':')[0])).toEqual(['adapt', 're-terminate']);
    for (const way of ways) {
      const after = applyEdits(small, way.edits);
      expect(heard(after, 'rudder')).toBe(1);
      const rules = checkBuild(after, starterLocker).findings.map(({ rule }) => rule);
      expect(rules).not.toContain('connector-mating');
    }
  });

  it('puts a Y-lead where a plug is already, for both', () => {
    const build = tub({
      without: [],
      extra: [{ id: 'second', name: 'second rudder', part: 'servo-micro-60' }],
    });
    const { ways, why } = join(build, 'second.lead', 'rx.1');
    expect(why).toBe('the receiver, port 1 has the plug of the rudder in it');
    const after = applyEdits(build, ways[0]!.edits);
    expect([heard(after, 'rudder'), heard(after, 'second')]).toEqual([1, 1]);
  });

  it('offers to solder two leads together where both can be cut, and lists the joint', () => {
    const build = tub({
      extra: [
        { id: 'harness', name: 'harness', part: 'harness-five-way' },
        { id: 'pump', name: 'pump', part: 'pump-12' },
      ],
    });
    const { ways } = join(build, 'pump.power', 'harness.large 1');
    const splice = ways.find(({ id }) => id.startsWith('splice:'))!;
    expect(splice.label).toBe('Cut both plugs off and solder the wires: the pump to the harness');
    const after = applyEdits(build, splice.edits);
    const { index } = readingOf(after, []);
    expect(index.leadAt(at('pump.power'))).toBeDefined();
    expect(joints(readingOf(after, [])).map((joint) => [joint.connector, joint.wires.length])).toContainEqual(
      [undefined, 2],
    );
    expect(index.port(at('harness.large 2')).connector.family).toBe('blade-t');
    // A receiver has rows of pins, and a pack keeps its plug.
    const others = [
      ...join(small, 'rudder.lead', 'rx.1').ways,
      ...join(build, 'pump.power', 'pack.out').ways,
    ];
    expect(others.filter(({ id }) => id.startsWith('splice:'))).toEqual([]);
  });

  it('joins nothing to itself, and no power to a signal', () => {
    expect(join(tub(), 'rx.5', 'rx.6').ways).toEqual([]);
    expect(join(tub(), 'pack.out', 'rx.5').why).toContain('is for power');
    expect(join(tub(), 'rx.1', 'rudder.lead').why).toBe('it is there already');
  });
});
