import { railAmpsBySchool } from '../../reading/circuit/loads';
import { lastingAmps } from '../../model/kinds/regulated/regulator-amps';
import type { Reading } from '../../reading/build-reading/reading';

/** The named numbers behind the findings: `tow-pack.packAmps`, `rail:receiver.railAmpsTwoWorst`, … */
export function figuresOf({ survey, circuit }: Reading): Record<string, number> {
  const figures: Record<string, number> = {};
  const put = (name: string, value: number | undefined) => {
    if (value !== undefined && Number.isFinite(value)) figures[name] = Math.round(value * 1e4) / 1e4;
  };
  for (const rail of survey.rails) {
    put(`${rail.id}.railVolts`, rail.volts?.full);
    put(`${rail.id}.railSources`, rail.sources.length);
    put(`${rail.id}.railAmpsTwoWorst`, railAmpsBySchool(circuit, rail, 'twoWorst'));
    put(`${rail.id}.railAmpsAllStalled`, railAmpsBySchool(circuit, rail, 'allStalled'));
    put(`${rail.id}.railAmpsTypical`, railAmpsBySchool(circuit, rail, 'typical'));
    const [carrier] = rail.sources;
    const regulator = carrier?.terminal.regulator;
    const input = carrier && survey.supplyOf(carrier.fitted.fitting.id)?.volts?.full;
    if (carrier && regulator && input !== undefined)
      put(`${rail.id}.regulatorAmps`, lastingAmps(regulator, input, carrier.volts.full).value);
  }
  for (const load of circuit.packLoads()) {
    const { id } = load.pack.fitting;
    const source = survey.sources.find((candidate) => candidate.fitted === load.pack);
    put(`${id}.packVoltsFull`, source?.volts.full);
    put(`${id}.packVoltsCutoff`, source?.volts.cutoff);
    put(`${id}.packAmps`, load.amps);
    put(`${id}.packAmpsSteady`, circuit.at('steady', 'nominal')?.amps(id));
    put(`${id}.packAmpsByLabel`, load.labelAmps);
    put(`${id}.packAmpsAllowed`, load.allowedAmps);
  }
  return figures;
}
