import { useLayoutEffect } from 'react';
import { useNavigate } from 'react-router';
import { useBuildStore } from '../state/build-store';
import { stations } from './stations';

interface Shortcuts {
  onCommands: () => void;
  onHelp: () => void;
  /** Closes what lies over the screen; nothing where nothing does. */
  onEscape: (() => void) | undefined;
}

/** Digits lead to stations, ? to help; control (or command) with K, Z and Y for commands, undo and redo. Not while typing. */
export function useShortcuts({ onCommands, onHelp, onEscape }: Shortcuts): void {
  const navigate = useNavigate();
  // What is in sight can be closed at once: a key may come before other effects have run.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.closest('input, textarea, [contenteditable]'))
        return;
      const isCommand = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      const history = useBuildStore.temporal.getState();
      if (isCommand && key === 'k') {
        event.preventDefault();
        onCommands();
      } else if (isCommand && key === 'z') {
        event.preventDefault();
        if (event.shiftKey) history.redo();
        else history.undo();
      } else if (isCommand && key === 'y') {
        event.preventDefault();
        history.redo();
      } else if (key === '?') {
        onHelp();
      } else if (key === 'escape') {
        onEscape?.();
      } else if (!isCommand && !event.altKey) {
        const station = stations.find((candidate) => String(candidate.digit) === event.key);
        if (station) void navigate({ pathname: station.path, search: location.search });
      }
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [navigate, onCommands, onHelp, onEscape]);
}
