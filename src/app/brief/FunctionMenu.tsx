import MoreVert from '@mui/icons-material/MoreVert';
import Divider from '@mui/material/Divider';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { Fitting } from '../../core/model/fitting/fitting';
import type { ModelFunction } from '../../core/model/plan/model-function';

interface FunctionMenuProps {
  modelFunction: ModelFunction;
  /** Those that there are, and the one that it is on. */
  transmitters: readonly Pick<Fitting, 'id' | 'name'>[];
  transmitterId: string | undefined;
  onChange: (words: string, change: Partial<Omit<ModelFunction, 'id'>>) => void;
  onRemove: () => void;
}

const stages = [1, 2, 3] as const;

/** The rarer settings of a function: its stage, its transmitter, mirrored servos, a shared channel; and taking it out. */
export function FunctionMenu({
  modelFunction,
  transmitters,
  transmitterId,
  onChange,
  onRemove,
}: FunctionMenuProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = () => setAnchor(null);
  const choose = (words: string, change: Partial<Omit<ModelFunction, 'id'>>) => {
    close();
    onChange(words, change);
  };
  return (
    <>
      <IconButton
        size="small"
        aria-label={`More for ${modelFunction.name}`}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVert fontSize="small" />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close} slotProps={{ list: { dense: true } }}>
        {stages.map((stage) => (
          <MenuItem
            key={stage}
            selected={(modelFunction.stage ?? 1) === stage}
            onClick={() => choose(`stage ${stage}`, { stage })}
          >
            {stage === 1 ? 'Stage 1: now' : `Stage ${stage}: later`}
          </MenuItem>
        ))}
        <Divider />
        {transmitters.length > 1 &&
          transmitters.map(({ id, name }) => (
            <MenuItem
              key={id}
              selected={id === transmitterId}
              onClick={() =>
                id !== transmitterId && choose(`on the ${name}`, { transmitter: id, control: undefined })
              }
            >
              Worked by the {name}
            </MenuItem>
          ))}
        {transmitters.length > 1 && <Divider />}
        <MenuItem
          selected={modelFunction.mirrored ?? false}
          onClick={() => choose('mirrored or not', { mirrored: !modelFunction.mirrored })}
        >
          Its servos stand mirrored
        </MenuItem>
        <MenuItem
          selected={modelFunction.mixed ?? false}
          onClick={() => choose('mixed or not', { mixed: !modelFunction.mixed })}
        >
          Shares its channel on purpose
        </MenuItem>
        <MenuItem
          disabled={modelFunction.devices.length === 0}
          onClick={() => choose('no part', { devices: [] })}
        >
          Let go of its parts
        </MenuItem>
        <Divider />
        <MenuItem
          onClick={() => {
            close();
            onRemove();
          }}
        >
          Remove the function
        </MenuItem>
      </Menu>
    </>
  );
}
