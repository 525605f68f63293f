import { agreeing, capital, nameList } from '../../base/words/sentences';
import type { Outing } from '../../model/plan/outing';
import type { Reading } from '../../reading/build-reading/reading';
import { lostLinks, type LostLink } from '../../reading/radio/lost-link';
import type { TrialEvent } from './trial-result';

/** The loss of the link on an outing, with what stops then and what runs on; nothing where it is not lost. */
export function linkLoss(context: Reading, { lostAt, seconds }: Outing): TrialEvent[] {
  const [receiver] = context.index.ofKind('receiver');
  if (lostAt === undefined || lostAt >= seconds || !receiver) return [];
  const links = lostLinks(context);
  const runsOf = (isSo: (link: LostLink) => boolean) => [
    ...new Set(links.filter(isSo).flatMap(({ runs }) => runs.map(({ fitting }) => fitting.name))),
  ];
  const said = [
    verdict(
      runsOf(({ outcome }) => outcome === 'stops'),
      'stops',
    ),
    verdict(
      runsOf(({ outcome }) => outcome === 'holds' || outcome === 'runs'),
      'runs',
      ' on',
    ),
    verdict(
      runsOf(({ outcome }) => outcome === undefined),
      'runs',
      ' on unless its fail-safe, not set yet, stops it',
    ),
  ].filter((words) => words !== undefined);
  return [
    {
      kind: 'linkLost',
      subject: receiver.fitting.id,
      at: lostAt,
      until: seconds,
      words:
        said.length === 0
          ? 'The link is lost: nothing here runs by a motor.'
          : `The link is lost. ${said.join(' ')}`,
    },
  ];
}

function verdict(names: readonly string[], verb: string, rest = ''): string | undefined {
  if (names.length === 0) return undefined;
  const listed = nameList(names.map((name) => `the ${name}`));
  return `${capital(listed)} ${names.length > 1 ? agreeing('parts', verb) : agreeing(names[0]!, verb)}${rest}.`;
}
