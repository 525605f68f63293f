import { cutoffsFor } from '../../judgement/limits/cut-off';
import { isUnder, isOver } from '../../base/quantity/compare';
import { choicesHeld } from '../../judgement/limits/dropout';
import { railRange } from '../../judgement/limits/volts';
import { readingOf } from '../../reading/build-reading/reading';
import { checkBuild } from '../../judgement/check/check-build';
import { stopsLikely, type Finding } from '../../judgement/findings/finding';
import { terminalsOf } from '../../model/kinds';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { usualLead } from '../../model/plan/usual-run';
import { branchOff } from '../../judgement/put-right/branch-off';
import { connect } from '../../judgement/put-right/connect';
import { liftRed } from '../../judgement/put-right/lift-red-wire';
import { offerStandAloneBec } from '../../judgement/put-right/stand-alone-bec';
import { strengthOf } from '../../reading/build-reading/source-strength';
import { regulatorName } from '../../model/kinds/regulated/regulator-choices';
import type { Rail } from '../../reading/survey/rails';
import { capital, nameList } from '../../base/words/sentences';
import { formatQuantity } from '../../base/quantity/format';
import { unsetFailSafes } from '../../judgement/put-right/set-fail-safe';
import { displayWords } from '../../reading/radio/pulse';
import type { WiringDraft } from './draft';
import { feedsReceiver } from './receiver-pack';
import { transmitterOf } from '../../reading/radio/partners';

/** Most put-rights that a proposal ends with. */
const mostCures = 12;

/** One source on the radio rail, by the chosen school; an own BEC where nothing else feeds it. */
export function settleRedWires(draft: WiringDraft): void {
  for (const { fitting } of draft.index.ofKind('bec')) plugIn(draft, fitting.id);
  const context = readingOf(draft.build, draft.locker);
  const rail = context.survey.rails.find((candidate) => candidate.isRadio);
  const school = draft.build.policies.redWires;
  if (!rail) return;
  const isOwn = rail.sources.some((source) => source.fitted.kind === 'bec' || source.fitted.kind === 'pack');
  if ((school === 'standAlone' && !isOwn) || rail.sources.length === 0) {
    const [bec] = offerStandAloneBec(context, rail);
    if (bec) draft.offer('own-bec', bec.label, bec.edits);
    else if (context.survey.packGroups().length > 0)
      draft.unsolved.push(`${capital(rail.name)}: no BEC in the locker suits it, or no port is left for one`);
    return;
  }
  if (school === 'parallel') return;
  const strength = (source: Rail['sources'][number]) =>
    (source.fitted.kind === 'controller' ? 0 : 1000) + strengthOf(context, source);
  const [keep, ...others] = [...rail.sources].sort((a, b) => strength(b) - strength(a));
  if (!keep || others.length === 0) return;
  const lifts = others.map((source) => liftRed(context, source));
  const names = nameList(others.map((source) => `the ${source.fitted.fitting.name}`));
  const known = lifts.filter((edit) => edit !== undefined);
  if (known.length < others.length)
    draft.unsolved.push(`The red wire of ${names}: no single wire carries it`);
  if (known.length > 0)
    draft.offer(
      'lift-red',
      `Lift the red wire of ${names}; the ${keep.fitted.fitting.name} feeds the rail`,
      known,
    );
}

/** A receiver pack for which no port was left, beside a servo. */
export function settleReceiverPack(draft: WiringDraft): void {
  const [pack] = draft.index.ofKind('pack');
  if (pack && feedsReceiver(draft.index, pack)) plugIn(draft, pack.fitting.id);
}

/** The output of a stand-alone BEC, or of a receiver pack, into the receiver: its power port, a port left, or by a Y-lead. */
function plugIn(draft: WiringDraft, becId: string): void {
  const { part, fitting } = draft.index.get(becId);
  const out = part.ports.find((port) => port.flow === 'out');
  if (!out || !terminalsOf(part).gives || !draft.isFree({ fitting: becId, port: out.id })) return;
  const own = { fitting: becId, port: out.id };
  const free = draft.receiverInlet();
  const edits = free && connect(draft.build, own, free, draft.locker);
  if (edits) {
    draft.offer(`rail:${becId}`, `${capital(fitting.name)} into receiver port ${free.port}`, edits);
    return;
  }
  const context = readingOf(draft.build, draft.locker);
  const rail = context.survey.rails.find((candidate) => candidate.isRadio);
  const [receiver] = draft.index.ofKind('receiver');
  const plus = rail?.plus ?? (receiver && context.survey.nets.node(receiver.fitting.id, 'rail'));
  const branch = plus && branchOff(context, plus, out, 'yLead');
  if (branch)
    draft.offer(`rail:${becId}`, `${capital(fitting.name)} by a Y-lead beside a servo`, [
      ...branch.edits,
      { type: 'addLead', lead: usualLead(`${becId}-rail`, { ref: own, port: out }, branch.outlet) },
    ]);
  else draft.unsolved.push(`${capital(fitting.name)}: no receiver port is left for it`);
}

/**
 * Volts of regulators that nobody has set: the highest choice that every part on the rail stands and the packs hold to their
 * cut-off. Of a part whose sheet is silent the least is taken that such a part is sold for, and that is said.
 */
export function settleVolts(draft: WiringDraft): void {
  const { survey } = readingOf(draft.build, draft.locker);
  for (const rail of survey.rails) {
    const { least, most, silent } = railRange(rail);
    const named = nameList(silent.map(({ fitting }) => `the ${fitting.name}`));
    const guessed = silent.length === 0 ? '' : `; max voltage of ${named} not known`;
    for (const { fitted, terminal, isUnset } of rail.sources) {
      const { regulator } = terminal;
      if (!isUnset || !regulator || !Number.isFinite(most)) continue;
      const fits = choicesHeld(survey, fitted, regulator).filter(
        (choice) => !isOver(choice, most, 'V') && !isUnder(choice, least, 'V'),
      );
      if (fits.length === 0) continue;
      const volts = Math.max(...fits);
      draft.offer(
        `volts:${fitted.fitting.id}`,
        `Set the ${regulatorName(fitted)} to ${formatQuantity(volts, 'V')}${guessed}`,
        [{ type: 'setRegulatorVolts', fitting: fitted.fitting.id, volts }],
      );
    }
  }
}

/** Cut-offs that nobody has set, for the cells of the pack that feeds the controller, where its sheet has them. */
export function settleCutoffs(draft: WiringDraft): void {
  const { survey } = readingOf(draft.build, draft.locker);
  for (const { fitting, part } of survey.index.ofKind('controller')) {
    const chemistry = survey.packOf(fitting.id)?.chemistry;
    const [cutoff] = chemistry ? cutoffsFor(part, chemistry) : [];
    if (fitting.cutoff !== undefined || !cutoff) continue;
    draft.offer(`cutoff:${fitting.id}`, `Set the cut-off of the ${fitting.name} for ${cutoff}`, [
      { type: 'setFitting', fitting: fitting.id, change: { cutoff } },
    ]);
  }
}

/** Fail-safes that nobody has set, where motors, pumps and engines stand still. */
export function settleFailSafes(draft: WiringDraft): void {
  const unset = unsetFailSafes(readingOf(draft.build, draft.locker));
  if (unset.length === 0) return;
  const places = unset.map(
    ({
      link: {
        function: { name },
        channel,
        still,
      },
    }) => `${name} (channel ${channel}) ${displayWords(still)}`,
  );
  draft.offer(
    'fail-safe',
    `Set the fail-safe: ${places.join(', ')}`,
    unset.map(({ edit }) => edit),
  );
}

/** The link of a transmitter that has several and is set to none: one that the receiver speaks. */
export function settleLink(draft: WiringDraft): void {
  for (const { fitting, part } of draft.index.ofKind('transmitter')) {
    const hears = draft.index
      .ofKind('receiver')
      .find((receiver) => transmitterOf(draft.index, receiver)?.fitting.id === fitting.id);
    const shared = part.protocols.find((protocol) => hears?.part.protocols.includes(protocol));
    if (shared === undefined || fitting.protocol !== undefined || part.protocols.length < 2) continue;
    draft.offer(
      draft.index.ofKind('transmitter')[0]?.fitting.id === fitting.id ? 'link' : `link:${fitting.id}`,
      `Set the ${fitting.name} to ${shared}`,
      [{ type: 'setProtocol', fitting: fitting.id, protocol: shared }],
    );
  }
}

/** What the check says of the wiring, put right by its own offers where no part that was there is changed; the rest is told. */
export function settleStops(draft: WiringDraft, before: Build): void {
  const old = new Set(stopsOf(before, draft.locker).map((finding) => finding.id));
  const tried = new Set<string>();
  const own = new Set(before.fittings.map((fitting) => fitting.id));
  const fresh = () => stopsOf(draft.build, draft.locker).filter((finding) => !old.has(finding.id));
  for (let n = 0; n < mostCures; n += 1) {
    const [open] = fresh().flatMap((finding) => {
      const cure = finding.patches.find(({ edits }) =>
        edits.every((edit) => edit.type !== 'swapPart' || !own.has(edit.fitting)),
      );
      return cure && !tried.has(finding.id) ? [{ id: finding.id, cure }] : [];
    });
    if (!open) break;
    // Whoever refuses a cure is not pressed with the next one.
    tried.add(open.id);
    draft.offer(`cure:${open.cure.id}`, open.cure.label, open.cure.edits);
  }
  for (const finding of fresh())
    draft.unsolved.push(`Still ${finding.severity === 'stop' ? 'a stop' : 'open'}: ${finding.text}`);
}

const stopsOf = (build: Build, locker: readonly PartSpec[]): Finding[] =>
  checkBuild(build, locker).findings.filter((finding) => stopsLikely(finding) && !finding.accepted);
