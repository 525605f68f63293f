import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../../tests/kit/demo-builds';
import { crosses, layOut, overlap, segments } from '../../../../tests/kit/lay-out';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { wiringCases } from '../../../../tests/kit/wiring-builds';
import { applyEdits } from '../../model/plan/edits';
import { readingOf } from '../../reading/build-reading/reading';
import { foldedGroup } from './fold';
import { loomGroups } from './loom-groups';
import type { LoomLayout } from './loom-layout';
import { movedPast, movedTo } from './nudge';
import { loomModel } from './loom-model';

const pictures = [
  ...demoNames.map((name) => [name, demoBuild(name)] as const),
  ...Object.entries(soundBuilds),
  ...wiringCases.map(({ name, build }) => [name, build] as const),
];

describe('every wiring picture', () => {
  it.each(pictures)('of %s has its parts apart, and no lead behind a part', async (_, build) => {
    const { nodes, leads } = await layOut(build);
    expect(leads).toHaveLength(build.leads.length);
    for (const [n, node] of nodes.entries())
      for (const other of nodes.slice(n + 1))
        expect(overlap(node, other), `${node.title} on ${other.title}`).toBe(false);
    for (const lead of leads)
      for (const node of nodes) {
        if (node.id === lead.source.node || node.id === lead.target.node) continue;
        for (const [a, b] of segments(lead.route))
          expect(crosses(node, a, b), `${lead.id} across ${node.title}`).toBe(false);
      }
  });
});

describe('a build of loose parts', () => {
  it('lies in a tray, in rows, every part and port to be reached', async () => {
    const bare = { ...demoBuild('harbour-tug'), leads: [] };
    const { nodes, tray, width, height } = await layOut(bare);
    expect(tray).toBeDefined();
    expect(nodes.every(({ isLoose }) => isLoose)).toBe(true);
    // As wide as it is high or more, not one column.
    expect(width).toBeGreaterThan(height);
    for (const [n, node] of nodes.entries()) {
      for (const other of nodes.slice(n + 1)) expect(overlap(node, other)).toBe(false);
      expect(node.x + node.width).toBeLessThanOrEqual(width);
      expect(node.y + node.height).toBeLessThanOrEqual(height);
      for (const { contacts } of node.ports)
        for (const { y } of contacts) {
          expect(y).toBeGreaterThan(node.y - 1);
          expect(y).toBeLessThan(node.y + node.height + 1);
        }
    }
  });

  it('lies under what is wired already', async () => {
    const build = demoBuild('harbour-tug');
    const [first] = build.leads;
    const { nodes, tray } = await layOut({ ...build, leads: [first!] });
    const wired = nodes.filter(({ isLoose }) => !isLoose);
    expect(wired.map(({ id }) => id).sort()).toEqual([first!.from.fitting, first!.to.fitting].sort());
    for (const node of wired) expect(node.y + node.height).toBeLessThan(tray!.y);
  });
});

/** Parts apart, and every lead at the ports it goes to. */
function expectTidy({ nodes, leads }: LoomLayout): void {
  for (const [n, node] of nodes.entries())
    for (const other of nodes.slice(n + 1))
      expect(overlap(node, other), `${node.title} on ${other.title}`).toBe(false);
  const rows = new Set(nodes.flatMap(({ id, ports }) => ports.map((port) => `${id} ${port.id}`)));
  for (const { source, target } of leads)
    for (const end of [source, target]) expect(rows).toContain(`${end.node} ${end.port}`);
}

describe('a folded picture', () => {
  it.each(demoNames)('of %s has a row for every lead that leaves a box, whatever is folded', async (name) => {
    const build = demoBuild(name);
    const context = readingOf(build, []);
    const whole = loomModel(context);
    const groups = loomGroups(context, whole);
    expect(groups.map(({ id }) => id)).toContainEqual(expect.stringMatching(/^function:|^on:/));
    for (const group of [...groups, undefined]) {
      const picture = await layOut(build, (each) => group === undefined || each.id === group.id);
      expectTidy(picture);
      const boxes = picture.nodes.filter(({ id }) => foldedGroup(id) !== undefined);
      expect(boxes.length).toBeGreaterThan(0);
      // What goes is what lies inside.
      const isIn = (id: string) => !picture.nodes.some((node) => node.id === id);
      const gone = build.leads.filter((lead) => !picture.leads.some(({ id }) => id === lead.id));
      for (const { from, to } of gone) expect([isIn(from.fitting), isIn(to.fitting)]).toEqual([true, true]);
      for (const { stands } of boxes.flatMap(({ ports }) => ports))
        expect(context.index.port(stands!)).toBeDefined();
    }
  });

  it('folds a drive with its motor, and the radio rail with its regulator', () => {
    const context = readingOf(demoBuild('quarry-excavator'), []);
    const groups = loomGroups(context, loomModel(context));
    const kinds = (id: string) =>
      groups.find((group) => group.id === id)?.parts.map((part) => context.index.get(part).kind);
    const drives = context.build.functions.filter(({ role }) => role === 'drive');
    for (const { id } of drives)
      expect(kinds(`function:${id}`)).toEqual(expect.arrayContaining(['controller', 'motor']));
    expect(kinds('rail')).toEqual(expect.arrayContaining(['receiver', 'bec']));
  });
});

describe('a part moved in the picture', () => {
  it.each(demoNames)(
    'of %s stands where it was put, by keys and by dragging, and nothing lies on it',
    async (name) => {
      const build = demoBuild(name);
      const before = await layOut(build);
      const column = (layout: LoomLayout, x: number) =>
        layout.nodes
          .filter((node) => !node.isLoose && node.x <= x && x <= node.x + node.width)
          .sort((a, b) => a.y - b.y)
          .map(({ id }) => id);
      const servo = before.nodes.find(
        ({ x, width, isLoose }) => !isLoose && column(before, x + width / 2).length > 1,
      )!;
      const middleOf = ({ nodes }: LoomLayout) => {
        const node = nodes.find(({ id }) => id === servo.id)!;
        return node.x + node.width / 2;
      };
      const stood = column(before, middleOf(before));
      const down = movedPast(before, [], servo.id, 'down') ?? movedPast(before, [], servo.id, 'up')!;
      expect(down).not.toEqual(stood);
      const after = await layOut(applyEdits(build, [{ type: 'setPictureOrder', order: down }]));
      expect(column(after, middleOf(after))).toEqual(down);
      expectTidy(after);
      const top = movedTo(before, [], servo.id, 1e6)!;
      if (top) {
        const bottom = await layOut({ ...build, pictureOrder: top });
        expect(column(bottom, middleOf(bottom)).at(-1)).toBe(servo.id);
      }
      expect(movedTo(before, [], servo.id, servo.y + servo.height / 2)).toBeUndefined();
    },
  );

  it('is forgotten with its part', () => {
    const build = { ...demoBuild('harbour-tug'), pictureOrder: ['rudder', 'rx'] };
    const { id } = build.fittings[3]!;
    const moved = { ...build, pictureOrder: ['nobody', id] };
    expect(applyEdits(moved, [{ type: 'removeFitting', fitting: id }]).pictureOrder).toEqual(['nobody']);
  });
});

describe('the text of a wiring picture', () => {
  it.each(demoNames)('of %s stays at 11 px or more, whole, at 1280x800', async (name) => {
    // Pixels of the facts on a part in the picture’s own, and of the picture on the screen beside the findings.
    const [text, room] = [13, 826];
    const { width } = await layOut(demoBuild(name));
    expect((text * room) / width).toBeGreaterThanOrEqual(11);
  });
});
