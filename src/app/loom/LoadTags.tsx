import { leadLoads } from '../../core/reading/build-reading/lead-load';
import type { LoomLayout } from '../../core/desk/loom/loom-layout';
import { useCheck } from '../state/use-check';
import { LeadTag } from './LeadTag';

/** Shares of what contacts carry from which a lead is worth a look, and too much. */
const near = 0.7;
const over = 1;
/** Volts lost in a lead that are worth a line. */
const tellingDrop = 0.05;

/** What every lead carries and loses at the worst second, on the picture. */
export function LoadTags({ layout }: { layout: LoomLayout }) {
  const { context } = useCheck();
  const loads = leadLoads(context);
  return layout.leads.map((lead) => {
    const load = loads.get(lead.id);
    if (!load) return null;
    const { amps, dropVolts = 0, share } = load;
    const figures = [
      `${amps.toFixed(amps < 1 ? 2 : 1)} A`,
      ...(dropVolts >= tellingDrop ? [`−${dropVolts.toFixed(2)} V`] : []),
    ];
    return (
      <LeadTag
        key={lead.id}
        lead={lead}
        lines={figures}
        level={share > over ? 'over' : share > near ? 'near' : 'easy'}
        title={`${(100 * share).toFixed(0)} % of what its weaker plug carries all the time`}
      />
    );
  });
}
