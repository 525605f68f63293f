import { packVolts } from '../../model/packs/pack-volts';
import type { PartSpec } from '../../model/parts/part-spec';
import { terminalsOf } from '../../model/kinds';
import type { Reading } from '../../reading/build-reading/reading';

/** Volts that a part stands, or gives, from least to most. */
export interface VoltSpan {
  least: number;
  most: number;
  gives: boolean;
}

/** The span of a part for the ladder; `undefined` where its sheet has no volts. */
export function voltSpan(part: PartSpec): VoltSpan | undefined {
  if (part.kind === 'pack') {
    return { least: packVolts(part, 'cutoff'), most: packVolts(part, 'full'), gives: true };
  }
  const [input] = terminalsOf(part).consumes;
  const most = part.kind === 'motor' ? part.maxVolts?.value : input?.maxVolts?.value;
  if (most === undefined) return undefined;
  return { least: input?.minVolts?.value ?? 0, most, gives: false };
}

/** The volts in this build that a part of a kind would meet: the rail, or the pack at full charge. */
export function meetingVolts(context: Reading, part: PartSpec): { volts: number; name: string } | undefined {
  const isRaw = part.kind === 'controller' || part.kind === 'bec' || part.kind === 'motor' || isTwoWire(part);
  const [packs] = context.survey.packGroups();
  const rail = context.survey.rails.find((candidate) => candidate.isRadio);
  if (isRaw && packs) return { volts: packs.volts.full, name: 'pack, full' };
  if (!isRaw && part.kind !== 'pack' && rail?.volts) return { volts: rail.volts.full, name: 'rail' };
  return undefined;
}

const isTwoWire = (part: PartSpec): boolean =>
  part.kind === 'load' && part.ports.every((port) => port.use === 'power');
