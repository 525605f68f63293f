import type { Build } from '../../model/plan/build';
import type { Edit } from '../../model/plan/edits';
import type { ModelFunction } from '../../model/plan/model-function';
import { assignRadio } from '../../reading/radio/assign-radio';

/** Channels and controls for functions that have none, as edits. */
export const channelPlan = (build: Build): { function: ModelFunction; edit: Edit }[] =>
  assignRadio(build).assigned.map(({ function: modelFunction, change }) => ({
    function: modelFunction,
    edit: { type: 'setFunction', function: modelFunction.id, change },
  }));
