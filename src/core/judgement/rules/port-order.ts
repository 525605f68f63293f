import { movesModel, type ModelFunction } from '../../model/plan/model-function';
import type { PortSpec } from '../../model/parts/port';
import { carrierId } from '../../model/fitting/component-id';
import type { Patch } from '../../model/plan/patch';
import type { SignalPath } from '../../reading/survey/signals';
import { farEnd } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { signalPort } from '../../reading/survey/own-ports';
import { offerRestoredWire } from '../put-right/restore-wire';
import { offerMovedPlug } from '../put-right/swap-plugs';
import { channelInputs } from '../../reading/radio/channel-inputs';
import { radioHeardBy, radioOfFunction, type Radio } from '../../reading/radio/radios';
import { wiredHome } from '../../reading/radio/wired-home';
import { defineRule } from './rule';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, functionSubject, type Missing, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';

type Message = 'motorOnWrongPort' | 'deviceOnWrongPort' | 'hearsOtherRadio' | 'noSignal';

/** The receiver port that each part is plugged into, against the receiver's own port map. */
export const portOrder = defineRule({
  meta: {
    id: 'port-order',
    well: 'control',
    title: 'Parts on the ports that the receiver’s map names',
    messages: {
      motorOnWrongPort: {
        severity: 'stop',
        bound: 'exactly',
        short: 'in {{actual}}, not {{limit}}',
        text: 'the {{device}} is in the port for {{there}}: moving that runs its motor',
        why: 'A screw or wheel starts by surprise when another control is touched. By this receiver’s map, {{function}} belongs elsewhere.',
      },
      deviceOnWrongPort: {
        severity: 'mind',
        bound: 'exactly',
        short: 'in {{actual}}, not {{limit}}',
        text: 'the {{device}} is in the port for {{there}}, not for {{function}}',
        why: 'It answers the wrong control, and its own control does nothing or moves something else.',
      },
      noSignal: {
        severity: 'stop',
        bound: 'least',
        short: 'no signal',
        text: 'no signal reaches the {{device}}',
        why: 'It is plugged in, and its control does nothing: its signal wire is cut, turned, or ends where no channel is.',
      },
      hearsOtherRadio: {
        severity: 'stop',
        bound: 'least',
        short: 'hears another transmitter',
        text: 'the {{device}} is in the {{receiver}}, which hears {{heard}}, and {{function}} is on {{own}}',
        why: 'The hand that should move it moves nothing, and the other one moves it by surprise.',
      },
    },
  },
  check(context) {
    const { build, index, survey } = context;
    const turned = new Set(
      survey.supplies.filter((supply) => supply.status === 'plugTurned').map((supply) => supply.fitted),
    );
    const said: (Report<Message> | Missing)[] = [];
    const settled = new Set<string>();
    // Motors first: a plug swapped with a motor's is said once, as the motor's.
    const inOrder = [...build.functions].sort((a, b) => Number(movesModel(b)) - Number(movesModel(a)));
    for (const modelFunction of inOrder) {
      for (const deviceId of modelFunction.devices) {
        const path = survey.signalOf(deviceId);
        if (!path) {
          const device = index.get(deviceId);
          const { fitting } = device;
          if (turned.has(device)) continue;
          if (isPluggedIn(context, device)) {
            said.push(silent(context, modelFunction, device));
            continue;
          }
          said.push({
            missing: `the receiver port of the ${fitting.name}`,
            subjects: [fittingSubject(deviceId)],
            asked: 'wiring',
          });
          continue;
        }
        const report = portReport(context, modelFunction, path, settled);
        if (report) said.push(report);
      }
    }
    return said;
  },
});

/** Whether the lead that a part listens by ends somewhere, and not in a cable that hangs loose. */
function isPluggedIn({ index }: Reading, device: Fitted): boolean {
  const own = signalPort(device);
  const lead = own && index.leadAt(own);
  if (!lead) return false;
  const { fitting, part } = index.owner(farEnd(lead, own));
  return (
    part.kind !== 'cable' ||
    part.ports.every(
      ({ id, flow }) => flow !== 'in' || index.leadAt({ fitting: fitting.id, port: id }) !== undefined,
    )
  );
}

/** A part that is plugged in, and hears nothing. */
const silent = ({ index }: Reading, modelFunction: ModelFunction, device: Fitted): Report<Message> => ({
  messageId: 'noSignal',
  data: { device: device.fitting.name },
  subjects: [fittingSubject(device.fitting.id), functionSubject(modelFunction.id)],
  actual: 0,
  limit: 1,
  unit: 'wires',
  formula: 'signal wires from a channel of a receiver to the part, against the one that it listens to',
  terms: [
    plannedTerm(`signal wires that reach the ${device.fitting.name}`, 0, 'wires'),
    plannedTerm('needed', 1, 'wires'),
  ],
  offers: () => offerRestoredWire(index, device, 'signal'),
});

function portReport(
  context: Reading,
  modelFunction: ModelFunction,
  { device, receiver, port }: SignalPath,
  settled: Set<string>,
): Report<Message> | undefined {
  const [heard, own] = [radioHeardBy(context, receiver), radioOfFunction(context, modelFunction)];
  if (heard.owner !== own.owner) return otherRadio(modelFunction, { device, receiver }, heard, own);
  const home = wiredHome(context, modelFunction, device.fitting.id);
  if (home === undefined || port.channel === home) return undefined;
  const right = receiver.part.ports.find((candidate) => candidate.channel === home);
  if (!right || settled.has(port.id)) return undefined;
  settled.add(port.id).add(right.id);
  const [there] = port.channel === undefined ? [] : channelInputs(own, port.channel);
  const isDrive = movesModel(modelFunction);
  return {
    messageId: isDrive ? 'motorOnWrongPort' : 'deviceOnWrongPort',
    data: {
      device: device.fitting.name,
      function: modelFunction.name.toLowerCase(),
      there:
        there && there.function !== modelFunction
          ? there.function.name.toLowerCase()
          : `channel ${port.channel}`,
    },
    subjects: [
      fittingSubject(device.fitting.id),
      fittingSubject(receiver.fitting.id),
      functionSubject(modelFunction.id),
    ],
    actual: portNumber(port),
    limit: portNumber(right),
    unit: 'port',
    formula: 'port it is plugged into, against the port that carries its channel by the receiver’s map',
    terms: [
      plannedTerm(`${device.fitting.name} is in`, portNumber(port), 'port'),
      plannedTerm(
        `channel ${home}, ${modelFunction.name.toLowerCase()}, comes out of`,
        portNumber(right),
        'port',
      ),
    ],
    offers: () => [
      ...offerMovedPlug(context, { fitting: receiver.fitting.id, port: port.id }, right),
      ...offerOwnChannel(context, modelFunction, { device, receiver, port }),
    ],
  };
}

/** A part that takes its channel inside its board cannot move: its function does. */
function offerOwnChannel(
  { build }: Reading,
  { id, name, channel }: ModelFunction,
  { device, port }: SignalPath,
): Patch[] {
  const isInside = carrierId(device.fitting.id) !== device.fitting.id;
  if (!isInside || port.channel === undefined) return [];
  const other = build.functions.find((candidate) => candidate.channel === port.channel);
  return [
    {
      id: `own-channel:${id}:${port.channel}`,
      label: `Plan ${name} on channel ${port.channel}${other ? `, and ${other.name} on ${channel}` : ''}`,
      edits: [
        { type: 'setFunction', function: id, change: { channel: port.channel } },
        ...(other ? [{ type: 'setFunction', function: other.id, change: { channel } } as const] : []),
      ],
    },
  ];
}

/** The number of a port as its board prints it, or that of its channel where it prints a name. */
const portNumber = ({ id, channel }: PortSpec): number => {
  const printed = Number(id);
  return Number.isInteger(printed) ? printed : (channel ?? 0);
};

/** A part of a function on one radio, plugged into a receiver that hears another. */
function otherRadio(
  modelFunction: ModelFunction,
  { device, receiver }: Pick<SignalPath, 'device' | 'receiver'>,
  heard: Radio,
  own: Radio,
): Report<Message> {
  const nameOf = ({ transmitter }: Radio) => `the ${transmitter?.fitting.name ?? 'first transmitter'}`;
  const ownId = own.transmitter?.fitting.id;
  return {
    messageId: 'hearsOtherRadio',
    data: {
      device: device.fitting.name,
      receiver: receiver.fitting.name,
      function: modelFunction.name.toLowerCase(),
      heard: nameOf(heard),
      own: nameOf(own),
    },
    subjects: [
      fittingSubject(device.fitting.id),
      fittingSubject(receiver.fitting.id),
      functionSubject(modelFunction.id),
    ],
    actual: 0,
    limit: 1,
    unit: 'links',
    formula: 'links from the transmitter of the function to the receiver of its part',
    terms: [
      plannedTerm(`from ${nameOf(own)} to the ${receiver.fitting.name}`, 0, 'links'),
      plannedTerm('links needed', 1, 'links'),
    ],
    offers: () => [
      {
        id: `radio-of:${modelFunction.id}:${heard.transmitter?.fitting.id}`,
        label: `Let ${modelFunction.name} be worked by ${nameOf(heard)}`,
        edits: [
          {
            type: 'setFunction',
            function: modelFunction.id,
            change: { transmitter: heard.transmitter?.fitting.id, control: undefined },
          },
        ],
      },
      ...(ownId !== undefined &&
      receiver.part.protocols.some((link) => own.transmitter?.part.protocols.includes(link))
        ? [
            {
              id: `bound-to:${receiver.fitting.id}:${ownId}`,
              label: `Bind the ${receiver.fitting.name} to ${nameOf(own)}`,
              edits: [
                { type: 'setFitting' as const, fitting: receiver.fitting.id, change: { boundTo: ownId } },
              ],
            },
          ]
        : []),
    ],
  };
}
