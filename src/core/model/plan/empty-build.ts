import { defaultBrief } from './brief';
import type { Build, ModelKind } from './build';
import { defaultPolicies } from './policies';

/** A build to begin with: a name and a kind of model, nothing else. */
export function emptyBuild(id: string, name: string, model: ModelKind): Build {
  const drive = model === 'yacht' ? 'none' : model === 'tracked machine' ? 'tracks' : 'single';
  const exposure = model === 'boat' || model === 'yacht' ? 'splash' : 'dust';
  return {
    id,
    name,
    model,
    brief: { ...defaultBrief(), drive, exposure },
    policies: defaultPolicies(),
    parts: [],
    fittings: [],
    leads: [],
    functions: [],
    acceptances: [],
    ticks: [],
  };
}
