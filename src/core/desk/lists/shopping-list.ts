import { connectorFamily, type ConnectorFamilyId } from '../../model/connectors/families';
import type { Gender } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { Hold } from '../../model/fitting/placement';
import type { PlugNamer } from '../loom/lead-rows';
import { capital, counted } from '../../base/words/sentences';
import type { BenchList, ListLine } from './bench-list';
import { joints, piecesFor } from './joints';

const familyName: PlugNamer = (family) => connectorFamily(family).name;

/** One spare for so many, and one at least: a plug is spoilt soon. */
const spareFor = 5;
/** Heat shrink to a joint, in millimetres. */
const shrinkLength = 25;
/** Lead is bought in steps of so many metres, with a tenth more than is measured. */
const leadStep = 0.5;
const leadExtra = 1.1;

/** What is still to be had: parts that nobody owns, connectors with spares, heat shrink, lead by gauge and colour. */
export function shoppingList(
  context: Reading,
  items: readonly LockerItem[],
  plugName: PlugNamer = familyName,
): BenchList {
  return {
    id: 'shopping',
    title: 'To buy',
    heads: ['What', 'How many', 'For', 'Price'],
    lines: [
      ...partLines(context, items),
      ...connectorLines(context, plugName),
      ...consumables(context),
      ...holdLines(context),
      ...seatLines(context),
    ],
  };
}

function partLines({ index }: Reading, items: readonly LockerItem[]): ListLine[] {
  const known = new Map(items.map((item) => [item.part.id, item]));
  const wanted = new Map<string, { name: string; fittings: string[] }>();
  for (const { fitting, part } of index.pieces()) {
    if (known.get(part.id)?.state === 'own') continue;
    const { name, fittings } = wanted.get(part.id) ?? { name: part.name, fittings: [] };
    wanted.set(part.id, { name, fittings: [...fittings, fitting.name] });
  }
  return [...wanted].map(([id, { name, fittings }]) => {
    const price = known.get(id)?.price;
    return {
      key: `list:buy:${id}`,
      cells: [
        capital(name),
        String(fittings.length),
        fittings.join(', '),
        price === undefined ? '' : (price * fittings.length).toFixed(2),
      ],
    };
  });
}

function connectorLines({ index, ...context }: Reading, plugName: PlugNamer): ListLine[] {
  const counts = new Map<
    string,
    { family: ConnectorFamilyId; gender: Gender; count: number; at: string[] }
  >();
  for (const { connector, wires, at } of joints({ index, ...context })) {
    if (!connector) continue;
    const key = `${connector.family}:${connector.gender}`;
    const known = counts.get(key) ?? { ...connector, count: 0, at: [] };
    known.count += piecesFor(connector.family, wires.length);
    known.at.push(index.get(at.fitting).fitting.name);
    counts.set(key, known);
  }
  return [...counts].map(([key, { family, gender, count, at }]) => {
    const spares = Math.ceil(count / spareFor);
    return {
      key: `list:plug:${key}`,
      cells: [
        `${capital(plugName(family))}, ${gender}`,
        `${count} and ${spares} spare`,
        [...new Set(at)].join(', '),
        '',
      ],
    };
  });
}

/** What holds parts in their places, as it is bought: by the piece or by the length. */
const fastenings: Record<Hold, (parts: number) => readonly [what: string, many: string][]> = {
  tape: (parts) => [['Double-sided tape, 20 mm', `${parts * 10} cm`]],
  strap: (parts) => [['Hook-and-loop strap', String(parts)]],
  'foam and strap': (parts) => [
    ['Hook-and-loop strap', String(parts)],
    ['Foam, 5 mm', counted(parts, 'piece')],
  ],
  screws: (parts) => [['Self-tapping screws with washers', `${parts * 4} and ${parts} spare`]],
};

function holdLines({ survey }: Reading): ListLine[] {
  const held = new Map<Hold, string[]>();
  for (const { place, fitted } of survey.layout.laid)
    if (place.hold) held.set(place.hold, [...(held.get(place.hold) ?? []), fitted.fitting.name]);
  return [...held].flatMap(([hold, names]) =>
    fastenings[hold](names.length).map(([what, many]) => ({
      key: `list:hold:${hold}:${what}`,
      cells: [what, many, names.join(', '), ''],
    })),
  );
}

/** What the seats of servos ask for: a horn with their teeth, distance pieces, something to cut a plate from, a saver. */
function seatLines({ index }: Reading): ListLine[] {
  return index.ofKind('servo').flatMap(({ fitting: { id, name, seat }, part }): ListLine[] => {
    const line = (key: string, what: string, many = '1'): ListLine => ({
      key: `list:seat:${key}:${id}`,
      cells: [what, many, name, ''],
    });
    const teeth = part.splineTeeth ? `, ${part.splineTeeth.value} teeth` : '';
    return [
      ...(seat?.wantsHorn ? [line('horn', `Servo horn${teeth}`)] : []),
      ...(seat?.hasSaver ? [line('saver', `Servo saver${teeth}`)] : []),
      ...(seat?.hasPlate ? [line('plate', 'Sheet of 2 mm aluminium or plywood')] : []),
      ...(seat?.standoff === undefined
        ? []
        : [line('standoff', `Distance pieces, ${Number((seat.standoff * 1000).toFixed(1))} mm`, '4')]),
    ];
  });
}

function consumables(context: Reading): ListLine[] {
  const shrink = new Map<number, number>();
  const lead = new Map<string, number>();
  for (const { wires, shrinkMillimetres, lead: each } of joints(context)) {
    if (shrinkMillimetres !== undefined)
      shrink.set(shrinkMillimetres, (shrink.get(shrinkMillimetres) ?? 0) + wires.length);
    // Only what somebody measured is bought by the metre: the rest comes with the parts.
    if (each.awg === undefined || each.metres === undefined || each.metres.provenance === 'estimated')
      continue;
    for (const { colour } of wires) {
      const key = `AWG ${each.awg}, ${colour}`;
      lead.set(key, (lead.get(key) ?? 0) + each.metres.value);
    }
  }
  return [
    ...[...shrink]
      .sort(([a], [b]) => a - b)
      .map(([size, pieces]) => ({
        key: `list:shrink:${size}`,
        cells: [
          `Heat shrink, ${size} mm`,
          `${Math.ceil((pieces * shrinkLength) / 100) * 10} cm`,
          counted(pieces, 'joint'),
          '',
        ],
      })),
    ...[...lead].map(([key, metres]) => ({
      key: `list:wire:${key}`,
      cells: [
        `Lead, ${key}`,
        `${(Math.ceil((metres * leadExtra) / leadStep) * leadStep).toFixed(1)} m`,
        'if the wires of the parts do not reach',
        '',
      ],
    })),
  ];
}
