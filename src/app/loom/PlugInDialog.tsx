import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { portKey, type Fitted, type FreePort } from '../../core/survey/build-index';
import { mating } from '../../core/connectors/mating';
import { connect } from '../../core/put-right/connect';
import { plugTargets } from '../../core/wiring/plug-targets';
import { useBuild, useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { usePlugName } from '../state/settings-store';
import { useCheck } from '../state/use-check';

/** Joins a free port of a part to a free port of another, and says beforehand whether their plugs go together. */
export function PlugInDialog({ fitted, onClose }: { fitted: Fitted; onClose: () => void }) {
  const build = useBuild();
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
  const edits = from && to ? connect(build, from.ref, to.ref, locker) : undefined;
  const fit = from && to ? mating(from.port.connector, to.port.connector).result : undefined;
  const take = () => {
    if (edits) apply(`plug in the ${fitted.fitting.name}`, edits);
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
          {fit === undefined
            ? ''
            : fit === 'mates'
              ? 'They go together.'
              : fit === 'solder'
                ? 'To be soldered.'
                : fit === 'trim'
                  ? 'They go together once the lug of the housing is cut off.'
                  : fit === 'unknown'
                    ? 'Nobody has said yet which plug it is.'
                    : edits
                      ? 'They do not go together; an adapter from the locker goes in between.'
                      : 'They do not go together, and no adapter in the locker fits.'}
        </p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={!edits} onClick={take}>
          Plug in
        </Button>
      </DialogActions>
    </Dialog>
  );
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
