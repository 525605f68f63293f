import type { Draft } from 'immer';
import type { Build } from '../build';
import type { BuildIndex } from '../build-index';
import type { Conductor, PortRef } from '../lead';
import type { Policies } from '../policies';
import type { ModelFunction } from '../model-function';
import type { Placement } from '../../fitting/placement';

/** What the words of an edit may ask of the build as it is before it. */
export interface EditSpeech {
  index: BuildIndex;
  /** What a fitting is called; one that an edit before this brought in, too. */
  name: (fitting: string) => string;
  port: (ref: PortRef) => string;
  /** A lead by the parts that it joins. */
  lead: (id: string) => string;
  functionName: (id: string) => string;
  functionChange: (change: Partial<ModelFunction>) => string;
  place: (place: Placement) => string;
  /** What is set to what, field by field. */
  changes: (change: object) => string;
  conductors: (conductors: readonly Conductor[]) => string;
  /** A school, and what was chosen of it. */
  school: (key: keyof Policies, value: unknown) => string;
}

/** Everything that is known of a kind of edit, in one place: what it does, and the line that says so. */
export interface EditKind<E extends { type: string }> {
  /** @throws if it names something that the build lacks: a bug in whoever made it */
  apply: (build: Draft<Build>, edit: E) => void;
  words: (edit: E, say: EditSpeech) => string;
}

/** Keeps what is said of an edit checked against its form. */
export const defineEdit = <E extends { type: string }>(kind: EditKind<E>): EditKind<E> => kind;
