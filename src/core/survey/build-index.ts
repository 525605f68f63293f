import type { PartKind, PartOfKind, PartSpec } from '../parts/part-spec';
import type { PortSpec } from '../parts/port';
import type { Build } from '../plan/build';
import type { Fitting } from '../plan/fitting';
import type { Lead, PortRef } from '../plan/lead';

/** A fitting together with its sheet; the kind tells which sheet. */
export type Fitted<K extends PartKind = PartKind> = {
  [P in K]: { readonly kind: P; readonly fitting: Fitting; readonly part: PartOfKind<P> };
}[K];

/** A port with nothing plugged in. */
export interface FreePort {
  ref: PortRef;
  port: PortSpec;
}

/** Look-ups over one build, made once per check. Unknown ids throw: a validated build has none. */
export class BuildIndex {
  private readonly byId = new Map<string, Fitted>();
  private free: readonly FreePort[] | undefined;
  private readonly everything: readonly Fitted[];
  private readonly byKind = new Map<PartKind, Fitted[]>();
  private readonly leadByPort = new Map<string, Lead>();
  private readonly leadsByFitting = new Map<string, Lead[]>();

  constructor(readonly build: Build) {
    const parts = new Map<string, PartSpec>(build.parts.map((part) => [part.id, part]));
    for (const fitting of build.fittings) {
      const part = parts.get(fitting.part);
      if (!part) throw new Error(`fitting ${fitting.id} names part ${fitting.part}, which the build lacks`);
      this.byId.set(fitting.id, { kind: part.kind, fitting, part } as Fitted);
    }
    this.everything = [...this.byId.values()];
    for (const fitted of this.everything) {
      const list = this.byKind.get(fitted.kind) ?? [];
      list.push(fitted);
      this.byKind.set(fitted.kind, list);
    }
    for (const lead of build.leads) {
      for (const end of [lead.from, lead.to]) {
        this.leadByPort.set(portKey(end), lead);
        const list = this.leadsByFitting.get(end.fitting) ?? [];
        list.push(lead);
        this.leadsByFitting.set(end.fitting, list);
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

  all(): readonly Fitted[] {
    return this.everything;
  }

  ofKind<K extends PartKind>(kind: K): readonly Fitted<K>[] {
    return (this.byKind.get(kind) ?? []) as Fitted<K>[];
  }

  /** Every port that no lead is in; gathered once. */
  freePorts(): readonly FreePort[] {
    this.free ??= this.everything.flatMap(({ fitting, part }) =>
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

  leadAt(ref: PortRef): Lead | undefined {
    return this.leadByPort.get(portKey(ref));
  }

  leadsOf(fittingId: string): Lead[] {
    return this.leadsByFitting.get(fittingId) ?? [];
  }

  /** Names of a fitting and one of its ports, as a person says them. */
  portName(ref: PortRef): string {
    return `${this.get(ref.fitting).fitting.name}, ${this.port(ref).name}`;
  }
}

export const portKey = (ref: PortRef): string => `${ref.fitting}.${ref.port}`;

/** The other end of a lead, seen from one fitting's port. */
export function farEnd(lead: Lead, here: PortRef): PortRef {
  return portKey(lead.from) === portKey(here) ? lead.to : lead.from;
}
