import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../../tests/kit/demo-builds';
import { fitPart } from '../../reading/brief/fit-part';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { foundBuild, seenKinds, sockets, unknownPart } from './as-found';
import { foundNoteId, foundNotes } from './found-note';
import { refitWork } from './refit-work';

const socketsOf = (build: Build) => sockets(readingOf(build, starterLocker), starterLocker);
const see = (build: Build, ...kinds: (typeof seenKinds)[number][]) =>
  kinds.reduce((now, kind) => applyEdits(now, fitPart(now, unknownPart(kind))), build);
const isKept = (build: Build) => readBuildFile(writeBuildFile(build)).ok;
const empty = foundBuild(demoBuild('field-tractor'), 'found');

describe('what is in a model, written down as it is seen', () => {
  it('begins with the name and the Brief of the model, and nothing in it', () => {
    const { name, model, brief, fittings, leads, ticks } = empty;
    expect(name).toBe('Field tractor, as found');
    expect({ model, brief }).toEqual({ model: 'truck', brief: demoBuild('field-tractor').brief });
    expect([fittings, leads, ticks]).toEqual([[], [], []]);
    const long = { ...demoBuild('field-tractor'), name: 'x'.repeat(80) };
    expect(isKept(foundBuild(long, 'found'))).toBe(true);
  });

  it('takes a part of every kind that nobody has read yet, and calls nothing of it dry', () => {
    const build = see(empty, ...seenKinds);
    expect(isKept(build)).toBe(true);
    expect(build.fittings).toHaveLength(seenKinds.length);
    const { wells } = checkBuild(build, starterLocker);
    expect(Object.values(wells).map(({ state }) => state)).not.toContain('dry');
  });

  it('plugs a servo into the port that it is seen in, and says so from then on', () => {
    const build = see(empty, 'receiver', 'servo', 'servo', 'pack', 'controller', 'motor');
    const first = socketsOf(build).find(({ ref }) => ref.fitting.startsWith('receiver') && ref.port === '1')!;
    expect(first.choices.filter(({ name }) => name.startsWith('servo'))).toHaveLength(2);
    expect(first.choices.some(({ name }) => name.startsWith('motor') || name.startsWith('pack'))).toBe(false);
    const plugged = applyEdits(
      build,
      first.choices.find(({ name }) => name.startsWith('servo 2'))!.patch.edits,
    );
    const after = socketsOf(plugged);
    const held = after.find(({ ref }) => ref.fitting === first.ref.fitting && ref.port === '1')!;
    expect(held.holds?.name).toMatch(/^servo 2/);
    expect(held.choices).toEqual([]);
    for (const { choices } of after) expect(choices.map(({ name }) => name).join()).not.toContain('servo 2');
    const pack = after.find(({ ref }) => ref.fitting === 'pack')!;
    expect(pack.choices.map(({ name }) => name).join()).toMatch(/controller/);
  });

  it.each(demoNames)('finds every lead of %s in some socket, once', (name) => {
    const build = demoBuild(name);
    const held = socketsOf(build).flatMap(({ holds }) => (holds ? [holds.lead.id] : []));
    expect(new Set(held).size).toBe(held.length);
    expect([...held].sort()).toEqual(build.leads.map(({ id }) => id).sort());
  });
});

describe('what was noted and photographed as it was found', () => {
  it('stands at the very pull that it is about, in the plan that is made in a copy', () => {
    const found = applyEdits(demoBuild('field-tractor'), [
      { type: 'noteStep', note: { step: foundNoteId('steering'), text: 'Two screws, one is worn.' } },
    ]);
    const leads = found.leads.filter(({ from, to }) => [from.fitting, to.fitting].includes('steering'));
    expect(leads.length).toBeGreaterThan(0);
    const lead = leads[0]!;
    const noted = applyEdits(found, [
      { type: 'noteStep', note: { step: foundNoteId(lead.id), text: 'Brown to the edge.' } },
    ]);
    const planned = applyEdits(noted, [{ type: 'removeFitting', fitting: 'steering' }]);
    const { all } = refitWork(readingOf(noted, []), readingOf(planned, []), []);
    const said = all.map((line) => [line.kind, foundNotes(noted, line).map(({ text }) => text)] as const);
    expect(said.find(([kind]) => kind === 'unplug')![1]).toContain('Brown to the edge.');
    expect(said.find(([kind]) => kind === 'out')![1]).toEqual(['Two screws, one is worn.']);
    expect(isKept(noted)).toBe(true);
  });
});
