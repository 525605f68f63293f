import { useNavigate } from 'react-router';
import { wells, wellNames } from '../../core/judgement/findings/wells';
import { stations } from '../shell/stations';
import { downloadBuild } from '../shell/build-files';
import { useSettingsDialog } from '../settings/use-settings-dialog';
import { useHistory } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { applyAndSay } from '../state/done-store';
import { demos, openDemo, type DemoId } from '../state/open-build';
import { useAllOffers } from '../state/use-offers';
import { useBench } from '../theme/bench-store';
import { useGuide } from './guide-store';
import { useHelp } from './use-help';
import type { Command } from './command';
import { usePlaces } from './use-places';

/** Everything that can be done from anywhere, the put-rights of this build among it. */
export function useCommands(): Command[] {
  const navigate = useNavigate();
  const build = useBuild();
  const offers = useAllOffers();
  const { undo, redo, undoDepth, redoDepth } = useHistory();
  const toggleBench = useBench((state) => state.toggle);
  const { open: openSettings } = useSettingsDialog();
  const openHelp = useHelp((state) => state.open);
  const openGuide = useGuide((state) => state.open);
  const places = usePlaces();
  const go = (to: string) => () => void navigate(to);
  return [
    ...stations.map(({ digit, name, path }) => ({
      id: path,
      group: 'Stations',
      name,
      keys: String(digit),
      run: go(path),
    })),
    ...wells.map((well) => ({
      id: well,
      group: 'Wells',
      name: `Open the ${wellNames[well]} well`,
      run: go(`/loom?well=${well}`),
    })),
    ...offers.map((patch) => ({
      id: patch.id,
      group: 'Put right',
      name: patch.label,
      run: () => void applyAndSay(patch.label, patch.edits, `Done: ${patch.label}`),
    })),
    ...places,
    ...(undoDepth > 0 ? [{ id: 'undo', group: 'Build', name: 'Undo', keys: 'Ctrl Z', run: undo }] : []),
    ...(redoDepth > 0 ? [{ id: 'redo', group: 'Build', name: 'Redo', keys: 'Ctrl Shift Z', run: redo }] : []),
    { id: 'wire', group: 'Build', name: 'Wire it for me', run: go('/loom?propose=1') },
    {
      id: 'wrong',
      group: 'Build',
      name: 'Something is wrong: find the fault',
      run: go('/fit-out?find=wrong'),
    },
    { id: 'rehearse', group: 'Build', name: 'Rehearse this build', run: go('/fit-out?view=rehearse') },
    { id: 'refit', group: 'Build', name: 'Refit: as found, as planned', run: go('/fit-out?view=refit') },
    { id: 'new', group: 'Build', name: 'New build', run: go('/builds?new=1') },
    { id: 'add-part', group: 'Build', name: 'Add a part from its label', run: go('/locker?add=1') },
    { id: 'match', group: 'Build', name: 'What fits? Parts that go together', run: go('/locker?show=match') },
    { id: 'all', group: 'Build', name: 'All builds', run: go('/builds') },
    { id: 'sheet', group: 'Build', name: 'Wiring sheet', run: go('/sheet') },
    { id: 'export', group: 'Build', name: 'Export this build', run: () => downloadBuild(build) },
    ...(Object.keys(demos) as DemoId[]).map((id) => ({
      id: `demo-${id}`,
      group: 'Demos',
      name: `A fresh copy of: ${demos[id].name}`,
      run: () => void openDemo(id),
    })),
    { id: 'help', group: 'Help', name: 'Help: this screen, words, keys', keys: '?', run: openHelp },
    { id: 'settings', group: 'Help', name: 'Settings: units, money, names of plugs', run: openSettings },
    { id: 'bench', group: 'Help', name: 'Day or night bench', run: toggleBench },
    { id: 'guide', group: 'Help', name: 'Show the first steps again', run: openGuide },
    { id: 'commands', group: 'Help', name: 'This list', keys: 'Ctrl K', run: () => undefined },
  ];
}
