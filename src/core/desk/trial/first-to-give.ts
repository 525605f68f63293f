import { formatQuantity } from '../../base/quantity/format';
import { isOver } from '../../base/quantity/compare';
import { packVolts } from '../../model/packs/pack-volts';
import type { Build } from '../../model/plan/build';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import { runTrial } from './run-trial';
import type { TrialResult } from './trial-result';
import type { TrialTask } from './trial-task';

/** What is raised, or let down, until something gives. */
export const pushes = ['load', 'charge', 'cells'] as const;
export type Push = (typeof pushes)[number];

/** What gives first when one thing is pushed. */
export interface GiveWay {
  push: Push;
  /** Where it stands today: load as a multiple of the usual, charge 0 to 1, or cells. */
  today: number;
  /** Where something gives; `undefined` where nothing did as far as was tried. */
  at: number | undefined;
  /** How far it was tried. */
  tried: number;
  /** One plain sentence: what gives. */
  words: string;
}

/** Load and charge are told to a hundredth or so. */
const halvings = 7;
const mostLoad = 4;
const mostCells = 14;

/** Pushes the load, the charge or the cell count of a build until it breaks a limit on an outing. */
export function firstToGive(build: Build, task: TrialTask, push: Push): GiveWay {
  const context = readingOf(build, []);
  if (push === 'cells') return pushCells(context);
  const isLoad = push === 'load';
  const today = isLoad ? task.outing.effort : task.charge;
  const limit = isLoad ? mostLoad * task.outing.effort : 0;
  const tryAt = (value: number) =>
    broken(
      context,
      isLoad ? { ...task, outing: { ...task.outing, effort: value } } : { ...task, charge: value },
    );
  const now = tryAt(today);
  if (now) return { push, today, at: today, tried: today, words: now };
  let words = tryAt(limit);
  if (!words)
    return { push, today, at: undefined, tried: limit, words: 'Nothing gives as far as was tried.' };
  let [good, bad] = [today, limit];
  for (let n = 0; n < halvings; n += 1) {
    const middle = (good + bad) / 2;
    const here = tryAt(middle);
    if (here) [bad, words] = [middle, here];
    else good = middle;
  }
  return { push, today, at: bad, tried: limit, words };
}

/** The first limit that an outing breaks, as a sentence; nothing where it breaks none. */
function broken(context: Reading, task: TrialTask): string | undefined {
  const run = runTrial(context, { ...task, slices: 200, looseness: 10 });
  if (!run.ok) return 'The pack can no longer feed it.';
  const grave = run.value.events.find((event) => event.kind !== 'limit' && event.kind !== 'stall');
  return grave?.words ?? overAmps(context, run.value);
}

/** Packs and controllers asked for more than their labels say. */
function overAmps({ index, circuit }: Reading, { amps, figures }: TrialResult): string | undefined {
  const [pack] = circuit.packLoads();
  if (pack?.allowedAmps !== undefined && figures.mostPackAmps > pack.allowedAmps)
    return `The ${pack.pack.fitting.name} is asked for ${figures.mostPackAmps.toFixed(0)} A, and its derated label allows ${pack.allowedAmps.toFixed(0)} A.`;
  for (const { fitting, part } of index.ofKind('controller')) {
    const [lead] = index
      .leadsOf(fitting.id)
      .filter((candidate) => index.port(candidate.from).use === 'motor');
    const motor = lead && [lead.from.fitting, lead.to.fitting].find((id) => id !== fitting.id);
    const most = Math.max(0, ...(amps.find((line) => line.id === motor)?.values ?? []));
    if (part.continuousAmps && most > part.continuousAmps.value)
      return `The ${fitting.name} passes ${most.toFixed(0)} A, and stands ${part.continuousAmps.value.toFixed(0)} A.`;
  }
  return undefined;
}

/** Adds cells to the drive pack until a full one is above what some part stands, by the sheets. */
function pushCells({ index, survey }: Reading): GiveWay {
  const packs = [...survey.packGroups()].sort((a, b) => b.cells - a.cells)[0];
  const [pack] = packs?.packs ?? index.ofKind('pack');
  if (!pack)
    return { push: 'cells', today: 0, at: undefined, tried: 0, words: 'There is no pack in the build.' };
  const today = packs?.cells ?? pack.part.cells;
  const raw = survey.supplies
    .filter((supply) => supply.terminal.maxVolts && packs && survey.packsAcross(supply) === packs)
    .map((supply) => ({ name: supply.fitted.fitting.name, most: supply.terminal.maxVolts!.value }));
  const driven = index.ofKind('motor').flatMap(({ fitting, part }) => {
    const controller = survey.controllerOf(fitting.id);
    const isFed = controller && packs && survey.packOf(controller.fitting.id) === packs;
    return isFed && part.maxVolts ? [{ name: fitting.name, most: part.maxVolts.value }] : [];
  });
  const [weakest] = [...raw, ...driven].sort((a, b) => a.most - b.most);
  for (let cells = today; weakest && cells <= mostCells; cells += 1) {
    const full = packVolts({ chemistry: pack.part.chemistry, cells }, 'full');
    if (!isOver(full, weakest.most, 'V')) continue;
    const words = `The ${weakest.name} stands ${formatQuantity(weakest.most, 'V')}, and ${cells} full cells give ${formatQuantity(full, 'V')}.`;
    return { push: 'cells', today, at: cells, tried: cells, words };
  }
  return {
    push: 'cells',
    today,
    at: undefined,
    tried: mostCells,
    words: 'No sheet states the most volts of what hangs on the pack.',
  };
}
