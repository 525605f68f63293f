import { cellVolts, isLithium, type Chemistry } from '../../model/packs/chemistry';
import type { ControllerSpec } from '../../model/kinds/controller/controller';

/** What a controller's cut-off may be set to for a chemistry: modes that cut at the same volts a cell, its own first. */
export const cutoffsFor = ({ cutoffModes = [] }: ControllerSpec, chemistry: Chemistry): Chemistry[] =>
  [...cutoffModes]
    .filter((mode) => cellVolts(mode).cutoff === cellVolts(chemistry).cutoff)
    .sort((a, b) => Number(b === chemistry) - Number(a === chemistry));

/** Whether a controller is known to have no cut-off that spares a lithium pack: all it has come too late. */
export const cannotSpare = ({ cutoffModes }: ControllerSpec, chemistry: Chemistry): boolean =>
  isLithium(chemistry) &&
  cutoffModes !== undefined &&
  cutoffModes.every((mode) => cellVolts(mode).cutoff < cellVolts(chemistry).cutoff);
