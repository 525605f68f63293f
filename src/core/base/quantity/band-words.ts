/** Where most runs of an unsure figure lie. */
export interface Band {
  low: number;
  high: number;
}

/**
 * A figure with the band it may lie in, as it is said: `25–40 min`; the figure alone where both ends are said alike.
 * @param words says one value, its unit after a space
 */
export function bandWords(value: number, { low, high }: Band, words: (value: number) => string): string {
  // The figure itself is one of the runs.
  const [from, to] = [words(Math.min(low, value)), words(Math.max(high, value))];
  if (from === to) return from;
  const [least = '', unit] = from.split(' ');
  return unit === to.split(' ')[1] ? `${least}–${to}` : `${from} – ${to}`;
}
