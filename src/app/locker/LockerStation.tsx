import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { nanoid } from 'nanoid';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { blankPart } from '../../core/desk/locker/blank-part';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { partKinds, type PartKind } from '../../core/model/kinds/part-spec';
import { meetingVolts } from '../../core/desk/locker/volt-ladder';
import { named, workingList } from '../../core/desk/locker/working-list';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { kinds } from '../../core/model/kinds';
import { MatchView } from '../match/MatchView';
import { Compared } from './Compared';
import { NoMatch } from './NoMatch';
import { ListHead, type ListWishes } from './ListHead';
import { LockerFile } from './LockerFile';
import { PartSheet } from './PartSheet';
import { SpoiltSheets } from './SpoiltSheets';
import { VoltLadder } from './VoltLadder';
import styles from './LockerStation.module.css';

const AddParts = lazy(() => import('./AddParts'));
const SheetGrid = lazy(() => import('./SheetGrid'));

/** What there is and what could be had: each kind's parts side by side against the volts of this build. */
export function Component() {
  const { items, save, remove } = useLocker();
  const [wishes, setWishes] = useState<ListWishes>({ words: '', facet: 'all', order: 'asKept' });
  const [removed, setRemoved] = useState<LockerItem>();
  const { context } = useCheck();
  const [params, setParams] = useSearchParams();
  const asked = params.get('kind');
  const kind: PartKind = partKinds.find((partKind) => partKind === asked) ?? 'servo';
  const found = useMemo(() => named(items, wishes.words), [items, wishes.words]);
  const here = useMemo(() => items.filter((item) => item.part.kind === kind), [items, kind]);
  const chosen = here.find((item) => item.part.id === params.get('part')) ?? here[0];
  const show = (change: Record<string, string>) => {
    const next = new URLSearchParams(params);
    // What is shown next closes the dialog of labels.
    next.delete('add');
    if (change.kind) {
      next.delete('part');
      next.delete('show');
    }
    for (const [name, value] of Object.entries(change)) next.set(name, value);
    setParams(next, { replace: true });
  };
  const addBlank = async () => {
    const id = `own-${nanoid(8)}`;
    await save({ part: blankPart(kind, id), state: 'own', isStarter: false });
    show({ part: id });
  };
  const takeOut = async (item: LockerItem) => {
    await remove(item.part.id);
    setRemoved(item);
  };
  const putBack = async () => {
    if (removed) await save(removed);
    setRemoved(undefined);
  };
  const view = params.get('show');
  const isAdding = params.get('add') !== null;
  const closeAdding = () =>
    setParams(
      (now) => {
        now.delete('add');
        return now;
      },
      { replace: true },
    );
  const isMatching = view === 'match';
  const compared = (params.get('with') ?? '')
    .split(',')
    .flatMap((id) => here.find((item) => item.part.id === id) ?? []);
  const showPart = useCallback(
    (part: string) => setParams((now) => ({ kind: now.get('kind') ?? kind, part }), { replace: true }),
    [setParams, kind],
  );
  const meets = useMemo(() => chosen && meetingVolts(context, chosen.part), [context, chosen]);
  const listed = useMemo(
    () => workingList(here, { ...wishes, meets: meets?.given }),
    [here, wishes, meets?.given],
  );
  return (
    <div className={styles.station} data-shows={params.get('part') === null ? 'list' : 'sheet'}>
      <div className={styles.kinds} role="group" aria-label="Kinds of part">
        <h1 className={styles.title}>Locker</h1>
        <button
          type="button"
          className={styles.kind}
          aria-pressed={isMatching}
          onClick={() => show({ show: 'match' })}
        >
          What fits?
        </button>
        {partKinds.map((partKind) => (
          <button
            key={partKind}
            type="button"
            className={styles.kind}
            aria-pressed={!isMatching && partKind === kind}
            onClick={() => show({ kind: partKind })}
          >
            {kinds[partKind].words.many}
            <span className="figure">{found.filter((item) => item.part.kind === partKind).length}</span>
          </button>
        ))}
        <div className={styles.file}>
          <LockerFile />
        </div>
      </div>
      {isMatching ? (
        <MatchView />
      ) : view === 'compare' && compared.length > 1 ? (
        <div className={styles.wide}>
          <Compared items={compared} onShow={showPart} onBack={() => show({ show: 'table' })} />
        </div>
      ) : view === 'table' || view === 'compare' ? (
        <div className={styles.wide}>
          <div className={styles.tableHead}>
            <ListHead wishes={wishes} onChange={setWishes} />
            <Button size="small" onClick={() => show({ show: 'list' })}>
              Back to the list
            </Button>
          </div>
          <Suspense fallback={<p role="status">Laying out the table…</p>}>
            <SheetGrid
              key={kind}
              kind={kind}
              items={listed}
              onShow={showPart}
              onCompare={(ids) => show({ show: 'compare', with: ids.join(',') })}
            />
          </Suspense>
        </div>
      ) : (
        <>
          <div className={styles.ladder}>
            <SpoiltSheets />
            <Button size="small" className={styles.add} onClick={() => show({ show: 'table' })}>
              Table, compare
            </Button>
            <Button size="small" className={styles.add} onClick={() => show({ add: '1' })}>
              Add a part
            </Button>
            <ListHead wishes={wishes} onChange={setWishes} />
            {listed.length === 0 ? (
              <NoMatch
                kind={kind}
                words={wishes.words}
                elsewhere={found.filter((item) => item.part.kind !== kind)}
                onKind={(other) => show({ kind: other })}
              />
            ) : (
              <VoltLadder
                items={listed}
                chosenId={chosen?.part.id}
                meets={meets}
                onChoose={(part) => show({ part })}
              />
            )}
          </div>
          <div className={styles.sheet}>
            <Button size="small" className={styles.backToList} onClick={() => show({ kind })}>
              Back to the list
            </Button>
            {chosen && (
              <PartSheet
                key={chosen.part.id}
                item={chosen}
                onShow={(part) => show({ part })}
                onRemove={(item) => void takeOut(item)}
              />
            )}
          </div>
        </>
      )}
      {isAdding && (
        <Suspense fallback={null}>
          <AddParts onClose={closeAdding} onEmptySheet={() => void addBlank()} />
        </Suspense>
      )}
      <Snackbar
        open={removed !== undefined}
        autoHideDuration={12_000}
        onClose={(_, reason) => reason !== 'clickaway' && setRemoved(undefined)}
        message={`${removed?.part.name ?? ''} was taken out`}
        action={
          <Button color="inherit" size="small" onClick={() => void putBack()}>
            Undo
          </Button>
        }
      />
    </div>
  );
}
