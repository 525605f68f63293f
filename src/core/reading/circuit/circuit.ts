import type { Element } from '../../physics/network/devices';
import type { RegulatorSizing } from '../../model/plan/policies';
import type { Survey } from '../survey/survey';
import type { PackState } from '../../model/packs/pack-state';
import { buildElements, type KnownParts } from './build-elements';
import type { BuildPoint } from './build-point';
import type { Conditions } from '../../model/kinds/conditions';
import { stalledServos } from './draws';
import { drivenMotors } from './driven-motors';
import { Estimates } from '../../model/kinds/estimates';
import { packLoads, railLoads, type PackLoad, type RailLoad } from './loads';
import { mechanismLoads, type MechanismLoad } from './mechanism-load';
import { NodeNames } from './nodes';
import { RestingNetwork } from './resting-network';
import { wireElements } from './wires';

/**
 * What a build is asked in one moment:
 * `worst`, every motor at full throttle, everything on, servos stalled as the school counts them, regulators giving
 * whatever is asked; `steady`, the same with no servo stalled: what goes on for minutes; `given` and `kept`, the worst and
 * the steady again with regulators that give no more than they can.
 */
export type Moment = 'worst' | 'steady' | 'given' | 'kept';

/** The solved network of a build: every volt and amp that is told or judged comes from here, each worked out once. */
export class Circuit {
  private readonly points = new Map<string, BuildPoint | undefined>();
  private readonly names: NodeNames;
  /** The same in every moment. */
  private readonly wires: readonly Element[];
  private readonly known: KnownParts = new Map();
  private readonly network: RestingNetwork;
  private railLoadsKnown: RailLoad[] | undefined;
  private packLoadsKnown: PackLoad[] | undefined;
  private mechanismLoadOf: ((servoId: string) => MechanismLoad | undefined) | undefined;
  private readonly stalled = new Map<RegulatorSizing, { ids: ReadonlySet<string>; key: string }>();

  constructor(readonly survey: Survey) {
    this.names = new NodeNames(survey);
    this.wires = wireElements(survey, this.names, new Estimates(survey.build.measured));
    this.network = new RestingNetwork(this.wires);
  }

  /** A moment with the packs in a state; `undefined` where it does not settle. @param school the build's where not said */
  at(
    moment: Moment,
    charge: number | PackState,
    school = this.survey.build.policies.regulatorSizing,
  ): BuildPoint | undefined {
    const key = `${moment}/${charge}/${hasStalls(moment) ? this.stalledBy(school).key : ''}`;
    if (!this.points.has(key)) {
      const conditions = this.conditions(moment, charge, school);
      const point = this.network.solve(
        buildElements(
          this.survey,
          conditions,
          new Estimates(this.survey.build.measured),
          this.names,
          this.wires,
          this.known,
        ),
      );
      this.points.set(key, point.ok ? point.value : undefined);
    }
    return this.points.get(key);
  }

  /** What is asked of each rail at the worst second. */
  railLoads(): RailLoad[] {
    return (this.railLoadsKnown ??= railLoads(this));
  }

  /** What is asked of each pack at the worst second. */
  packLoads(): PackLoad[] {
    return (this.packLoadsKnown ??= packLoads(this));
  }

  /** Whether a servo counts as stalled at the worst second. */
  isStalled(fittingId: string): boolean {
    return this.stalledBy(this.survey.build.policies.regulatorSizing).ids.has(fittingId);
  }

  /** What the mechanism of a servo asks of it; `undefined` where it is not known what it moves. */
  mechanismLoad(servoId: string): MechanismLoad | undefined {
    const { survey, names } = this;
    this.mechanismLoadOf ??= mechanismLoads(survey, () =>
      drivenMotors(survey, new Estimates(survey.build.measured), names),
    );
    return this.mechanismLoadOf(servoId);
  }

  /** How a build is looked at in a moment. */
  conditions(
    moment: Moment,
    charge: number | PackState,
    school = this.survey.build.policies.regulatorSizing,
  ): Conditions {
    const stalled = hasStalls(moment) ? this.stalledBy(school).ids : undefined;
    return {
      charge,
      coldFactor: 1,
      isUnlimited: moment === 'worst' || moment === 'steady',
      servo: (id) => (stalled?.has(id) ? 'stalled' : 'moving'),
      duty: () => 1,
      on: () => 1,
    };
  }

  private stalledBy(school: RegulatorSizing): { ids: ReadonlySet<string>; key: string } {
    let known = this.stalled.get(school);
    if (!known) {
      const ids = stalledServos(this.survey, school);
      this.stalled.set(school, (known = { ids, key: [...ids].join() }));
    }
    return known;
  }
}

const hasStalls = (moment: Moment): boolean => moment === 'worst' || moment === 'given';
