import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { nanoid } from 'nanoid';
import { fitPart } from '../../core/reading/brief/fit-part';
import { kindOfAny } from '../../core/model/kinds';
import type { PartKind } from '../../core/model/kinds/part-spec';
import { bareName, seenKinds, sockets, unknownPart } from '../../core/bench/refit/as-found';
import { capital } from '../../core/base/words/sentences';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { addAndOpen } from '../state/open-build';
import { useCheck } from '../state/use-check';
import { PlaceRow, SeenParts } from './FoundRows';
import styles from './FoundView.module.css';

/** What is in a model now, written down with the lid off: a tap for each part that is seen, and where each plug sits. */
export function FoundView({ onBack }: { onBack: () => void }) {
  const { context } = useCheck();
  const parts = useLocker((state) => state.parts);
  const apply = useBuildStore((state) => state.apply);
  const build = useBuild();
  const navigate = useNavigate();
  const places = useMemo(() => sockets(context, parts), [context, parts]);
  const see = (kind: PartKind) => {
    const part = unknownPart(kind);
    apply(`saw a ${kindOfAny(part).words.one}`, fitPart(build, part));
  };
  const plan = () => {
    const name = `${bareName(build.name).slice(0, 68)}, planned`;
    void addAndOpen({ ...build, id: nanoid(), name }).then(() => navigate('/brief'));
  };
  return (
    <div className={styles.found}>
      <div className={styles.head}>
        <h1 className={styles.title}>As found</h1>
        {build.fittings.length > 0 && (
          <Button size="small" variant="contained" onClick={plan}>
            Make the plan in a copy
          </Button>
        )}
        <Button size="small" onClick={onBack}>
          Back to the steps
        </Button>
      </div>
      <p className={styles.lead}>
        Lid off, pack out, nothing pulled yet. Tap what you see, once for each; what it is exactly can be told
        now or later.
      </p>
      <div className={styles.kinds} role="group" aria-label="What do you see?">
        {seenKinds.map((kind) => {
          const count = context.index.pieces().filter((fitted) => fitted.kind === kind).length;
          const { one } = kindOfAny(unknownPart(kind)).words;
          return (
            <Button key={kind} variant="outlined" className={styles.kind} onClick={() => see(kind)}>
              {capital(one)}
              {count > 0 && <span className={`figure ${styles.count}`}>{count}</span>}
            </Button>
          );
        })}
      </div>
      {build.fittings.length > 0 && (
        <div className={styles.columns}>
          <SeenParts />
          <section aria-label="What sits where">
            <h2 className={styles.subtitle}>Parts and places</h2>
            <ul className={styles.rows}>
              {places.map((place) => (
                <PlaceRow key={`${place.ref.fitting} ${place.ref.port}`} place={place} />
              ))}
            </ul>
          </section>
        </div>
      )}
    </div>
  );
}
