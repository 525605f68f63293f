import type { Measured } from '../fitting/measured';
import type { Figure } from '../../base/validation/figure';

/** A figure that no sheet states: what it was taken as, and the range it may well lie in. */
export interface EstimatedFigure {
  /** Stable for the same figure of the same part: `tow-pack.cellOhms`. */
  key: string;
  /** What a person would measure: `ohms inside a cell of the tow pack`. */
  words: string;
  value: number;
  /** The range as factors on the value. */
  least: number;
  most: number;
  note: string;
  /** Of a part whose sheet says nothing of it, nor of what it could be worked out from. */
  isPresumed?: true;
}

/** A guess with its range, for where a sheet is silent. */
export interface Guess {
  value: number;
  least: number;
  most: number;
  note: string;
  isPresumed?: true;
}

/** Range of a figure that a sheet itself calls an estimate. */
const sheetRange = { least: 0.8, most: 1.25 };

/** How sure an estimate is that a reading has moved, where nobody said: 1 σ of its logarithm. */
const usualSigma = 0.035;

/** The range of two σ either way. */
const readRange = ({ sigma = usualSigma }: Measured) => ({
  least: Math.exp(-2 * sigma),
  most: Math.exp(2 * sigma),
});

/**
 * Hands out figures and remembers which of them are estimates, so that runs can vary those and nothing else.
 * The same build always asks in the same order.
 */
export class Estimates {
  private readonly known = new Map<string, EstimatedFigure>();

  private readonly measured: ReadonlyMap<string, Measured>;

  /**
   * @param measured what readings made of estimates
   * @param factors what to multiply estimates by besides, by key; 1 where not said
   */
  constructor(
    measured: readonly Measured[] = [],
    private readonly factors: ReadonlyMap<string, number> = new Map(),
  ) {
    this.measured = new Map(measured.map((each) => [each.estimate, each]));
  }

  /** In the order they were first asked for; what several parts share is there once. */
  get all(): EstimatedFigure[] {
    return [...this.known.values()];
  }

  /** The figure of a sheet, or a guess in its place; estimates come multiplied by their factor of this run. */
  take(key: string, words: string, figure: Figure | undefined, guess: Guess): number {
    if (figure && figure.provenance !== 'estimated') return figure.value;
    const guessed: EstimatedFigure = figure
      ? { key, words, value: figure.value, ...sheetRange, note: figure.note ?? 'estimated on the sheet' }
      : { key, words, ...guess };
    const reading = this.measured.get(key);
    const estimate = reading
      ? {
          ...guessed,
          ...readRange(reading),
          value: guessed.value * reading.factor,
          note: `measured: ${reading.said}`,
        }
      : guessed;
    this.known.set(key, estimate);
    return estimate.value * (this.factors.get(key) ?? 1);
  }
}
