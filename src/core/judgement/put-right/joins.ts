import type { Reading } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Edit } from '../../model/plan/edits';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Patch } from '../../model/plan/patch';
import { connect } from './connect';
import { offerMovedPlug } from './swap-plugs';
import { portRef } from '../../model/plan/build-index';
import { signalPort } from '../../reading/survey/own-ports';
import { channelInputs, settingOf } from '../../reading/radio/channel-inputs';
import { controlMisfit } from '../../reading/radio/control-fit';
import { radioHeardBy, type Radio } from '../../reading/radio/radios';
import { strandColumns, type StrandSpot } from '../../reading/radio/strands';

type Spot = Pick<StrandSpot, 'column' | 'id'>;

/** Whether two spots can be joined at all, in either order: neighbours from the thumb to the part, or a function and its part. */
export function canJoin(a: Spot, b: Spot): boolean {
  const [first, second] = [strandColumns.indexOf(a.column), strandColumns.indexOf(b.column)].sort();
  return second! - first! === 1 || (first === 1 && second === 3);
}

/** Whether a control is of the kind that a function wants; anything else that can be joined fits. */
export function fits({ functions, transmitter }: Radio, a: Spot, b: Spot): boolean {
  if (!canJoin(a, b)) return false;
  const control = [a, b].find(({ column }) => column === 'control');
  const wanting = [a, b].find(({ column }) => column === 'function');
  if (!control || !wanting) return true;
  const kind = transmitter?.part.controls.find(({ id }) => id === control.id)?.kind;
  const wants = functions.find(({ id }) => id === wanting.id)?.wants;
  return kind !== undefined && wants !== undefined && controlMisfit(wants, kind) === undefined;
}

/** What joining two spots of a radio may mean; the first is the usual. Nothing where they cannot be joined. */
export function joins(
  context: Reading,
  radio: Radio,
  [a, b]: readonly [Spot, Spot],
  locker: readonly PartSpec[],
): Patch[] {
  if (!canJoin(a, b)) return [];
  const at = (column: Spot['column']) => [a, b].find((spot) => spot.column === column)?.id;
  const [control, functionId, channel, part] = strandColumns.map(at);
  const modelFunction = radio.functions.find(({ id }) => id === functionId);
  if (modelFunction && control !== undefined) return joinControl(radio, modelFunction, control);
  if (modelFunction && channel !== undefined) return joinChannel(radio, modelFunction, Number(channel));
  if (modelFunction && part !== undefined) return joinPart(context, modelFunction, part);
  return channel !== undefined && part !== undefined
    ? plugIn(context, radio, { channel: Number(channel), part }, locker)
    : [];
}

function joinControl(
  { functions, transmitter }: Radio,
  { id, name, control }: ModelFunction,
  to: string,
): Patch[] {
  const controls = transmitter?.part.controls ?? [];
  const word = controls.find((each) => each.id === to)?.name ?? to;
  const holder = functions.find((each) => each.control === to && each.id !== id);
  const had = controls.find((each) => each.id === control)?.name;
  const give = (label: string, edits: Edit[]): Patch => ({ id: `${label}:${id}:${to}`, label, edits });
  const own: Edit = { type: 'setFunction', function: id, change: { control: to } };
  if (control === to)
    return [
      give(`Take the ${word} from ${name}`, [
        { type: 'setFunction', function: id, change: { control: undefined } },
      ]),
    ];
  if (!holder) return [give(`Give ${name} the ${word}`, [own])];
  return [
    give(`Give ${name} the ${word}, and ${holder.name} ${had === undefined ? 'none yet' : `the ${had}`}`, [
      own,
      { type: 'setFunction', function: holder.id, change: { control } },
    ]),
    give(`Both on the ${word}: ${holder.name} and ${name} move together`, [own]),
  ];
}

function joinChannel(radio: Radio, modelFunction: ModelFunction, channel: number): Patch[] {
  const { id, name } = modelFunction;
  const inputs = channelInputs(radio, channel);
  const { mix = [] } = settingOf(radio, channel);
  const mine = inputs.find((input) => input.function.id === id);
  const owner = inputs.find((input) => input.function.channel === channel && input.function.id !== id);
  const patch = (label: string, ...edits: Edit[]): Patch => ({ id: `${label}:${channel}`, label, edits });
  const own = (to: number | undefined): Edit => ({
    type: 'setFunction',
    function: id,
    change: { channel: to },
  });
  const setMix = (next: typeof mix): Edit => ({
    type: 'setChannel',
    channel,
    transmitter: radio.owner,
    change: { mix: next.length > 0 ? next : undefined },
  });
  const withoutMe = mix.filter((input) => input.function !== id);
  if (mine)
    return [
      patch(
        `Take ${name} off channel ${channel}`,
        ...(modelFunction.channel === channel ? [own(undefined)] : []),
        ...(withoutMe.length < mix.length ? [setMix(withoutMe)] : []),
      ),
    ];
  const mixedIn = patch(
    `Mix ${name} into channel ${channel}, at first with half of it`,
    setMix([...mix, { function: id, percent: 50 }]),
  );
  if (inputs.length === 0)
    return modelFunction.channel === undefined
      ? [patch(`Put ${name} on channel ${channel}`, own(channel))]
      : [
          patch(`Move ${name} from channel ${modelFunction.channel} to ${channel}`, own(channel)),
          patch(`Give channel ${channel} all of ${name} as well`, setMix([{ function: id, percent: 100 }])),
        ];
  return [
    mixedIn,
    ...(owner
      ? [
          patch(
            `Put ${name} here, and ${owner.function.name} ${modelFunction.channel === undefined ? 'nowhere yet' : `on channel ${modelFunction.channel}`}`,
            own(channel),
            {
              type: 'setFunction',
              function: owner.function.id,
              change: { channel: modelFunction.channel },
            },
          ),
        ]
      : []),
  ];
}

function joinPart({ index }: Reading, { id, name, devices }: ModelFunction, part: string): Patch[] {
  const word = index.get(part).fitting.name;
  const works = devices.includes(part);
  return [
    {
      id: `works:${id}:${part}`,
      label: works ? `Let ${name} not work the ${word} any more` : `Let ${name} work the ${word}`,
      edits: [
        {
          type: 'setFunction',
          function: id,
          change: { devices: works ? devices.filter((each) => each !== part) : [...devices, part] },
        },
      ],
    },
  ];
}

/** The plug of a part into the receiver port of a channel. */
function plugIn(
  context: Reading,
  radio: Radio,
  { channel, part }: { channel: number; part: string },
  locker: readonly PartSpec[],
): Patch[] {
  const { build, index, survey } = context;
  const fitted = index.get(part);
  const heard = survey.signalOf(part);
  const isOnRadio = heard && radioHeardBy(context, heard.receiver).owner === radio.owner;
  if (isOnRadio && heard.port.channel === channel) return [];
  const receiver = index.ofKind('receiver').find((each) => radioHeardBy(context, each).owner === radio.owner);
  const port = receiver?.part.ports.find((each) => each.channel === channel);
  if (!receiver || !port) return [];
  if (isOnRadio)
    return offerMovedPlug(context, { fitting: heard.receiver.fitting.id, port: heard.port.id }, port);
  const own = signalPort(fitted);
  const there = portRef(receiver, port);
  const isFree = own && !index.leadAt(own) && !index.leadAt(there);
  const edits = isFree ? connect(build, own, there, locker) : undefined;
  return edits
    ? [{ id: `plug:${part}:${channel}`, label: `Plug the ${fitted.fitting.name} into ${port.name}`, edits }]
    : [];
}
