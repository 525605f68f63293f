import { useEffect, useRef, useState } from 'react';
import { readBenchLine, type BenchLine } from '../../core/bench/instruments/bench-line';
import { problemText } from '../../core/base/validation/problem';
import { writeBuildFile } from '../../core/model/file/write-file';
import type { Build } from '../../core/model/plan/build';
import { openRecording } from './open-recording';

export interface Instruments {
  state: 'off' | 'opening' | 'on' | 'ended';
  /** The last line of each thing that is read. */
  readings: readonly BenchLine[];
  /** All that came since they were switched on last. */
  taken: () => readonly BenchLine[];
  problem: string | undefined;
  /** Switches the simulated instruments of the server on. */
  open: () => void;
  /** Plays a recording at the speed at which it was taken. */
  play: (text: string) => void;
  close: () => void;
}

const noServer =
  'The instruments are simulated by the server, and it does not answer: type what your own meter says, or play a recording.';

/**
 * Bench instruments at a step: those of the server, or a recording of real ones in the same form.
 * @param fault id of what is planted in the model that the simulated ones hang on
 */
export function useInstruments(build: Build, step: string, fault?: string): Instruments {
  const [state, setState] = useState<Instruments['state']>('off');
  const [problem, setProblem] = useState<string>();
  const [readings, setReadings] = useState<ReadonlyMap<string, BenchLine>>(new Map());
  const stop = useRef<AbortController>(undefined);
  const lines = useRef<BenchLine[]>([]);
  useEffect(() => () => stop.current?.abort(), []);

  const begin = (): AbortSignal => {
    stop.current?.abort();
    stop.current = new AbortController();
    setProblem(undefined);
    setReadings(new Map());
    lines.current = [];
    setState('opening');
    return stop.current.signal;
  };
  const take = (line: BenchLine) => {
    setState('on');
    lines.current.push(line);
    setReadings((now) => new Map(now).set(`${line.kind} ${line.of}`, line));
  };
  const end = (signal: AbortSignal, why?: string) => {
    if (signal.aborted) return;
    setProblem(why);
    setState(why === undefined ? 'ended' : 'off');
  };

  const listen = async (signal: AbortSignal) => {
    try {
      const answer = await fetch(
        `/api/bench-stream?step=${encodeURIComponent(step)}&seed=${Date.now() % 1e6}${fault === undefined ? '' : `&fault=${encodeURIComponent(fault)}`}`,
        {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: writeBuildFile(build),
          signal,
        },
      );
      if (!answer.ok || !answer.body) return end(signal, noServer);
      const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
      let rest = '';
      let number = 0;
      for (let part = await reader.read(); !part.done; part = await reader.read()) {
        const rows = (rest + part.value).split('\n');
        rest = rows.pop() ?? '';
        for (const row of rows) {
          number += 1;
          // The first line is the head.
          const read = number > 1 ? readBenchLine(row, number) : undefined;
          if (read && !read.ok)
            return end(signal, `The instruments say what cannot be read: ${problemText(read.problem)}`);
          if (read) take(read.value);
        }
      }
      end(signal);
    } catch {
      end(signal, noServer);
    }
  };

  const replay = async (signal: AbortSignal, lines: readonly BenchLine[]) => {
    const started = performance.now() - 1000 * (lines[0]?.at ?? 0);
    for (const line of lines) {
      const wait = started + 1000 * line.at - performance.now();
      if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
      if (signal.aborted) return;
      take(line);
    }
    end(signal);
  };

  return {
    state,
    problem,
    readings: [...readings.values()],
    taken: () => lines.current,
    open: () => void listen(begin()),
    play: (text) => {
      const read = openRecording(text);
      if (read.ok) void replay(begin(), read.value);
      else setProblem(`This recording cannot be played. ${problemText(read.problem)}`);
    },
    close: () => {
      stop.current?.abort();
      setState(lines.current.length > 0 ? 'ended' : 'off');
    },
  };
}
