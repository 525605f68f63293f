import { useQuery, useQueryClient } from '@tanstack/react-query';
import { canonicalText } from '../../core/base/canonical';
import { previewWords } from '../../core/judgement/check/preview';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import type { Build } from '../../core/model/plan/build';
import { applyEdits } from '../../core/model/plan/edits';
import { correctSheet } from '../../core/judgement/put-right/swap-part';
import type { Seen } from '../../storage/build-repository';
import { checkWorker } from '../../workers/check-worker';
import { useBuildStore } from './build-store';
import { useLocker } from './locker-store';
import { revisionOf } from './revision';
import { repository } from './saving';

/** A stored build, not open here, that has an older sheet of a part. */
interface OutdatedBuild {
  key: string;
  build: Build;
  /** What the corrected sheet would do to it, in words. */
  effect: string;
}

/** The stored builds besides the open one that have another sheet of a part than it has now. */
export function useOutdatedBuilds(part: PartSpec): readonly OutdatedBuild[] {
  const openKey = useBuildStore((state) => state.recordKey);
  const { parts, costs } = useLocker();
  const { data = [] } = useQuery({
    queryKey: ['outdated', part.id, revisionOf(part), openKey],
    queryFn: async () => {
      const stored = await repository.listWithBuilds();
      const outdated = stored.filter(
        ({ record, problem }) => record.key !== openKey && !problem && hasOlder(record.build, part),
      );
      const found: OutdatedBuild[] = [];
      for (const { record } of outdated) {
        const build = record.build;
        const patch = { id: `sheet:${part.id}`, label: '', edits: correctSheet(build, part) };
        const asked = { revision: `${record.key} ${revisionOf(part)}`, build, shelf: { parts, costs } };
        const [preview] = await checkWorker.do((jobs) => jobs.previews(asked, [patch]));
        found.push({ key: record.key, build, effect: preview ? previewWords(preview) : '' });
      }
      return found;
    },
    gcTime: 0,
  });
  return data;
}

const hasOlder = (build: Build, part: PartSpec): boolean => {
  const own = build.parts.find(({ id }) => id === part.id);
  return own !== undefined && canonicalText(own) !== canonicalText(part);
};

/** A stored build that was given a corrected sheet, before and after. */
export interface CorrectedBuild {
  key: string;
  before: Build;
  after: Seen;
}

/** Gives some builds a part's corrected sheet, and afterwards takes it back out of them; what other windows save meanwhile stays. */
export function useCorrectSheet(part: PartSpec) {
  const client = useQueryClient();
  const ask = () => client.invalidateQueries({ queryKey: ['outdated'] });
  return {
    correct: async (outdated: readonly OutdatedBuild[]): Promise<CorrectedBuild[]> => {
      const done: CorrectedBuild[] = [];
      for (const { key } of outdated) {
        const seen = await repository.loadSeen(key);
        if (!seen.ok) continue;
        const { build: before } = seen.value;
        const saved = await repository.save(key, applyEdits(before, correctSheet(before, part)), seen.value);
        if (saved.state === 'saved') done.push({ key, before, after: saved.seen });
      }
      await ask();
      return done;
    },
    takeBack: async (corrected: readonly CorrectedBuild[]): Promise<void> => {
      for (const { key, before, after } of corrected) await repository.save(key, before, after);
      await ask();
    },
  };
}
