import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { PortRef } from '../../model/plan/lead';
import { isOver, isUnder } from '../../base/quantity/compare';
import { packVolts } from '../../model/packs/pack-volts';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { PartSpec } from '../../model/kinds/part-spec';
import { connect } from '../../judgement/put-right/connect';

/** A cable that takes a servo's signal and ground from the receiver and its power from the pack. */
export function rawFeedLead(locker: readonly PartSpec[]): CableSpec | undefined {
  return locker.find(
    (part): part is CableSpec =>
      part.kind === 'cable' &&
      ['servo', 'signal', 'power'].every((id) => part.ports.some((port) => port.id === id)),
  );
}

/** Whether a servo stands the pack's own volts, full and run down, so that it may be fed raw. */
export function standsRaw(index: BuildIndex, { part }: Fitted): boolean {
  const [pack] = index.ofKind('pack');
  if (part.kind !== 'servo' || !pack || !part.maxVolts) return false;
  const [full, cutoff] = [packVolts(pack.part, 'full'), packVolts(pack.part, 'cutoff')];
  return !isOver(full, part.maxVolts.value, 'V') && !isUnder(cutoff, part.minVolts?.value ?? 0, 'V');
}

/**
 * The edits that feed a servo raw: a raw-feed lead between it, its receiver port and an outlet on the pack;
 * `undefined` where the locker has no such lead or a plug does not go.
 */
export function feedRaw(
  build: Build,
  servo: string,
  port: PortRef,
  outlet: PortRef,
  locker: readonly PartSpec[],
): Edit[] | undefined {
  const part = rawFeedLead(locker);
  if (!part) return undefined;
  const id = freshId(build, `${servo}-raw-feed`);
  const edits: Edit[] = [{ type: 'addFitting', fitting: { id, name: 'raw-feed lead', part: part.id }, part }];
  const joints: [PortRef, PortRef][] = [
    [
      { fitting: servo, port: 'lead' },
      { fitting: id, port: 'servo' },
    ],
    [{ fitting: id, port: 'signal' }, port],
    [outlet, { fitting: id, port: 'power' }],
  ];
  for (const [from, to] of joints) {
    const joined = connect(applyEdits(build, edits), from, to, locker);
    if (!joined) return undefined;
    edits.push(...joined);
  }
  return edits;
}
