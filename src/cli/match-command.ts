import { missedBy, type NearMiss } from '../core/desk/match/conflict';
import type { LockerItem } from '../core/model/kinds/locker-item';
import { matchBuild, type MatchResult } from '../core/desk/match/match-build';
import type { Build } from '../core/model/plan/build';
import { failure, success, type Result } from '../core/base/result';
import { starterLocker } from '../core/model/starter/starter-locker';
import type { CommandOutput } from './check-command';

export interface MatchOptions {
  json: boolean;
  /** Fittings whose parts may change, commas between; all where not said. */
  open: string | undefined;
  /** Offers wanted at most. */
  most: number;
  /** Money to spend at most. */
  money: number | undefined;
  /** Minutes that the pack must last. */
  minutes: number | undefined;
}

/** The starter locker, of which nothing lies on a shelf and nothing has a price. */
const items: LockerItem[] = starterLocker.map((part) => ({ part, state: 'catalogue', isStarter: true }));

/** What fits together: combinations of parts for a build's open roles. Exit 1 where nothing does. */
export function matchCommand(build: Build, options: MatchOptions): Result<CommandOutput, string> {
  const open = options.open?.split(',').map((id) => id.trim());
  const strange = open?.find((id) => build.fittings.every((fitting) => fitting.id !== id));
  if (strange !== undefined)
    return failure(
      `no fitting "${strange}"; there are ${build.fittings.map(({ id }) => id).join(', ') || 'none'}`,
    );
  const result = matchBuild(build, items, {
    stock: 'all',
    most: options.most,
    ...(open && { open: new Set(open) }),
    moneyLimit: options.money,
    leastMinutes: options.minutes,
  })!;
  const text = options.json ? JSON.stringify(asJson(result), null, 2) : asText(result);
  return success({ text: `${text}\n`, exitCode: result.offers.length > 0 ? 0 : 1 });
}

/** A choice that nearly fits, in a line. */
const missWords = (miss: NearMiss): string =>
  `Nearest without “${miss.lacks}”${missedBy(miss)}: ${miss.parts.map(({ role, part }) => `${role}: ${part}`).join('; ')}.`;

const asJson = ({ offers, searched, conflict, empty, refusals }: MatchResult) => ({
  offers: offers.map(({ parts, money, kilograms, margin, runMinutes, joints, buy, left }) => ({
    parts,
    money,
    mass: Number(kilograms.toFixed(3)),
    margin,
    runMinutes,
    joints,
    ...(left.length > 0 && { left }),
    buy: buy.map(({ part, count, price }) => ({
      part: part.id,
      count,
      ...(price !== undefined && { price }),
    })),
  })),
  searched: { raw: searched.raw, checked: searched.checked, pruned: searched.pruned },
  conflict: [...conflict, ...empty.map((role) => `nothing to choose from for: ${role}`), ...refusals],
});

function asText({ offers, conflict, misses, empty, refusals }: MatchResult): string {
  if (offers.length === 0)
    return [
      'Nothing fits together.',
      ...empty.map((role) => `Nothing to choose from for: ${role}.`),
      ...(conflict.length > 0 ? [`These cannot all be had: ${conflict.join('; ')}.`] : []),
      ...misses.map(missWords),
      ...refusals.map((text) => `Stops the sets that come nearest: ${text}.`),
    ].join('\n');
  return offers
    .map((offer, n) => {
      const [tightest] = offer.ladder;
      return [
        `${n + 1}. ${offer.roles.map(({ name, part }) => `${name}: ${part.name}`).join('; ')}`,
        ...offer.left.map((text) => `   Left for you: ${text}.`),
        `   ${(1000 * offer.kilograms).toFixed(0)} g, ${offer.runMinutes} min, joints and adapters: ${offer.joints}` +
          (tightest ? `, tightest: ${tightest.words}, ${(100 * tightest.left).toFixed(0)} % left` : ''),
      ].join('\n');
    })
    .join('\n');
}
