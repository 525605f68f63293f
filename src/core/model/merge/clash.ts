/** One thing that two windows changed in two ways: what was kept, and what the other had. */
export interface Clash {
  /** What it is about: `the part "rudder servo", its name`. */
  what: string;
  kept: string;
  other: string;
}

/** Longest text of a value that is told. */
const mostShown = 60;

/** A value as it is told: text as it stands, nothing as `nothing`, the rest in short. */
export function shown(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  // A figure with where it comes from: the figure tells.
  if (typeof value === 'object' && value !== null && 'value' in value) return shown(value.value);
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > mostShown ? `${text.slice(0, mostShown)}…` : text;
}

/** What clashed, a line each, for the window whose changes were kept. */
export const clashWords = (clashes: readonly Clash[]): string =>
  clashes.map((clash) => `${clash.what}: kept ${clash.kept}; the other had ${clash.other}`).join('\n');

/** What clashed, a line each, for the window whose changes had to give way. */
export const yieldedWords = (clashes: readonly Clash[]): string =>
  clashes.map((clash) => `${clash.what}: now ${clash.kept}; here it was ${clash.other}`).join('\n');
