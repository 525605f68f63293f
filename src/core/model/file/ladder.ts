import { isObject } from '../../base/validation/is-object';

/** One step of the form of a file, from the version before to its own. It leaves what it is given as it was. */
interface Step {
  to: number;
  /** What the version brought. */
  name: string;
  climb: (content: unknown) => unknown;
}

/** Every version after the first, one after another; files and stored records climb the same ladder. */
const steps: readonly Step[] = [
  // Fields were added that may be left out: how a controller is set to run and to brake, cells on its sheet, what a
  // tick rested on.
  { to: 2, name: 'controllerSettings', climb: (content) => content },
  // So were these: what the Brief says of screws, rudders, sails, tyres; what was measured; fuses that reset.
  { to: 3, name: 'mechanicalBrief', climb: (content) => content },
  // And these: the rest of every sheet, figures as they were typed, tracks and what jams.
  { to: 4, name: 'wholeSheets', climb: (content) => content },
  // And boards with several parts on them, what is set on those, receivers whose throttle or link nobody knows.
  { to: 5, name: 'boards', climb: (content) => content },
  // And what the transmitter is set to: channels, mixes, how functions follow their controls.
  { to: 6, name: 'radioSettings', climb: (content) => content },
  // And the inside of the model, where parts lie in it, and leads that are threaded.
  { to: 7, name: 'berths', climb: (content) => content },
  // And the log, and how sure a reading made an estimate.
  { to: 8, name: 'log', climb: (content) => content },
  // Notes stand beside steps whether they are done or not; so do photographs, and the picture under the plan.
  { to: 9, name: 'stepNotes', climb: notesBesideSteps },
  // Seats of servos, photographs of parts, and what transmitters are charged by: fields that may be left out.
  { to: 10, name: 'servoSeats', climb: (content) => content },
  // Wires that are cut and spliced; several radios, each with its channels; what was read off the transmitter; parts
  // moved in the wiring picture.
  { to: 11, name: 'severalRadios', climb: (content) => content },
  // When an outing loses the link: a field that may be left out.
  { to: 12, name: 'linkLost', climb: (content) => content },
];

/** The version that is written. */
export const fileVersion = steps.at(-1)?.to ?? 1;

/** Whether a version can be read: its own, or one that steps lead up from. */
export const isKnownVersion = (version: unknown): version is number =>
  Number.isInteger(version) && (version as number) >= 1 && (version as number) <= fileVersion;

/** A build that a file or record of some version held, in the form of today. */
export const climbed = (content: unknown, version: number): unknown =>
  steps.filter((step) => step.to > version).reduce((held, step) => step.climb(held), content);

/** What a backup of some version held, each of its builds in the form of today. */
export function climbedBackup(content: unknown, version: number): unknown {
  if (!isObject(content) || !Array.isArray(content.builds)) return content;
  const builds: unknown[] = content.builds;
  const entry = (held: unknown) =>
    isObject(held) && 'build' in held ? { ...held, build: climbed(held.build, version) } : held;
  return { ...content, builds: builds.map(entry) };
}

/** What was written on a tick goes to a list of its own. */
function notesBesideSteps(content: unknown): unknown {
  if (!isObject(content) || !Array.isArray(content.ticks)) return content;
  const ticks: unknown[] = content.ticks;
  const noted = ticks.filter((tick) => isObject(tick) && typeof tick.note === 'string');
  if (noted.length === 0) return content;
  const without = (tick: unknown) =>
    isObject(tick) ? Object.fromEntries(Object.entries(tick).filter(([key]) => key !== 'note')) : tick;
  return {
    ...content,
    ticks: ticks.map(without),
    stepNotes: (noted as Record<string, unknown>[]).map(({ step, note }) => ({ step, text: note })),
  };
}
