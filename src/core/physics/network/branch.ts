import type { Point, Slot, Wiring } from './device';

/** A current from one node to another, and its slopes by the unknowns that it depends on. */
export class Branch {
  private readonly fromSlots: Slot[];
  private readonly toSlots: Slot[];

  /** @param controls indices of the unknowns that the current depends on */
  constructor(
    wiring: Wiring,
    private readonly from: number,
    private readonly to: number,
    controls: readonly number[],
  ) {
    this.fromSlots = controls.map((control) => wiring.slot(from, control));
    this.toSlots = controls.map((control) => wiring.slot(to, control));
  }

  /** Adds amps that leave `from` and enter `to`. */
  amps({ f }: Point, amps: number): void {
    f[this.from]! += amps;
    f[this.to]! -= amps;
  }

  /** Adds the slope of those amps by the n-th control. */
  slope({ a }: Point, control: number, slope: number): void {
    a[this.fromSlots[control]!.at]! += slope;
    a[this.toSlots[control]!.at]! -= slope;
  }
}

/** Slopes of a branch by a part's input and output volts, and by the ground they share what both leave over. */
export function slopesByEnds(branch: Branch, point: Point, byInput: number, byOutput: number): void {
  branch.slope(point, 0, byInput);
  branch.slope(point, 1, byOutput);
  branch.slope(point, 2, -byInput - byOutput);
}
