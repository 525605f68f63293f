import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { functionChains } from '../../reading/brief/function-chain';
import { candidateFaults } from '../../bench/faults/candidate-faults';
import { foldedGroup, foldGroups } from '../../desk/loom/fold';
import { loomGroups } from '../../desk/loom/loom-groups';
import { loomModel } from '../../desk/loom/loom-model';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { assignRadio } from '../../reading/radio/assign-radio';
import { channelTable } from '../../reading/radio/channel-table';
import { radiosOf } from '../../reading/radio/radios';
import { strandPicture } from '../../reading/radio/strands';
import { sockets } from '../../bench/refit/as-found';
import { LiveBench } from '../../bench/rehearsal/live-bench';
import { radioSheet } from '../../bench/sheet/radio-sheet';
import { starterLocker } from '../../model/starter/starter-locker';
import { readingOf } from '../../reading/build-reading/reading';

const onBench = { isTransmitterOn: true, isPackIn: true, sticks: new Map<string, number>(), held: undefined };

describe('whatever a person has made of a build', () => {
  it('every screen has something to show, in words and figures', () => {
    fc.assert(
      fc.property(runs, (run) => {
        const build = changed(run);
        const context = readingOf(build, starterLocker);
        const shown = [
          functionChains(context),
          planProcedure(context),
          channelTable(context),
          radioSheet(context),
          assignRadio(build),
          sockets(context, starterLocker),
          ...radiosOf(context).map((radio) => strandPicture(context, radio)),
          candidateFaults(context).map(({ label, cure }) => [label, cure]),
          new LiveBench(build).step(0.1, onBench),
        ];
        expect(JSON.stringify(shown)).not.toMatch(/\bundefined\b|\bNaN\b/);
      }),
      { numRuns: 40 },
    );
  }, 60_000);

  it('each function and each setting is on one radio, and on one only', () => {
    fc.assert(
      fc.property(runs, (run) => {
        const build = changed(run);
        const radios = radiosOf(readingOf(build, []));
        const functions = radios.flatMap((radio) => radio.functions.map(({ id }) => id));
        expect([...functions].sort()).toEqual(build.functions.map(({ id }) => id).sort());
        expect(radios.flatMap(({ channels }) => channels)).toHaveLength(build.channels?.length ?? 0);
        expect(radios.map(({ owner }) => owner)[0]).toBeUndefined();
        expect(new Set(radios.map(({ owner }) => owner)).size).toBe(radios.length);
      }),
      { numRuns: 150 },
    );
  });

  it('a folded picture leaves out what lies inside its boxes, and nothing else', () => {
    fc.assert(
      fc.property(runs, (run) => {
        const build = changed(run);
        const context = readingOf(build, []);
        const model = loomModel(context);
        const groups = loomGroups(context, model);
        const folded = foldGroups(model, groups);
        const inBoxes = folded.nodes.flatMap(({ id, parts }) =>
          foldedGroup(id) === undefined ? [id] : (parts ?? []),
        );
        expect([...inBoxes].sort()).toEqual(model.nodes.map(({ id }) => id).sort());
        const rows = new Set(
          folded.nodes.flatMap(({ id, ports }) => ports.map((port) => `${id} ${port.id}`)),
        );
        for (const { source, target } of folded.leads) {
          expect(source.node).not.toBe(target.node);
          for (const end of [source, target]) expect(rows).toContain(`${end.node} ${end.port}`);
        }
      }),
      { numRuns: 60 },
    );
  });
});
