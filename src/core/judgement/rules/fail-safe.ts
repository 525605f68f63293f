import { agreeing, nameList } from '../../base/words/sentences';
import { lostLinks, type LostLink } from '../../reading/radio/lost-link';
import { fittingSubject, functionSubject, type Missing, type Report } from '../findings/report';
import { failSafeAnswers, offerFailSafe } from '../put-right/set-fail-safe';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'runsOn' | 'holds';

const why = 'A model that nobody steers runs on into people, or over the pond, until its pack is empty.';

/** What every motor, pump and engine does when the link is lost: it must stop. */
export const failSafeRule = defineRule<Message>({
  meta: {
    id: 'fail-safe',
    well: 'control',
    title: 'Parts that run on when the link is lost',
    messages: {
      runsOn: {
        severity: 'stop',
        bound: 'exactly',
        short: 'runs on without its link',
        text: 'the {{runs}} {{verb}} when the link is lost, by the fail-safe of channel {{channel}}',
        why,
      },
      holds: {
        severity: 'stop',
        bound: 'exactly',
        short: 'runs on without its link',
        text: 'the {{runs}} {{verb}} on when the link is lost: channel {{channel}} holds its last position',
        why,
      },
    },
  },
  check: (context) =>
    lostLinks(context).flatMap((link): (Report<Message> | Missing)[] => {
      const { outcome, device } = link;
      if (outcome === 'stops') return [];
      if (outcome === undefined)
        return [
          {
            missing: `fail-safe of the ${device.fitting.name}`,
            subjects: subjectsOf(link),
            asked: 'setting',
            answers: failSafeAnswers(link),
          },
        ];
      return [report(link, outcome === 'holds' ? 'holds' : 'runsOn')];
    }),
});

const subjectsOf = ({ device, function: modelFunction }: LostLink) => [
  fittingSubject(device.fitting.id),
  functionSubject(modelFunction.id),
];

function report(link: LostLink, messageId: Message): Report<Message> {
  const { channel, device, runs, still, setting } = link;
  const names = runs.map(({ fitting }) => fitting.name);
  // What holds goes on as it was; a stick may have stood at its end.
  const actual = messageId === 'holds' ? 100 : (setting.failSafePercent ?? 0);
  return {
    messageId,
    data: {
      runs: nameList(names),
      verb: names.length > 1 ? 'run' : agreeing(names[0] ?? '', 'runs'),
      channel: String(channel),
    },
    subjects: subjectsOf(link),
    actual,
    limit: still,
    unit: '%',
    formula:
      'where the channel goes when the link is lost, as the transmitter shows it, against where the part stands still',
    terms: [
      plannedTerm(messageId === 'holds' ? 'held, at worst' : `fail-safe of channel ${channel}`, actual, '%'),
      plannedTerm(`the ${device.fitting.name} stands still at`, still, '%'),
    ],
    offers: () => offerFailSafe(link),
  };
}
