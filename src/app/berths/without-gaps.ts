import type { ModelInside } from '../../core/model/plan/model-inside';

/** What is told after a change; what was emptied is told no more. */
export const withoutGaps = (
  told: ModelInside,
  change: Partial<Record<keyof ModelInside, unknown>>,
): ModelInside =>
  Object.fromEntries(
    Object.entries({ ...told, ...change }).filter(([, value]) => value !== undefined),
  ) as unknown as ModelInside;
