import Button from '@mui/material/Button';
import type { Lead } from '../../core/plan/lead';
import { insertable, toggleWire, turnPlug } from '../../core/wiring/lead-edits';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { MenuButton } from './MenuButton';
import styles from './TraceBar.module.css';

const gauges = [26, 24, 22, 20, 18, 16, 14, 12, 10];

/** What can be done to a lead: unplug, lift or restore a wire, turn the plug, put something in, another gauge. */
export function LeadTools({ lead, onGone }: { lead: Lead; onGone: () => void }) {
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const inserts = insertable(context, lead, locker);
  const name = context.index.get(lead.from.fitting).fitting.name;
  return (
    <div className={styles.tools} role="group" aria-label="Change this lead">
      <Button
        size="small"
        onClick={() => {
          apply(`unplug the ${name}`, [{ type: 'removeLead', lead: lead.id }]);
          onGone();
        }}
      >
        Unplug
      </Button>
      {lead.conductors.map((conductor, n) => (
        <Button
          key={conductor.from}
          size="small"
          onClick={() =>
            apply(
              `${conductor.state === 'whole' ? 'lift' : 'put back'} the ${conductor.colour} wire of the ${name}`,
              [toggleWire(lead, n)],
            )
          }
        >
          {conductor.state === 'whole' ? 'Lift' : 'Put back'} {conductor.colour}
        </Button>
      ))}
      <Button
        size="small"
        onClick={() => apply(`turn the plug of the ${name}`, [turnPlug(context.index, lead)])}
      >
        Turn the plug
      </Button>
      <MenuButton
        label="Put in"
        options={inserts.map(({ id, label }) => ({ id, text: label }))}
        onChoose={(id) => {
          const chosen = inserts.find((patch) => patch.id === id);
          if (chosen) apply(`put in: ${chosen.label}`, chosen.edits);
          onGone();
        }}
      />
      <MenuButton
        label={lead.awg === undefined ? 'Gauge' : `AWG ${lead.awg}`}
        options={gauges.map((awg) => ({ id: String(awg), text: `AWG ${awg}` }))}
        onChoose={(awg) =>
          apply(`gauge of the lead of the ${name}`, [{ type: 'setGauge', lead: lead.id, awg: Number(awg) }])
        }
      />
    </div>
  );
}
