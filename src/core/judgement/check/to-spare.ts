import { readAlike } from '../../base/quantity/compare';
import { formatQuantity } from '../../base/quantity/format';
import { counted } from '../../base/words/sentences';
import type { Reading } from '../../reading/build-reading/reading';
import { railTop } from '../../reading/circuit/ladders';
import type { Well } from '../findings/wells';
import { packLabel } from '../limits/amps';
import { atMost, shareLeft, type Limit } from '../limits/limit';
import { channelDemand, channelLimit } from '../limits/radio';
import { floorMeant, leastVolts, mostVolts } from '../limits/volts';
import { givenTo } from '../rules/support/limit-report';
import { voltsAtWorst } from '../rules/support/worst-second';

/** What a dry well has left, in a few words: `0.4 V to spare`. Nothing where none of its limits can be put so. */
export function toSpare(well: Well, context: Reading): string | undefined {
  if (well === 'connection') return counted(context.build.leads.length, 'lead fits', 'leads fit');
  const [tightest] = limitsOf(well, context)
    .filter((limit) => !limit.passed)
    .sort((a, b) => shareLeft(a) - shareLeft(b));
  if (!tightest) return undefined;
  const left = Math.abs(tightest.limit - tightest.actual);
  if (well === 'control' && left === 0) return `all ${counted(tightest.limit, 'channel')} used`;
  if (readAlike(tightest.actual, tightest.limit, tightest.unit)) return 'just within its limits';
  return `${formatQuantity(left, tightest.unit)} to spare`;
}

function limitsOf(well: Well, context: Reading): Limit[] {
  const { survey, circuit, index } = context;
  if (well === 'voltage')
    return survey.supplies.flatMap((supply) => {
      const { fitted, terminal, status, volts } = supply;
      if (status !== 'fed' || !volts) return [];
      const { maxVolts, minVolts } = terminal;
      const given = givenTo(context, volts, supply);
      const atWorst = fitted.kind === 'receiver' ? voltsAtWorst(context, supply)?.volts : undefined;
      return [
        ...(maxVolts ? [mostVolts(given, maxVolts.value)] : []),
        ...(minVolts && atWorst !== undefined
          ? [leastVolts(atWorst, floorMeant(given, minVolts.value))]
          : []),
      ];
    });
  if (well === 'current')
    return [
      ...circuit.railLoads().flatMap((load) => {
        const most = railTop(load);
        return most === undefined ? [] : [atMost(load.amps, most, 'A', 'over')];
      }),
      ...circuit
        .packLoads()
        .flatMap(({ amps, allowedAmps }) =>
          allowedAmps === undefined ? [] : [packLabel(amps, allowedAmps)],
        ),
    ];
  if (well === 'control')
    return index
      .ofKind('receiver')
      .map((receiver) => channelLimit(receiver.part, channelDemand(context, receiver).asked));
  return [];
}
