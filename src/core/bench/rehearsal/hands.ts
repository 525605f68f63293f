/** What is done at the bench: switches, controls by function, whose arm is held. */
export interface Hands {
  isTransmitterOn: boolean;
  isPackIn: boolean;
  sticks: ReadonlyMap<string, number>;
  held: string | undefined;
  /** In the water or on the road; on its stand where not said. */
  isUnderWay?: boolean;
}
