/** What a turning shaft takes and what that gives the body, with their slopes by the shaft's and the body's speed. */
export interface Push {
  /** N·m at the motor's shaft. */
  torque: number;
  torqueByShaft: number;
  torqueByBody: number;
  /** N on the body. */
  force: number;
  forceByShaft: number;
  forceByBody: number;
}

export const noPush = (): Push => ({
  torque: 0,
  torqueByShaft: 0,
  torqueByBody: 0,
  force: 0,
  forceByShaft: 0,
  forceByBody: 0,
});

/** Wheels or a screw: what moves a body from a motor's shaft. */
export interface Pusher {
  /** Works out `push` at a speed of the shaft in rad/s and of the body in m/s. */
  work(shaft: number, body: number, time: number, push: Push): void;
}
