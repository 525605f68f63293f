import ContentCopy from '@mui/icons-material/ContentCopy';
import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import DriveFileRenameOutline from '@mui/icons-material/DriveFileRenameOutline';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import Tooltip from '@mui/material/Tooltip';
import { useState } from 'react';
import type { BuildRecord } from '../../storage/database';
import { MiniHull } from './MiniHull';
import styles from './BuildsScreen.module.css';

interface BuildRowProps {
  record: BuildRecord;
  isOpen: boolean;
  onOpen: () => void;
  onRename: (name: string) => void;
  onDuplicate: () => void;
  onRemove: () => void;
}

export function BuildRow({ record, isOpen, onOpen, onRename, onDuplicate, onRemove }: BuildRowProps) {
  const [typed, setTyped] = useState<string>();
  const { build, savedAt } = record;
  const take = () => {
    const name = typed?.trim();
    if (name && name !== record.name) onRename(name);
    setTyped(undefined);
  };
  return (
    <li className={styles.row}>
      <div>
        {typed === undefined ? (
          <button type="button" className={styles.name} onClick={onOpen}>
            {record.name}
          </button>
        ) : (
          <TextField
            size="small"
            label="Name"
            value={typed}
            slotProps={{ htmlInput: { maxLength: 80 } }}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={take}
            onKeyDown={(event) => event.key === 'Enter' && take()}
          />
        )}
        <p className={styles.about}>
          {build.model}, {build.fittings.length} parts, {build.functions.length} functions · saved{' '}
          <span className="figure">{savedAt.slice(0, 16).replace('T', ' ')}</span>
          {isOpen ? ' · open now' : ''}
        </p>
      </div>
      <MiniHull build={build} />
      <div className={styles.tools}>
        <Tool
          title={`Rename ${record.name}`}
          icon={<DriveFileRenameOutline fontSize="small" />}
          onClick={() => setTyped(record.name)}
        />
        <Tool
          title={`Duplicate ${record.name}`}
          icon={<ContentCopy fontSize="small" />}
          onClick={onDuplicate}
        />
        <Tool title={`Delete ${record.name}`} icon={<DeleteOutlined fontSize="small" />} onClick={onRemove} />
      </div>
    </li>
  );
}

interface ToolProps {
  title: string;
  icon: React.ReactNode;
  onClick: () => void;
}

function Tool({ title, icon, onClick }: ToolProps) {
  return (
    <Tooltip title={title}>
      <IconButton aria-label={title} onClick={onClick}>
        {icon}
      </IconButton>
    </Tooltip>
  );
}
