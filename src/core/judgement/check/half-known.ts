import { openFigures, presumedBuild, type OpenFigure } from '../../model/plan/presumed-build';
import { figureNames, unitOf } from '../../model/kinds/figure-names';
import type { Build } from '../../model/plan/build';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import { carrierId } from '../../model/fitting/component-id';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import type { OpenVerdict, Settling } from '../findings/finding';
import type { Missing, Report } from '../findings/report';
import type { Severity } from '../findings/severity';
import type { Well } from '../findings/wells';
import type { Rule } from '../rules/rule';
import { saidBy, type Said } from './said-by';

type End = 'good' | 'likely' | 'bad';

/** What a rule says of a build of which some figures are only guessed. */
export interface Judged {
  /** What leaks whatever the guesses are. */
  settled: Report<string>[];
  /** What leaks at one end of the guesses and not at the other. */
  open: { report: Report<string>; verdict: OpenVerdict }[];
  /** What no guess stands in for. */
  missing: Missing[];
}

const rank = (severity: Severity): number => ({ stop: 0, mind: 1, open: 2, note: 2 })[severity];

/** Wells that figures of volts, amps and torque have a part in: plugs fit and parts lie as they do. */
const electric: ReadonlySet<Well> = new Set<Well>(['voltage', 'current', 'control']);

/** The rank of what does not leak: notes are good to know. */
const dry = rank('note');

/** Halvings of a figure's range until it is told where the verdict tips. */
const halvings = 7;

/**
 * Judges a build at the usual value of each figure that nobody told, and at both ends of their ranges: all at the end
 * that limits are passed at, and all at the other.
 */
export class HalfKnown {
  private readonly readings = new Map<End, Reading>();
  private readonly figures: readonly OpenFigure[];

  constructor(
    private readonly build: Build,
    private readonly locker: readonly PartSpec[],
    private readonly base: Reading,
  ) {
    this.figures = openFigures(build);
  }

  judge(rule: Rule): Judged {
    const base = saidBy(rule, this.base);
    if (this.figures.length === 0 || !electric.has(rule.meta.well))
      return { settled: base.reports, open: [], missing: base.missing };
    const bad = saidBy(rule, this.at('bad'));
    const missing = this.missing(rule, base, bad);
    const leaking = new Set(
      [...base.reports, ...bad.reports].filter((each) => this.rank(rule, each) < dry).map(subjectOf),
    );
    // What is dry at the bad end is dry.
    if (leaking.size === 0) return { settled: base.reports, open: [], missing };
    const good = saidBy(rule, this.at('good'));
    const likely = saidBy(rule, this.at('likely'));
    const settled = base.reports.filter((each) => !leaking.has(subjectOf(each)));
    const open: Judged['open'] = [];
    for (const subject of leaking) {
      const of = ({ reports }: Said) => reports.filter((each) => subjectOf(each) === subject);
      const least = this.worst(rule, of(good));
      const sure = of(base).filter((each) => this.rank(rule, each) >= least);
      settled.push(...sure);
      // Told with the usual figures where they say the same.
      if (this.worst(rule, sure) > least)
        settled.push(
          ...of(good)
            .filter((each) => this.rank(rule, each) < dry)
            .map((each) => of(likely).find((usual) => keyOf(usual) === keyOf(each)) ?? each)
            .map(this.guessed),
        );
      const isWorse = (each: Report<string>) => this.rank(rule, each) < least;
      const usual = of(likely).find(isWorse);
      const atBad = of(bad).find(isWorse);
      const report = usual ?? atBad ?? of(base).find(isWorse);
      if (report)
        open.push({
          // What is proposed is chosen for the worse end first.
          report: this.guessed({
            ...report,
            offers: () => [...new Set([atBad, report])].flatMap((each) => each?.offers?.() ?? []),
          }),
          verdict: this.verdict(rule, report, least, usual !== undefined),
        });
    }
    return { settled, open, missing };
  }

  /** Facts that no guess stands in for, and those that matter once it does: a gauge where amps flow. */
  private missing(rule: Rule, base: Said, bad: Said): Missing[] {
    const asked = new Set(base.missing.map(({ missing }) => missing));
    const stays = new Set(bad.missing.map(({ missing }) => missing));
    const left = base.missing.filter(({ missing }) => stays.has(missing));
    if ([...stays].every((missing) => asked.has(missing))) return left;
    const more = saidBy(rule, this.at('likely')).missing.filter(
      ({ missing }) => stays.has(missing) && !asked.has(missing),
    );
    return [
      ...left,
      ...more.map(({ answers, ...each }) => (answers ? { ...each, answers: this.told(answers) } : each)),
    ];
  }

  /** What is said where guesses stand in for figures; what puts it right writes none of them on a sheet. */
  private readonly guessed = (report: Report<string>): Report<string> => ({
    ...report,
    offers: () => this.told(report.offers?.() ?? []),
  });

  /** Patches made with guesses: a part that the build has comes by its own sheet, and none is corrected by a guess. */
  private told(patches: readonly Patch[]): Patch[] {
    const own = new Map(this.build.parts.map((part) => [part.id, part]));
    const plain = (edit: Edit): Edit => {
      const sheet = 'part' in edit && edit.part && own.get(edit.part.id);
      return sheet ? ({ ...edit, part: sheet } satisfies Edit) : edit;
    };
    return patches
      .filter(({ edits }) => edits.every(({ type }) => type !== 'changeSheet'))
      .map((patch) => ({ ...patch, edits: patch.edits.map(plain) }));
  }

  /** What an open verdict hangs on; the one figure is looked for when somebody asks. */
  private verdict(rule: Rule, report: Report<string>, rankNow: number, isLikely: boolean): OpenVerdict {
    let found: { settling: Settling | undefined } | undefined;
    const find = () => this.settling(rule, report, rankNow, isLikely);
    return {
      atWorst: rule.meta.messages[report.messageId]?.severity === 'stop' ? 'stop' : 'mind',
      isLikely,
      get settles() {
        return (found ??= { settling: find() }).settling;
      },
    };
  }

  /**
   * The one figure that settles a verdict while all others are usual: at its good end it is dry, or at its bad end it
   * leaks, whichever the usual value does not do.
   */
  private settling(
    rule: Rule,
    report: Report<string>,
    rankNow: number,
    isLikely: boolean,
  ): Settling | undefined {
    const leaks = (valueOf: (each: OpenFigure) => number) =>
      saidBy(rule, this.readingWith(valueOf)).reports.some(
        (each) => subjectOf(each) === subjectOf(report) && this.rank(rule, each) < rankNow,
      );
    const others = ({ figure }: OpenFigure) => figure.value;
    for (const one of this.nearest(report)) {
      const { value, low, high, worse } = one.figure;
      const [bad, good] = worse === 'high' ? [high, low] : [low, high];
      const withOne = (told: number) => (each: OpenFigure) => (each.key === one.key ? told : others(each));
      const [dry, leaking] = isLikely ? [good, value] : [value, bad];
      if (isLikely ? leaks(withOne(good)) : !leaks(withOne(bad))) continue;
      let ends = { dry, leaking };
      for (let n = 0; n < halvings; n += 1) {
        const middle = (ends.dry + ends.leaking) / 2;
        ends = leaks(withOne(middle)) ? { ...ends, leaking: middle } : { ...ends, dry: middle };
      }
      return this.settled(one, ends.dry);
    }
    return undefined;
  }

  /** Open figures, those of the parts that a report points at first. */
  private nearest({ subjects }: Report<string>): OpenFigure[] {
    const pointed = new Set(subjects.map(({ id }) => id));
    const isNear = (figure: OpenFigure) => this.fittingsOf(figure).some((id) => pointed.has(id));
    return [...this.figures].sort((a, b) => Number(isNear(b)) - Number(isNear(a)));
  }

  private fittingsOf({ key }: OpenFigure): string[] {
    return this.base.index
      .all()
      .filter(({ fitting, part }) => {
        const carrier = carrierId(fitting.id);
        const sheet =
          carrier === fitting.id
            ? part.id
            : `${this.base.index.get(carrier).part.id}/${fitting.id.slice(carrier.length + 1)}`;
        return key.startsWith(`${sheet}.`);
      })
      .map(({ fitting }) => fitting.id);
  }

  private settled(one: OpenFigure, tips: number): Settling | undefined {
    const [fitting] = this.fittingsOf(one);
    if (fitting === undefined) return undefined;
    const { name, low, value, high, worse, why } = one.figure;
    return {
      key: one.key,
      name,
      words: `${figureNames[name]} of the ${this.base.index.get(fitting).fitting.name}`,
      fitting,
      low,
      likely: value,
      high,
      unit: unitOf[name],
      worse,
      why,
      // As exact as its range is wide.
      tips: Number(tips.toPrecision(high - low < 0.1 * value ? 4 : 3)),
    };
  }

  /** The build at the worse end of everything that is not known. */
  get cautious(): Reading {
    return this.figures.length === 0 ? this.base : this.at('bad');
  }

  /** The build with everything that is not known as it usually is. */
  get likely(): Reading {
    return this.figures.length === 0 ? this.base : this.at('likely');
  }

  private at(end: End): Reading {
    const known = this.readings.get(end);
    if (known) return known;
    const reading = this.readingWith(({ figure }) => {
      const { value, low, high, worse } = figure;
      if (end === 'likely') return value;
      return (end === 'bad') === (worse === 'high') ? high : low;
    });
    this.readings.set(end, reading);
    return reading;
  }

  private readingWith(valueOf: (figure: OpenFigure) => number): Reading {
    const build = presumedBuild(this.build, (key, figure) => valueOf({ key, figure } as OpenFigure));
    return readingOf(build, this.locker);
  }

  private rank(rule: Rule, { messageId }: Report<string>): number {
    return rank(rule.meta.messages[messageId]?.severity ?? 'note');
  }

  /** The worst of some reports; dry where there is none. */
  private worst(rule: Rule, reports: readonly Report<string>[]): number {
    return Math.min(dry, ...reports.map((each) => this.rank(rule, each)));
  }
}

const subjectOf = ({ subjects }: Report<string>): string => subjects[0]?.id ?? '';
const keyOf = ({ messageId, subjects }: Report<string>): string =>
  `${messageId}/${subjects.map(({ id }) => id).join('+')}`;
