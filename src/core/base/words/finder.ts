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

const othersOf = new Map<string, string>();
for (const group of alike)
  for (const word of group.flatMap((name) => name.split(' ')))
    othersOf.set(word, [othersOf.get(word), ...group].filter(Boolean).join(' '));

const wordsIn = (text: string): string[] => text.toLowerCase().split(/[^\p{L}\p{N}]+/u);

/**
 * Finds things by a few letters of their words, in any order, a slip of the fingers forgiven; synonyms of the bench
 * count. @returns the ids of what matches all that is typed, best first
 */
export function finderOf(things: Iterable<Findable>): (typed: string) => string[] {
  const index = new MiniSearch<Findable>({
    fields: ['name', 'also', 'alike'],
    extractField: (thing, field) => {
      if (field !== 'alike') return thing[field as keyof Findable] ?? '';
      return wordsIn(`${thing.name} ${thing.also ?? ''}`)
        .map((word) => othersOf.get(word) ?? '')
        .join(' ');
    },
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
