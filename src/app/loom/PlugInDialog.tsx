import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { portKey, type FreePort } from '../../core/model/plan/build-index';
import type { Fitted } from '../../core/model/kinds/fitted';
import { mating } from '../../core/model/connectors/mating';
import { plugTargets } from '../../core/desk/wiring/plug-targets';
import { portJoins } from '../../core/desk/wiring/port-joins';
import { capital } from '../../core/base/words/sentences';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { usePlugName } from '../state/settings-store';
import { useCheck } from '../state/use-check';

/** Joins a free port of a part to a free port of another, and says beforehand whether their plugs go together. */
export function PlugInDialog({ fitted, onClose }: { fitted: Fitted; onClose: () => void }) {
  const { context } = useCheck();
  const plugName = usePlugName();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const free = context.index.freePorts();
  const own = free.filter(({ ref }) => ref.fitting === fitted.fitting.id);
  const [fromKey, setFromKey] = useState(() => (own[0] ? portKey(own[0].ref) : ''));
  const [toKey, setToKey] = useState('');
  const from = own.find(({ ref }) => portKey(ref) === fromKey);
  const others = from ? plugTargets(free, from) : [];
  const to = others.find(({ ref }) => portKey(ref) === toKey);
  const [wayId, setWayId] = useState<string>();
  const joins = from && to ? portJoins(context, from.ref, to.ref, locker) : undefined;
  const way = joins?.ways.find(({ id }) => id === wayId) ?? joins?.ways[0];
  const take = () => {
    if (way) apply(way.label, way.edits);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="plug-in-title">
      <DialogTitle id="plug-in-title">Plug in the {fitted.fitting.name}</DialogTitle>
      <DialogContent>
        <PortChoice
          label="From"
          value={fromKey}
          ports={own}
          words={(freePort) => freePort.port.name}
          onChoose={setFromKey}
        />
        <PortChoice
          label="Into"
          value={to ? toKey : ''}
          ports={others}
          words={(freePort) => context.index.portName(freePort.ref)}
          onChoose={setToKey}
        />
        <p>
          {from && `A ${plugName(from.port.connector.family)}. `}
          {from && to && joins && (joins.why === undefined ? plainWords(from, to) : `${capital(joins.why)}.`)}
          {joins?.ways.length === 0 && ' No adapter in the locker fits, and no other plug would.'}
        </p>
        {joins && joins.why !== undefined && joins.ways.length > 0 && (
          <RadioGroup
            aria-label="How they are joined"
            value={way?.id ?? ''}
            onChange={(_, id) => setWayId(id)}
          >
            {joins.ways.map(({ id, label }) => (
              <FormControlLabel key={id} value={id} label={label} control={<Radio size="small" />} />
            ))}
          </RadioGroup>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={!way} onClick={take}>
          Plug in
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** How two plugs that go together by themselves do so. */
function plainWords(from: FreePort, to: FreePort): string {
  switch (mating(from.port.connector, to.port.connector).result) {
    case 'solder':
      return 'To be soldered.';
    case 'trim':
      return 'They go together once the lug of the housing is cut off.';
    case 'unknown':
      return 'Nobody has said yet which plug it is.';
    default:
      return 'They go together.';
  }
}

interface PortChoiceProps {
  label: string;
  value: string;
  ports: readonly FreePort[];
  words: (port: FreePort) => string;
  onChoose: (key: string) => void;
}

function PortChoice({ label, value, ports, words, onChoose }: PortChoiceProps) {
  return (
    <TextField
      select
      fullWidth
      margin="dense"
      label={label}
      value={value}
      onChange={(event) => onChoose(event.target.value)}
      helperText={ports.length === 0 ? 'No free port suits.' : ''}
    >
      {ports.map((freePort) => (
        <MenuItem key={portKey(freePort.ref)} value={portKey(freePort.ref)}>
          {words(freePort)}
        </MenuItem>
      ))}
    </TextField>
  );
}
