import type { Build } from '../../model/plan/build';
import type { Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { ModelFunction } from '../../model/plan/model-function';
import { kindOfAny } from '../../model/kinds';
import type { PartSpec } from '../../model/kinds/part-spec';

/** The edits that put a part into a build, for a function where it serves one. */
export function fitPart(build: Build, part: PartSpec, serves?: ModelFunction): Edit[] {
  const { roleWord, words } = kindOfAny(part);
  const word = roleWord?.(part) ?? words.one;
  const served = serves?.name.toLowerCase();
  // "Horn" for the horn's horn, "lights" for the lights' lamps: the function's name says enough.
  const wanted = served === undefined ? word : part.kind === 'load' ? served : `${served} ${word}`;
  const id = freshId(build, wanted.replace(/[^a-z0-9]+/gi, '-').toLowerCase());
  const number = /-(\d+)$/.exec(id)?.[1];
  const name = number === undefined ? wanted : `${wanted} ${number}`;
  const edits: Edit[] = [
    { type: 'addFitting', fitting: { id, name: name.slice(0, 60), part: part.id }, part },
  ];
  if (serves)
    edits.push({ type: 'setFunction', function: serves.id, change: { devices: [...serves.devices, id] } });
  return edits;
}
