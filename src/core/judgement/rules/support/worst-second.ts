import { cautiousFloor } from '../../../model/kinds/receiver/usual-receiver';
import type { PackState } from '../../../model/packs/pack-state';
import type { Reading } from '../../../reading/build-reading/reading';
import type { Supply } from '../../../reading/survey/power';
import type { Rail } from '../../../reading/survey/rails';
import { floorMeant, wakingState } from '../../limits/volts';
import { givenTo } from './limit-report';

/**
 * Volts at a receiver in the network solved for the worst second, its regulator giving all it can and the packs as far
 * down as it must still be awake; `undefined` where nothing feeds it or the network does not settle.
 */
export function voltsAtWorst(
  context: Reading,
  supply: Supply,
): { state: PackState; volts: number | undefined } | undefined {
  if (!supply.volts) return undefined;
  const { plus, minus } = supply.terminal;
  const state = wakingState(givenTo(context, supply.volts, supply));
  return { state, volts: context.circuit.at('given', state)?.across(supply.fitted.fitting.id, plus, minus) };
}

const floorOf = (context: Reading, supply: Supply): number => {
  const printed = supply.terminal.minVolts?.value ?? cautiousFloor;
  return supply.volts ? floorMeant(givenTo(context, supply.volts, supply), printed) : printed;
};

/** The volts that a rail sinks to at its worst second, and the floor they must stay above: of the receiver nearest to its own. */
export function sinksTo(
  context: Reading,
  rail: Rail,
): { volts: number | undefined; floor: number | undefined } {
  const receivers = rail.supplies
    .filter(({ fitted, status }) => fitted.kind === 'receiver' && status === 'fed')
    .map((supply) => ({
      volts: voltsAtWorst(context, supply)?.volts,
      floor: floorOf(context, supply),
    }))
    .sort((a, b) => (a.volts ?? 0) - a.floor - ((b.volts ?? 0) - b.floor));
  return receivers[0] ?? { volts: undefined, floor: undefined };
}
