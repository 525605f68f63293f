import type { Reading } from '../../reading/build-reading/reading';
import { channelTable } from '../../reading/radio/channel-table';
import { minutesOf, type Answer } from './bench-test';
import type { Fault } from './fault';
import { leadWords, plugEnd, plugWords } from './fault-words';
import type { Probe } from './probe';
import { isJoined } from '../../model/plan/lead';

const asPlanned: Answer = { id: 'asPlanned', words: 'It is as it should be' };
const notAsPlanned: Answer = { id: 'notAsPlanned', words: 'It is not' };

/** What each sort of look may show. */
const answersOf: Record<string, readonly Answer[]> = {
  plug: [
    asPlanned,
    { id: 'off', words: 'It is not home' },
    { id: 'turned', words: 'It is the wrong way round' },
    { id: 'onePinOff', words: 'It sits one pin off' },
    { id: 'elsewhere', words: 'It is in another place' },
    { id: 'redWire', words: 'Its red wire is not as it should be' },
  ],
  joint: [
    asPlanned,
    { id: 'open', words: 'It is broken' },
    { id: 'cold', words: 'It is dull and cracked, or hangs by a strand' },
  ],
  display: [
    asPlanned,
    { id: 'reversed', words: 'Its direction is the other one' },
    { id: 'lowEndAtNothing', words: 'The end point for short pulses is at 0' },
    { id: 'highEndAtNothing', words: 'The end point for long pulses is at 0' },
    { id: 'centreOff', words: 'Its middle is off' },
  ],
};

/** Looks with the pack out, at whatever one of the faults would show. */
export function lookProbes(context: Reading, faults: readonly Fault[]): Probe[] {
  const ids = [...new Set(faults.flatMap(({ seen }) => Object.keys(seen)))];
  const seenAt = (id: string) => new Set(faults.flatMap(({ seen }) => seen[id] ?? []));
  return ids.map((id): Probe => {
    const [sort = ''] = id.split(':');
    const possible = seenAt(id);
    const all = answersOf[sort] ?? [asPlanned, notAsPlanned];
    return {
      test: {
        id,
        words: wordsOf(context, sort, id.slice(sort.length + 1)),
        minutes: sort === 'joint' ? minutesOf.joint : sort === 'display' ? minutesOf.display : minutesOf.look,
        isPowered: false,
        ...((sort === 'plug' || sort === 'joint') && { lead: id.slice(sort.length + 1) }),
        answers: all.filter((answer) => answer === asPlanned || possible.has(answer.id)),
      },
      shows: (_, fault) => fault.seen[id] ?? asPlanned.id,
    };
  });
}

function wordsOf(context: Reading, sort: string, id: string): string {
  const { index, build, survey } = context;
  const name = index.has(id) ? index.get(id).fitting.name : '';
  switch (sort) {
    case 'plug': {
      const lead = build.leads.find((each) => each.id === id)!;
      const end = plugEnd(index, lead).at === lead.to ? 'to' : 'from';
      const order = index
        .port(lead[end])
        .pins.flatMap((pin) => lead.conductors.filter((each) => each[end] === pin.name))
        .map(
          ({ colour, state, [end]: pin }) =>
            `${colour} ${isJoined({ state }) ? `on ${pinWords[pin] ?? pin}` : state}`,
        );
      return `Pack out. Look at ${plugWords(index, lead)}: right home, ${order.join(', ')}?`;
    }
    case 'joint':
      return `Pack out. Open the heat shrink of ${leadWords(
        index,
        build.leads.find((each) => each.id === id)!,
      )} and look at each joint.`;
    case 'display': {
      const row = channelTable(context).find(({ channel, radio: { owner } }) =>
        owner === undefined ? String(channel) === id : `${channel}:${owner}` === id,
      );
      const set =
        row && row.words.length > 0 ? row.words.join('; ') : 'normal, end points 100 %, no sub-trim';
      const of =
        row?.radio.owner === undefined ? 'the transmitter' : `the ${row.radio.transmitter?.fitting.name}`;
      return `In the menu of ${of}, look at channel ${row?.channel ?? id}. Planned: ${set}.`;
    }
    case 'switch':
      return `Look where the ${name} stands: it should be on.`;
    case 'fuse':
      return `Pack out. Take the ${name} out and look through it: its wire should be whole.`;
    case 'cut-off':
      return `Read the cut-off of the ${name}, as its sheet says how: it should be for ${survey.packOf(id)?.packs[0]?.part.chemistry ?? 'its pack'}.`;
    case 'volts-set':
      return `Pack out. Look what volts the regulator of the ${name} is set to: jumper, button or card.`;
    default:
      return `Look at the display of the ${name}: the memory of this model${linkOf(context, id)}?`;
  }
}

const pinWords: Record<string, string> = { a: 'the first', b: 'the second', c: 'the third' };

function linkOf({ index }: Reading, transmitterId: string): string {
  const transmitter = index.ofKind('transmitter').find(({ fitting }) => fitting.id === transmitterId);
  const link = transmitter && (transmitter.fitting.protocol ?? transmitter.part.protocols[0]);
  return link === undefined ? '' : `, and ${link}`;
}
