import type { BoardSpec } from '../kinds/board/board';
import type { PartKind, PartSpec } from '../kinds/part-spec';
import type { Fitted } from '../kinds/fitted';
import type { PortSpec } from '../parts/port';
import type { Build } from './build';
import { carrierId, componentId } from '../fitting/component-id';
import type { Lead, PortRef } from './lead';
import { boardInsides, boardNet } from './board-insides';

/** A port with nothing plugged in. */
export interface FreePort {
  ref: PortRef;
  port: PortSpec;
}

/**
 * Look-ups over one build, made once per check. Unknown ids throw: a validated build has none. What sits on a board is
 * looked up as a part of its own, whose ports are its rows of the board.
 */
export class BuildIndex {
  private readonly byId = new Map<string, Fitted>();
  private free: readonly FreePort[] | undefined;
  private readonly everything: readonly Fitted[];
  private readonly bodies: readonly Fitted[];
  private readonly byKind = new Map<PartKind, Fitted[]>();
  private readonly leadByPort = new Map<string, Lead>();
  private readonly leadsByFitting = new Map<string, Lead[]>();

  constructor(readonly build: Build) {
    const parts = new Map<string, PartSpec>(build.parts.map((part) => [part.id, part]));
    for (const fitting of build.fittings) {
      const part = parts.get(fitting.part);
      if (!part) throw new Error(`fitting ${fitting.id} names part ${fitting.part}, which the build lacks`);
      this.byId.set(fitting.id, { kind: part.kind, fitting, part } as Fitted);
      if (part.kind === 'board')
        for (const inside of boardInsides(fitting, part))
          this.byId.set(inside.fitting.id, { kind: inside.part.kind, ...inside } as Fitted);
    }
    this.everything = [...this.byId.values()];
    this.bodies = this.everything.filter(({ fitting }) => carrierId(fitting.id) === fitting.id);
    for (const fitted of this.everything) {
      const list = this.byKind.get(fitted.kind) ?? [];
      list.push(fitted);
      this.byKind.set(fitted.kind, list);
    }
    for (const lead of build.leads) {
      for (const end of [lead.from, lead.to]) {
        this.leadByPort.set(portKey(end), lead);
        for (const id of new Set([end.fitting, this.owner(end).fitting.id])) {
          const list = this.leadsByFitting.get(id) ?? [];
          list.push(lead);
          this.leadsByFitting.set(id, list);
        }
      }
    }
  }

  get(fittingId: string): Fitted {
    const fitted = this.byId.get(fittingId);
    if (!fitted) throw new Error(`fitting not found: ${fittingId}`);
    return fitted;
  }

  has(fittingId: string): boolean {
    return this.byId.has(fittingId);
  }

  /** Every part that takes, gives or passes power or signals, what sits on boards among them. */
  all(): readonly Fitted[] {
    return this.everything;
  }

  /** Every part that a hand can hold: boards whole. */
  pieces(): readonly Fitted[] {
    return this.bodies;
  }

  /** Whose a port is: the component that a board's row belongs to, otherwise the part itself. */
  owner(ref: PortRef): Fitted {
    const fitted = this.get(ref.fitting);
    if (fitted.kind !== 'board') return fitted;
    const component = fitted.part.components.find(({ rows }) => rows.includes(ref.port));
    return component ? this.get(componentId(ref.fitting, component.id)) : fitted;
  }

  /** The net of the board that a net of one of its components is one with; of any other part, its own net. */
  onBoard(fittingId: string, net: string): { fitting: string; net: string } {
    const carrier = carrierId(fittingId);
    if (carrier === fittingId) return { fitting: fittingId, net };
    const board = this.get(carrier).part as BoardSpec;
    const component = board.components.find(({ id }) => fittingId === componentId(carrier, id))!;
    const shared = boardNet(component, net);
    return shared === undefined ? { fitting: fittingId, net } : { fitting: carrier, net: shared };
  }

  ofKind<K extends PartKind>(kind: K): readonly Fitted<K>[] {
    return (this.byKind.get(kind) ?? []) as Fitted<K>[];
  }

  /** Every port that no lead is in; gathered once. */
  freePorts(): readonly FreePort[] {
    this.free ??= this.bodies.flatMap(({ fitting, part }) =>
      part.ports
        .map((port) => ({ ref: { fitting: fitting.id, port: port.id }, port }))
        .filter(({ ref }) => !this.leadAt(ref)),
    );
    return this.free;
  }

  port(ref: PortRef): PortSpec {
    const port = this.get(ref.fitting).part.ports.find((plug) => plug.id === ref.port);
    if (!port) throw new Error(`port not found: ${portKey(ref)}`);
    return port;
  }

  leadAt({ fitting, port }: PortRef): Lead | undefined {
    return this.leadByPort.get(portKey({ fitting: carrierId(fitting), port }));
  }

  leadsOf(fittingId: string): Lead[] {
    return this.leadsByFitting.get(fittingId) ?? [];
  }

  /** Names of a fitting and one of its ports, as a person says them. */
  portName(ref: PortRef): string {
    return `${this.get(carrierId(ref.fitting)).fitting.name}, ${this.port(ref).name}`;
  }
}

/** A port of a fitting as a lead names it: a row of a board is the board's. */
export const portRef = ({ fitting }: Pick<Fitted, 'fitting'>, port: PortSpec): PortRef => ({
  fitting: carrierId(fitting.id),
  port: port.id,
});

export const portKey = (ref: PortRef): string => `${ref.fitting}.${ref.port}`;

/** Which end of a lead is at a fitting, or at the board that it sits on. */
export const endAt = (lead: Lead, fittingId: string): 'from' | 'to' =>
  lead.from.fitting === carrierId(fittingId) ? 'from' : 'to';

/** The other end of a lead, seen from one fitting's port. */
export function farEnd(lead: Lead, { fitting, port }: PortRef): PortRef {
  return portKey(lead.from) === portKey({ fitting: carrierId(fitting), port }) ? lead.to : lead.from;
}
