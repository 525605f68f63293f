import type { Reading } from '../../reading/build-reading/reading';
import { formatQuantity } from '../../base/quantity/format';
import { nameList } from '../../base/words/sentences';
import type { SheetTable } from './sheet-table';

const runningWords = {
  reverse: 'brakes, then reverses',
  instantReverse: 'reverses at once',
  noReverse: 'none',
} as const;
const brakeWords = { brake: 'with the stick', dragBrake: 'drag brake', off: 'none' } as const;
const notSet = 'not set';

/** What each controller is set to, and how that is done: one line a controller. */
export function controllerSheet({ index, survey }: Reading): SheetTable | undefined {
  const controllers = index.ofKind('controller');
  if (controllers.length === 0) return undefined;
  return {
    title: 'Controllers',
    heads: ['Controller', 'Pack', 'Cut-off', 'Reverse', 'Brake', 'BEC', 'Direction', 'Arms at', 'Set by'],
    rows: controllers.map(({ fitting, part }) => {
      const pack = survey.packOf(fitting.id);
      const choices = part.regulator?.voltsChoices ?? [];
      const volts = fitting.regulatorVolts ?? (choices.length === 1 ? choices[0] : undefined);
      return [
        fitting.name,
        pack ? `${pack.cells} cells${pack.chemistry ? ` ${pack.chemistry}` : ''}` : '?',
        fitting.cutoff ?? notSet,
        fitting.running ? runningWords[fitting.running] : notSet,
        fitting.brake ? brakeWords[fitting.brake] : notSet,
        !part.regulator ? 'none' : volts === undefined ? notSet : formatQuantity(volts, 'V'),
        fitting.isReversed === undefined ? notSet : fitting.isReversed ? 'turned round' : 'as wired',
        part.armsAt === undefined ? 'see its sheet' : part.armsAt,
        part.programming ? nameList([...part.programming]) : 'see its sheet',
      ];
    }),
  };
}
