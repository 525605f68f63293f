import { changeWords, conductorWords, placeWords } from './change-words';
import type { ModelFunction } from '../../model/plan/model-function';
import { schools } from '../../model/plan/schools';
import type { Policies } from '../../model/plan/policies';
import type { BuildIndex } from '../../model/plan/build-index';
import { editWords, type Edit } from '../../model/plan/edits';
import type { PortRef } from '../../model/plan/lead';

/** One line that says what an edit changes, against the build as it is before it. */
export function describeEdit(index: BuildIndex, edit: Edit, added: ReadonlyMap<string, string>): string {
  const name = (id: string) => added.get(id) ?? (index.has(id) ? index.get(id).fitting.name : id);
  const port = (ref: PortRef) => {
    // What is swapped in by an edit before this one may have ports that are not there yet.
    const fitted = index.has(ref.fitting) ? index.get(ref.fitting).part.ports : [];
    return `${name(ref.fitting)}, ${fitted.find((known) => known.id === ref.port)?.name ?? ref.port}`;
  };
  const lead = (id: string) => {
    const found = index.build.leads.find((candidate) => candidate.id === id);
    return found ? `${name(found.from.fitting)} – ${name(found.to.fitting)}` : id;
  };
  const functionName = (id: string) =>
    index.build.functions.find((modelFunction) => modelFunction.id === id)?.name ?? id;
  const functionChange = ({ control, devices, ...rest }: Partial<ModelFunction>): string => {
    const controls = index.ofKind('transmitter').flatMap(({ part }) => part.controls);
    const words = [
      control === undefined ? '' : `control → ${controls.find(({ id }) => id === control)?.name ?? control}`,
      changeWords(rest),
      devices === undefined ? '' : `works → ${devices.map(name).join(', ') || 'nothing'}`,
    ];
    return words.filter(Boolean).join(', ');
  };
  return editWords(edit, {
    index,
    name,
    port,
    lead,
    functionName,
    functionChange,
    place: placeWords,
    changes: changeWords,
    conductors: conductorWords,
    school: schoolWords,
  });
}

function schoolWords(key: keyof Policies, value: unknown): string {
  const school = schools.find((candidate) => candidate.key === key);
  return `${school?.name ?? key} → ${school?.choices.find((choice) => choice.value === value)?.words ?? String(value)}`;
}
