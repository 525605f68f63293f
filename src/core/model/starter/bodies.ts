import { sizeOfPart } from '../kinds/part-size';
import { kilogramsOfPart } from '../kinds/kilograms';
import type { ServoSpec } from '../kinds/servo/servo';
import type { PartSpec } from '../kinds/part-spec';
import { stated } from '../../base/validation/figure';

/** Millimetres and grams of the parts that are unlike others of their kind. */
const unlike: Readonly<Record<string, readonly [long: number, wide: number, high: number, grams: number]>> = {
  'servo-micro-52': [23, 12, 23, 9],
  'servo-micro-60': [23, 12, 23, 10],
  'servo-mini': [29, 13, 30, 21],
  'servo-standard': [41, 20, 38, 45],
  'servo-low-profile': [41, 20, 26, 46],
  'servo-strong': [41, 20, 40, 60],
  'servo-high-volt': [41, 20, 40, 66],
  'servo-sail': [47, 25, 45, 92],
  'servo-winch': [47, 25, 45, 95],
  'servo-toy': [41, 20, 38, 40],
  'controller-brushed-10': [30, 24, 13, 15],
  'fan-40': [40, 40, 10, 14],
  'fan-30': [30, 30, 10, 9],
  'lamps-12': [60, 8, 4, 8],
  'lamps-6': [60, 8, 4, 8],
  'lamps-beacon': [22, 22, 25, 12],
  'pump-small-5': [45, 24, 33, 22],
  'board-receiver-3': [45, 32, 16, 26],
  'board-switch-2': [36, 24, 12, 14],
  'board-converter-6': [42, 26, 12, 15],
};

/** Of servos by their length in millimetres: teeth, ear to shaft, ear to ear, and what of their height is under the ears. */
const mounts: Readonly<
  Record<number, readonly [teeth: number, toShaft: number, span: number, under: number]>
> = {
  23: [21, 8, 28, 0.7],
  29: [25, 9.5, 35, 0.67],
  41: [25, 14, 49.5, 0.72],
  47: [25, 16, 56, 0.7],
};

function mountOf(part: ServoSpec, long: number, high: number) {
  const [teeth, toShaft, span, share] = mounts[Math.round(long * 1000)] ?? [];
  if (teeth === undefined || toShaft === undefined || span === undefined || share === undefined) return {};
  return {
    splineTeeth: part.splineTeeth ?? stated(teeth),
    earToShaft: part.earToShaft ?? stated(toShaft / 1000),
    earSpan: part.earSpan ?? stated(span / 1000),
    underEars: part.underEars ?? stated(Math.round(share * high * 1000) / 1000),
  };
}

/** The sheet of a starter part with its body stated, where it is not yet: what is usual for its kind. */
export function withBody(part: PartSpec): PartSpec {
  if (part.kind === 'transmitter') return part;
  const own = unlike[part.id];
  const usual = sizeOfPart(part);
  const [long, wide, high] = own?.slice(0, 3).map((each) => each / 1000) ?? [
    usual.long,
    usual.wide,
    usual.high,
  ];
  const kilograms = own ? own[3] / 1000 : Number(kilogramsOfPart(part).toPrecision(2));
  return {
    ...part,
    length: part.length ?? stated(long!),
    width: part.width ?? stated(wide!),
    height: part.height ?? stated(high!),
    kilograms: part.kilograms ?? stated(kilograms),
    ...(part.kind === 'servo' && mountOf(part, long!, high!)),
  };
}
