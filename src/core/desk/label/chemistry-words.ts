import type { Chemistry } from '../../model/packs/chemistry';
import { packVolts } from '../../model/packs/pack-volts';

/** Chemistries as labels name them, the longer names first. */
const words: readonly [string, string][] = [
  ['LiFePO4', 'li-?fe(?:-?po4?)?|life(?:po4)?|lfp'],
  ['LiHV', 'li-?hv|lihv|hv ?li-?po|li-?po ?hv'],
  ['LiPo', 'li-?po(?:ly|lymer)?'],
  ['Li-ion', 'li-?ion|lion'],
  ['NiMH', 'ni-?mh'],
  ['NiCd', 'ni-?cd'],
  ['lead-acid', 'lead[ -]?acid|sla|pb|agm'],
  ['dry cell', 'alkaline|dry cells?'],
];

/** A pattern of all of them, without groups. */
export const chemistryWord = `\\b(?:${words.map(([, pattern]) => pattern).join('|')})\\b`;

/** The chemistry that a word names. */
export const chemistryNamed = (word: string): string =>
  words.find(([, pattern]) => new RegExp(`^(?:${pattern})$`, 'i').test(word))?.[0] ?? 'LiPo';

/** The same as sheets hold it: a nickel-cadmium cell counts as one of nickel-metal hydride, whose volts it has. */
export const asChemistry = (named: string): Chemistry => (named === 'NiCd' ? 'NiMH' : (named as Chemistry));

/** Volts at which packs are sold, by what they are then; 12 V may be anything. */
const sold: readonly [number, Chemistry][] = [
  [3.7, 'LiPo'],
  [7.4, 'LiPo'],
  [11.1, 'LiPo'],
  [14.8, 'LiPo'],
  [18.5, 'LiPo'],
  [22.2, 'LiPo'],
  [7.6, 'LiHV'],
  [11.4, 'LiHV'],
  [15.2, 'LiHV'],
  [6.6, 'LiFePO4'],
  [6.4, 'LiFePO4'],
  [9.9, 'LiFePO4'],
  [4.8, 'NiMH'],
  [7.2, 'NiMH'],
  [8.4, 'NiMH'],
  [9.6, 'NiMH'],
];

const isNear = (a: number, b: number): boolean => Math.abs(a - b) < 0.05;

/** The chemistry that is sold at such volts; `undefined` where several are. */
export const chemistryAt = (volts: number): Chemistry | undefined =>
  sold.find(([each]) => isNear(each, volts))?.[1];

const mostCells = 24;
/** Volts a cell by which labels differ: iron phosphate is printed at 3.2 or 3.3 V a cell, lithium ion at 3.6 or 3.7. */
const printedSlack = 0.11;

/** Cells in series that printed volts stand for; `undefined` where they are no whole number of cells. */
export const cellsAt = (chemistry: Chemistry, volts: number): number | undefined =>
  Array.from({ length: mostCells }, (_, n) => n + 1).find(
    (cells) => Math.abs(packVolts({ chemistry, cells }, 'nominal') - volts) / cells < printedSlack,
  );
