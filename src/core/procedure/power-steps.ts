import type { CheckContext } from '../findings/context';
import type { CautionId } from './cautions';
import { isLithium } from '../packs/chemistry';
import type { Step } from './step';

/** The fixed order of a first power-up: stand, transmitter, pack, bind, arm. */
export function powerSteps({ index, build }: CheckContext): Step[] {
  const [transmitter] = index.ofKind('transmitter');
  const receivers = index.ofKind('receiver');
  const packs = index.ofKind('pack');
  const controllers = index.ofKind('controller');
  if (packs.length === 0 || receivers.length === 0) return [];
  const drives = build.functions.filter((one) => one.role === 'drive');
  const packCautions: CautionId[] = packs.some((one) => isLithium(one.part.chemistry))
    ? ['lithium', 'stand', 'heat']
    : ['stand', 'heat'];
  const receiver = receivers.map((one) => one.fitting.name).join(' and ');
  const packName = packs.map((one) => one.fitting.name).join(', then the ');
  const controlOf = (id: string | undefined) =>
    transmitter?.part.controls.find((one) => one.id === id)?.name ?? 'its control';
  const neutral = drives.map((one) => `${one.name.toLowerCase()} (${controlOf(one.control)})`).join(' and ');
  return [
    step(
      'stand',
      'Put the model on a stand',
      [
        controllers.length > 0
          ? 'Screws or wheels free to turn, nothing within reach of them.'
          : 'Nothing within reach of moving arms.',
      ],
      ['stand'],
      true,
    ),
    step(
      'transmitter-on',
      'Transmitter on first',
      [
        `${transmitter ? `Link set to ${transmitter.fitting.protocol ?? transmitter.part.protocols[0]}, the right model memory.` : 'The right model memory.'}`,
        ...(neutral ? [`At neutral: ${neutral}.`] : []),
      ],
      ['radio'],
      true,
    ),
    step(
      'pack-in',
      `Then the ${packName}, last of all`,
      [
        'Plug in firmly, fingers clear of screws. Watch and sniff for ten seconds; pull it at the first doubt.',
      ],
      packCautions,
      true,
    ),
    step(
      'bind',
      `Bind the ${receiver}`,
      [
        'Bind plug in its power and bind port or its button held, as the maker says; wait for the steady light.',
        'Bind plug out, pack out, pack in again: it must find the transmitter by itself.',
      ],
      ['radio'],
      true,
    ),
    ...controllers.map(({ fitting }) =>
      step(
        `arm:${fitting.id}`,
        `Wait for the ${fitting.name} to arm`,
        [
          'Tones for power, for the cell count, then armed. It stays silent or beeps on while its throttle is not at zero.',
        ],
        ['stand'],
        false,
      ),
    ),
  ];
}

function step(id: string, title: string, lines: string[], cautions: CautionId[], isHold: boolean): Step {
  return { id, phase: 'power', title, lines, cautions, needsPower: id !== 'stand', isHold };
}
