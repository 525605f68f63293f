/** Radians in a degree. */
export const radiansPerDegree = Math.PI / 180;
