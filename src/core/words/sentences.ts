/** `a`, `a and b`, `a, b and c`; more than three are counted. */
export function nameList(names: readonly string[]): string {
  if (names.length > 3) return `${names[0]}, ${names[1]} and ${names.length - 2} more`;
  const last = names.at(-1) ?? 'nothing';
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${last}` : last;
}

/** First letter capital, for a name that opens a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
