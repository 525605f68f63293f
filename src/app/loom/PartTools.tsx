import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Fitted } from '../../core/build/build-index';
import { previewWords } from '../../core/check/preview';
import { chemistries, type Chemistry } from '../../core/packs/chemistry';
import { terminalsOf } from '../../core/parts/terminals';
import { swappable } from '../../core/wiring/lead-edits';
import { useBuild, useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { previewOf, useCheck } from '../state/use-check';
import { MenuButton } from './MenuButton';
import { PlugInDialog } from './PlugInDialog';
import styles from './TraceBar.module.css';

/** What can be done to a part: plug in, swap, set, take out. */
export function PartTools({ fitted, onGone }: { fitted: Fitted; onGone: () => void }) {
  const build = useBuild();
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const [isPlugging, setPlugging] = useState(false);
  const { fitting, part } = fitted;
  const swaps = swappable(context.index, fitting.id, locker);
  const regulator = terminalsOf(part).gives?.regulator;
  const hasFree = context.index.freePorts().some(({ ref }) => ref.fitting === fitting.id);
  const cutoffs = part.kind === 'controller' ? [...(part.cutoffModes ?? []), 'off' as const] : [];
  return (
    <div className={styles.tools} role="group" aria-label="Change this part">
      {hasFree && (
        <Button size="small" onClick={() => setPlugging(true)}>
          Plug in…
        </Button>
      )}
      <MenuButton
        label="Swap"
        options={swaps.map((patch) => ({
          id: patch.id,
          text: patch.label,
          note: previewWords(previewOf(build, patch)),
        }))}
        onChoose={(id) => {
          const chosen = swaps.find((one) => one.id === id);
          if (chosen) apply(`swap the ${fitting.name} for: ${chosen.label}`, chosen.edits);
        }}
      />
      {regulator && (
        <MenuButton
          label="BEC volts"
          options={regulator.voltsChoices.map((volts) => ({
            id: String(volts),
            text: `${volts.toFixed(1)} V`,
          }))}
          onChoose={(volts) =>
            apply(`BEC of the ${fitting.name} to ${volts} V`, [
              { type: 'setRegulatorVolts', fitting: fitting.id, volts: Number(volts) },
            ])
          }
        />
      )}
      <MenuButton
        label="Cut-off"
        options={cutoffs.map((one) => ({ id: one, text: one === 'off' ? 'off' : `for ${one}` }))}
        onChoose={(id) => {
          const cutoff = id === 'off' ? 'off' : chemistries.find((one) => one === id);
          if (cutoff) apply(`cut-off of the ${fitting.name}: ${id}`, [setCutoff(fitting.id, cutoff)]);
        }}
      />
      <Button
        size="small"
        onClick={() => {
          apply(`take out the ${fitting.name}`, [{ type: 'removeFitting', fitting: fitting.id }]);
          onGone();
        }}
      >
        Take it out
      </Button>
      {isPlugging && <PlugInDialog fitted={fitted} onClose={() => setPlugging(false)} />}
    </div>
  );
}

const setCutoff = (fitting: string, cutoff: Chemistry | 'off') => ({
  type: 'setFitting' as const,
  fitting,
  change: { cutoff },
});
