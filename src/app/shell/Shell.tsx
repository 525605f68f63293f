import useMediaQuery from '@mui/material/useMediaQuery';
import { Outlet } from 'react-router';
import { FindingsPanel } from '../findings/FindingsPanel';
import { HullStrip } from '../hull/HullStrip';
import { usePanel } from '../state/use-panel';
import { NameBlock } from './NameBlock';
import { StationNav } from './StationNav';
import { useShortcuts } from './use-shortcuts';
import styles from './Shell.module.css';

/** The frame of every screen: name, hull with its five wells, stations, and the findings of a well. */
export function Shell() {
  useShortcuts();
  const isWide = useMediaQuery('(min-width: 1180px)', { noSsr: true });
  const { isChosen, close } = usePanel();
  return (
    <div className={styles.frame}>
      <header className={styles.header}>
        <NameBlock />
        <HullStrip />
      </header>
      <StationNav />
      <main className={styles.main}>
        <Outlet />
      </main>
      {(isWide || isChosen) && (
        <aside className={isWide ? styles.panel : `${styles.panel} ${styles.over}`} aria-label="Findings">
          <FindingsPanel {...(!isWide && { onClose: close })} />
        </aside>
      )}
    </div>
  );
}
