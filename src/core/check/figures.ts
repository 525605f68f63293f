import { regulatorAmps } from '../power/regulator-amps';
import type { CheckContext } from '../rules/rule';
import { inputVoltsOf } from '../rules/support/regulator-input';

/** The named numbers behind the findings: `tow-pack.packAmps`, `rail:receiver.ampsTwoWorst`, … */
export function figuresOf(context: CheckContext): Record<string, number> {
  const figures: Record<string, number> = {};
  const put = (name: string, value: number | undefined) => {
    if (value !== undefined && Number.isFinite(value)) figures[name] = Math.round(value * 1e4) / 1e4;
  };
  for (const rail of context.rails) {
    put(`${rail.id}.railVolts`, rail.volts);
    put(`${rail.id}.railSources`, rail.sources.length);
    put(`${rail.id}.railAmpsTwoWorst`, rail.ampsBySchool.twoWorst);
    put(`${rail.id}.railAmpsAllStalled`, rail.ampsBySchool.allStalled);
    put(`${rail.id}.railAmpsTypical`, rail.ampsBySchool.typical);
    const [carrier] = rail.sources;
    const regulator = carrier?.terminal.regulator;
    if (carrier && regulator) {
      const input = inputVoltsOf(context, carrier);
      if (input !== undefined) {
        put(`${rail.id}.regulatorAmps`, regulatorAmps(regulator, input, carrier.volts.full).value);
      }
    }
  }
  for (const load of context.packs) {
    const { id } = load.pack.fitting;
    const source = context.picture.sources.find((one) => one.fitted === load.pack);
    put(`${id}.packVoltsFull`, source?.volts.full);
    put(`${id}.packVoltsCutoff`, source?.volts.cutoff);
    put(`${id}.packAmps`, load.amps);
    put(`${id}.packAmpsByLabel`, load.labelAmps);
    put(`${id}.packAmpsAllowed`, load.allowedAmps);
    put(`${id}.runTimeMinutes`, load.runMinutes);
  }
  return figures;
}
