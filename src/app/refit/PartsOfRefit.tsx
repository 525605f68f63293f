import Button from '@mui/material/Button';
import type { Reading } from '../../core/reading/build-reading/reading';
import { refitParts } from '../../core/bench/refit/refit-parts';
import { capital, nameList } from '../../core/base/words/sentences';
import { useLocker } from '../state/locker-store';
import styles from './RefitView.module.css';

/** Which parts stay, which serve elsewhere, and which are over and go into the locker. */
export function PartsOfRefit({ was, is }: { was: Reading; is: Reading }) {
  const items = useLocker((state) => state.items);
  const saveAll = useLocker((state) => state.saveAll);
  const { stays, changed, reused, spare } = refitParts(was, is);
  const names = (all: readonly { name: string }[]) => nameList(all.map(({ name }) => name));
  const known = new Map(items.map((item) => [item.part.id, item]));
  const loose = [...new Map(spare.map(({ part }) => [part.id, part])).values()].filter(
    ({ id }) => known.get(id)?.state !== 'own',
  );
  const keep = () =>
    void saveAll(
      loose.map((part) => ({ isStarter: false, part, ...known.get(part.id), state: 'own' as const })),
    );
  return (
    <>
      <h2 className={styles.sectionTitle}>Parts</h2>
      <ul className={styles.needed}>
        {stays.length > 0 && <li>As they were: {names(stays)}.</li>}
        {changed.length > 0 && <li>In their place, plugged or set otherwise: {names(changed)}.</li>}
        {reused.map(({ part, was: before, becomes }) => (
          <li key={becomes.id}>
            Used again: {part.name}, the {before.name} before, becomes the {becomes.name}.
          </li>
        ))}
        {spare.map(({ fitting, part }) => (
          <li key={fitting.id}>
            Left over: {capital(fitting.name)}, {part.name}.
          </li>
        ))}
      </ul>
      {loose.length > 0 && (
        <Button variant="outlined" onClick={keep}>
          {loose.length === 1 ? 'Keep it in my locker' : `Keep these ${loose.length} in my locker`}
        </Button>
      )}
    </>
  );
}
