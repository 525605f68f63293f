import type { ReceiverSpec } from '../parts/receiver';
import type { ServoSpec } from '../parts/servo';
import { controlKinds, type ControlKind, type TransmitterSpec } from '../parts/transmitter';
import { stated } from '../quantity/figure';

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

/** Links as they are typed, with commas between; none at all changes nothing. */
export function withProtocols<Part extends ReceiverSpec | TransmitterSpec>(part: Part, typed: string): Part {
  const protocols = [...new Set(typed.split(',').map((text) => text.trim().slice(0, 30)))].filter(Boolean);
  return protocols.length === 0 ? part : { ...part, protocols };
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
