/** Volts under which a receiver restarts where its sheet does not say. Engineering notes, section 10. */
export const usualFloor = 3.5;

/** The most that such a floor may be but for old receivers: what a limit is held to where no sheet says. The same source. */
export const cautiousFloor = 4;
