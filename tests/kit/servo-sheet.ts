/** A standard servo by its sheet at six volts, in SI units, for networks made by hand. */
export const servoSheet = {
  refVolts: 6,
  stallAmps: 2,
  stallTorque: 1,
  noLoadSpeed: 7,
  noLoadAmps: 0.25,
  timeConstant: 0.025,
  idleAmps: 0.01,
};
