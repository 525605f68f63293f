import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import type { PortRef } from '../../model/plan/lead';
import { usedChannels } from '../../reading/radio/channel-inputs';
import { radioHeardBy } from '../../reading/radio/radios';
import { Survey } from '../../reading/survey/survey';
import { connect } from '../../judgement/put-right/connect';
import { BuildIndex, portRef } from '../../model/plan/build-index';

/** One reviewable step of a proposal: taken or refused as a whole. */
interface Proposal {
  id: string;
  label: string;
  edits: Edit[];
  isRefused: boolean;
}

/** What a proposal came to. */
export interface WiringPlan {
  readonly proposals: readonly Proposal[];
  /** What could not be wired, and why. */
  readonly unsolved: readonly string[];
  /** The build with everything that was not refused. */
  readonly build: Build;
}

/** A proposal as it is drawn up, with the build that its steps so far make. */
export class WiringDraft implements WiringPlan {
  readonly proposals: Proposal[] = [];
  readonly unsolved: string[] = [];
  private known: BuildIndex | undefined;

  constructor(
    public build: Build,
    readonly locker: readonly PartSpec[],
    private readonly refused: ReadonlySet<string>,
  ) {}

  get index(): BuildIndex {
    return (this.known ??= new BuildIndex(this.build));
  }

  /** Adds a step, and does it unless it is refused. @returns whether it is done */
  offer(id: string, label: string, edits: Edit[]): boolean {
    const isRefused = this.refused.has(id);
    if (!isRefused) {
      try {
        this.build = applyEdits(this.build, edits);
        this.known = undefined;
      } catch (error) {
        this.unsolved.push(`${label}: ${error instanceof Error ? error.message : String(error)}`);
        return false;
      }
    }
    this.proposals.push({ id, label, edits, isRefused });
    return !isRefused;
  }

  /** Adds the step that joins two ports, with an adapter where it takes one, or says why it cannot be. */
  join(id: string, label: string, from: PortRef, to: PortRef): boolean {
    const taken = [from, to].find((ref) => !this.isFree(ref));
    if (taken) {
      this.unsolved.push(`${label}: the ${this.index.portName(taken)} is taken`);
      return false;
    }
    const edits = connect(this.build, from, to, this.locker);
    if (edits) return this.offer(id, edits.length > 1 ? `${label}, with an adapter` : label, edits);
    this.unsolved.push(`${label}: no adapter in the locker fits both plugs`);
    return false;
  }

  isFree(ref: PortRef): boolean {
    return this.index.leadAt(ref) === undefined;
  }

  /** The receiver's power port, or the highest port of a channel that no function is planned on. */
  receiverInlet(): PortRef | undefined {
    const [receiver] = this.index.ofKind('receiver');
    if (!receiver) return undefined;
    const radio = radioHeardBy({ build: this.build, survey: new Survey(this.build) }, receiver);
    const planned = usedChannels(radio);
    const open = receiver.part.ports.filter(
      ({ use, channel }) => use !== 'serial' && (channel === undefined || !planned.includes(channel)),
    );
    return open
      .sort((a, b) => (b.channel ?? Infinity) - (a.channel ?? Infinity))
      .map((port) => portRef(receiver, port))
      .find((ref) => this.isFree(ref));
  }
}
