import type { Reading } from '../../reading/build-reading/reading';
import type { ReceiverSpec } from '../../model/kinds/receiver/receiver';
import type { TransmitterSpec } from '../../model/kinds/transmitter/transmitter';
import { carrierId } from '../../model/fitting/component-id';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import type { Fitted } from '../../model/kinds/fitted';
import { takesSameLeads } from './swap-part';
import { transmitterOf } from '../../reading/radio/partners';

/** Most pairs of a transmitter and a receiver that are looked at. */
const mostPairs = 6;

/** Other transmitters that suit and speak to the receiver, set to its link, with a control for each function. */
export function offerTransmitters(
  context: Reading,
  transmitter: Fitted<'transmitter'>,
  suits: (candidate: TransmitterSpec) => boolean,
): Patch[] {
  const [receiver] = context.index.ofKind('receiver');
  return transmitters(context, transmitter.part).flatMap((candidate): Patch[] => {
    const link = candidate.protocols.find((protocol) => receiver?.part.protocols.includes(protocol) ?? true);
    const edits = link !== undefined && suits(candidate) && takeUp(context, transmitter, candidate, link);
    const { id, name } = transmitter.fitting;
    return edits
      ? [{ id: `swap:${id}:${candidate.id}`, label: `Swap the ${name} for: ${candidate.name}`, edits }]
      : [];
  });
}

/**
 * Another transmitter together with another receiver that it speaks to, where neither alone would do.
 * @param transmitter the one whose place is taken, and that of a receiver which hears it; the first where not said
 */
export function offerRadios(
  context: Reading,
  suits: (transmitter: TransmitterSpec, receiver: ReceiverSpec) => boolean,
  transmitter: Fitted<'transmitter'> | undefined = context.index.ofKind('transmitter')[0],
): Patch[] {
  const { index, locker } = context;
  const receiver = index.ofKind('receiver').find((each) => transmitterOf(index, each) === transmitter);
  if (!receiver || !transmitter) return [];
  const receivers = locker.filter(
    (part): part is ReceiverSpec =>
      part.kind === 'receiver' &&
      part.id !== receiver.part.id &&
      carrierId(receiver.fitting.id) === receiver.fitting.id &&
      takesSameLeads(context, receiver.fitting.id, part),
  );
  return transmitters(context, transmitter.part)
    .flatMap((sender) =>
      receivers.flatMap((part): Patch[] => {
        const link = sender.protocols.find((protocol) => part.protocols.includes(protocol));
        const edits = link !== undefined && suits(sender, part) && takeUp(context, transmitter, sender, link);
        return edits
          ? [
              {
                id: `radio:${sender.id}:${part.id}`,
                label: `Swap the radio for: ${sender.name}, with ${part.name}`,
                edits: [...edits, { type: 'swapPart', fitting: receiver.fitting.id, part }],
              },
            ]
          : [];
      }),
    )
    .slice(0, mostPairs);
}

const transmitters = ({ locker }: Reading, now: TransmitterSpec): TransmitterSpec[] =>
  locker.filter((part): part is TransmitterSpec => part.kind === 'transmitter' && part.id !== now.id);

/** The edits that take up another transmitter; `undefined` where a function would be left without its kind of control. */
function takeUp(
  { build }: Reading,
  { fitting, part }: Fitted<'transmitter'>,
  candidate: TransmitterSpec,
  link: string,
): Edit[] | undefined {
  const edits: Edit[] = [
    { type: 'swapPart', fitting: fitting.id, part: candidate },
    { type: 'setProtocol', fitting: fitting.id, protocol: link },
  ];
  const kindOf = (id: string) =>
    part.controls.find((control) => control.id === id)?.kind ??
    candidate.controls.find((control) => control.id === id)?.kind;
  const planned = build.functions.filter((modelFunction) => modelFunction.control !== undefined);
  const stays = planned.filter(({ control }) =>
    candidate.controls.some(
      (controlSpec) => controlSpec.id === control && controlSpec.kind === kindOf(controlSpec.id),
    ),
  );
  const taken = new Set(stays.map((modelFunction) => modelFunction.control));
  for (const modelFunction of planned.filter((each) => !stays.includes(each))) {
    const wanted = kindOf(modelFunction.control!) ?? modelFunction.wants;
    const free = candidate.controls.find(({ id, kind }) => kind === wanted && !taken.has(id));
    if (!free) return undefined;
    taken.add(free.id);
    edits.push({ type: 'setFunction', function: modelFunction.id, change: { control: free.id } });
  }
  return edits;
}
