import { carrierId } from '../../core/model/fitting/component-id';
import type { Finding } from '../../core/judgement/findings/finding';
import type { PlacedNode } from '../../core/desk/loom/loom-layout';

export interface Badge {
  stops: number;
  minds: number;
}

/** Open findings on each box of the picture: on the part that it is, or on those that are folded into it. */
export function badgesOf(findings: readonly Finding[], nodes: readonly PlacedNode[]): Map<string, Badge> {
  const boxOf = new Map(nodes.flatMap(({ id, parts = [] }) => parts.map((part) => [part, id] as const)));
  const badges = new Map<string, Badge>();
  for (const finding of findings) {
    if (finding.accepted || finding.severity === 'note') continue;
    const pieces = finding.subjects
      .filter(({ kind }) => kind === 'fitting')
      .map(({ id }) => boxOf.get(carrierId(id)) ?? carrierId(id));
    for (const piece of new Set(pieces)) {
      const badge = badges.get(piece) ?? { stops: 0, minds: 0 };
      if (finding.severity === 'stop') badge.stops += 1;
      else badge.minds += 1;
      badges.set(piece, badge);
    }
  }
  return badges;
}
