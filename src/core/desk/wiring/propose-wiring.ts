import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import type { Edit } from '../../model/plan/edits';
import { channelPlan } from './channel-plan';
import { WiringDraft, type WiringPlan } from './draft';
import { bringBec } from './own-bec';
import {
  settleCutoffs,
  settleFailSafes,
  settleLink,
  settleReceiverPack,
  settleRedWires,
  settleStops,
  settleVolts,
} from './settle';
import { tellLoose } from './loose-parts';
import { wireChannels } from './wire-channels';
import { wireLoads, wireMotors } from './wire-motors';
import { wirePower, wireVideoFromRail } from './wire-power';

/**
 * A complete wiring for the parts of a build under its schools: power from the pack outwards, motors, receiver
 * ports by channel, red wires, BEC volts, and what the check would still stop. What is wired already stays. Refused
 * steps are left out, and so is what rests on them; what cannot be wired is told.
 */
export function proposeWiring(
  build: Build,
  locker: readonly PartSpec[],
  refused: ReadonlySet<string>,
): WiringPlan {
  const draft = new WiringDraft(build, locker, refused);
  for (const { function: modelFunction, edit } of channelPlan(build))
    draft.offer(`plan:${modelFunction.id}`, planWords(draft, modelFunction.name, edit), [edit]);
  settleLink(draft);
  bringBec(draft);
  wireLoads(draft);
  wirePower(draft);
  wireMotors(draft);
  wireChannels(draft);
  settleReceiverPack(draft);
  settleRedWires(draft);
  wireVideoFromRail(draft);
  settleVolts(draft);
  settleCutoffs(draft);
  settleFailSafes(draft);
  if (draft.proposals.some((proposal) => !proposal.isRefused)) settleStops(draft, build);
  tellLoose(draft);
  return draft;
}

function planWords({ index }: WiringDraft, name: string, edit: Edit): string {
  if (edit.type !== 'setFunction') return name;
  const { channel, control } = edit.change;
  const controls = index.ofKind('transmitter').flatMap(({ part }) => part.controls);
  const words = [
    channel === undefined ? '' : `channel ${channel}`,
    control === undefined ? '' : (controls.find((candidate) => candidate.id === control)?.name ?? control),
  ];
  return `${name}: ${words.filter(Boolean).join(', ')}`;
}
