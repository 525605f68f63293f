import { inverse, Matrix, solve } from 'ml-matrix';

/** Figures to be moved by readings: each by a factor, of which the logarithm is sought. */
interface FitProblem {
  /** What was read, and the error of each, 1 σ, in its own unit. */
  readings: readonly { value: number; sigma: number }[];
  /** Covariance of the logarithms of the figures' factors before anything was read. */
  prior: Matrix;
  /** What would be read with figures moved, in the order of the readings. */
  predict: (moves: readonly number[]) => readonly number[];
  /** Derivatives of what would be read by each move: readings by figures. */
  slopes: (moves: readonly number[]) => Matrix;
}

export interface Fit {
  /** Logarithm of the factor of each figure. */
  moves: number[];
  /** 1 σ of that logarithm once the readings are in. */
  sigmas: number[];
  /** What would have been read before, and after. */
  before: readonly number[];
  after: readonly number[];
  /** Readings, by their place, that no figure explains: they had no part in it. */
  unexplained: number[];
}

/** A reading, or a move, beyond so many σ is not explained. */
const farOff = 3;
const mostSteps = 12;
/** Moves this small are none. */
const still = 1e-3;
/** Farthest that one step goes, in logarithms: what is steep here may be flat there. */
const farthest = 0.7;

/**
 * Moves figures so that readings are met, as far as both errors and ranges allow: least Σ(residual/σ)² + d′·P⁻¹·d by
 * damped Gauss–Newton (maximum a posteriori; A. Tarantola, Inverse Problem Theory, SIAM 2005, ch. 3), with the
 * covariance (J′WJ + P⁻¹)⁻¹. Readings further than 3 σ from what both allow, and those that drive a figure over 3 of its
 * σ, stay out: they are faults.
 */
export function fitFigures(problem: FitProblem): Fit {
  const { readings, prior } = problem;
  const count = prior.rows;
  const nowhere = Array.from({ length: count }, () => 0);
  const before = problem.predict(nowhere);
  const slopes = problem.slopes(nowhere);
  const spread = slopes.mmul(prior).mmul(slopes.transpose());
  const out = new Set(
    readings.flatMap(({ value, sigma }, n) =>
      Math.abs(value - before[n]!) > farOff * Math.sqrt(sigma ** 2 + spread.get(n, n)) ? [n] : [],
    ),
  );
  for (;;) {
    const used = [...readings.keys()].filter((n) => !out.has(n));
    const { moves, covariance } = descend(problem, used, slopes);
    const strained = moves.findIndex((move, k) => Math.abs(move) > farOff * Math.sqrt(prior.get(k, k)));
    if (strained < 0 || used.length === 0) {
      const sigmas = Array.from({ length: count }, (_, k) => Math.sqrt(covariance.get(k, k)));
      return {
        moves,
        sigmas,
        before,
        after: problem.predict(moves),
        unexplained: [...out].sort((a, b) => a - b),
      };
    }
    // The reading that pulls most at what was driven too far.
    const pull = (n: number) =>
      (Math.abs(slopes.get(n, strained)) * Math.abs(readings[n]!.value - before[n]!)) /
      readings[n]!.sigma ** 2;
    out.add(used.reduce((most, n) => (pull(n) > pull(most) ? n : most), used[0]!));
  }
}

function descend({ readings, prior, predict, slopes }: FitProblem, used: readonly number[], first: Matrix) {
  const belief = inverse(prior);
  let moves = Array.from({ length: prior.rows }, () => 0);
  let at = first;
  let cost = costAt(moves);
  let damping = 0;
  const normal = (j: Matrix) => {
    const weighted = new Matrix(used.map((n) => j.getRow(n).map((slope) => slope / readings[n]!.sigma)));
    return used.length === 0 ? belief.clone() : weighted.transpose().mmul(weighted).add(belief);
  };
  for (let step = 0; step < mostSteps; step += 1) {
    const seen = predict(moves);
    const pull = Matrix.columnVector(
      moves.map((_, k) =>
        used.reduce(
          (sum, n) => sum + (at.get(n, k) * (readings[n]!.value - seen[n]!)) / readings[n]!.sigma ** 2,
          0,
        ),
      ),
    ).sub(belief.mmul(Matrix.columnVector(moves)));
    const system = normal(at);
    for (let k = 0; k < moves.length; k += 1) system.set(k, k, system.get(k, k) * (1 + damping));
    const change = solve(system, pull).to1DArray();
    const most = Math.max(...change.map(Math.abs));
    const next = moves.map((move, k) => move + change[k]! * Math.min(1, farthest / most));
    const nextCost = costAt(next);
    if (nextCost > cost + 1e-12) {
      damping = damping === 0 ? 1 : damping * 10;
      if (damping > 1e6) break;
      continue;
    }
    moves = next;
    cost = nextCost;
    damping /= 10;
    if (most < still) break;
    at = slopes(moves);
  }
  return { moves, covariance: inverse(normal(at)) };

  function costAt(here: readonly number[]): number {
    const seen = predict(here);
    const misfit = used.reduce(
      (sum, n) => sum + ((readings[n]!.value - seen[n]!) / readings[n]!.sigma) ** 2,
      0,
    );
    const column = Matrix.columnVector([...here]);
    return misfit + column.transpose().mmul(belief).mmul(column).get(0, 0);
  }
}
