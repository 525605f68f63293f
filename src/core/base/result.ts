/** An expected outcome: a value, or a closed reason why there is none. */
export type Result<Value, Problem> = { ok: true; value: Value } | { ok: false; problem: Problem };

export const success = <Value>(value: Value): { ok: true; value: Value } => ({ ok: true, value });
export const failure = <Problem>(problem: Problem): { ok: false; problem: Problem } => ({
  ok: false,
  problem,
});
