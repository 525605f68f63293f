import { newStops, type PatchPreview } from '../../core/judgement/check/preview';
import { wells as wellIds, type Well, type WellReport } from '../../core/judgement/findings/wells';
import { ruledOutWords } from '../../core/desk/locker/ruled-out-words';
import { carrierId } from '../../core/model/fitting/component-id';
import { exchange, isOfSameForm } from '../../core/judgement/put-right/swap-part';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import type { Patch } from '../../core/model/plan/patch';
import { useBuild } from '../state/shown-build';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { usePreviews } from '../state/use-offers';
import { Explained } from '../help/Explained';
import styles from './PartSheet.module.css';

/** Places of a kind that are looked at. */
const mostPlaces = 6;

/** Volts at which servos are compared where nothing feeds them yet. */
const usualVolts = 6;

/** Whether a part would do in the places that this build has for its kind, and what rules it out where it would not. */
export function WouldItDo({ part }: { part: PartSpec }) {
  const build = useBuild();
  const { context, wells } = useCheck();
  const units = useSettings((state) => state.units);
  const places = context.index
    .ofKind(part.kind)
    .filter((fitted) => carrierId(fitted.fitting.id) === fitted.fitting.id && fitted.fitting.part !== part.id)
    .slice(0, mostPlaces);
  const patches = places.map(({ fitting }): Patch => ({
    id: `would:${fitting.id}:${part.id}`,
    label: fitting.name,
    edits: exchange(build, [fitting.id], part),
  }));
  const does = places.map((fitted) => isOfSameForm(part, fitted.part));
  const otherWork = ({ fitting, part: there }: (typeof places)[number]) =>
    ruledOutWords(part, there, context.survey.supplyOf(fitting.id)?.volts?.nominal ?? usualVolts, units);
  const previews = usePreviews(patches);
  if (patches.length === 0) return null;
  return (
    <section aria-label="Would it do here?">
      <h3 className={styles.title}>Would it do in this build?</h3>
      <ul className={styles.would}>
        {patches.map((patch, n) => (
          <li key={patch.id}>
            In the place of the {patch.label}:{' '}
            <Explained
              text={
                does[n]
                  ? wouldWords(patch, previews.get(patch.id), wells)
                  : `ruled out: ${otherWork(places[n]!)}.`
              }
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Whether it would do there: what rules it out, what does not go in any more, and whether facts are missing for a verdict. */
function wouldWords(
  { edits }: Patch,
  preview: PatchPreview | undefined,
  now: Record<Well, WellReport>,
): string {
  if (!preview) return 'working it out…';
  const stops = newStops(preview);
  if (stops.length > 0) return `ruled out. ${stops.map(({ text }) => text).join('; ')}.`;
  const loose = edits.filter(({ type }) => type === 'removeLead').length;
  if (loose > 0) return `it has other ports: ${loose} of the leads there would come off.`;
  const isSilent = wellIds.some((well) => preview.wells[well].unknown > now[well].unknown);
  const dried = preview.gone.length > 0 ? `, and it fixes ${preview.gone.length}` : '';
  return `nothing ${isSilent ? 'that is known ' : ''}rules it out${dried}${isSilent ? '; its sheet leaves facts open' : ''}.`;
}
