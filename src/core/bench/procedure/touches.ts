import type { Reading } from '../../reading/build-reading/reading';

/** The radio: what is bound together. */
export const radioOf = ({ index }: Reading): string[] =>
  [...index.ofKind('transmitter'), ...index.ofKind('receiver')].map((each) => each.fitting.id);

/** The radio and all that listens to it: what a fail-safe and a range check are about. */
export const touchedByRadio = (context: Reading): string[] => [
  ...radioOf(context),
  ...context.survey.signals.map((path) => path.device.fitting.id),
];
