import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../tests/kit/demo-builds';
import { crosses, layOut, overlap, segments } from '../../../tests/kit/lay-out';
import { soundBuilds } from '../../../tests/kit/sound-builds';
import { wiringCases } from '../../../tests/kit/wiring-builds';

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
