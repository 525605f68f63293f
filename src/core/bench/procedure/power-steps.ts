import type { Reading } from '../../reading/build-reading/reading';
import { isLithium } from '../../model/packs/chemistry';
import { channelTable } from '../../reading/radio/channel-table';
import { capital } from '../../base/words/sentences';
import { bindPlugSteps } from './bind-steps';
import type { CautionId } from './cautions';
import { hasBareRegulators } from './regulator-steps';
import { standStep } from './stand-step';
import type { Step } from './step';
import { radioOf } from './touches';
import { lostLinks } from '../../reading/radio/lost-link';
import { displayWords } from '../../reading/radio/pulse';
import { transmitterOf } from '../../reading/radio/partners';
import type { Fitted } from '../../model/kinds/fitted';

/** The fixed order of a first power-up: stand, bind plug, transmitter, pack, bind, arm. */
export function powerSteps(context: Reading): Step[] {
  const { index } = context;
  const receivers = index.ofKind('receiver');
  const packs = index.ofKind('pack');
  const controllers = index.ofKind('controller');
  if (packs.length === 0 || receivers.length === 0) return [];
  const packCautions: CautionId[] = packs.some((pack) => isLithium(pack.part.chemistry))
    ? ['lithium', 'stand', 'heat']
    : ['stand', 'heat'];
  const receiver = receivers.map((each) => each.fitting.name).join(' and ');
  const packName = packs.map((pack) => pack.fitting.name).join(', then the ');
  const radio = radioOf(context);
  return [
    ...(hasBareRegulators(context) ? [] : [standStep(context, 'power')]),
    ...bindPlugSteps(context),
    ...index.ofKind('transmitter').flatMap((each): Step[] => linkStep(context, each)),
    {
      ...held,
      id: 'transmitter-on',
      title: 'Transmitter on first',
      lines: ['The right model memory.', ...restLines(context)],
      cautions: ['radio'],
      touches: index.ofKind('transmitter').map((each) => each.fitting.id),
    },
    {
      ...held,
      id: 'pack-in',
      title: `Then the ${packName}, last of all`,
      lines: [
        'Plug in firmly, fingers clear of screws. Watch and sniff for ten seconds; pull it at the first doubt.',
      ],
      cautions: packCautions,
      touches: packs.map((pack) => pack.fitting.id),
    },
    {
      ...held,
      id: 'bind',
      title: `Bind the ${receiver}`,
      lines: [
        'The transmitter in its bind mode, as its maker says; wait for the steady light.',
        'Pack out, bind plug out, any plug that made room for it back in its port, pack in again: it must find the transmitter by itself.',
      ],
      cautions: ['radio'],
      touches: radio,
    },
    ...controllers.map(({ fitting }): Step => ({
      ...held,
      id: `arm:${fitting.id}`,
      isHold: false,
      title: `Wait for the ${fitting.name} to arm`,
      lines: [...armingOf(context, fitting.id), toneWords(context, fitting.id)],
      cautions: ['stand'],
      touches: [fitting.id, ...radio],
    })),
  ];
}

/** Where the control of everything that could run must stand before power reaches it, as the transmitter shows it. */
export const restLines = (context: Reading): string[] => [
  ...new Set(
    lostLinks(context).map(({ function: { name, control }, radio, place, still }) => {
      const held = radio.transmitter?.part.controls.find(({ id }) => id === control)?.name ?? 'its control';
      return `${name}: ${held} ${place}, the display reads ${displayWords(still)}.`;
    }),
  ),
];

/** A transmitter that speaks several links is set to the one that its receivers hear. */
function linkStep(context: Reading, transmitter: Fitted<'transmitter'>): Step[] {
  const { fitting, part } = transmitter;
  if (part.protocols.length < 2) return [];
  const { index } = context;
  const heard = index.ofKind('receiver').filter((each) => transmitterOf(index, each) === transmitter);
  return [
    {
      ...held,
      id: `link:${fitting.id}`,
      needsPower: false,
      title: `Set the ${fitting.name} to ${fitting.protocol ?? part.protocols[0]}`,
      lines: [
        `It speaks ${part.protocols.join(' and ')}; the ${heard.map((each) => each.fitting.name).join(' and ') || 'receiver'} must speak the same.`,
      ],
      cautions: ['radio'],
      touches: radioOf(context),
    },
  ];
}

/** The tones to wait for, by the cells that it will count. */
function toneWords({ survey }: Reading, id: string): string {
  const pack = survey.packOf(id)?.packs[0];
  const cells = pack ? `${pack.part.cells} for the cells of the ${pack.fitting.name}` : 'one for each cell';
  return `Most sound one tone for power, ${cells}, one when armed; its sheet goes first. Does it beep on? Look for no signal, a stick off zero, a reversed channel, in this order.`;
}

/** Where a controller arms, and what the transmitter shows then, as far as its sheet says. */
const armingOf = (context: Reading, id: string): string[] =>
  channelTable(context)
    .flatMap(({ arming }) => arming)
    .filter(({ fitting }) => fitting === id)
    .map(({ words }) => `${capital(words)}.`);

const held = { phase: 'power', needsPower: true, isHold: true } as const;
