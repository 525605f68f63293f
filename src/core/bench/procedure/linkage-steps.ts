import type { Reading } from '../../reading/build-reading/reading';
import { rodLength } from '../../reading/linkage/four-bar';
import type { Step } from './step';

const millimetres = (metres: number): string => `${(metres * 1000).toFixed(1)} mm`;

/** The rods to make, the longest first: two that look alike get swapped. */
export function linkageSteps({ index }: Reading): Step[] {
  const rods = index
    .ofKind('servo')
    .flatMap(({ fitting }) =>
      fitting.linkage ? [{ fitting, linkage: fitting.linkage, length: rodLength(fitting.linkage) }] : [],
    )
    .sort((a, b) => b.length - a.length);
  return rods.map(({ fitting, linkage, length }, n) => ({
    id: `rod:${fitting.id}`,
    phase: 'prepare',
    title: `Make the rod of the ${fitting.name}: ${millimetres(length)} between its holes`,
    lines: [
      `The hole of the horn ${millimetres(linkage.hornRadius)} from the shaft, that of the arm ${millimetres(linkage.armRadius)} from its pivot.`,
      rods.length > 1
        ? `Mark it: it is number ${n + 1} of ${rods.length} from the longest, and looks like the others.`
        : 'Leave the thread at one end free to turn: the last half millimetre is set in the model.',
    ],
    cautions: [],
    needsPower: false,
    isHold: false,
    touches: [fitting.id],
  }));
}
