import { keepPreviousData, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useDeferredValue } from 'react';
import type { PatchPreview } from '../../core/judgement/check/preview';
import type { FaultTable } from '../../core/bench/faults/fault-table';
import type { Finding } from '../../core/judgement/findings/finding';
import type { Patch } from '../../core/model/plan/patch';
import type { Asked, ProposedPlaces, ProposedWiring } from '../../workers/check-jobs';
import { checkWorker } from '../../workers/check-worker';
import { useBuild } from './shown-build';
import { useLocker } from './locker-store';
import { revisionOf } from './revision';
import { checkOf } from './use-check';

/** The open build as the worker is asked about it, once an edit has been shown: it is copied as it is sent there. */
function useAsked(): Asked {
  const build = useDeferredValue(useBuild());
  const { parts, costs } = useLocker();
  return { revision: `${revisionOf(build)}/${revisionOf(parts)}`, build, shelf: { parts, costs } };
}

const kept = { staleTime: Infinity, gcTime: 60_000, retry: 1 } as const;

/** The put-rights of a finding, each with what it would do. Those of an outing are tried as they are proposed. */
export function useOffers(finding: Finding): UseQueryResult<PatchPreview[]> {
  const asked = useAsked();
  const isChecked = checkOf(asked.build).findings.some((candidate) => candidate.id === finding.id);
  return useQuery({
    ...kept,
    queryKey: ['offers', asked.revision, finding.id],
    queryFn: () =>
      checkWorker.do((jobs) =>
        isChecked ? jobs.offers(asked, finding.id) : jobs.previews(asked, finding.patches),
      ),
  });
}

/** The put-rights of all findings that are open. */
export function useAllOffers(): readonly Patch[] {
  const asked = useAsked();
  const { data } = useQuery({
    ...kept,
    queryKey: ['all offers', asked.revision],
    queryFn: () => checkWorker.do((jobs) => jobs.allOffers(asked)),
  });
  return data ?? [];
}

/** What some patches would do, by id, once it is worked out. */
export function usePreviews(patches: readonly Patch[]): ReadonlyMap<string, PatchPreview> {
  const asked = useAsked();
  const { data = [] } = useQuery({
    ...kept,
    queryKey: ['previews', asked.revision, patches.map((patch) => patch.id).join(' ')],
    queryFn: () => checkWorker.do((jobs) => jobs.previews(asked, patches)),
    enabled: patches.length > 0,
  });
  return new Map(data.map((preview) => [preview.patch.id, preview]));
}

/** A complete wiring for the open build; the one before stays until another is worked out. */
export function useProposal(refused: ReadonlySet<string>): UseQueryResult<ProposedWiring> {
  const asked = useAsked();
  return useQuery({
    ...kept,
    queryKey: ['proposal', asked.revision, [...refused].sort().join(' ')],
    queryFn: () => checkWorker.do((jobs) => jobs.propose(asked, refused)),
    placeholderData: keepPreviousData,
  });
}

/** Places for some parts of the open build, by their ids. */
export function usePlacing(which: readonly string[]): UseQueryResult<ProposedPlaces> {
  const asked = useAsked();
  return useQuery({
    ...kept,
    queryKey: ['placing', asked.revision, which.join(' ')],
    queryFn: () => checkWorker.do((jobs) => jobs.place(asked, which)),
  });
}

/** What every test would show under every fault of the open build. @param onProgress told the share done, 0 to 1 */
export function useFaultTable(
  changed: ReadonlySet<string>,
  onProgress: (share: number) => void,
): UseQueryResult<FaultTable> {
  const asked = useAsked();
  return useQuery({
    ...kept,
    queryKey: ['faults', asked.revision, [...changed].sort().join(' ')],
    queryFn: ({ signal }) => checkWorker.do((jobs) => jobs.faults(asked, changed, proxy(onProgress)), signal),
  });
}
