import { inRow } from '../../../model/packs/pack-volts';
import type { PackGroup } from '../../../reading/survey/pack-group';
import type { Reading } from '../../../reading/build-reading/reading';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import { rememberedAlone } from '../../../base/remembered';
import type { Assignment, Role } from '../role';
import { partIn, rolesOfKind } from './pairs';

/** A role of packs, and what it comes to as it is wired. */
export interface PackRole {
  role: number;
  /** A pack in this role as the model has it: several in a row are as one of all their cells. */
  asOne: (part: PackSpec) => PackSpec;
  /** Packs that share the amps side by side. */
  beside: number;
}

const asIs = (part: PackSpec): PackSpec => part;

/** Roles of packs that feed something as they are wired; all of them where none does yet. Packs of several roles that stand together are for the check alone. */
export function packRoles({ survey }: Reading, roles: readonly Role[]): PackRole[] {
  const groups = survey.packGroups();
  return rolesOfKind(roles, 'pack').flatMap((role): PackRole[] => {
    const { fittings } = roles[role]!;
    const group = groups.find(({ packs }) => packs.some(({ fitting }) => fittings.includes(fitting.id)));
    if (!group) return groups.length === 0 ? [{ role, asOne: asIs, beside: 1 }] : [];
    if (!group.packs.every(({ fitting }) => fittings.includes(fitting.id))) return [];
    const times = inSeries(group);
    const asOne = times === 1 ? asIs : rememberedAlone((part: PackSpec): PackSpec => inRow(part, times));
    return [{ role, asOne, beside: group.besides(group.packs[0]!).length || 1 }];
  });
}

const inSeries = ({ cells, packs: [first] }: PackGroup): number =>
  Math.max(1, Math.round(cells / (first?.part.cells ?? cells)));

/** The pack that the drive drinks from: as it is wired, else the first. */
export function mainPack(context: Reading, roles: readonly Role[]): PackRole | undefined {
  const packs = packRoles(context, roles);
  const driving = context.index
    .ofKind('controller')
    .flatMap(({ fitting }) => context.survey.packOf(fitting.id)?.packs ?? [])
    .map(({ fitting }) => fitting.id);
  return packs.find(({ role }) => roles[role]!.fittings.some((id) => driving.includes(id))) ?? packs[0];
}

/** What stands in a role of packs, as one. */
export function packIn(assignment: Assignment, pack: PackRole | undefined): PackSpec | undefined {
  const part = pack && partIn<'pack'>(assignment, pack.role);
  return part && pack.asOne(part);
}

/** Whether the parts of a role drink from a pack: as they are wired, or from the main one where they are not yet. */
export function drinksFrom(
  context: Reading,
  roles: readonly Role[],
  pack: PackRole,
  consumer: number,
): boolean {
  const own = roles[consumer]!.fittings.flatMap((id) => context.survey.packOf(id)?.packs ?? []);
  return own.length > 0
    ? own.some(({ fitting }) => roles[pack.role]!.fittings.includes(fitting.id))
    : mainPack(context, roles)?.role === pack.role;
}
