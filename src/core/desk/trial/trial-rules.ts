import type { Reading } from '../../reading/build-reading/reading';
import type { Report } from '../../judgement/findings/report';
import { cellVolts } from '../../model/packs/chemistry';
import type { Patch } from '../../model/plan/patch';
import { offerOtherFuse } from '../../judgement/put-right/fuse';
import { offerStandAloneBec } from '../../judgement/put-right/stand-alone-bec';
import { offerSwaps } from '../../judgement/put-right/swap-part';
import type { RuleMeta } from '../../judgement/rules/rule';
import { drivesAll } from '../../model/kinds/controller/controller';
import { blinkAmps } from '../../model/kinds/controller/usual-controller';
import type { TrialEvent, TrialResult } from './trial-result';

/** What a rule of the Trial looks at: one kind of trouble of one part on an outing. */
export interface TrialView {
  context: Reading;
  result: TrialResult;
  /** In the order they happened. */
  events: readonly TrialEvent[];
  fittingId: string;
}

/** The two numbers that decide. */
type Numbers = Pick<Report<string>, 'actual' | 'limit' | 'unit'>;

/** A rule that judges an outing: its words, its numbers, and what puts it right. */
export interface TrialRule {
  messageId: string;
  meta: RuleMeta<string>;
  /** `undefined` where the plan alone tells the trouble already. */
  numbers: (view: TrialView) => Numbers | undefined;
  offers?: (view: TrialView) => Patch[];
}

const when = 'at {{at}} s, for {{span}} s, on the outing “{{outing}}”';

const define = (
  id: string,
  well: 'voltage' | 'current' | 'control',
  messageId: string,
  message: RuleMeta<string>['messages'][string],
  rest: Pick<TrialRule, 'numbers' | 'offers'>,
): TrialRule => ({
  messageId,
  meta: { id, well, title: 'Found on an outing', messages: { [messageId]: message } },
  ...rest,
});

const longest = (events: readonly TrialEvent[]): number =>
  Math.max(...events.map((event) => event.until - event.at));

/** Label of a fuse that is tried in the place of one that opened, against that one's. */
const nextFuse = 1.2;

/** Seconds that a servo may push without moving. */
const stallSeconds = 0.4;

/** What an outing can find, by the kind of its events. */
export const trialRules: Record<TrialEvent['kind'], TrialRule> = {
  neverWakes: define(
    'trial-wake',
    'voltage',
    'neverWakes',
    {
      severity: 'stop',
      bound: 'least',
      text: 'the {{part}} never wakes on the outing “{{outing}}”',
      why: 'No light on the receiver, limp servos, and the controllers beep for a signal.',
    },
    {
      numbers: ({ result: { figures } }) =>
        figures.railMinVolts < 0.5
          ? undefined
          : { actual: figures.railMinVolts, limit: figures.floorVolts, unit: 'V' },
      offers: ({ context }) => ownBec(context),
    },
  ),
  brownOut: define(
    'trial-brown-out',
    'voltage',
    'brownsOut',
    {
      severity: 'stop',
      bound: 'least',
      text: `the {{part}} browns out {{times}}, first ${when}`,
      why: 'Servos go limp and drives to their fail-safe until it has started again: the model is out of hand.',
    },
    {
      numbers: ({ result: { figures } }) => ({
        actual: figures.railMinVolts,
        limit: figures.floorVolts,
        unit: 'V',
      }),
      offers: ({ context }) => ownBec(context),
    },
  ),
  limit: define(
    'trial-limit',
    'current',
    'limits',
    {
      severity: 'mind',
      bound: 'most',
      text: `the {{part}} gives all it can {{times}}, first ${when}`,
      why: 'From there on the rail sinks as far as the servos pull it: they are weak just when they should not be.',
    },
    {
      numbers: ({ events }) => ({
        actual: events.reduce((sum, event) => sum + event.until - event.at, 0),
        limit: 0,
        unit: 's',
      }),
      offers: ({ context }) => ownBec(context),
    },
  ),
  cutOff: define(
    'trial-cut-off',
    'voltage',
    'cutsOff',
    {
      severity: 'mind',
      bound: 'least',
      text: `the {{part}} cuts its motor off {{times}}, first ${when}`,
      why: 'The motor stops under way, and starts again once the throttle has been at zero.',
    },
    {
      numbers: ({ context, result, fittingId }) => {
        const [pack] = context.survey.packOf(fittingId)?.packs ?? [];
        const set = context.index.get(fittingId).fitting.cutoff;
        if (!pack || set === undefined || set === 'off') return undefined;
        return {
          actual: result.figures.lowestCells[pack.fitting.id] ?? 0,
          limit: cellVolts(set).cutoff,
          unit: 'V',
        };
      },
      offers: ({ context, fittingId }) => {
        const [pack] = context.survey.packOf(fittingId)?.packs ?? [];
        return pack ? largerPacks(context, pack.fitting.id) : [];
      },
    },
  ),
  belowFloor: define(
    'trial-pack-floor',
    'voltage',
    'belowFloor',
    {
      severity: 'stop',
      bound: 'least',
      text: `the {{part}} falls under its floor {{times}}, first ${when}`,
      why: 'Cells pulled that low are damaged: they lose capacity, and lithium cells must not be charged again.',
    },
    {
      numbers: ({ context, result, fittingId }) => {
        const pack = context.index.ofKind('pack').find((candidate) => candidate.fitting.id === fittingId);
        return (
          pack && {
            actual: result.figures.lowestCells[fittingId] ?? 0,
            limit: cellVolts(pack.part.chemistry).floor,
            unit: 'V',
          }
        );
      },
      offers: ({ context, fittingId }) => largerPacks(context, fittingId),
    },
  ),
  empty: define(
    'trial-pack-empty',
    'current',
    'runsEmpty',
    {
      severity: 'mind',
      bound: 'least',
      text: 'the {{part}} is empty after {{at}} s on the outing “{{outing}}”',
      why: 'Everything that hangs on it stops where it is.',
    },
    {
      numbers: ({ events, result }) => ({
        actual: (events[0]?.at ?? 0) / 60,
        limit: result.seconds / 60,
        unit: 'min',
      }),
      offers: ({ context, fittingId }) => largerPacks(context, fittingId),
    },
  ),
  tooHot: define(
    'trial-heat',
    'current',
    'tooHot',
    {
      severity: 'mind',
      bound: 'most',
      text: `the {{part}} gets too hot {{times}}, first ${when}`,
      why: 'It smells, shuts down or dies; parts around it soften. The sum is rough: measure it after some minutes.',
    },
    {
      numbers: ({ result, events }) => {
        const line = result.heat.find((heat) => heat.id === events[0]?.subject);
        return line && { actual: Math.max(...line.values), limit: line.limit, unit: '°C' };
      },
    },
  ),
  fuse: define(
    'trial-fuse',
    'current',
    'fuseOpens',
    {
      severity: 'stop',
      bound: 'least',
      text: 'the {{part}} opens after {{at}} s on the outing “{{outing}}”',
      why: 'All parts on it go dark under way, perhaps the receiver too.',
    },
    {
      numbers: ({ events, result }) => ({ actual: events[0]?.at ?? 0, limit: result.seconds, unit: 's' }),
      offers: ({ context, fittingId }) => {
        const fuse = context.index.ofKind('cable').find(({ fitting }) => fitting.id === fittingId);
        const amps = fuse?.part.maxAmps?.value;
        return fuse && amps !== undefined ? offerOtherFuse(context, fuse, amps * nextFuse, Infinity) : [];
      },
    },
  ),
  overBurst: define(
    'trial-burst',
    'current',
    'overBurst',
    {
      severity: 'stop',
      bound: 'most',
      text: `the {{part}} carries more than it stands for a moment {{times}}, first ${when}`,
      why: 'It burns, or its motor wires come off their solder: let go of a jammed throttle at once, or limit it.',
    },
    { numbers: overAmps, offers: strongerControllers },
  ),
  overLasting: define(
    'trial-lasting',
    'current',
    'overLasting',
    {
      severity: 'mind',
      bound: 'most',
      text: `the {{part}} carries more than it stands for long {{times}}, first ${when}`,
      why: 'It heats up until it shuts down, swells or burns; a larger one, or less gear or screw, ends it.',
    },
    { numbers: overAmps, offers: strongerControllers },
  ),
  linkLost: define(
    'trial-link-lost',
    'control',
    'linkLost',
    {
      severity: 'note',
      bound: 'most',
      text: 'the link is lost at {{at}} s on the outing “{{outing}}”',
      why: 'The plan says which parts run on.',
    },
    { numbers: () => undefined },
  ),
  shutDown: define(
    'trial-shut-down',
    'current',
    'shutsDown',
    {
      // How well a part is cooled is an estimate: where the receiver goes down with it, that is told as a stop.
      severity: 'mind',
      bound: 'most',
      text: `the {{part}} shuts down from heat {{times}}, first ${when}`,
      why: 'All parts on it stop without warning, and come back once it has cooled. Under way that looks like a radio fault.',
    },
    {
      numbers: ({ result, events }) => {
        const line = result.heat.find((heat) => heat.id === events[0]?.subject);
        return line && { actual: Math.max(...line.values), limit: line.limit, unit: '°C' };
      },
      offers: ({ context, fittingId }) =>
        context.index.get(fittingId).kind === 'controller' ? [] : ownBec(context),
    },
  ),
  stall: define(
    'trial-stall',
    'current',
    'stalls',
    {
      severity: 'mind',
      bound: 'most',
      text: `the {{part}} stands and pushes {{times}}, first ${when}`,
      why: 'It draws its stall amps for nothing and warms fast; end points or a stronger servo end it.',
    },
    { numbers: ({ events }) => ({ actual: longest(events), limit: stallSeconds, unit: 's' }) },
  ),
};

function overAmps({ events }: TrialView): Numbers | undefined {
  const [worst] = [...events].sort((a, b) => (b.amps ?? 0) - (a.amps ?? 0));
  return worst?.amps === undefined || worst.limit === undefined
    ? undefined
    : { actual: worst.amps, limit: worst.limit, unit: 'A' };
}

/** Controllers that carry what went through this one; a larger pack where it was a pack. */
function strongerControllers({ context, events, fittingId }: TrialView): Patch[] {
  const fitted = context.index.get(fittingId);
  const asked = Math.max(...events.map(({ amps = 0 }) => amps));
  const isBurst = events.some(({ kind }) => kind === 'overBurst');
  if (fitted.kind === 'pack') return largerPacks(context, fittingId);
  if (fitted.kind !== 'controller') return [];
  const { drives } = fitted.part;
  return offerSwaps(
    context,
    fitted,
    (part) =>
      drivesAll(part, { drives }) && ((isBurst ? blinkAmps(part) : part.continuousAmps?.value) ?? 0) >= asked,
  );
}

function ownBec(context: Reading): Patch[] {
  const radio = context.survey.rails.find((rail) => rail.isRadio);
  return radio ? offerStandAloneBec(context, radio) : [];
}

function largerPacks(context: Reading, packId: string): Patch[] {
  const pack = context.index.ofKind('pack').find((candidate) => candidate.fitting.id === packId);
  if (!pack) return [];
  const { chemistry, cells, ampHours } = pack.part;
  return offerSwaps(
    context,
    pack,
    (part) =>
      part.chemistry === chemistry &&
      part.cells === cells &&
      (part.ampHours?.value ?? 0) > (ampHours?.value ?? 0),
  );
}
