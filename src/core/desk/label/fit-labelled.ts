import { fitPart } from '../../reading/brief/fit-part';
import { hauls, presetsFor, servingKinds } from '../../reading/brief/function-presets';
import type { LoadForm } from '../../model/kinds/load/load';
import type { PartSpec } from '../../model/kinds/part-spec';
import { turnsDrum } from '../../model/kinds/servo/servo';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { ModelFunction } from '../../model/plan/model-function';

/** What a load does, by the role of a function that it serves. */
const formOf: Partial<Record<ModelFunction['role'], readonly LoadForm[]>> = {
  lights: ['lamps'],
  sound: ['horn', 'sound'],
  pump: ['pump'],
};

/** Whether a part is what a function is usually worked by: a drum hauls, lamps are lights. */
function works(part: PartSpec, { id, role, wants }: Pick<ModelFunction, 'id' | 'role' | 'wants'>): boolean {
  if (!servingKinds(role).includes(part.kind)) return false;
  if (part.kind === 'servo') return turnsDrum(part) === hauls(id);
  // A controller drives what moves on and on; what has two positions is a servo's.
  if (part.kind === 'controller' && role === 'mechanism') return wants !== 'twoPosition' && !hauls(id);
  return part.kind !== 'load' || formOf[role]?.includes(part.form) === true;
}

/**
 * The edits that put parts into a build, each to the first function that waits for such a part; where none waits, to the
 * next usual one of such a model, which is added.
 */
export function fitAll(build: Build, parts: readonly PartSpec[]): Edit[] {
  const edits: Edit[] = [];
  let now = build;
  const apply = (more: readonly Edit[]) => {
    now = applyEdits(now, more);
    edits.push(...more);
  };
  for (const part of parts) {
    let serves = now.functions.find((each) => each.devices.length === 0 && works(part, each));
    const usual =
      serves === undefined
        ? presetsFor(now.model).find(
            (preset) => works(part, preset) && now.functions.every(({ id }) => id !== preset.id),
          )
        : undefined;
    if (usual) {
      const { name, role, wants } = usual;
      const added = { id: freshId(now, usual.id), name, role, wants, devices: [] };
      apply([{ type: 'addFunction', function: added }]);
      serves = added;
    }
    apply(fitPart(now, part, serves));
  }
  return edits;
}
