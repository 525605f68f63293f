import type { Reading } from '../../reading/build-reading/reading';
import type { Fitting } from '../../model/fitting/fitting';
import type { Step } from './step';

const runningWords = {
  reverse: 'brakes first, then reverses',
  instantReverse: 'reverses at once',
  noReverse: 'no reverse',
} as const;
const brakeWords = {
  brake: 'brakes at neutral',
  dragBrake: 'drag brake',
  off: 'runs free at neutral',
} as const;

/** How each controller is to be set, by its card or its stick, before it drives anything in earnest. */
export function settingSteps({ index }: Reading): Step[] {
  return index.ofKind('controller').flatMap(({ fitting }): Step[] => {
    const settings = settingsOf(fitting);
    if (settings.length === 0) return [];
    return [
      {
        id: `settings:${fitting.id}`,
        phase: 'setUp',
        title: `Set the ${fitting.name}`,
        lines: [
          `${settings.join('; ')}.`,
          'By its card, its box or its stick, in the order that its sheet gives.',
        ],
        cautions: ['stand'],
        needsPower: true,
        isHold: false,
        touches: [fitting.id],
      },
    ];
  });
}

const settingsOf = ({ cutoff, running, brake, isReversed }: Fitting): string[] => [
  ...(cutoff === undefined ? [] : [cutoff === 'off' ? 'Cut-off off' : `Cut-off for ${cutoff}`]),
  ...(running === undefined ? [] : [runningWords[running]]),
  ...(brake === undefined ? [] : [brakeWords[brake]]),
  ...(isReversed === undefined ? [] : [isReversed ? 'motor turned round' : 'motor as wired']),
];
