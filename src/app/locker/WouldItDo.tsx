import { newStops } from '../../core/check/preview';
import { carrierId } from '../../core/plan/component-id';
import { exchange } from '../../core/put-right/swap-part';
import type { PartSpec } from '../../core/parts/part-spec';
import type { Patch } from '../../core/plan/patch';
import { useBuild } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { usePreviews } from '../state/use-offers';
import styles from './PartSheet.module.css';

/** Places of a kind that are looked at. */
const mostPlaces = 6;

/** Whether a part would do in the places that this build has for its kind, and what rules it out where it would not. */
export function WouldItDo({ part }: { part: PartSpec }) {
  const build = useBuild();
  const { context } = useCheck();
  const places = context.index
    .ofKind(part.kind)
    .filter(({ fitting }) => carrierId(fitting.id) === fitting.id && fitting.part !== part.id)
    .slice(0, mostPlaces);
  const patches = places.map(({ fitting }): Patch => ({
    id: `would:${fitting.id}:${part.id}`,
    label: fitting.name,
    edits: exchange(build, [fitting.id], part),
  }));
  const previews = usePreviews(patches);
  if (patches.length === 0) return null;
  return (
    <section aria-label="Would it do here?">
      <h3 className={styles.title}>Would it do in this build?</h3>
      <ul className={styles.would}>
        {patches.map(({ id, label }) => {
          const preview = previews.get(id);
          const stops = preview ? newStops(preview) : [];
          return (
            <li key={id}>
              In the place of the {label}:{' '}
              {!preview
                ? 'working it out…'
                : stops.length === 0
                  ? `nothing rules it out${preview.gone.length > 0 ? `, and it dries ${preview.gone.length}` : ''}.`
                  : `ruled out. ${stops.map(({ text }) => text).join('; ')}.`}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
