import { movesModel, type ModelFunction } from '../../core/model/plan/model-function';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import type { Outing } from '../../core/model/plan/outing';
import { recordedOuting } from '../../core/desk/trial/track-edits';
import { useBuild } from '../state/shown-build';
import styles from './OutingEditor.module.css';

/** Readings a second while recording, and most seconds of it. */
const rate = 25;
const mostSeconds = 300;

/** Keys for the first drive and the first steering: held, they go to full; let go, back to the middle. */
const driveKeys: Record<string, number> = { ArrowUp: 1, ArrowDown: -1 };
const steerKeys: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 };

/** A stand-in for the transmitter: its controls on the screen and on the arrow keys, recorded while it runs. */
export function StickPad({ onRecorded }: { onRecorded: (outing: Outing) => void }) {
  const { functions } = useBuild();
  const [positions, setPositions] = useState<Record<string, number>>(() =>
    Object.fromEntries(functions.map((modelFunction) => [modelFunction.id, 0])),
  );
  const now = useRef(positions);
  const readings = useRef<{ seconds: number; positions: Record<string, number> }[]>([]);
  const [seconds, setSeconds] = useState<number>();
  const isRunning = seconds !== undefined;
  const drive = functions.find((modelFunction) => movesModel(modelFunction));
  const steer = functions.find((modelFunction) => modelFunction.role === 'steer');

  useEffect(() => {
    now.current = positions;
  }, [positions]);

  useEffect(() => {
    const press = (isDown: boolean) => (event: KeyboardEvent) => {
      const target = event.key in driveKeys ? drive : event.key in steerKeys ? steer : undefined;
      if (!target) return;
      event.preventDefault();
      const full = driveKeys[event.key] ?? steerKeys[event.key] ?? 0;
      setPositions((all) => ({ ...all, [target.id]: isDown ? full : 0 }));
    };
    const [down, up] = [press(true), press(false)];
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
    };
  }, [drive, steer]);

  useEffect(() => {
    if (!isRunning) return undefined;
    const start = performance.now();
    const timer = setInterval(() => {
      const at = (performance.now() - start) / 1000;
      readings.current.push({ seconds: at, positions: now.current });
      setSeconds(at);
      if (at > mostSeconds) clearInterval(timer);
    }, 1000 / rate);
    return () => clearInterval(timer);
  }, [isRunning]);

  const begin = () => {
    readings.current = [{ seconds: 0, positions: now.current }];
    setSeconds(0);
  };
  const end = () => {
    setSeconds(undefined);
    onRecorded(recordedOuting(`own-${nanoid(6)}`, 'Driven live', readings.current));
  };
  return (
    <div className={styles.pad} role="group" aria-label="Stand-in for the transmitter">
      <div className={styles.sticks}>
        {functions.map((modelFunction) => (
          <Stick
            key={modelFunction.id}
            modelFunction={modelFunction}
            keys={modelFunction === drive ? '↑ ↓' : modelFunction === steer ? '← →' : ''}
            position={positions[modelFunction.id] ?? 0}
            onMove={(position) => setPositions((all) => ({ ...all, [modelFunction.id]: position }))}
          />
        ))}
      </div>
      <Button variant="contained" color={isRunning ? 'error' : 'primary'} onClick={isRunning ? end : begin}>
        {isRunning ? `Stop at ${seconds.toFixed(1)} s and keep it` : 'Record'}
      </Button>
    </div>
  );
}

interface StickProps {
  modelFunction: ModelFunction;
  keys: string;
  position: number;
  onMove: (position: number) => void;
}

/** One control; what centres by itself springs back when it is let go. */
function Stick({ modelFunction, keys, position, onMove }: StickProps) {
  const springs = modelFunction.wants === 'centring' || modelFunction.wants === 'momentary';
  const steps = { twoPosition: 1, threePosition: 0.5 } as Partial<Record<typeof modelFunction.wants, number>>;
  const least = modelFunction.wants === 'centring' || modelFunction.wants === 'staying' ? -1 : 0;
  return (
    <div className={styles.stick}>
      <span id={`stick-${modelFunction.id}`}>
        {modelFunction.name} <span className={styles.keys}>{keys}</span>
      </span>
      <Slider
        size="small"
        aria-labelledby={`stick-${modelFunction.id}`}
        min={least}
        max={1}
        step={steps[modelFunction.wants] ?? 0.05}
        value={position}
        onChange={(_, value) => onMove(value)}
        onChangeCommitted={() => springs && onMove(0)}
      />
    </div>
  );
}
