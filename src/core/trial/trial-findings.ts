import type { Acceptance } from '../build/records';
import type { Finding } from '../check/finding';
import { renderReport } from '../check/render';
import { offerPackSwaps } from '../rules/offers/swap-pack';
import { offerStandAloneBec } from '../rules/offers/stand-alone-bec';
import { fittingSubject, type CheckContext, type Report, type Rule, type RuleMeta } from '../rules/rule';
import { plannedTerm } from '../rules/support/terms';
import { cellVolts } from '../packs/chemistry';
import type { TrialEvent, TrialResult } from './trial-result';

type MessageId = 'brownsOut' | 'limits' | 'cutsOff' | 'belowFloor' | 'tooHot' | 'stalls';

const metaOf = (id: string, well: 'voltage' | 'current', messages: RuleMeta<string>['messages']): Rule => ({
  meta: { id, well, title: 'Found on an outing', messages },
  check: () => [],
});

const when = 'at {{at}} s, for {{span}} s, on the outing “{{outing}}”';

/** What an outing can find, by the kind of its events. */
const rules: Record<TrialEvent['kind'], { rule: Rule; messageId: MessageId }> = {
  brownOut: {
    messageId: 'brownsOut',
    rule: metaOf('trial-brown-out', 'voltage', {
      brownsOut: {
        severity: 'stop',
        bound: 'least',
        text: `the {{part}} browns out {{times}}, first ${when}`,
        why: 'Servos go limp and drives to their fail-safe until it has started again: the model is out of hand.',
      },
    }),
  },
  limit: {
    messageId: 'limits',
    rule: metaOf('trial-limit', 'current', {
      limits: {
        severity: 'mind',
        bound: 'most',
        text: `the BEC of the {{part}} gives all it can {{times}}, first ${when}`,
        why: 'From there on the rail sinks as far as the servos pull it: they are weak just when they should not be.',
      },
    }),
  },
  cutOff: {
    messageId: 'cutsOff',
    rule: metaOf('trial-cut-off', 'voltage', {
      cutsOff: {
        severity: 'mind',
        bound: 'least',
        text: `the {{part}} cuts its motor off {{times}}, first ${when}`,
        why: 'The motor stops under way, and starts again once the throttle has been at zero.',
      },
    }),
  },
  belowFloor: {
    messageId: 'belowFloor',
    rule: metaOf('trial-pack-floor', 'voltage', {
      belowFloor: {
        severity: 'stop',
        bound: 'least',
        text: `the {{part}} falls under its floor {{times}}, first ${when}`,
        why: 'Cells pulled that low are damaged: they swell, lose capacity and must not be charged again.',
      },
    }),
  },
  tooHot: {
    messageId: 'tooHot',
    rule: metaOf('trial-heat', 'current', {
      tooHot: {
        severity: 'mind',
        bound: 'most',
        text: `the {{part}} gets too hot {{times}}, first ${when}`,
        why: 'It smells, shuts down or dies; parts around it soften. The sum is rough: measure it after some minutes.',
      },
    }),
  },
  stall: {
    messageId: 'stalls',
    rule: metaOf('trial-stall', 'current', {
      stalls: {
        severity: 'mind',
        bound: 'most',
        text: `the {{part}} stands and pushes {{times}}, first ${when}`,
        why: 'It draws its stall amps for nothing and warms fast; end points or a stronger servo end it.',
      },
    }),
  },
};

/** The findings of an outing, one for each part and kind of trouble, with when and for how long. */
export function trialFindings(context: CheckContext, result: TrialResult, outingName: string): Finding[] {
  const acceptances = new Map(context.build.acceptances.map((one) => [one.finding, one]));
  const groups = new Map<string, TrialEvent[]>();
  for (const event of result.events) {
    const key = `${event.kind} ${event.subject}`;
    groups.set(key, [...(groups.get(key) ?? []), event]);
  }
  return [...groups.values()].map((events) => findingOf(context, result, outingName, events, acceptances));
}

function findingOf(
  context: CheckContext,
  result: TrialResult,
  outingName: string,
  events: readonly TrialEvent[],
  acceptances: ReadonlyMap<string, Acceptance>,
): Finding {
  const [first] = events as [TrialEvent];
  const { rule, messageId } = rules[first.kind];
  const fittingId = first.subject.replace(/\.bec$/, '');
  const { name } = context.index.get(fittingId).fitting;
  const span = events.reduce((sum, one) => sum + one.until - one.at, 0);
  const report: Report<string> = {
    messageId,
    data: {
      part: first.subject === fittingId ? name : `BEC of the ${name}`,
      times: events.length === 1 ? 'once' : `${events.length} times`,
      at: first.at.toFixed(1),
      span: span.toFixed(1),
      outing: outingName,
    },
    subjects: [fittingSubject(fittingId)],
    ...numbersOf(context, result, first),
    terms: [
      plannedTerm('charge of the packs at the start', 100 * (result.charge[0]?.values[0] ?? 0), '%'),
      {
        name: 'lowest volts at the receiver',
        value: result.figures.railMinVolts,
        unit: 'V',
        provenance: 'estimated',
      },
      {
        name: 'most amps from the packs',
        value: result.figures.mostPackAmps,
        unit: 'A',
        provenance: 'estimated',
      },
    ],
    formula: `the network of the build, followed through the outing in ${result.steps} steps; ${result.estimates.length} of its figures are estimates`,
    offers: offersFor(context, first),
  };
  return renderReport(rule, report, acceptances);
}

function numbersOf(
  context: CheckContext,
  { figures, cells, heat }: TrialResult,
  event: TrialEvent,
): Pick<Report<string>, 'actual' | 'limit' | 'unit'> {
  const subject = event.subject.replace(/\.bec$/, '');
  switch (event.kind) {
    case 'brownOut':
      return { actual: figures.railMinVolts, limit: figures.floorVolts, unit: 'V' };
    case 'belowFloor':
    case 'cutOff': {
      const [pack] = context.index.ofKind('pack');
      const lowest = Math.min(...(cells[0]?.values ?? [0]));
      const { floor, cutoff } = cellVolts(pack?.part.chemistry ?? 'LiPo');
      return { actual: lowest, limit: event.kind === 'cutOff' ? cutoff : floor, unit: 'V' };
    }
    case 'tooHot': {
      const line = heat.find((one) => one.id === event.subject);
      return { actual: Math.max(...(line?.values ?? [0])), limit: line?.limit ?? 0, unit: '°C' };
    }
    case 'limit': {
      const rail = context.rails.find((one) =>
        one.sources.some((source) => source.fitted.fitting.id === subject),
      );
      const source = rail?.sources.find((one) => one.fitted.fitting.id === subject);
      const most = source?.terminal.regulator?.maxAmps.value ?? 0;
      return { actual: rail?.counted.reduce((sum, one) => sum + one.amps, 0) ?? 0, limit: most, unit: 'A' };
    }
    case 'stall':
      return { actual: event.until - event.at, limit: 0.4, unit: 's' };
  }
}

function offersFor(context: CheckContext, { kind }: TrialEvent) {
  const radio = context.rails.find((rail) =>
    rail.supplies.some((one) => one.fitted.part.kind === 'receiver'),
  );
  if ((kind === 'brownOut' || kind === 'limit') && radio) return offerStandAloneBec(context, radio);
  const pack = context.picture.sources.find((one) => one.fitted.part.kind === 'pack');
  if ((kind === 'belowFloor' || kind === 'cutOff') && pack?.fitted.part.kind === 'pack') {
    const now = pack.fitted.part;
    return offerPackSwaps(
      context,
      pack,
      (one) =>
        one.chemistry === now.chemistry &&
        one.cells === now.cells &&
        (one.ampHours?.value ?? 0) > (now.ampHours?.value ?? 0),
    );
  }
  return [];
}
