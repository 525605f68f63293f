import type { Reading } from '../../../reading/build-reading/reading';
import { goesTogether, mating, type Connector } from '../../../model/connectors/mating';
import type { PartSpec } from '../../../model/kinds/part-spec';
import type { PortSpec } from '../../../model/parts/port';
import { rememberedAlone } from '../../../base/remembered';
import type { Assignment, Candidate, JointCount, Role, Screen } from '../role';
import { between, rolesOfKind } from './pairs';

/** Kinds that plug into a receiver's rows of pins by a lead of their own. */
const pluggedIn = ['servo', 'controller', 'load', 'electronicSwitch'] as const;

/** Plugs that must go together, straight or by an adapter of the locker. */
export function plugScreens({ locker }: Reading, roles: readonly Role[]): Screen[] {
  const cables = locker.filter((part) => part.kind === 'cable');
  const adapters = cables.filter((part) => part.ports.length === 2);
  const harnesses = cables.filter((part) => part.form === 'harness');
  return pairsOf(roles).map(([first, second]) =>
    between(
      {
        id: `plug:${first}:${second}`,
        words: 'plugs that go together, or an adapter',
        isMargin: false,
        meets: plugOf,
        shows: plugIn,
      },
      [first, second],
      byPlugs(
        (ports) =>
          goes(ports) || hasAdapter(ports, adapters) || hasHarness(ports, harnesses, adapters) ? 1 : -1,
        1,
      ),
    ),
  );
}

/** An adapter, or a joint to solder, for each part whose plug does not go straight in. */
export const plugJoints = (roles: readonly Role[]): JointCount[] => {
  const jointsBetween = byPlugs(
    ([from, to]) =>
      ['mates', 'trim', 'unknown'].includes(mating(from.connector, to.connector).result) ? 0 : 1,
    0,
  );
  return pairsOf(roles).map(([first, second]) => ({
    roles: [first, second],
    standing: (assignment) => {
      const [a, b] = [assignment[first], assignment[second]];
      return { key: a ? plugOf(a) : b ? plugIn(b) : '', less: [] };
    },
    joints: (assignment: Assignment) => {
      const [a, b] = [assignment[first], assignment[second]];
      return a && b ? jointsBetween(a, b) * roles[second]!.fittings.length : 0;
    },
  }));
};

/** What two plugs come to, worked out once for each pair of plugs and not of parts. @param apart where none meet */
function byPlugs(
  work: (ports: [PortSpec, PortSpec]) => number,
  apart: number,
): (source: Candidate, part: Candidate) => number {
  const rowOf = new Map<string, Map<string, number>>();
  const bySource = rememberedAlone((source: Candidate) => {
    const key = `${source.part.kind} ${plugOf(source)}`;
    const row = rowOf.get(key) ?? new Map<string, number>();
    rowOf.set(key, row);
    return row;
  });
  return (source, part) => {
    const row = bySource(source);
    const key = plugIn(part);
    let value = row.get(key);
    if (value === undefined) {
      const ports = facing(source.part, part.part);
      value = ports ? work(ports) : apart;
      row.set(key, value);
    }
    return value;
  };
}

/** The pack with what takes its power, the receiver with what listens to it. */
function pairsOf(roles: readonly Role[]): [number, number][] {
  const packs = rolesOfKind(roles, 'pack');
  const receivers = rolesOfKind(roles, 'receiver');
  return [
    ...packs.flatMap((pack) =>
      [...rolesOfKind(roles, 'controller'), ...rolesOfKind(roles, 'bec')].map((n): [number, number] => [
        pack,
        n,
      ]),
    ),
    ...receivers.flatMap((receiver) =>
      pluggedIn.flatMap((kind) => rolesOfKind(roles, kind)).map((n): [number, number] => [receiver, n]),
    ),
  ];
}

/** The plug that a source or a receiver offers. */
const plugOf = rememberedAlone(({ part }: Candidate): string => {
  const connector = offeredPort(part)?.connector;
  return connector ? plugKey(connector) : '';
});

const plugKey = ({ family, gender, isAssumed }: Connector): string =>
  `${family} ${gender} ${isAssumed === true}`;

/** The plugs that a part brings to sources and to a receiver. */
const plugIn = rememberedAlone(({ part }: Candidate): string =>
  part.ports
    .filter(({ flow, use }) => flow === 'in' && (use === 'servo' || use === 'power'))
    .map(({ use, connector }) => `${use} ${plugKey(connector)}`)
    .join(),
);

const offeredPort = (part: PartSpec): PortSpec | undefined =>
  part.ports.find((port) => (part.kind === 'receiver' ? port.channel !== undefined : port.flow === 'out'));

/** The two ports that meet between a source or a receiver and what hangs on it. */
function facing(source: PartSpec, part: PartSpec): [PortSpec, PortSpec] | undefined {
  const isReceiver = source.kind === 'receiver';
  const from = offeredPort(source);
  const to = part.ports.find((port) => port.flow === 'in' && port.use === (isReceiver ? 'servo' : 'power'));
  return from && to && [from, to];
}

const goes = ([from, to]: [PortSpec, PortSpec]): boolean => goesTogether(from.connector, to.connector);

const hasAdapter = ([from, to]: [PortSpec, PortSpec], adapters: readonly PartSpec[]): boolean =>
  adapters.some(({ ports: [one, other] }) =>
    [
      [one!, other!],
      [other!, one!],
    ].some(([near, far]) => goes([from, near!]) && goes([far!, to])),
  );

/** Whether a harness goes between the two, with an adapter on either side where it needs one. */
const hasHarness = (
  [from, to]: [PortSpec, PortSpec],
  harnesses: readonly PartSpec[],
  adapters: readonly PartSpec[],
): boolean => {
  const joins = (ports: [PortSpec, PortSpec]) => goes(ports) || hasAdapter(ports, adapters);
  return harnesses.some(({ ports }) => {
    const inlet = ports.find(({ id }) => id === 'in');
    return (
      inlet !== undefined &&
      joins([from, inlet]) &&
      ports.some((outlet) => outlet.flow === 'out' && outlet.use === 'power' && joins([outlet, to]))
    );
  });
};
