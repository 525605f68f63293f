import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { nanoid } from 'nanoid';
import { fitPart } from '../../core/brief/fit-part';
import { kindOfAny } from '../../core/kinds';
import { choiceNote } from '../../core/locker/choice-note';
import type { PartKind } from '../../core/parts/part-spec';
import { isJoined } from '../../core/plan/lead';
import { exchange } from '../../core/put-right/swap-part';
import { bareName, seenKinds, sockets, unknownPart, type Socket } from '../../core/refit/as-found';
import { capital } from '../../core/words/sentences';
import { toggleWire, turnPlug } from '../../core/wiring/lead-edits';
import { ChainSelect } from '../brief/ChainSelect';
import { useBuild, useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { addAndOpen } from '../state/open-build';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
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
            <h2 className={styles.subtitle}>What sits where</h2>
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

/** The parts that were seen, each with which one of the locker it is. */
function SeenParts() {
  const { context } = useCheck();
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const items = useLocker((state) => state.items);
  const units = useSettings((state) => state.units);
  return (
    <section aria-label="Which ones they are">
      <h2 className={styles.subtitle}>Which ones they are</h2>
      <ul className={styles.rows}>
        {context.index.pieces().map(({ fitting, part }) => (
          <li key={fitting.id} className={styles.row}>
            <span className={styles.name}>{capital(fitting.name)}</span>
            <ChainSelect
              label={`Which one the ${fitting.name} is`}
              value={part.id}
              options={[
                { value: part.id, text: part.name },
                ...items
                  .filter((item) => item.part.kind === part.kind && item.part.id !== part.id)
                  .map((item) => ({
                    value: item.part.id,
                    text: item.part.name,
                    note: choiceNote(item, units),
                  })),
              ]}
              onChoose={(id) => {
                const chosen = items.find((item) => item.part.id === id)?.part;
                if (chosen)
                  apply(`the ${fitting.name} is: ${chosen.name}`, exchange(build, [fitting.id], chosen));
              }}
            />
            <Button
              size="small"
              aria-label={`Remove the ${fitting.name}`}
              onClick={() =>
                apply(`remove the ${fitting.name}`, [{ type: 'removeFitting', fitting: fitting.id }])
              }
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** One place for a plug: which one sits in it, and how. */
function PlaceRow({ place: { name, holds, choices } }: { place: Socket }) {
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const words = capital(name);
  if (!holds)
    return (
      <li className={styles.row}>
        <span className={styles.name}>{words}</span>
        <ChainSelect
          label={`What sits in: ${name}`}
          value=""
          empty={choices.length > 0 ? 'nothing' : 'nothing, none is free'}
          options={choices.map(({ id, name: plug }) => ({ value: id, text: plug }))}
          onChoose={(id) => {
            const chosen = choices.find((each) => each.id === id);
            if (chosen) apply(`found: ${chosen.patch.label}`, chosen.patch.edits);
          }}
        />
      </li>
    );
  const { lead } = holds;
  const red = lead.conductors.findIndex(({ from }) => from === 'plus');
  const isTurned = lead.conductors.some(({ from, to }) => from !== to);
  const isLifted = red >= 0 && !isJoined(lead.conductors[red]!);
  return (
    <li className={styles.row}>
      <span className={styles.name}>{words}</span>
      <span className={styles.holds}>{holds.name}</span>
      <span className={styles.how}>
        {lead.conductors.length > 1 && (
          <Button
            size="small"
            aria-pressed={isTurned}
            onClick={() => apply(`found turned: ${holds.name}`, [turnPlug(context.index, lead)])}
          >
            {isTurned ? 'Turned' : 'Right way round'}
          </Button>
        )}
        {red >= 0 && lead.conductors.length > 2 && (
          <Button
            size="small"
            aria-pressed={isLifted}
            onClick={() => apply(`red wire of the ${holds.name}`, [toggleWire(lead, red)])}
          >
            {isLifted ? 'Red lifted' : 'Red in'}
          </Button>
        )}
        <Button
          size="small"
          aria-label={`Pull the ${holds.name}`}
          onClick={() => apply(`pull the ${holds.name}`, [{ type: 'removeLead', lead: lead.id }])}
        >
          Pull it
        </Button>
      </span>
    </li>
  );
}
