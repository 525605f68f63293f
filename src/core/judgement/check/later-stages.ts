import type { BuildIndex } from '../../model/plan/build-index';
import { changedFinding, type Finding, type Subject, type Unknown } from '../findings/finding';

/** What the Brief puts off to a later stage: functions, and the parts that work nothing else. */
export class LaterStages {
  private readonly functions = new Set<string>();
  private readonly fittings = new Set<string>();

  constructor(private readonly index: BuildIndex) {
    const { functions } = index.build;
    const now = new Set(
      functions
        .filter((modelFunction) => (modelFunction.stage ?? 1) === 1)
        .flatMap((modelFunction) => modelFunction.devices),
    );
    for (const modelFunction of functions) {
      if ((modelFunction.stage ?? 1) === 1) continue;
      this.functions.add(modelFunction.id);
      for (const device of modelFunction.devices) if (!now.has(device)) this.fittings.add(device);
    }
  }

  /** Whether everything that is pointed at, but for the radio that all share, belongs to a later stage. */
  concerns(subjects: readonly Subject[]): boolean {
    const own = subjects.filter((subject) => !this.isRadio(subject));
    return this.functions.size > 0 && own.length > 0 && own.every((subject) => this.isLater(subject));
  }

  /** A finding of a later stage is told, but does not hold up what is fitted now. */
  soften(finding: Finding): Finding {
    if (finding.severity === 'note' || !this.concerns(finding.subjects)) return finding;
    return changedFinding(finding, { severity: 'note', text: `For a later stage: ${finding.text}` });
  }

  /** Facts that are wanted now. */
  isWantedNow = (unknown: Unknown): boolean => !this.concerns(unknown.subjects);

  private isRadio({ kind, id }: Subject): boolean {
    if (kind !== 'fitting' || !this.index.has(id)) return false;
    return ['receiver', 'transmitter'].includes(this.index.get(id).part.kind);
  }

  private isLater({ kind, id }: Subject): boolean {
    if (kind === 'function') return this.functions.has(id);
    if (kind === 'fitting') return this.fittings.has(id);
    const lead = this.index.build.leads.find((candidate) => candidate.id === id);
    return lead !== undefined && [lead.from, lead.to].some((end) => this.fittings.has(end.fitting));
  }
}
