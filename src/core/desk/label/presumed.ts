import { isLithium } from '../../model/packs/chemistry';
import { defaults } from '../../model/kinds/defaults';
import type { Guess } from '../../model/kinds/estimates';
import { usualLoadAmps } from '../../model/kinds/load/usual-load';
import { usualMotor } from '../../model/kinds/motor/usual-motor';
import type { PartSpec } from '../../model/kinds/part-spec';
import { cautiousFloor } from '../../model/kinds/receiver/usual-receiver';
import { usualStall, usualTorque } from '../../model/kinds/servo/usual-servo';
import { blinkAmps } from '../../judgement/limits/amps';
import { mostToGive } from '../../judgement/limits/volts';
import type { FigureName } from './reading';

/** A figure that no label states, as it usually is, with a range that holds about 95 of 100. */
export interface PresumedFigure {
  name: FigureName;
  value: number;
  low: number;
  high: number;
  /** Why: the rule of thumb behind it. */
  why: string;
}

const rounded = (value: number): number => Number(value.toPrecision(3));
const presumed = (
  name: FigureName,
  value: number,
  low: number,
  high: number,
  why: string,
): PresumedFigure => ({
  name,
  value: rounded(value),
  low: rounded(low),
  high: rounded(high),
  why,
});
const guessed = (name: FigureName, { value, least, most, note }: Guess): PresumedFigure =>
  presumed(name, value, value * least, value * most, note);

/** What is usual where a part's sheet is silent (engineering notes, 4, 5, 9 and 10). */
export function presumedFigures(part: PartSpec): PresumedFigure[] {
  switch (part.kind) {
    case 'motor': {
      const usual = usualMotor(part);
      const kv = part.kv?.value ?? usual.kv.value;
      return [
        ...(part.kv ? [] : [guessed('kv', usual.kv)]),
        ...(part.noLoadAmps ? [] : [guessed('noLoadAmps', usual.noLoadAmps(kv))]),
        ...(part.fullLoadAmps ? [] : [guessed('fullLoadAmps', usual.fullLoadAmps(usual.ohms(kv).value))]),
      ];
    }
    case 'servo': {
      const best = part.sheet.at(-1);
      const most = mostToGive(part);
      const volts = best?.volts.value ?? most.volts;
      const torque = usualTorque(part);
      const seconds = defaults.servoSeconds.value;
      return [
        ...(part.maxVolts
          ? []
          : [presumed('maxVolts', most.volts, 6, 6.6, 'the least that servos are sold for')]),
        ...(best?.stallNewtonMetres ? [] : [guessed('stallTorque', torque)]),
        ...(best?.sixtyDegreeSeconds
          ? []
          : [presumed('speed', seconds, 0.1, 0.2, 'usual for a servo without a printed speed')]),
        ...(best?.stallAmps ? [] : [guessed('stallAmps', usualStall(part, volts))]),
      ];
    }
    case 'controller': {
      const blink = part.burstAmps ? undefined : blinkAmps(part);
      return blink === undefined
        ? []
        : [presumed('burstAmps', blink, 0.6 * blink, 2 * blink, 'usual for its continuous amps')];
    }
    case 'pack': {
      if (part.dischargeRate) return [];
      return isLithium(part.chemistry)
        ? [presumed('dischargeRate', 20, 10, 40, 'usual for a lithium pack without a printed rate')]
        : [presumed('dischargeRate', 7, 5, 10, 'usual for such cells')];
    }
    case 'receiver':
      return [
        // Held to the cautious end: a floor is a limit.
        ...(part.minVolts ? [] : [presumed('minVolts', cautiousFloor, 3.2, 4, 'usual floor of a receiver')]),
        ...(part.amps ? [] : [presumed('amps', 0.05, 0.03, 0.12, 'usual for a receiver')]),
        ...(part.maxVolts ? [] : [presumed('maxVolts', 6, 6, 8.4, 'the least that receivers are sold for')]),
      ];
    case 'load': {
      const usual = usualLoadAmps[part.form];
      return part.amps || !usual ? [] : [presumed('amps', ...usual, 'usual for such a part')];
    }
    default:
      return [];
  }
}
