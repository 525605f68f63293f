import type { Candidate, MatchProblem, Role } from './role';

/**
 * The roles with the candidates that have, in every role they must go together with, at least one that they go with (arc
 * consistency, by going over the screens of one and of two roles until nothing falls out any more).
 */
export function supported({ roles, screens }: MatchProblem): Role[] {
  const left = roles.map(({ candidates }) => [...candidates]);
  const assignment: (Candidate | undefined)[] = roles.map(() => undefined);
  const narrow = screens.filter((screen) => screen.roles.length <= 2);
  let hasChanged = true;
  while (hasChanged) {
    hasChanged = false;
    for (const {
      roles: [first, second],
      margin,
    } of narrow)
      for (const [role, other] of [
        [first, second],
        [second, first],
      ]) {
        if (role === undefined) continue;
        const kept = left[role]!.filter((candidate) => {
          assignment[role] = candidate;
          const goes = (other === undefined ? [undefined] : left[other]!).some((mate) => {
            if (other !== undefined) assignment[other] = mate;
            return !((margin(assignment) ?? 0) < 0);
          });
          if (other !== undefined) assignment[other] = undefined;
          return goes;
        });
        assignment[role] = undefined;
        if (kept.length === left[role]!.length) continue;
        left[role] = kept;
        hasChanged = true;
      }
  }
  return roles.map((role, n) => ({ ...role, candidates: left[n]! }));
}
