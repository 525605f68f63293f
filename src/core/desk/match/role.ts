import type { PartKind, PartSpec } from '../../model/kinds/part-spec';

/** A part that could stand in a role, with what it costs to have it there. */
export interface Candidate {
  part: PartSpec;
  /** Money to spend on one, in the person's own units; 0 for what lies on the shelf or has no price noted. */
  money: number;
  isPriced: boolean;
  isOwned: boolean;
  /** What one weighs, in kilograms: its sheet's, or usual for its kind. */
  kilograms: number;
  /** What feeds the rail: the volts that it is set to. */
  railVolts?: number;
}

/** A place in the build that a part is chosen for; fittings that are alike get the same part. */
export interface Role {
  /** Its first fitting. */
  id: string;
  /** `rudders`, as people would call them. */
  name: string;
  kind: PartKind;
  /** Ids of the fittings. */
  fittings: string[];
  /** Parts to choose from; one alone where the role is not open. */
  candidates: Candidate[];
  /** What stands there, as it is set. */
  now?: Candidate;
  isOpen: boolean;
  /** Nothing stood there: a usual part was put in to have it wired. */
  isNew: boolean;
}

/** A candidate for each role, in their order; `undefined` where none is chosen yet. */
export type Assignment = readonly (Candidate | undefined)[];

/** What the roles decided so far mean to the ones that are not: alike ones may be compared. */
export interface Standing {
  /** Everything that a later choice meets and that is neither better nor worse. */
  key: string;
  /** What is the better for later choices the smaller it is. */
  less: readonly number[];
}

/** Something that a choice of several roles comes to. */
interface OfRoles {
  /** Indices of the roles that it looks at. */
  roles: readonly number[];
  /** What its decided roles mean to the others, while some are undecided. */
  standing: (assignment: Assignment) => Standing;
}

/**
 * One thing that has to fit. Margins are shares of the limit: 0.2 where a fifth of it is left, below zero where it does
 * not fit. With some of its roles undecided a margin is the best that they could still make of it.
 */
export interface Screen extends OfRoles {
  id: string;
  /** `volts of the pack on the controller`. */
  words: string;
  /** `undefined` where a sheet is silent, or where it says nothing yet. */
  margin: (assignment: Assignment) => number | undefined;
  /** Whether its margin counts for the smallest one; what only fits or does not, leaves it alone. */
  isMargin: boolean;
  /** A wish or a rule of thumb, that no rule of the check judges. */
  isWish?: boolean;
}

/** Joints and adapters that a choice takes between some roles; asked once all of them are decided. */
export interface JointCount extends OfRoles {
  joints: (assignment: Assignment) => number;
}

/** Minutes that the pack lasts; asked once all of its roles are decided. */
export interface RunMinutes extends OfRoles {
  minutes: (assignment: Assignment) => number;
}

/** Everything that a search needs to know. */
export interface MatchProblem {
  roles: Role[];
  screens: Screen[];
  joints: JointCount[];
  runMinutes: RunMinutes;
  /** Most money to spend; none where the Brief tells none. */
  moneyLimit: number | undefined;
}
