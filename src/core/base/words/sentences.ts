/** `a`, `a and b`, `a, b and c`; more than three are counted. */
export function nameList(names: readonly string[]): string {
  if (names.length > 3) return `${names[0]}, ${names[1]} and ${names.length - 2} more`;
  const last = names.at(-1) ?? 'nothing';
  return names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${last}` : last;
}

/** First letter capital, for a name that opens a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** `1 part`, `3 parts`. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;

const pluralOf: Record<string, string> = { does: 'do', is: 'are', has: 'have', was: 'were' };

/** Whether a name stands for several: `lamps`, `hazard lights`, but no `harness`. */
const isMany = (name: string): boolean => /[^s]s$/i.test(name) && !/(us|is)$/i.test(name);

/**
 * A verb that agrees with the name before it, as people give names: `lights want`, `steering wants`.
 * @param verb of one: `wants`, `does`, `lies`
 */
export function agreeing(name: string, verb: string): string {
  if (!isMany(name)) return verb;
  return pluralOf[verb] ?? verb.replace(/(?:(ch|sh|ss|x)es|s)$/, '$1').replace(/^(fl)ie$/, '$1y');
}

/** What was typed over several lines, in one: sheets and lists print it as one. */
export const oneLine = (typed: string): string => typed.replaceAll(/\s+/g, ' ').trim();
