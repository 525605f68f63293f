import Button from '@mui/material/Button';
import { freshFunctionId } from '../../core/reading/brief/function-chain';
import { presetsFor, type FunctionPreset } from '../../core/reading/brief/function-presets';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import styles from './AddFunction.module.css';

/** The usual functions of this kind of model, a click each. */
export function AddFunction() {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const add = ({ id, name, role, wants }: FunctionPreset) => {
    const fresh = freshFunctionId(build, id);
    const number = /-(\d+)$/.exec(fresh)?.[1];
    const called = number !== undefined && fresh !== id ? `${name} ${number}` : name;
    apply(`add the function ${called}`, [
      { type: 'addFunction', function: { id: fresh, name: called, role, wants, devices: [] } },
    ]);
  };
  return (
    <div className={styles.add} role="group" aria-label="Add a function">
      <span className={styles.words}>Add:</span>
      {presetsFor(build.model).map((preset) => (
        <Button key={preset.id} size="small" onClick={() => add(preset)}>
          {preset.name}
        </Button>
      ))}
    </div>
  );
}
