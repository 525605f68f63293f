import Button from '@mui/material/Button';
import { useState } from 'react';
import { choiceNote } from '../../core/desk/locker/choice-note';
import { isJoined } from '../../core/model/plan/lead';
import { exchange } from '../../core/judgement/put-right/swap-part';
import type { Socket } from '../../core/bench/refit/as-found';
import { foundNoteId } from '../../core/bench/refit/found-note';
import type { Fitted } from '../../core/model/kinds/fitted';
import { capital } from '../../core/base/words/sentences';
import { toggleWire, turnPlug } from '../../core/desk/wiring/lead-edits';
import { ChainSelect } from '../brief/ChainSelect';
import { KeptNote } from '../drawing/KeptNote';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import styles from './FoundView.module.css';

/** A note and a photograph of a part or a plug as it was found; opened under its row. */
function useFoundNote(id: string, about: string) {
  const [isOpen, setOpen] = useState(false);
  const known = useBuild().stepNotes?.some(({ step }) => step === foundNoteId(id));
  return {
    button: (
      <Button
        size="small"
        aria-expanded={isOpen}
        aria-label={`${known ? 'Note kept' : 'Note'}: ${about}`}
        onClick={() => setOpen(!isOpen)}
      >
        {known ? 'Note kept' : 'Note'}
      </Button>
    ),
    note: isOpen && (
      <div className={styles.note}>
        <KeptNote id={foundNoteId(id)} about={about} label="How it lies, what holds it, what is worn" />
      </div>
    ),
  };
}

/** The parts that were seen, each with which one of the locker it is. */
export function SeenParts() {
  const { context } = useCheck();
  return (
    <section aria-label="Which ones they are">
      <h2 className={styles.subtitle}>Which ones they are</h2>
      <ul className={styles.rows}>
        {context.index.pieces().map((fitted) => (
          <SeenPart key={fitted.fitting.id} fitted={fitted} />
        ))}
      </ul>
    </section>
  );
}

function SeenPart({ fitted: { fitting, part } }: { fitted: Fitted }) {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const items = useLocker((state) => state.items);
  const units = useSettings((state) => state.units);
  const { button, note } = useFoundNote(fitting.id, `the ${fitting.name}`);
  return (
    <li className={styles.row}>
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
          if (chosen) apply(`the ${fitting.name} is: ${chosen.name}`, exchange(build, [fitting.id], chosen));
        }}
      />
      <span className={styles.how}>
        {button}
        <Button
          size="small"
          aria-label={`Remove the ${fitting.name}`}
          onClick={() =>
            apply(`remove the ${fitting.name}`, [{ type: 'removeFitting', fitting: fitting.id }])
          }
        >
          Remove
        </Button>
      </span>
      {note}
    </li>
  );
}

/** One place for a plug: which one sits in it, and how. */
export function PlaceRow({ place }: { place: Socket }) {
  const { name, holds } = place;
  return holds ? <HeldPlug name={name} holds={holds} /> : <EmptySocket place={place} />;
}

function EmptySocket({ place: { name, choices } }: { place: Socket }) {
  const apply = useBuildStore((state) => state.apply);
  return (
    <li className={styles.row}>
      <span className={styles.name}>{capital(name)}</span>
      <ChainSelect
        label={`Part in: ${name}`}
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
}

function HeldPlug({ name, holds }: { name: string; holds: NonNullable<Socket['holds']> }) {
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const { lead } = holds;
  const { button, note } = useFoundNote(lead.id, `the plug of the ${holds.name}`);
  const red = lead.conductors.findIndex(({ from }) => from === 'plus');
  const isTurned = lead.conductors.some(({ from, to }) => from !== to);
  const isLifted = red >= 0 && !isJoined(lead.conductors[red]!);
  return (
    <li className={styles.row}>
      <span className={styles.name}>{capital(name)}</span>
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
        {button}
        <Button
          size="small"
          aria-label={`Pull the ${holds.name}`}
          onClick={() => apply(`pull the ${holds.name}`, [{ type: 'removeLead', lead: lead.id }])}
        >
          Pull it
        </Button>
      </span>
      {note}
    </li>
  );
}
