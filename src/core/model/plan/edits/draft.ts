import { current, isDraft, type Draft } from 'immer';
import { canonicalText } from '../../../base/canonical';
import { carrierId } from '../../fitting/component-id';
import type { Fitting } from '../../fitting/fitting';
import type { PartSpec } from '../../kinds/part-spec';
import type { Build } from '../build';
import { dropWhere } from '../edit-aftermath';
import { mostIdLength } from '../fresh-id';

/** A value as it is, out of a draft where it lies in one. */
export const plain = <T extends object>(value: T): T => (isDraft(value) ? current(value as never) : value);

/**
 * Puts a changed copy in the place of what has the id: what an edit brought along may be frozen. What changes
 * nothing leaves the build the very value that it was.
 */
export function change<T extends { id: string }>(list: T[], id: string, to: object): void {
  const at = list.findIndex((item) => item.id === id);
  const found = list[at];
  if (!found) throw new Error(`edit names ${id}, which the build lacks`);
  const isSame = ([key, value]: [string, unknown]) =>
    canonicalText(found[key as keyof T]) === canonicalText(value);
  if (!Object.entries(to).every(isSame)) list[at] = { ...plain(found), ...to };
}

export function remove<T extends { id: string }>(list: T[], id: string): void {
  if (!list.some((item) => item.id === id)) throw new Error(`edit removes ${id}, which the build lacks`);
  dropWhere(list, (item) => item.id === id);
}

/** Sets something on a fitting, or on a component of a board: that is kept with the board. */
export function setOn(build: Draft<Build>, id: string, to: Partial<Fitting>): void {
  const carrier = carrierId(id);
  if (carrier === id) return change(build.fittings, id, to);
  const component = id.slice(carrier.length + 1);
  const inside = build.fittings.find((fitting) => fitting.id === carrier)?.inside ?? [];
  const known = inside.find((each) => each.component === component);
  change(build.fittings, carrier, {
    inside: [
      ...inside.filter((each) => each !== known).map(plain),
      { ...(known && plain(known)), ...to, component },
    ],
  });
}

/**
 * Brings a sheet into the build. Another sheet under a known id would change other fittings, so a sheet that
 * was edited in the locker since comes in under an id of its own. @returns the id it has in the build
 */
export function putPart(build: Draft<Build>, part: PartSpec): string {
  for (let version = 1; ; version += 1) {
    const id = version === 1 ? part.id : `${part.id.slice(0, mostIdLength - 6)}-v${version}`;
    const candidate = { ...part, id };
    const known = build.parts.find((sheet) => sheet.id === id);
    if (!known) build.parts.push(candidate);
    if (!known || canonicalText(known) === canonicalText(candidate)) return id;
  }
}
