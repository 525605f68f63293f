import { fromPlan } from '../../core/reading/berths/lead-length';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { isJoined, type Conductor, type Lead, type PortRef } from '../../core/model/plan/lead';
import { readQuantity, unitRatio } from '../../core/base/quantity/read-quantity';
import {
  colourSets,
  cuts,
  insertable,
  otherPlugs,
  toggleWire,
  turnPlug,
} from '../../core/desk/wiring/lead-edits';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { usePlugName, useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { MenuButton } from './MenuButton';
import styles from './TraceBar.module.css';

const gauges = [26, 24, 22, 20, 18, 16, 14, 12, 10];

interface LeadToolsProps {
  lead: Lead;
  onGone: () => void;
  /** Takes one end in the hand, to be put elsewhere. */
  onMove?: (end: PortRef) => void;
}

/** What can be done to a lead: unplug, lift, cut or restore a wire, turn the plug, put something in, another gauge. */
export function LeadTools({ lead, onGone, onMove }: LeadToolsProps) {
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const plugName = usePlugName();
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
            apply(`${wireVerb(conductor).toLowerCase()} the ${conductor.colour} wire of the ${name}`, [
              toggleWire(lead, n),
            ])
          }
        >
          {wireVerb(conductor)} {conductor.colour}
        </Button>
      ))}
      <MenuButton
        label="Cut"
        options={cuts(lead).map(({ words }) => ({ id: words, text: words }))}
        onChoose={(words) => {
          const chosen = cuts(lead).find((each) => each.words === words);
          if (chosen) apply(`cut ${words} of the ${name}`, [chosen.edit]);
        }}
      />
      <Button
        size="small"
        onClick={() => apply(`turn the plug of the ${name}`, [turnPlug(context.index, lead)])}
      >
        Turn the plug
      </Button>
      {onMove && (
        <MenuButton
          label="Move an end"
          options={[lead.from, lead.to].map((end) => ({
            id: end.fitting,
            text: `the one at the ${context.index.portName(end)}`,
          }))}
          onChoose={(id) => onMove(lead.from.fitting === id ? lead.from : lead.to)}
        />
      )}
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
      <MenuButton
        label={lead.coloursRead ? 'Colours' : 'Colours (assumed)'}
        options={colourSets(lead).map(({ words }) => ({ id: words, text: words }))}
        onChoose={(words) => {
          const chosen = colourSets(lead).find((set) => set.words === words);
          if (chosen) apply(`colours of the lead of the ${name}`, [chosen.edit]);
        }}
      />
      {[lead.from, lead.to].map((ref) => {
        const others = otherPlugs(context.index, ref);
        const holder = context.index.get(ref.fitting).fitting.name;
        return (
          others.length > 0 && (
            <MenuButton
              key={`${ref.fitting} ${ref.port}`}
              label={`Plug at the ${holder}`}
              options={others.map(({ family }) => ({ id: family, text: plugName(family) }))}
              onChoose={(family) => {
                const chosen = others.find((each) => each.family === family);
                if (chosen) apply(`another plug on the ${holder}`, [chosen.edit]);
              }}
            />
          )
        );
      })}
      <LengthField lead={lead} name={name} />
      <Button
        size="small"
        onClick={() =>
          apply(`threading of the lead of the ${name}`, [
            { type: 'setThreaded', lead: lead.id, isThreaded: lead.isThreaded !== true },
          ])
        }
      >
        {lead.isThreaded ? 'Its plug stays on' : 'Thread it before its plug'}
      </Button>
    </div>
  );
}

const wireVerb = (wire: Conductor): string =>
  isJoined(wire) ? 'Lift' : wire.state === 'cut' ? 'Splice' : 'Put back';

/** Length of a run one way; what is typed counts as measured. */
function LengthField({ lead, name }: { lead: Lead; name: string }) {
  const apply = useBuildStore((state) => state.apply);
  // What nobody measured is as long as its way in the berths, or as such leads usually are.
  const metres = useCheck().context.survey.leadMetres(lead);
  const [refused, setRefused] = useState<string>();
  const unit = useSettings((state) => state.units.length);
  const scale = unitRatio(unit, 'm');
  const shown = metres.typed ?? String(Number((metres.value / scale).toPrecision(4)));
  const isMeasured = metres.provenance !== 'estimated';
  const source = metres.note === fromPlan ? 'by the berths' : 'assumed';
  const take = (text: string) => {
    const read = readQuantity(text, { unit, scale });
    const isInRange = read.ok && read.value.value >= 0.005 && read.value.value <= 50;
    setRefused(read.ok ? (isInRange ? undefined : 'from 5 mm to 50 m') : read.problem);
    if (read.ok && isInRange)
      apply(`length of the lead of the ${name}`, [
        { type: 'setLength', lead: lead.id, metres: { ...read.value, provenance: 'measured' } },
      ]);
  };
  return (
    <TextField
      key={shown}
      size="small"
      label={isMeasured ? `Length, ${unit}` : `Length, ${unit} (${source})`}
      defaultValue={shown}
      error={refused !== undefined}
      helperText={refused}
      slotProps={{ htmlInput: { maxLength: 16 }, inputLabel: { shrink: true } }}
      sx={{ width: 150 }}
      onBlur={({ target }) => target.value.trim() !== '' && target.value !== shown && take(target.value)}
    />
  );
}
