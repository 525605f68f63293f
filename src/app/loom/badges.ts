import { carrierId } from '../../core/plan/component-id';
import type { Finding } from '../../core/findings/finding';

export interface Badge {
  stops: number;
  minds: number;
}

/** Open findings on each part, to be counted on it in the picture. */
export function badgesOf(findings: readonly Finding[]): Map<string, Badge> {
  const badges = new Map<string, Badge>();
  for (const finding of findings) {
    if (finding.accepted || finding.severity === 'note') continue;
    for (const { kind, id } of finding.subjects) {
      if (kind !== 'fitting') continue;
      const piece = carrierId(id);
      const badge = badges.get(piece) ?? { stops: 0, minds: 0 };
      if (finding.severity === 'stop') badge.stops += 1;
      else badge.minds += 1;
      badges.set(piece, badge);
    }
  }
  return badges;
}
