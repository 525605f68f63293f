import { createContext, useContext } from 'react';

/** The stretch of time that all pictures show, and the instant that all of them point at, in seconds. */
export interface TimeView {
  from: number;
  to: number;
  /** Of the whole outing. */
  seconds: number;
  cursor: number | undefined;
  setCursor: (seconds: number | undefined) => void;
  /** Shows another stretch. */
  show: (from: number, to: number) => void;
}

export const TimeViewContext = createContext<TimeView | undefined>(undefined);

export function useTimeView(): TimeView {
  const view = useContext(TimeViewContext);
  if (!view) throw new Error('no time view around this picture');
  return view;
}
