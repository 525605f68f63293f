import ExpandMore from '@mui/icons-material/ExpandMore';
import Button from '@mui/material/Button';
import Divider from '@mui/material/Divider';
import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { fileSuffix } from '../../core/model/file/read-file';
import { useBuildStore } from '../state/build-store';
import { useBuildPart } from '../state/shown-build';
import { demos, openDemo, openStored, type DemoId } from '../state/open-build';
import { repository } from '../state/saving';
import { importFile } from './import-export';
import { canShareFiles, downloadBuild, shareBuild } from './build-files';
import { refuse } from '../state/refusal-store';

const demoIds = Object.keys(demos) as DemoId[];

/** The name of the open build; a click opens stored builds, demos, import and export. */
export function BuildMenu() {
  const openName = useBuildPart(({ name }) => name);
  const recordKey = useBuildStore((state) => state.recordKey);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const fileInput = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const stored = useQuery({
    queryKey: ['stored-builds'],
    queryFn: () => repository.list(),
    enabled: anchor !== null,
  });

  const open = (target: HTMLElement) => {
    void queries.invalidateQueries({ queryKey: ['stored-builds'] });
    setAnchor(target);
  };
  const close = () => setAnchor(null);
  const openRecord = async (key: string, name: string) => {
    close();
    const why = await openStored(key);
    if (why !== undefined) refuse(`${name} cannot be opened`, why);
  };
  const takeFile = async (file: File) => {
    const why = await importFile(file);
    if (why !== undefined) refuse(`${file.name} cannot be imported`, why);
  };

  return (
    <>
      <Button
        color="inherit"
        endIcon={<ExpandMore />}
        onClick={(event) => open(event.currentTarget)}
        aria-haspopup="menu"
        aria-label={`Build: ${openName}`}
        sx={{
          ml: -0.6,
          py: 0,
          px: 0.6,
          maxWidth: '100%',
          fontWeight: 500,
          fontSize: 13,
          whiteSpace: 'nowrap',
        }}
      >
        <span style={{ overflow: 'hidden', textOverflow: 'ellipsis' }}>{openName}</span>
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close} slotProps={{ list: { dense: true } }}>
        <MenuItem
          onClick={() => {
            close();
            void navigate('/builds?new=1');
          }}
        >
          New build…
        </MenuItem>
        <MenuItem
          onClick={() => {
            close();
            void navigate('/builds');
          }}
        >
          All builds
        </MenuItem>
        <Divider />
        <ListSubheader component="div" role="presentation">
          In this browser
        </ListSubheader>
        {(stored.data ?? []).map(({ key, name, savedAt }) => (
          <MenuItem key={key} selected={key === recordKey} onClick={() => void openRecord(key, name)}>
            {name}
            <span className="figure" style={{ marginLeft: 12, color: 'var(--soft-ink)' }}>
              {savedAt.slice(0, 16).replace('T', ' ')}
            </span>
          </MenuItem>
        ))}
        <Divider />
        <ListSubheader component="div" role="presentation">
          A fresh copy of a demo
        </ListSubheader>
        {demoIds.map((id) => (
          <MenuItem
            key={id}
            onClick={() => {
              close();
              void openDemo(id);
            }}
          >
            {demos[id].name}
          </MenuItem>
        ))}
        <Divider />
        <MenuItem
          onClick={() => {
            close();
            fileInput.current?.click();
          }}
        >
          Import a file…
        </MenuItem>
        <MenuItem
          onClick={() => {
            close();
            downloadBuild(useBuildStore.getState().build!);
          }}
        >
          Export this build
        </MenuItem>
        {canShareFiles() && (
          <MenuItem
            onClick={() => {
              close();
              void shareBuild(useBuildStore.getState().build!);
            }}
          >
            Share this build…
          </MenuItem>
        )}
        <MenuItem
          onClick={() => {
            close();
            void navigate('/sheet');
          }}
        >
          Wiring sheet
        </MenuItem>
      </Menu>
      <input
        ref={fileInput}
        type="file"
        hidden
        accept={`${fileSuffix},.json`}
        aria-label="Build file to import"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void takeFile(file);
        }}
      />
    </>
  );
}
