import { useSearchParams } from 'react-router';
import { partKinds, type PartKind } from '../../core/parts/part-spec';
import { meetingVolts } from '../../core/locker/volt-ladder';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { kindNames } from './kind-names';
import { PartSheet } from './PartSheet';
import { VoltLadder } from './VoltLadder';
import styles from './LockerStation.module.css';

/** What there is and what could be had: each kind's parts side by side against the volts of this build. */
export function Component() {
  const items = useLocker((state) => state.items);
  const { context } = useCheck();
  const [params, setParams] = useSearchParams();
  const asked = params.get('kind');
  const kind: PartKind = partKinds.find((one) => one === asked) ?? 'servo';
  const here = items.filter((one) => one.part.kind === kind);
  const chosen = here.find((one) => one.part.id === params.get('part')) ?? here[0];
  const show = (change: Record<string, string>) => {
    const next = new URLSearchParams(params);
    if (change.kind) next.delete('part');
    for (const [name, value] of Object.entries(change)) next.set(name, value);
    setParams(next, { replace: true });
  };
  const meets = chosen && meetingVolts(context, chosen.part);
  return (
    <div className={styles.station}>
      <div className={styles.kinds} role="group" aria-label="Kinds of part">
        <h1 className={styles.title}>Locker</h1>
        {partKinds.map((one) => (
          <button
            key={one}
            type="button"
            className={styles.kind}
            aria-pressed={one === kind}
            onClick={() => show({ kind: one })}
          >
            {kindNames[one]}
            <span className="figure">{items.filter((item) => item.part.kind === one).length}</span>
          </button>
        ))}
      </div>
      <div className={styles.ladder}>
        <VoltLadder
          items={here}
          chosenId={chosen?.part.id}
          meets={meets}
          onChoose={(part) => show({ part })}
        />
      </div>
      <div className={styles.sheet}>
        {chosen && <PartSheet key={chosen.part.id} item={chosen} onShow={(part) => show({ part })} />}
      </div>
    </div>
  );
}
