import { bodyOf } from '../../model/kinds/bodies';
import type { Side } from '../../model/kinds/body';
import { connectorFamily, type ConnectorFamilyId } from '../../model/connectors/families';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import type { Turn } from '../../model/fitting/placement';
import type { Spot } from '../../model/fitting/spot';
import { axes, middleOf, type Box } from './box';

/** Where the lead of a port leaves a part: by its sheet for servos, otherwise where it usually does. */
export const exitSide = (part: PartSpec, port: PortSpec): Side => bodyOf(part).exit?.(part, port) ?? 'front';

/** Parts whose sockets stand on the board itself, so that the whole plug stands out of them. */
const hasSockets = (part: PartSpec): boolean => bodyOf(part).hasSockets === true;

/** Metres that a lead needs to turn away in front of a part: rules of thumb. */
const bends = { thin: 0.008, thick: 0.014 };

/** Metres of a plug, along the lead, wide and high over its housing: rules of thumb by form. */
export function plugSize(id: ConnectorFamilyId): { long: number; wide: number; high: number } | undefined {
  const { form, poles, sizeMillimetres: size } = connectorFamily(id);
  const sides = {
    servo: [14, poles * size + 0.2, 2.7],
    balance: [9, poles * size + 2.5, 5],
    blade: [20, 16, 8],
    sleeve: [22, 4 * size + 2, 2 * size + 1],
    bullet: [20, size + 1.6, size + 1.6],
    box: [12, poles * size + 2, size + 3],
    motorBlade: [20, 22, 9],
    motorRound: [22, 22, 8],
    open: undefined,
  }[form] as readonly [number, number, number] | undefined;
  return sides && { long: sides[0] / 1000, wide: sides[1] / 1000, high: sides[2] / 1000 };
}

/** Metres that must stay free before a port with something plugged in. */
export function roomBefore(part: PartSpec, port: PortSpec): number {
  const isThick = port.use === 'power' || port.use === 'motor';
  const bend = isThick ? bends.thick : bends.thin;
  return bend + (hasSockets(part) ? (plugSize(port.connector.family)?.long ?? 0) : 0);
}

/** The way a side of a part looks when it is turned: along x or y, or down. */
export function directionOf(side: Side, turn: Turn): { axis: 'x' | 'y' | 'z'; sign: 1 | -1 } {
  if (side === 'below') return { axis: 'z', sign: -1 };
  const quarter = ((side === 'front' ? 0 : side === 'left' ? 1 : 2) + turn / 90) % 4;
  return { axis: quarter % 2 === 0 ? 'x' : 'y', sign: quarter < 2 ? 1 : -1 };
}

/** Where the leads of a side leave: the middle of its face. */
export function exitSpot(box: Box, side: Side, turn: Turn): Spot {
  const { axis, sign } = directionOf(side, turn);
  return { ...middleOf(box), [axis]: box[axis][sign > 0 ? 1 : 0] };
}

/** The room before a side of a part, as deep as it must stay free. */
export function roomBox(box: Box, side: Side, turn: Turn, deep: number): Box {
  const { axis, sign } = directionOf(side, turn);
  const face = box[axis][sign > 0 ? 1 : 0];
  const span: [number, number] = sign > 0 ? [face, face + deep] : [face - deep, face];
  return Object.fromEntries(axes.map((each) => [each, each === axis ? span : box[each]])) as unknown as Box;
}
