import { movesModel } from '../plan/model-function';
import type { CheckContext } from '../findings/context';
import { isLithium } from '../packs/chemistry';
import { channelTable } from '../radio/channel-table';
import { capital } from '../words/sentences';
import { bindPlugSteps } from './bind-steps';
import type { CautionId } from './cautions';
import { hasBareRegulators } from './regulator-steps';
import { standStep } from './stand-step';
import type { Step } from './step';
import { radioOf } from './touches';

/** The fixed order of a first power-up: stand, bind plug, transmitter, pack, bind, arm. */
export function powerSteps(context: CheckContext): Step[] {
  const { index, build } = context;
  const [transmitter] = index.ofKind('transmitter');
  const receivers = index.ofKind('receiver');
  const packs = index.ofKind('pack');
  const controllers = index.ofKind('controller');
  if (packs.length === 0 || receivers.length === 0) return [];
  const drives = build.functions.filter((modelFunction) => movesModel(modelFunction));
  const packCautions: CautionId[] = packs.some((pack) => isLithium(pack.part.chemistry))
    ? ['lithium', 'stand', 'heat']
    : ['stand', 'heat'];
  const receiver = receivers.map((each) => each.fitting.name).join(' and ');
  const packName = packs.map((pack) => pack.fitting.name).join(', then the ');
  const controlOf = (id: string | undefined) =>
    transmitter?.part.controls.find((candidate) => candidate.id === id)?.name ?? 'its control';
  const neutral = drives
    .map((modelFunction) => `${modelFunction.name.toLowerCase()} (${controlOf(modelFunction.control)})`)
    .join(' and ');
  const radio = radioOf(context);
  const link = transmitter && (transmitter.fitting.protocol ?? transmitter.part.protocols[0]);
  return [
    ...(hasBareRegulators(context) ? [] : [standStep(context, 'power')]),
    ...bindPlugSteps(context),
    ...(transmitter && transmitter.part.protocols.length > 1
      ? [
          {
            ...held,
            id: `link:${transmitter.fitting.id}`,
            needsPower: false,
            title: `Set the ${transmitter.fitting.name} to ${link}`,
            lines: [
              `It speaks ${transmitter.part.protocols.join(' and ')}; the ${receiver} must speak the same.`,
            ],
            cautions: ['radio' as const],
            touches: radio,
          },
        ]
      : []),
    {
      ...held,
      id: 'transmitter-on',
      title: 'Transmitter on first',
      lines: ['The right model memory.', ...(neutral ? [`At neutral: ${neutral}.`] : [])],
      cautions: ['radio'],
      touches: transmitter ? [transmitter.fitting.id] : [],
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

/** The tones to wait for, by the cells that it will count. */
function toneWords({ survey }: CheckContext, id: string): string {
  const pack = survey.packOf(id)?.packs[0];
  const cells = pack ? `${pack.part.cells} for the cells of the ${pack.fitting.name}` : 'one for each cell';
  return `Most sound one tone for power, ${cells}, one when armed; its sheet goes first. It beeps on while no signal comes, its stick is not at zero, or its channel is reversed, in that order of likelihood.`;
}

/** Where a controller arms, and what the transmitter shows then, as far as its sheet says. */
const armingOf = (context: CheckContext, id: string): string[] =>
  channelTable(context)
    .flatMap(({ arming }) => arming)
    .filter(({ fitting }) => fitting === id)
    .map(({ words }) => `${capital(words)}.`);

const held = { phase: 'power', needsPower: true, isHold: true } as const;
