import { create } from 'zustand';
import type { Fault } from '../../core/bench/faults/fault';

interface PlantedState {
  /** The build that it was planted in; another one is as planned. */
  buildId: string | undefined;
  fault: Fault | undefined;
  plant: (buildId: string, fault: Fault | undefined) => void;
}

/** A mistake planted to practise on: the rehearsal and the simulated instruments show it, the plan knows nothing of it. */
const usePlantedStore = create<PlantedState>()((set) => ({
  buildId: undefined,
  fault: undefined,
  plant: (buildId, fault) => set({ buildId, fault }),
}));

/** What is planted in a build, and how to plant something else. */
export function usePlanted(buildId: string): [Fault | undefined, (fault: Fault | undefined) => void] {
  const { buildId: where, fault, plant } = usePlantedStore();
  return [where === buildId ? fault : undefined, (next) => plant(buildId, next)];
}
