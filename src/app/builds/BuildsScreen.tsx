import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { BuildRecord } from '../../storage/database';
import { useBuildStore } from '../state/build-store';
import { addAndOpen, openAnother, openStored } from '../state/open-build';
import { refuse, tell } from '../state/refusal-store';
import { repository } from '../state/saving';
import type { Salvaged } from '../../core/model/file/salvage';
import { BackupBar } from './BackupBar';
import { BuildRow } from './BuildRow';
import { DeletedBuilds } from './DeletedBuilds';
import { NewBuildDialog } from './NewBuildDialog';
import { UnreadableRow } from './UnreadableRow';
import styles from './BuildsScreen.module.css';

/** Every build in this browser with its five wells in small. */
export function Component() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const openKey = useBuildStore((state) => state.recordKey);
  const openBuild = useBuildStore((state) => state.build);
  const [removed, setRemoved] = useState<BuildRecord>();
  const stored = useQuery({
    queryKey: ['builds-with-content', openBuild],
    queryFn: () => repository.listWithBuilds(),
  });
  const deleted = useQuery({ queryKey: ['deleted-builds'], queryFn: () => repository.listDeleted() });
  const refresh = () =>
    Promise.all(
      [['builds-with-content'], ['deleted-builds']].map((queryKey) =>
        queries.invalidateQueries({ queryKey }),
      ),
    );

  const open = async (key: string, name: string) => {
    const why = await openStored(key);
    if (why === undefined) void navigate('/loom');
    else refuse(`${name} cannot be opened`, why);
  };
  const rename = async (record: BuildRecord, name: string) => {
    if (record.key === openKey) useBuildStore.getState().apply(`call it ${name}`, [{ type: 'rename', name }]);
    else {
      // What another window saved since the list was read stays.
      const { build, revision = 0 } = record;
      await repository.save(record.key, { ...build, name }, { build, revision });
    }
    await refresh();
  };
  const duplicate = async (record: BuildRecord) => {
    await repository.add({ ...record.build, name: `${record.name}, copy`.slice(0, 80) });
    await refresh();
  };
  const remove = async (record: BuildRecord) => {
    if (record.key === openKey) await openAnother(record.key);
    setRemoved(await repository.remove(record.key));
    await refresh();
  };
  const putBack = async () => {
    if (removed) await repository.restore(removed.key);
    setRemoved(undefined);
    await refresh();
  };
  const salvage = async ({ build, dropped }: Salvaged) => {
    await repository.add({ ...build, name: `${build.name.slice(0, 60)}, salvaged` });
    tell(
      `The readable part of ${build.name} is a build of its own now`,
      `Left out: ${dropped.map(({ where, why }) => `${where} (${why})`).join('; ')}. The one that cannot be read stays as it is.`,
    );
    await refresh();
  };

  return (
    <div className={styles.screen}>
      <div className={styles.head}>
        <h1 className={styles.title}>Builds in this browser</h1>
        <Button variant="contained" onClick={() => setParams({ new: '1' })}>
          New build
        </Button>
      </div>
      <ul className={styles.list}>
        {(stored.data ?? []).map(({ record, problem }) =>
          problem ? (
            <UnreadableRow
              key={record.key}
              record={record}
              problem={problem}
              onSalvage={(salvaged) => void salvage(salvaged)}
              onRemove={() => void remove(record)}
            />
          ) : (
            <BuildRow
              key={record.key}
              record={record}
              isOpen={record.key === openKey}
              onOpen={() => void open(record.key, record.name)}
              onRename={(name) => void rename(record, name)}
              onDuplicate={() => void duplicate(record)}
              onRemove={() => void remove(record)}
            />
          ),
        )}
      </ul>
      {stored.error && (
        <p role="alert">
          The builds of this browser could not be listed: {stored.error.message}. Nothing is lost by that;
          reload the page to try again.
        </p>
      )}
      <BackupBar newest={stored.data?.[0]?.record.savedAt} />
      {(deleted.data ?? []).length > 0 && (
        <DeletedBuilds
          records={deleted.data ?? []}
          onPutBack={(key) => void repository.restore(key).then(refresh)}
          onForget={(key) => void repository.forget(key).then(refresh)}
        />
      )}
      <p className={styles.foot}>
        <a href="/licences.txt">Licences of the packages inside Dry Hull</a>
      </p>
      <Snackbar
        open={removed !== undefined}
        autoHideDuration={12_000}
        onClose={(_, reason) => reason !== 'clickaway' && setRemoved(undefined)}
        message={`${removed?.name ?? ''} was deleted`}
        action={
          <Button color="inherit" size="small" onClick={() => void putBack()}>
            Undo
          </Button>
        }
      />
      {params.get('new') !== null && (
        <NewBuildDialog
          onClose={() => setParams({})}
          onMake={async (build) => {
            await addAndOpen(build);
            void navigate('/brief');
          }}
        />
      )}
    </div>
  );
}
