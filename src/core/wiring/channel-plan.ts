import type { Build } from '../plan/build';
import type { Edit } from '../plan/edits';
import type { ModelFunction } from '../plan/model-function';
import { assignRadio } from '../radio/assign-radio';

/** Channels and controls for functions that have none, as edits. */
export const channelPlan = (build: Build): { function: ModelFunction; edit: Edit }[] =>
  assignRadio(build).assigned.map(({ function: modelFunction, change }) => ({
    function: modelFunction,
    edit: { type: 'setFunction', function: modelFunction.id, change },
  }));
