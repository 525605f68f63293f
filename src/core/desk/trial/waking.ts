/** Volts under which a receiver restarts where its sheet does not say: rule of thumb. */
export const usualFloor = 3.6;

/** Seconds in which power comes up and capacitors fill; nothing is judged before. */
export const wakingSeconds = 0.3;
