/** Share by which a healthy regulator's output may lie off its setting: rule of thumb. */
export const railTolerance = 0.05;
