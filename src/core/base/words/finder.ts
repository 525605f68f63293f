import MiniSearch from 'minisearch';

/** Something that is found by its name, or by other words that it answers to. */
export interface Findable {
  id: string;
  name: string;
  also?: string;
}

/** Common names of one thing: whoever types one finds what is called by another. */
const alike: readonly (readonly string[])[] = [
  ['battery', 'batteries', 'pack', 'packs', 'cells', 'accumulator'],
  ['esc', 'controller', 'controllers', 'speed control'],
  ['wire', 'wires', 'lead', 'leads', 'cable', 'cables'],
  ['plug', 'plugs', 'connector', 'connectors'],
  ['bec', 'becs', 'regulator', 'ubec'],
  ['transmitter', 'radio', 'handset', 'sender'],
  ['motor', 'motors', 'engine'],
  ['lamp', 'lamps', 'lights', 'led', 'lighting'],
  ['loom', 'wiring', 'diagram'],
  ['berths', 'layout', 'places', 'room', 'balance'],
  ['trial', 'outing', 'range', 'run time', 'simulation'],
  ['fit out', 'steps', 'checklist', 'procedure'],
  ['sheet', 'print', 'paper', 'pdf'],
  ['log', 'readings', 'diary'],
  ['export', 'save', 'download', 'share'],
  ['import', 'upload'],
  ['undo', 'revert', 'back'],
  ['wrong', 'fault', 'broken', 'dead', 'trouble', 'twitches'],
  ['night', 'dark', 'light', 'theme'],
  ['settings', 'preferences', 'options', 'units'],
  ['fail safe', 'failsafe'],
  ['guide', 'tour', 'first steps'],
];

const groups = alike.map((names) => ({
  words: names.join(' '),
  pattern: new RegExp(`\\b(?:${names.join('|').replaceAll(' ', '[ -]')})\\b`, 'i'),
}));

/** What a text is called besides: the words of each group of which it has a whole name. */
const othersIn = (text: string): string =>
  groups.flatMap(({ words, pattern }) => (pattern.test(text) ? [words] : [])).join(' ');

/**
 * Finds things by a few letters of their words, in any order, a slip of the fingers forgiven; synonyms of the bench
 * count. @returns the ids of what matches all that is typed, best first
 */
export function finderOf(things: Iterable<Findable>): (typed: string) => string[] {
  const index = new MiniSearch<Findable>({
    fields: ['name', 'also', 'alike'],
    extractField: (thing, field) =>
      field === 'alike'
        ? othersIn(`${thing.name} ${thing.also ?? ''}`)
        : (thing[field as keyof Findable] ?? ''),
    searchOptions: {
      prefix: true,
      // A short word has no letter to spare.
      fuzzy: (term) => (term.length > 3 && !/\d/.test(term) ? 0.2 : false),
      combineWith: 'AND',
      boost: { name: 3, also: 1.5 },
    },
  });
  const known = new Map([...things].map((thing) => [thing.id, thing]));
  index.addAll([...known.values()]);
  return (typed) => index.search(typed).map(({ id }) => String(id));
}
