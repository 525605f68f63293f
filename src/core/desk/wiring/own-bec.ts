import { feedsReceiver } from './receiver-pack';
import { terminalsOf } from '../../model/kinds';
import { isOver, isUnder } from '../../base/quantity/compare';
import { packVolts } from '../../model/packs/pack-volts';
import type { BecSpec } from '../../model/kinds/bec/bec';
import { freshId } from '../../model/plan/fresh-id';
import type { WiringDraft } from './draft';

/** A BEC from the locker where a receiver is fitted and nothing could feed it: the strongest that stands the pack. */
export function bringBec(draft: WiringDraft): void {
  const { index } = draft;
  const [pack] = index.ofKind('pack');
  const canFeed = index.all().some(({ part }) => terminalsOf(part).gives?.regulator);
  if (!pack || canFeed || feedsReceiver(index, pack) || index.ofKind('receiver').length === 0) return;
  const [full, cutoff] = [packVolts(pack.part, 'full'), packVolts(pack.part, 'cutoff')];
  const [bec] = draft.locker
    .filter((part): part is BecSpec => part.kind === 'bec')
    .filter(
      ({ minInputVolts, maxInputVolts }) =>
        !isOver(full, maxInputVolts?.value ?? 0, 'V') && !isUnder(cutoff, minInputVolts?.value ?? 0, 'V'),
    )
    .sort((a, b) => b.regulator.maxAmps.value - a.regulator.maxAmps.value);
  if (!bec) {
    draft.unsolved.push('Nothing gives the receiver its volts, and no BEC in the locker stands the pack');
    return;
  }
  const id = freshId(draft.build, 'radio-bec');
  draft.offer('own-bec', `Add a ${bec.name} for the receiver and its servos`, [
    { type: 'addFitting', fitting: { id, name: 'radio BEC', part: bec.id }, part: bec },
  ]);
}
