import type { ModelFunction } from '../../model/plan/model-function';
import type { Build } from '../../model/plan/build';
import type { Fitted } from '../../model/kinds/fitted';
import type { Survey } from './survey';
import { terminalsOf } from '../../model/kinds';
import { farEnd } from '../../model/plan/build-index';

/** Something that a person sees move, light up or hears when a control is moved, with what the channel works for it. */
export interface Mover {
  /** What is seen: a servo, a motor, a lamp, a pump. */
  seen: Fitted;
  /** What listens to the receiver for it: itself, its controller, its switch. */
  device: string;
}

/** What a part that listens to a channel makes move: a controller its motors, a switch what hangs on it, anything else itself. */
export function moversOf(survey: Survey, device: string, before: readonly string[] = []): Mover[] {
  const { index } = survey;
  // Switches may have been joined in a ring.
  if (!index.has(device) || before.includes(device)) return [];
  const fitted = index.get(device);
  if (fitted.kind === 'controller') return survey.motorsOf(device).map((motor) => ({ seen: motor, device }));
  if (fitted.kind !== 'electronicSwitch') return [{ seen: fitted, device }];
  return fitted.part.ports
    .filter(({ flow }) => flow === 'out')
    .flatMap((port): Mover[] => {
      const ref = { fitting: device, port: port.id };
      const lead = index.leadAt(ref);
      const end = lead && farEnd(lead, ref);
      const behind = end && index.owner(end);
      if (behind?.kind === 'electronicSwitch')
        return moversOf(survey, behind.fitting.id, [...before, device]).map(({ seen }) => ({ seen, device }));
      return behind && terminalsOf(behind.part).consumes.length > 0 ? [{ seen: behind, device }] : [];
    });
}

/** Every function of a build with what it is seen to move. */
export const functionMovers = (
  { functions }: Pick<Build, 'functions'>,
  survey: Survey,
): { function: ModelFunction; movers: Mover[] }[] =>
  functions.map((each) => ({
    function: each,
    movers: each.devices.flatMap((device) => moversOf(survey, device)),
  }));
