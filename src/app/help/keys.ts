import { stations } from '../shell/stations';

/** Every key that does something wherever one is, and those of the pictures. */
export const keysOfTheApp: readonly { keys: string; does: string }[] = [
  { keys: `1 to ${stations.length}`, does: `go to ${stations.map(({ name }) => name).join(', ')}` },
  { keys: 'Ctrl K', does: 'find anything: commands, parts, leads, findings, steps, builds, words' },
  { keys: 'Ctrl Z', does: 'undo; with Shift, redo' },
  { keys: '?', does: 'this help' },
  { keys: 'Escape', does: 'close what lies over the screen, or let go of what is followed' },
  { keys: 'Enter', does: 'in a picture: follow a part, take a port and then the one that it goes to' },
  { keys: 'Arrows', does: 'in the Berths: move the part by 5 mm, with Shift by 1 mm' },
  { keys: 'Page up, page down, R', does: 'in the Berths: lift, lower and turn the part' },
  { keys: 'Space', does: 'in the Rehearsal: let a control go' },
];
