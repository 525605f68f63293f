import { useEffect, useRef, useState } from 'react';
import type { Stick } from './sticks';

/** Travel of a gamepad's stick that is no travel. */
const slack = 0.08;

/**
 * Moves controls by a gamepad, where one is plugged in: its axes the sticks in their order, its buttons the switches.
 * @returns its name, once it was moved
 */
export function useGamepad(sticks: readonly Stick[], onMove: (id: string, value: number) => void): string {
  const [name, setName] = useState('');
  const latest = useRef({ sticks, onMove });
  useEffect(() => {
    latest.current = { sticks, onMove };
  });
  useEffect(() => {
    let frame = 0;
    const axes = new Map<number, number>();
    const pressed = new Map<number, boolean>();
    const toggled = new Map<string, number>();
    const look = () => {
      const pad = navigator.getGamepads?.().find((each) => each !== null);
      if (pad) {
        const { sticks: all, onMove: move } = latest.current;
        const slides = all.filter(({ kind }) => kind === 'centring' || kind === 'staying');
        const switches = all.filter((stick) => !slides.includes(stick));
        for (const [n, stick] of slides.entries()) {
          const raw = pad.axes[n] ?? 0;
          const value = Math.abs(raw) < slack ? 0 : raw;
          if (axes.get(n) === value) continue;
          // An axis that nobody has touched leaves the control to the hand.
          if (axes.has(n) || value !== 0) {
            move(stick.id, value);
            setName(pad.id);
          }
          axes.set(n, value);
        }
        for (const [n, stick] of switches.entries()) {
          const isDown = pad.buttons[n]?.pressed ?? false;
          if ((pressed.get(n) ?? false) === isDown) continue;
          pressed.set(n, isDown);
          setName(pad.id);
          if (stick.kind === 'momentary') move(stick.id, isDown ? 1 : -1);
          else if (isDown) {
            const next = nextOf(stick, toggled.get(stick.id) ?? -1);
            toggled.set(stick.id, next);
            move(stick.id, next);
          }
        }
      }
      frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    return () => cancelAnimationFrame(frame);
  }, []);
  return name;
}

/** The next position of a switch. */
function nextOf({ kind }: Stick, value: number): number {
  if (kind === 'threePosition') return value >= 1 ? -1 : value + 1;
  return value > 0 ? -1 : 1;
}
