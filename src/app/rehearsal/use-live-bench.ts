import { useEffect, useRef, useState } from 'react';
import type { Harm } from '../../core/bench/faults/fault';
import type { Build } from '../../core/model/plan/build';
import type { Hands } from '../../core/bench/rehearsal/hands';
import { LiveBench, longestStep } from '../../core/bench/rehearsal/live-bench';
import type { LiveView } from '../../core/bench/rehearsal/live-view';
import { nextStrip, type Strip } from './rail-strip';
import { playTone } from './tone-player';

/** Something that was heard or happened, in words, and when. */
interface Heard {
  id: number;
  seconds: number;
  words: string;
}

export interface LiveState {
  bench: LiveBench;
  view: LiveView;
  /** Angle that each motor has turned through, for its picture, in degrees. */
  turned: ReadonlyMap<string, number>;
  heard: readonly Heard[];
  /** What the receiver had lately; nothing with the pack out. */
  strip: Strip | undefined;
  /** Since the rehearsal began. */
  seconds: number;
}

const mostHeard = 40;
/** Degrees a second that a motor is drawn to turn at full throttle: slow enough to see which way. */
const shownSpeed = 540;

const toneWords = { power: 'power', cell: 'a cell', armed: 'armed', waiting: 'waits: a beep' } as const;

/**
 * A build that lives, step by step with the page's frames.
 * @param hands read anew each frame
 */
export function useLiveBench(build: Build, harm: Harm, hands: () => Hands, isLoud: boolean): LiveState {
  const [bench, setBench] = useState(() => new LiveBench(build, harm));
  const [source, setSource] = useState({ build, harm });
  if (source.build !== build || source.harm !== harm) {
    setSource({ build, harm });
    setBench(new LiveBench(build, harm));
  }
  const [state, setState] = useState<Omit<LiveState, 'bench'>>(() => ({
    view: bench.step(0, hands()),
    turned: new Map(),
    heard: [],
    strip: undefined,
    seconds: 0,
  }));
  const latest = useRef({ hands, isLoud });
  useEffect(() => {
    latest.current = { hands, isLoud };
  });
  useEffect(() => {
    let frame = 0;
    let last: number | undefined;
    let seconds = 0;
    let count = 0;
    let heard: Heard[] = [];
    let strip: Strip | undefined;
    let wasUnsettled = false;
    const states = new Map<string, string>();
    const turned = new Map<string, number>();
    const burnt = new Set<string>();
    const say = (words: string) => {
      count += 1;
      heard = [{ id: count, seconds, words }, ...heard].slice(0, mostHeard);
    };
    const step = (now: number) => {
      const passed = Math.min(longestStep, (now - (last ?? now)) / 1000);
      last = now;
      seconds += passed;
      const view = bench.step(passed, latest.current.hands());
      for (const { name, tone } of view.tones) {
        say(`${name}: ${toneWords[tone.means]}`);
        if (latest.current.isLoud) playTone(tone);
      }
      for (const words of view.news) say(words);
      if (view.isUnsettled && !wasUnsettled)
        say('Its currents cannot be worked out: nothing is shown of what comes next.');
      wasUnsettled = view.isUnsettled;
      strip = nextStrip(strip, view, seconds);
      for (const part of view.parts) {
        if (part.kind === 'receiver') {
          if (part.state === 'restarts' && states.get(part.id) === 'steady')
            say(`${part.name}: restarts, its volts fell under ${part.sag?.floor.toFixed(1) ?? '?'} V`);
          states.set(part.id, part.state);
        }
        if (part.kind === 'motor')
          turned.set(part.id, (turned.get(part.id) ?? 0) + part.value * shownSpeed * passed);
        if (part.burnt !== undefined && !burnt.has(part.id)) {
          burnt.add(part.id);
          say(`${part.name} burns. ${part.burnt}`);
        }
      }
      setState({ view, turned: new Map(turned), heard, strip, seconds });
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [bench]);
  return { bench, ...state };
}
