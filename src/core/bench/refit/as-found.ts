import { kinds, kindOfAny } from '../../model/kinds';
import { partKinds, type PartKind, type PartSpec } from '../../model/kinds/part-spec';
import type { Reading } from '../../reading/build-reading/reading';
import { blankPart } from '../../desk/locker/blank-part';
import type { Build } from '../../model/plan/build';
import { emptyBuild } from '../../model/plan/empty-build';
import type { Lead, PortRef } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { farEnd, portKey, portRef, type FreePort } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { plugTargets } from '../../desk/wiring/plug-targets';
import { portJoins } from '../../desk/wiring/port-joins';

/** Kinds of parts, in the order in which they meet the eye when the lid comes off. */
export const seenKinds: readonly PartKind[] = [...partKinds].sort((a, b) => kinds[a].seen - kinds[b].seen);

/** What a model is called, whatever its build tells of it. */
export const bareName = (name: string): string =>
  name.replace(/, (as found|as planned|planned|put right)$/, '');

/** A build to write down what is in a model in: its name and Brief, and nothing in it yet. */
export function foundBuild({ name, model, brief, policies, inside }: Build, id: string): Build {
  const words = ', as found';
  return {
    ...emptyBuild(id, `${bareName(name).slice(0, 80 - words.length)}${words}`, model),
    brief,
    policies,
    ...(inside && { inside }),
  };
}

/** A part of a kind that was seen, before anybody has read what it is. */
export function unknownPart(kind: PartKind): PartSpec {
  const blank = blankPart(kind, `unknown-${kind}`);
  return { ...blank, name: `${kindOfAny(blank).words.one}, not known yet` };
}

/** Something that plugs go into, what is in it, and what could be. */
export interface Socket {
  ref: PortRef;
  name: string;
  holds: { lead: Lead; name: string } | undefined;
  /** Plugs that lie free and go in, each with the edits that put it there. */
  choices: { id: string; name: string; patch: Patch }[];
}

/** Every place that a plug can be seen in, receivers first. @param locker where adapters come from */
export function sockets(context: Reading, locker: readonly PartSpec[]): Socket[] {
  const { index } = context;
  const free = index.freePorts().filter((each) => !isRow(index.get(each.ref.fitting)));
  // A lead between two rows, of a switch and of a receiver, is told where it is met first.
  const told = new Set<string>();
  const inOrder = [...index.pieces()].sort((a, b) => rank(a) - rank(b));
  return inOrder.flatMap((fitted) =>
    fitted.part.ports
      .filter((port) => isSocket(fitted, port))
      .flatMap((port): Socket[] => {
        const ref = portRef(fitted, port);
        const name = index.portName(ref);
        const lead = index.leadAt(ref);
        if (!lead)
          return [{ ref, name, holds: undefined, choices: choicesFor(context, { ref, port }, free, locker) }];
        if (told.has(lead.id)) return [];
        told.add(lead.id);
        return [
          {
            ref,
            name,
            holds: { lead, name: index.get(farEnd(lead, ref).fitting).fitting.name },
            choices: [],
          },
        ];
      }),
  );
}

/** Plugs that lie free and go into a socket as they are. */
function choicesFor(
  context: Reading,
  socket: FreePort,
  free: readonly FreePort[],
  locker: readonly PartSpec[],
): Socket['choices'] {
  const goesIn = ({ port }: FreePort) => isRow(context.index.get(socket.ref.fitting)) || port.flow !== 'out';
  return plugTargets(free.filter(goesIn), socket).flatMap(({ ref }) => {
    const { ways, why } = portJoins(context, ref, socket.ref, locker);
    const [patch] = ways;
    return patch && why === undefined ? [{ id: portKey(ref), name: context.index.portName(ref), patch }] : [];
  });
}

const rank = ({ kind }: Fitted): number => {
  const at = seenKinds.findIndex((seen) => seen === kind);
  return kind === 'pack' ? -0.5 : at;
};

type Port = PartSpec['ports'][number];

/** A row of pins takes plugs of any kind, those that feed it among them. */
const isRow = ({ kind }: Fitted): boolean => kind === 'receiver' || kind === 'board';

/** Rows of pins, the far ends of cables, and what current comes out of: plugs go into these. */
const isSocket = (fitted: Fitted, { flow }: Port): boolean =>
  isRow(fitted) || (fitted.kind === 'cable' ? flow !== 'in' : flow === 'out');
