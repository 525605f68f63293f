import { packVolts } from '../../packs/pack-volts';
import { presumed, type PresumedFigure } from '../presumed';
import type { ControllerSpec } from './controller';

/** How far over its label a controller carries amps for the blink that a jammed motor takes to let go: rule of thumb. */
export const blinkJam = 2.5;

/** Amps that a controller carries for a blink: its burst by the sheet, or what is usual for its continuous amps. */
export const blinkAmps = ({
  continuousAmps,
  burstAmps,
}: Pick<ControllerSpec, 'continuousAmps' | 'burstAmps'>): number | undefined =>
  burstAmps?.value ?? (continuousAmps && blinkJam * continuousAmps.value);

/** Cells that a controller is sold for where nothing is printed: two or three. */
const usualCells = { least: 2, most: 3 };

const fullLiPo = (cells: number): number => packVolts({ chemistry: 'LiPo', cells }, 'full');

/** What is usual of a controller where its sheet is silent. Engineering notes, sections 4 and 10. */
export function presumedOfController(part: ControllerSpec): PresumedFigure[] {
  const blink = part.burstAmps ? undefined : blinkAmps(part);
  const printed = Math.max(
    0,
    ...(part.cellLimits ?? []).map(({ chemistry, most }) => packVolts({ chemistry, cells: most }, 'full')),
  );
  const { least, most } = usualCells;
  const volts: readonly [number, number, number] =
    printed > 0
      ? [printed, printed, 1.05 * printed]
      : [fullLiPo(most), fullLiPo(least), 1.4 * fullLiPo(most)];
  return [
    ...(part.maxInputVolts
      ? []
      : [
          presumed(
            'maxInputVolts',
            volts,
            'low',
            printed > 0 ? 'by the cells it stands' : 'usual for a controller',
          ),
        ]),
    ...(part.continuousAmps
      ? []
      : [
          presumed('continuousAmps', [40, 15, 80], 'low', 'usual for a controller without a printed current'),
        ]),
    ...(blink === undefined
      ? []
      : [presumed('burstAmps', [blink, 0.6 * blink, 2 * blink], 'low', 'usual for its continuous amps')]),
  ];
}
