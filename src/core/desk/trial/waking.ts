/** Seconds in which power comes up and capacitors fill; nothing is judged before. */
export const wakingSeconds = 0.3;
