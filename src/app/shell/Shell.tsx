import { useIsFetching } from '@tanstack/react-query';
import { lazy, Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { Outlet } from 'react-router';
import { FindingsPanel } from '../findings/FindingsPanel';
import { GuideBar } from '../help/GuideBar';
import { useHelp } from '../help/use-help';
import { HullStrip } from '../hull/HullStrip';
import { useSettingsDialog } from '../settings/use-settings-dialog';
import { useBackup } from '../state/backup-store';
import { useBuildStore } from '../state/build-store';
import { useDone } from '../state/done-store';
import { useTrialFindings } from '../state/trial-findings-store';
import { beforeShowing } from '../state/shown-build';
import { checkOf } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { NameBlock } from './NameBlock';
import { Notices } from './Notices';
import { Refusal } from './Refusal';
import { ScreenNews } from './ScreenNews';
import { StationNav } from './StationNav';
import { useDroppedFiles } from './use-dropped-files';
import { useIsWide } from './use-is-wide';
import { useShortcuts } from './use-shortcuts';
import styles from './Shell.module.css';

const CommandPalette = lazy(() => import('../help/CommandPalette'));
const JustDone = lazy(() => import('./JustDone'));
const HelpDialog = lazy(() => import('../help/HelpDialog'));
const RestoreDialog = lazy(() => import('../builds/RestoreDialog'));
const SettingsDialog = lazy(() => import('../settings/SettingsDialog'));
const KeepRehearsing = lazy(() => import('../trial/KeepRehearsing'));

/** The frame of every screen: name, hull with its five wells, stations, and the findings of a well. */
export function Shell() {
  const [isPaletteOpen, setPaletteOpen] = useState(false);
  const isWide = useIsWide();
  const { isChosen, close } = usePanel();
  const help = useHelp();
  const openPalette = useCallback(() => setPaletteOpen(true), []);
  useShortcuts({
    onCommands: openPalette,
    onHelp: help.open,
    onEscape: !isWide && isChosen ? close : undefined,
  });
  useDroppedFiles();
  useEffect(() => beforeShowing(checkOf), []);
  const recordKey = useBuildStore((state) => state.recordKey);
  const backup = useBackup((state) => state.backup);
  const settings = useSettingsDialog();
  const isDone = useDone(({ done }) => done !== undefined);
  const rehearsal = useTrialFindings((state) => state.rehearsal);
  return (
    <div className={styles.frame}>
      <a className={styles.skip} href="#screen">
        Skip to the screen
      </a>
      <ScreenNews />
      <header className={styles.header}>
        <NameBlock onCommands={openPalette} />
        <HullStrip />
      </header>
      <StationNav />
      <Main>
        <Notices />
        <GuideBar />
        <div id="screen" className={styles.screen} tabIndex={-1}>
          <Outlet />
        </div>
      </Main>
      {(isWide || isChosen) && (
        <aside className={isWide ? styles.panel : `${styles.panel} ${styles.over}`} aria-label="Findings">
          <FindingsPanel {...(!isWide && { onClose: close })} />
        </aside>
      )}
      {rehearsal?.recordKey === recordKey && (
        <Suspense fallback={null}>
          <KeepRehearsing rehearsal={rehearsal} />
        </Suspense>
      )}
      {backup && (
        <Suspense fallback={null}>
          <RestoreDialog backup={backup} />
        </Suspense>
      )}
      {help.isOpen && (
        <Suspense fallback={null}>
          <HelpDialog onClose={help.close} />
        </Suspense>
      )}
      {settings.isOpen && (
        <Suspense fallback={null}>
          <SettingsDialog onClose={settings.close} />
        </Suspense>
      )}
      {isDone && (
        <Suspense fallback={null}>
          <JustDone />
        </Suspense>
      )}
      <Refusal />
      {isPaletteOpen && (
        <Suspense fallback={null}>
          <CommandPalette onClose={() => setPaletteOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}

/** Each answer of a worker that comes or is asked for draws this alone, not the frame. */
function Main({ children }: { children: ReactNode }) {
  const isWorking = useIsFetching() > 0;
  return (
    <main className={styles.main} aria-busy={isWorking}>
      {children}
    </main>
  );
}
