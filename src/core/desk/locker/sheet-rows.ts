import type { ReceiverSpec } from '../../model/kinds/receiver/receiver';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import {
  controlKinds,
  type ControlKind,
  type TransmitterSpec,
} from '../../model/kinds/transmitter/transmitter';
import { chemistries } from '../../model/packs/chemistry';
import type { BecSpec } from '../../model/kinds/bec/bec';
import type { CellLimit, ControllerSpec } from '../../model/kinds/controller/controller';
import type { PartSpec } from '../../model/kinds/part-spec';
import { estimated, stated } from '../../base/validation/figure';
import { readQuantity } from '../../base/quantity/read-quantity';
import { failure, success, type Result } from '../../base/result';

/** Most voltages that a servo's sheet has room for. */
const mostPoints = 8;
const mostControls = 40;

/** A servo's sheet with one more voltage, above those it has. */
export function addVoltage(servo: ServoSpec): ServoSpec {
  if (servo.sheet.length >= mostPoints) return servo;
  const highest = Math.max(4, ...servo.sheet.map((point) => point.volts.value));
  const volts = servo.sheet.length === 0 ? 4.8 : Math.min(30, Math.round((highest + 1.2) * 10) / 10);
  return { ...servo, sheet: [...servo.sheet, { volts: stated(volts) }] };
}

/** A servo's sheet with a voltage changed, in volts; the lowest stays first. Volts twice or absurd change nothing. */
export function moveVoltage(servo: ServoSpec, at: number, volts: number): ServoSpec {
  const isTaken = servo.sheet.some((point, n) => n !== at && point.volts.value === volts);
  if (isTaken || !(volts >= 1 && volts <= 30)) return servo;
  const sheet = servo.sheet.map((point, n) => (n === at ? { ...point, volts: stated(volts) } : point));
  return { ...servo, sheet: sheet.sort((a, b) => a.volts.value - b.volts.value) };
}

export const removeVoltage = (servo: ServoSpec, at: number): ServoSpec => ({
  ...servo,
  sheet: servo.sheet.filter((_, n) => n !== at),
});

/** Links as they are typed, with commas between; none at all where nobody knows. */
export function withProtocols<Part extends ReceiverSpec | TransmitterSpec>(part: Part, typed: string): Part {
  const protocols = [...new Set(typed.split(',').map((text) => text.trim().slice(0, 30)))].filter(Boolean);
  return { ...part, protocols };
}

/** A transmitter with one more control of a kind. */
export function addControl(transmitter: TransmitterSpec, kind: ControlKind, name: string): TransmitterSpec {
  if (transmitter.controls.length >= mostControls) return transmitter;
  const taken = new Set(transmitter.controls.map((candidate) => candidate.id));
  let number = transmitter.controls.length + 1;
  while (taken.has(`control-${number}`)) number += 1;
  const control = { id: `control-${number}`, name, kind };
  return { ...transmitter, controls: [...transmitter.controls, control] };
}

/** A transmitter with one control named or made otherwise. */
export function changeControl(
  transmitter: TransmitterSpec,
  id: string,
  change: { name?: string; kind?: string },
): TransmitterSpec {
  const kind = controlKinds.find((controlKind) => controlKind === change.kind);
  const name = change.name?.trim().slice(0, 60);
  return {
    ...transmitter,
    controls: transmitter.controls.map((candidate) =>
      candidate.id === id ? { ...candidate, ...(kind && { kind }), ...(name && { name }) } : candidate,
    ),
  };
}

export const removeControl = (transmitter: TransmitterSpec, id: string): TransmitterSpec => ({
  ...transmitter,
  controls: transmitter.controls.filter((candidate) => candidate.id !== id),
});

/** Most rows that a sheet has room for. */
export const mostTurnLimits = 12;
export const mostCellLimits = 8;

/** A controller's sheet with one more row of lowest turns, for a cell more than it has. */
export function addTurnLimit(controller: ControllerSpec): ControllerSpec {
  const limits = controller.turnLimits ?? [];
  if (limits.length >= mostTurnLimits) return controller;
  const cells = Math.min(Math.max(1, ...limits.map((limit) => limit.cells)) + 1, 24);
  return {
    ...controller,
    turnLimits: [...limits, { cells, turns: estimated(55, 'a guess until it is read') }],
  };
}

/** One row of lowest turns changed, or taken out where it is `undefined`; a row out of range changes nothing. */
export function changeTurnLimit(
  controller: ControllerSpec,
  at: number,
  row: { cells: number; turns: number } | undefined,
): ControllerSpec {
  const isTwice = (controller.turnLimits ?? []).some((limit, n) => n !== at && limit.cells === row?.cells);
  if (row && (isTwice || !(isWhole(row.cells, 1, 24) && row.turns >= 1 && row.turns <= 200)))
    return controller;
  const changedRow = row && { cells: row.cells, turns: stated(row.turns) };
  return withList(controller, 'turnLimits', replaced(controller.turnLimits ?? [], at, changedRow));
}

/** A controller's sheet with one more row of cells that it stands, of the first chemistry that it has no row for. */
export function addCellLimit(controller: ControllerSpec): ControllerSpec {
  const limits = controller.cellLimits ?? [];
  const chemistry = chemistries.find((each) => limits.every((limit) => limit.chemistry !== each));
  return limits.length >= mostCellLimits || !chemistry
    ? controller
    : { ...controller, cellLimits: [...limits, { chemistry, most: 2 }] };
}

/** One row of cells changed, or taken out where it is `undefined`; a row out of range changes nothing. */
export function changeCellLimit(
  controller: ControllerSpec,
  at: number,
  row: CellLimit | undefined,
): ControllerSpec {
  const isTwice = (controller.cellLimits ?? []).some(
    (limit, n) => n !== at && limit.chemistry === row?.chemistry,
  );
  const isInRange =
    !row ||
    (!isTwice && isWhole(row.most, 1, 24) && (row.least === undefined || isWhole(row.least, 1, row.most)));
  return isInRange
    ? withList(controller, 'cellLimits', replaced(controller.cellLimits ?? [], at, row))
    : controller;
}

const isWhole = (value: number, least: number, most: number): boolean =>
  Number.isInteger(value) && value >= least && value <= most;

const replaced = <Row>(rows: readonly Row[], at: number, row: Row | undefined): Row[] =>
  rows.flatMap((each, n) => (n === at ? (row === undefined ? [] : [row]) : [each]));

/** A sheet with a list, or silent about it where the list is empty: nothing stated is not the same as no limit. */
function withList<Key extends 'turnLimits' | 'cellLimits'>(
  controller: ControllerSpec,
  key: Key,
  rows: NonNullable<ControllerSpec[Key]>,
): ControllerSpec {
  const { [key]: _, ...rest } = controller;
  return rows.length === 0 ? (rest as ControllerSpec) : { ...controller, [key]: rows };
}

/**
 * Output volts of a regulator as they are typed, with commas or semicolons between.
 * @returns why they cannot be kept, where they cannot
 */
export function withRegulatorVolts<Part extends ControllerSpec | BecSpec>(
  part: Part,
  text: string,
): Result<Part, string> {
  if (!part.regulator) return failure('it has no BEC');
  const typed = text.split(/[;/]|,\s|,(?=\d{2})|\s+or\s+/).filter((piece) => piece.trim() !== '');
  const volts: number[] = [];
  for (const piece of typed) {
    const read = readQuantity(piece, { unit: 'V', scale: 1 });
    if (!read.ok) return failure(`“${piece.trim()}”: ${read.problem}`);
    if (!(read.value.value >= 1 && read.value.value <= 30)) return failure('from 1 to 30 V');
    volts.push(read.value.value);
  }
  if (volts.length === 0) return failure('at least one voltage');
  const voltsChoices = [...new Set(volts)].sort((a, b) => a - b);
  return success({ ...part, regulator: { ...part.regulator, voltsChoices } });
}

/** A part with another name for one of its ports; an empty name changes nothing. */
export function renamePort<Part extends PartSpec>(part: Part, portId: string, name: string): Part {
  const trimmed = name.trim().slice(0, 60);
  if (trimmed === '') return part;
  return {
    ...part,
    ports: part.ports.map((port) => (port.id === portId ? { ...port, name: trimmed } : port)),
  };
}
