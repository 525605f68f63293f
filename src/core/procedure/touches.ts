import type { CheckContext } from '../findings/context';

/** The radio: what is bound together. */
export const radioOf = ({ index }: CheckContext): string[] =>
  [...index.ofKind('transmitter'), ...index.ofKind('receiver')].map((each) => each.fitting.id);

/** The radio and all that listens to it: what a fail-safe and a range check are about. */
export const touchedByRadio = (context: CheckContext): string[] => [
  ...radioOf(context),
  ...context.survey.signals.map((path) => path.device.fitting.id),
];
