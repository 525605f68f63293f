import { voltsOfSheet, type GivenVolts } from '../../judgement/limits/volts';
import { packVolts } from '../../model/packs/pack-volts';
import type { PartSpec } from '../../model/kinds/part-spec';
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
  const { least, most } = voltsOfSheet(part);
  return most && { least: least?.value ?? 0, most: most.value, gives: false };
}

/** What a part would meet: the volts that a ladder draws, and all that it would be given. */
export interface Met {
  volts: number;
  name: string;
  given: GivenVolts;
}

/** The volts in this build that a part of a kind would meet: the rail, or the pack at full charge. */
export function meetingVolts(context: Reading, part: PartSpec): Met | undefined {
  const isRaw = part.kind === 'controller' || part.kind === 'bec' || part.kind === 'motor' || isTwoWire(part);
  const [packs] = context.survey.packGroups();
  const rail = context.survey.rails.find((candidate) => candidate.isRadio);
  if (isRaw && packs) {
    const cells = packs.chemistry && { chemistry: packs.chemistry, cells: packs.cells };
    return { volts: packs.volts.full, name: 'pack, full', given: { volts: packs.volts, cells } };
  }
  if (!isRaw && part.kind !== 'pack' && rail?.volts)
    return { volts: rail.volts.full, name: 'rail', given: { volts: rail.volts } };
  return undefined;
}

const isTwoWire = (part: PartSpec): boolean =>
  part.kind === 'load' && part.ports.every((port) => port.use === 'power');
