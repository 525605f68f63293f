import { estimated, stated } from '../../base/validation/figure';
import type { CellLimit } from '../../model/kinds/controller/controller';
import { aroundPrinted } from './printed-volts';
import type { LoadForm } from '../../model/kinds/load/load';
import type { CableForm } from '../../model/kinds/cable/cable';
import type { MotorKind } from '../../model/kinds/motor/motor';
import { partProblem } from '../../model/kinds/part-problem';
import type { PartKind, PartOfKind, PartSpec } from '../../model/kinds/part-spec';
import type { ServoPoint } from '../../model/kinds/servo/servo';
import type { Chemistry } from '../../model/packs/chemistry';
import type { TransmitterSpec } from '../../model/kinds/transmitter/transmitter';
import { starterLocker } from '../../model/starter/starter-locker';
import { packVolts } from '../../model/packs/pack-volts';
import { blankPart } from '../locker/blank-part';
import { kindChoices } from '../locker/sheet-choices';
import { asChemistry } from './chemistry-words';
import type { FigureName } from '../../model/kinds/figure-names';
import type { LabelFigure, LabelKind, LabelReading } from './reading';

/** Longest name of a part. */
const mostName = 60;

/** A part with what a label says stated on its sheet, and what no sheet can hold. */
export interface LabelledPart {
  part: PartSpec;
  /** Figures that such a sheet has no room for, or that cannot be. */
  refused: LabelFigure[];
}

/**
 * A part of which only its label is known: all else on its sheet stays open.
 * @param line the label, which is what the part is called
 */
export function partFromLabel(reading: LabelReading, line: string, id: string): LabelledPart {
  const { figures } = reading;
  const name = line.replaceAll(/\s+/g, ' ').trim().slice(0, mostName).trim();
  const refused: LabelFigure[] = [];
  /** The part with as many of the figures as its sheet can hold. */
  const filled = (kept: readonly LabelFigure[]): PartSpec => ({
    ...fill[reading.kind]({ ...reading, figures: [...kept] }, line, id),
    name,
  });
  let kept: LabelFigure[] = [];
  for (const figure of figures) {
    const all = [...kept, figure];
    if (partProblem(filled(all), name)) refused.push(figure);
    else kept = all;
  }
  return { part: filled(kept), refused };
}

type Filler = (reading: LabelReading, line: string, id: string) => PartSpec;

const valueOf = ({ figures }: LabelReading, name: FigureName): number | undefined => {
  const value = figures.find((figure) => figure.name === name)?.value;
  return typeof value === 'number' ? value : undefined;
};
const textOf = ({ figures }: LabelReading, name: FigureName): string | undefined => {
  const value = figures.find((figure) => figure.name === name)?.value;
  return typeof value === 'string' ? value : undefined;
};
const listOf = ({ figures }: LabelReading, name: FigureName): readonly number[] | undefined => {
  const value = figures.find((figure) => figure.name === name)?.value;
  return typeof value === 'object' ? value : undefined;
};

/** The figures under their names on a sheet, those that the label has. */
const statedAs = (reading: LabelReading, names: Partial<Record<string, FigureName>>) =>
  Object.fromEntries(
    Object.entries(names).flatMap(([key, name]) => {
      const value = name && valueOf(reading, name);
      return value === undefined ? [] : [[key, stated(value)]];
    }),
  );

/** Mass and sides, as printed: length, width, height. */
function body(reading: LabelReading): object {
  const [length, width, height] = listOf(reading, 'millimetres') ?? [];
  return {
    ...statedAs(reading, { kilograms: 'kilograms' }),
    ...(length !== undefined &&
      width !== undefined &&
      height !== undefined && {
        length: stated(length / 1000),
        width: stated(width / 1000),
        height: stated(height / 1000),
      }),
  };
}

/** A copy with a choice of its sheet made, where it has it. */
const chosen = <K extends PartKind>(part: PartOfKind<K>, id: string, value: string): PartOfKind<K> =>
  (kindChoices(part)
    .find((choice) => choice.id === id)
    ?.choose(value) ?? part) as PartOfKind<K>;

const blank = <K extends PartKind>(kind: K, id: string, isLike?: (part: PartSpec) => boolean) =>
  blankPart(kind, id, isLike) as PartOfKind<K>;

/** Brushed or brushless, where the label does not say: by its turns or its can. */
export function motorKindOf(reading: LabelReading): MotorKind {
  const told = textOf(reading, 'motorKind');
  if (told === 'brushed' || told === 'brushless') return told;
  const can = textOf(reading, 'can');
  if (can !== undefined) return can.length === 4 ? 'brushless' : 'brushed';
  return valueOf(reading, 'kv') !== undefined ? 'brushless' : 'brushed';
}

/** Cells of a controller's label; without a chemistry beside them they are lithium ones. */
function cellLimits({ figures }: LabelReading): CellLimit[] {
  return figures
    .filter(({ name }) => name === 'maxCells')
    .map(({ value, chemistry }) => {
      const least = figures.find((each) => each.name === 'minCells' && each.chemistry === chemistry)?.value;
      return {
        chemistry: chemistry ?? 'LiPo',
        ...(typeof least === 'number' && { least }),
        most: Number(value),
      };
    });
}

/** Amps of a BEC from which it is a switching one, where its label does not say: rule of thumb. */
const switchingFrom = 2;

/** A regulator as its label tells it; amps that are not printed are a guess, as its sheet must state some. */
function regulatorOf(reading: LabelReading, line: string) {
  const volts = listOf(reading, 'becVolts');
  const most = valueOf(reading, 'becAmps');
  if (volts === undefined && most === undefined) return undefined;
  const isLinear = /\blinear\b/i.test(line) || (most ?? switchingFrom) < switchingFrom;
  return {
    type: isLinear ? ('linear' as const) : ('switching' as const),
    voltsChoices: [...new Set(volts ?? [5])].sort((a, b) => a - b),
    maxAmps: most === undefined ? estimated(1, 'guess: please check') : stated(most),
  };
}

/** Amps on a brushed controller's label from which they are what its chips stand for an instant. Engineering notes, section 10. */
const chipAmpsFrom = 200;
/** What such a controller carries for long, as a share of its label: a tenth to a sixth. */
const chipShare = 1 / 8;

/** The amps of a label that no such controller carries, taken for what they are. */
const chipAmps = (printed: number | undefined) =>
  printed === undefined || printed < chipAmpsFrom
    ? {}
    : {
        continuousAmps: estimated(
          Math.round(printed * chipShare),
          `usual for a brushed label of ${printed} A, which is what its chips stand for an instant: please check`,
        ),
      };

/** What a servo's label says, by the volts it says it at; where it names none, at its most, or 6 V. */
function servoSheet(reading: LabelReading): ServoPoint[] {
  const usual = valueOf(reading, 'maxVolts');
  const points = new Map<number, ServoPoint>();
  const keys = {
    stallTorque: 'stallNewtonMetres',
    speed: 'sixtyDegreeSeconds',
    stallAmps: 'stallAmps',
  } as const;
  for (const { name, value, atVolts } of reading.figures) {
    if (!(name in keys) || typeof value !== 'number') continue;
    const volts = atVolts ?? usual ?? 6;
    const isGuess = (atVolts ?? usual) === undefined;
    const point = points.get(volts) ?? {
      volts: isGuess ? estimated(volts, 'its label does not say at what volts') : stated(volts),
    };
    points.set(volts, { ...point, [keys[name as keyof typeof keys]]: stated(value) });
  }
  return [...points.values()].sort((a, b) => a.volts.value - b.volts.value);
}

const loadWords: readonly [RegExp, LoadForm][] = [
  [/pump/i, 'pump'],
  [/horn|siren|buzzer/i, 'horn'],
  [/sound/i, 'sound'],
  [/smoke|heater/i, 'smoke'],
  [/fan/i, 'fan'],
  [/camera/i, 'camera'],
  [/led|lamp|light|bulb|beacon/i, 'lamps'],
];

const cableWords: readonly [RegExp, CableForm][] = [
  [/y-?lead/i, 'yLead'],
  [/harness/i, 'harness'],
  [/adapt/i, 'adapter'],
];

const cable = (form: CableForm, id: string) =>
  blank('cable', id, (part) => part.kind === 'cable' && part.form === form);

/** How far a full pack stands above the volts that motors are sold by, which are those of a pack at work. */
const fullOver = 1.2;

const nominalVolts = (printed: number | undefined) =>
  printed === undefined
    ? {}
    : {
        maxVolts: estimated(
          Number((printed * fullOver).toPrecision(3)),
          `printed ${printed} V, which is a pack at work; a full one stands a fifth above`,
        ),
      };

const fill: Record<LabelKind, Filler> = {
  motor: (reading, _, id) => {
    const cells = valueOf(reading, 'maxCells');
    return {
      ...chosen<'motor'>(blank('motor', id), 'motorKind', motorKindOf(reading)),
      ...(cells !== undefined && { maxVolts: stated(packVolts({ chemistry: 'LiPo', cells }, 'full')) }),
      ...statedAs(reading, {
        kv: 'kv',
        turns: 'turns',
        fullLoadAmps: 'fullLoadAmps',
        noLoadAmps: 'noLoadAmps',
        stallAmps: 'stallAmps',
      }),
      ...nominalVolts(valueOf(reading, 'maxVolts')),
      ...body(reading),
    };
  },
  controller: (reading, line, id) => {
    const { regulator: _, ...bare } = chosen<'controller'>(
      blank('controller', id),
      'drives',
      textOf(reading, 'motorKind') ?? 'brushed',
    );
    const cells = cellLimits(reading);
    const turns = valueOf(reading, 'minTurns');
    const regulator = regulatorOf(reading, line);
    return {
      ...bare,
      // Who counts cells of a chemistry has a cut-off for it.
      ...(cells.length > 0 && {
        cellLimits: cells,
        cutoffModes: [...new Set(cells.map(({ chemistry }) => chemistry))],
      }),
      ...(turns !== undefined && { turnLimits: [{ cells: 2, turns: stated(turns) }] }),
      ...(regulator && { regulator }),
      ...statedAs(reading, {
        continuousAmps: 'continuousAmps',
        burstAmps: 'burstAmps',
        minInputVolts: 'minVolts',
        maxInputVolts: 'maxVolts',
      }),
      ...(bare.drives === 'brushed' && chipAmps(valueOf(reading, 'continuousAmps'))),
      ...body(reading),
    };
  },
  pack: (reading, _, id) => {
    const chemistry: Chemistry = asChemistry(textOf(reading, 'chemistry') ?? 'LiPo');
    return {
      ...blank('pack', id),
      chemistry,
      ...(valueOf(reading, 'cells') !== undefined && { cells: valueOf(reading, 'cells') }),
      ...(valueOf(reading, 'parallel') !== undefined && { parallel: valueOf(reading, 'parallel') }),
      ...statedAs(reading, { ampHours: 'ampHours', dischargeRate: 'dischargeRate', burstRate: 'burstRate' }),
      ...body(reading),
    };
  },
  servo: (reading, line, id) => ({
    ...blank('servo', id),
    sheet: servoSheet(reading),
    ...statedAs(reading, {
      minVolts: 'minVolts',
      maxVolts: 'maxVolts',
      travelDegrees: 'travelDegrees',
      splineTeeth: 'teeth',
    }),
    // A winch turns a drum several times; how often is on its sheet.
    ...(/\bwinch\b/i.test(line) &&
      valueOf(reading, 'travelDegrees') === undefined && {
        travelDegrees: estimated(1440, 'usual for a winch: please check'),
      }),
    ...body(reading),
  }),
  receiver: (reading, line, id) => radio('receiver', reading, line, id),
  transmitter: (reading, line, id) => radio('transmitter', reading, line, id),
  regulator: (reading, line, id) => ({
    ...blank('bec', id),
    regulator: regulatorOf(reading, line) ?? blank('bec', id).regulator,
    ...statedAs(reading, { minInputVolts: 'minInputVolts', maxInputVolts: 'maxInputVolts' }),
    ...body(reading),
  }),
  load: (reading, line, id) => {
    const form = loadWords.find(([word]) => word.test(line))?.[1] ?? 'electronics';
    return {
      ...blank('load', id, (part) => part.kind === 'load' && part.form === form),
      form,
      ...statedAs(reading, { minVolts: 'minVolts', maxVolts: 'maxVolts', amps: 'amps' }),
      ...(valueOf(reading, 'minVolts') === undefined && aroundPrinted(form, valueOf(reading, 'maxVolts'))),
      ...body(reading),
    };
  },
  switch: (reading, line, id) => ({
    ...(/\b(?:rc|electronic|channel|relay|remote)\b/i.test(line)
      ? {
          ...blank('electronicSwitch', id),
          ...statedAs(reading, { minVolts: 'minVolts', maxVolts: 'maxVolts' }),
        }
      : { ...cable('switch', id), ...statedAs(reading, { maxAmps: 'amps' }) }),
    ...body(reading),
  }),
  fuse: (reading, _, id) => ({
    ...cable('fuse', id),
    ...statedAs(reading, { maxAmps: 'amps' }),
    ...body(reading),
  }),
  cable: (reading, line, id) => {
    const form = cableWords.find(([word]) => word.test(line))?.[1] ?? 'extension';
    return { ...cable(form, id), ...body(reading) };
  },
};

/** The controls that a transmitter of so many channels usually has: a wheel and a trigger, or two sticks. */
function usualControls(line: string, channels = 6): Partial<TransmitterSpec> {
  const hasWheel = (part: TransmitterSpec) => part.controls.some(({ id }) => id === 'wheel');
  const isWheel = /\b(?:wheel|pistol|trigger)\b/i.test(line);
  const [alike] = starterLocker
    .filter((part): part is TransmitterSpec => part.kind === 'transmitter' && hasWheel(part) === isWheel)
    .sort((a, b) => Math.abs(a.channels - channels) - Math.abs(b.channels - channels));
  if (!alike) return {};
  const { controls, endPointChannels = channels } = alike;
  return {
    controls,
    endPointChannels: Math.min(endPointChannels, channels),
    remark: 'Its controls and end points are the usual ones: please check.',
  };
}

function radio(kind: 'receiver' | 'transmitter', reading: LabelReading, line: string, id: string): PartSpec {
  const channels = valueOf(reading, 'channels');
  const part = blank(kind, id);
  return {
    ...(channels === undefined ? part : chosen(part, 'channels', String(channels))),
    ...(kind === 'transmitter' && usualControls(line, channels)),
    ...(kind === 'receiver' &&
      statedAs(reading, { minVolts: 'minVolts', maxVolts: 'maxVolts', amps: 'amps' })),
    ...body(reading),
  } as PartSpec;
}
