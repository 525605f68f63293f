import type { TrialEvent } from '../../core/desk/trial/trial-result';

/** What each kind of event is called: on the strip, and in the list. */
export const eventNames: Record<TrialEvent['kind'], { short: string; name: string; isGrave: boolean }> = {
  neverWakes: { short: 'asleep', name: 'Receiver never wakes', isGrave: true },
  brownOut: { short: 'down', name: 'Brown-out', isGrave: true },
  belowFloor: { short: 'pack', name: 'Pack under its floor', isGrave: true },
  empty: { short: 'empty', name: 'Pack empty', isGrave: true },
  fuse: { short: 'fuse', name: 'Fuse opens', isGrave: true },
  overBurst: { short: 'amps', name: 'Over its burst amps', isGrave: true },
  overLasting: { short: 'long', name: 'Over its continuous amps', isGrave: true },
  linkLost: { short: 'link', name: 'Link lost', isGrave: false },
  shutDown: { short: 'shut', name: 'Shut down from heat', isGrave: true },
  tooHot: { short: 'hot', name: 'Too hot', isGrave: true },
  cutOff: { short: 'cut', name: 'Motor cut off', isGrave: true },
  limit: { short: 'limit', name: 'BEC at its limit', isGrave: false },
  stall: { short: 'stall', name: 'Servo stalls', isGrave: false },
};
