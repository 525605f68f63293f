import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { checkBuild } from '../../core/judgement/check/check-build';
import { wells, wellNames } from '../../core/judgement/findings/wells';
import type { StepState } from '../../core/bench/procedure/step-states';
import { tickOf } from '../../core/bench/procedure/tick';
import { foundBuild } from '../../core/bench/refit/as-found';
import { foundNotes } from '../../core/bench/refit/found-note';
import { refitWork } from '../../core/bench/refit/refit-work';
import { SaveCsv } from '../lists/SaveCsv';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { addAndOpen } from '../state/open-build';
import { CompareWith, useVariants } from '../trial/CompareWith';
import { PartsOfRefit } from './PartsOfRefit';
import { RefitOutcome } from './RefitOutcome';
import styles from './RefitView.module.css';

interface RefitViewProps {
  states: readonly StepState[];
  onBack: () => void;
  /** Shows where what is in the model is written down. */
  onFound: () => void;
}

/** From what is in the model to what is planned: what comes out, goes in, is set anew, and the steps that this calls for. */
export function RefitView({ states, onBack, onFound }: RefitViewProps) {
  const build = useBuild();
  const check = useCheck();
  const parts = useLocker((state) => state.parts);
  const apply = useBuildStore((store) => store.apply);
  const variants = useVariants();
  const [chosen, setChosen] = useState('');
  const [taken, setTaken] = useState<readonly string[]>([]);
  const before = variants.find(({ id }) => id === chosen)?.build;
  const was = useMemo(() => before && checkBuild(before, parts), [before, parts]);
  const work = useMemo(
    () =>
      was &&
      refitWork(
        was.context,
        check.context,
        states.map(({ step }) => step),
      ),
    [was, check, states],
  );
  const done = new Set(build.ticks.map(({ step }) => step));
  const standing = states.filter(
    ({ step, state }) => state === 'open' && work?.untouched.some(({ id }) => id === step.id),
  );
  const takeAsFound = () => {
    const on = new Date().toISOString();
    const reason = 'As found: nothing that it is about has changed';
    const ticks = standing.flatMap((state) => {
      const tick = tickOf(build, state, { on, reason });
      return tick.ok ? [{ type: 'tick' as const, tick: tick.value }] : [];
    });
    if (apply('take what stays as found', ticks)) setTaken(standing.map(({ step }) => step.id));
  };
  // Ticks are no part of what is undone on paper: these go back together.
  const takeBack = () => {
    apply(
      'take nothing as found',
      taken.map((step) => ({ type: 'untick' as const, step })),
    );
    setTaken([]);
  };
  return (
    <div className={styles.refit}>
      <div className={styles.head}>
        <h1 className={styles.title}>Refit</h1>
        <CompareWith variants={variants} chosen={chosen} onChoose={setChosen} label="As it was found" />
        {work && work.all.length > 0 && (
          <SaveCsv
            table={{
              title: 'refit',
              heads: ['What', 'In words'],
              rows: work.all.map(({ kind, words }) => [kind, words]),
            }}
          />
        )}
        <Button size="small" onClick={onBack}>
          Back to the steps
        </Button>
      </div>
      {!work || !was ? (
        <div className={styles.lead}>
          <p>
            Before you pull anything, write down the parts in the model now, plug by plug, as a build of its
            own. Then plan in a copy of it, and choose the found build here. Dry Hull works out what stays,
            what comes out in which order, and the steps.
          </p>
          <Button
            variant="outlined"
            onClick={() => void addAndOpen(foundBuild(build, nanoid())).then(onFound)}
          >
            Write down what is in it
          </Button>
        </div>
      ) : work.all.length === 0 ? (
        <p className={styles.lead}>The two are the same: nothing comes out, nothing goes in.</p>
      ) : (
        <div className={styles.columns}>
          <div>
            {work.sections.map(({ id, title, why, lines }) => (
              <section key={id} className={styles.section} aria-label={title}>
                <h2 className={styles.sectionTitle}>{title}</h2>
                <p className={styles.why}>{why}</p>
                <ol className={styles.lines}>
                  {lines.map((line) => (
                    <li key={line.id}>
                      <Checkbox
                        size="small"
                        checked={done.has(`refit:${line.id}`)}
                        slotProps={{ input: { 'aria-label': line.words } }}
                        onChange={(_, isDone) =>
                          apply(`refit: ${line.words}`, [
                            isDone
                              ? {
                                  type: 'tick',
                                  tick: {
                                    step: `refit:${line.id}`.slice(0, 200),
                                    said: line.words.slice(0, 1000),
                                    on: new Date().toISOString(),
                                  },
                                }
                              : { type: 'untick', step: `refit:${line.id}` },
                          ])
                        }
                      />
                      {line.words}.
                      {before &&
                        foundNotes(before, line).map(({ step, text, photo }) => (
                          <div key={step} className={styles.asFound}>
                            {photo !== undefined && (
                              <img src={photo} alt={`${line.words}, as it was found`} />
                            )}
                            {text !== '' && <p>{text}</p>}
                          </div>
                        ))}
                    </li>
                  ))}
                </ol>
              </section>
            ))}
          </div>
          <aside className={styles.side} aria-label="What it comes to">
            <h2 className={styles.sectionTitle}>Wells</h2>
            <ul className={styles.wells}>
              {wells.map((well) => (
                <li key={well}>
                  {wellNames[well]}: {was.wells[well].state}
                  {was.wells[well].state !== check.wells[well].state && (
                    <strong> → {check.wells[well].state}</strong>
                  )}
                </li>
              ))}
            </ul>
            <PartsOfRefit was={was.context} is={check.context} />
            <RefitOutcome was={was.context} is={check.context} />
            <h2 className={styles.sectionTitle}>Steps</h2>
            <p>
              {work.needed.length} of {states.length} are called for: {work.stays.length} parts stay as they
              were, plugged and set the same way, and need no binding, centring or calibrating again.
            </p>
            {standing.length > 0 && (
              <Button variant="contained" onClick={takeAsFound}>
                Take the other {standing.length} as found
              </Button>
            )}
            {taken.length > 0 && (
              <Button size="small" onClick={takeBack}>
                Take these {taken.length} ticks back
              </Button>
            )}
            <ul className={styles.needed}>
              {work.needed.map(({ id, title }) => (
                <li key={id}>{title}</li>
              ))}
            </ul>
          </aside>
        </div>
      )}
    </div>
  );
}
