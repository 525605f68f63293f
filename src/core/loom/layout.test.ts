import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../tests/kit/demo-builds';
import { crosses, layOut, overlap, segments } from '../../../tests/kit/lay-out';
import { soundBuilds } from '../../../tests/kit/sound-builds';
import { wiringCases } from '../../../tests/kit/wiring-builds';
import { checkContext } from '../check/check-context';
import { foldServed, isFolded } from './fold';
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

describe('a folded picture', () => {
  it('has a row for each part that it folds, and every lead still', () => {
    const model = loomModel(checkContext(demoBuild('harbour-tug'), []));
    const folded = foldServed(model);
    const boxes = folded.nodes.filter(({ id }) => isFolded(id));
    expect(boxes).toHaveLength(2);
    const inside = boxes.flatMap(({ ports }) => ports).length;
    expect(folded.nodes.length + inside - boxes.length).toBe(model.nodes.length);
    expect(folded.leads).toHaveLength(model.leads.length);
    const rows = new Set(folded.nodes.flatMap(({ id, ports }) => ports.map((port) => `${id}.${port.id}`)));
    for (const { source, target } of folded.leads)
      for (const end of [source, target]) expect(rows).toContain(`${end.node}.${end.port}`);
    const height = (nodes: typeof folded.nodes) =>
      nodes.filter(({ column }) => column === 'served').reduce((sum, node) => sum + node.height, 0);
    expect(height(folded.nodes)).toBeLessThan(height(model.nodes));
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
