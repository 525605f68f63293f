import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { transmitterOf } from '../../core/reading/radio/partners';
import { ChainSelect } from '../brief/ChainSelect';
import { NumberField } from '../brief/NumberField';
import { capital } from '../../core/base/words/sentences';
import styles from './RadioView.module.css';

/** What each radio is set to as a whole: memory, alarm, and which receiver hears which transmitter. */
export function MemoryFields() {
  return (
    <>
      <Memories />
      <Bindings />
    </>
  );
}

/** Where there are several transmitters: the one that each receiver is bound to. */
function Bindings() {
  const apply = useBuildStore((state) => state.apply);
  const { context } = useCheck();
  const { index } = context;
  const transmitters = index.ofKind('transmitter');
  if (transmitters.length < 2) return null;
  return index.ofKind('receiver').map((receiver) => {
    const { id, name } = receiver.fitting;
    return (
      <section key={id} className={styles.memory} aria-label={capital(name)}>
        <h2 className={styles.title}>{capital(name)}</h2>
        <p className={styles.hint}>is bound to</p>
        <ChainSelect
          label={`The ${name} is bound to`}
          value={transmitterOf(index, receiver)?.fitting.id ?? ''}
          options={transmitters.map(({ fitting }) => ({ value: fitting.id, text: fitting.name }))}
          onChoose={(boundTo) =>
            apply(`bind the ${name} to another transmitter`, [
              { type: 'setFitting', fitting: id, change: { boundTo } },
            ])
          }
        />
      </section>
    );
  });
}

/** The memory of each transmitter that this model has, its alarm, and what it runs on itself. */
function Memories() {
  const apply = useBuildStore((state) => state.apply);
  const { context } = useCheck();
  return context.index.ofKind('transmitter').map(({ fitting, part }) => {
    const set = (words: string, change: { memory?: number | undefined; alarmVolts?: number | undefined }) =>
      apply(`${fitting.name}: ${words}`, [{ type: 'setFitting', fitting: fitting.id, change }]);
    return (
      <section key={fitting.id} className={styles.memory} aria-label={capital(fitting.name)}>
        <h2 className={styles.title}>{capital(fitting.name)}</h2>
        <NumberField
          label="Memory of this model"
          value={fitting.memory}
          least={1}
          most={part.modelMemories ?? 1000}
          onTake={(memory) => set('memory', { memory: memory && Math.round(memory) })}
        />
        <NumberField
          label="Low-voltage alarm, V"
          value={fitting.alarmVolts}
          least={1}
          most={60}
          onTake={(alarmVolts) => set('alarm', { alarmVolts })}
        />
        <p className={styles.hint}>
          {[
            fitting.protocol ?? part.protocols.join(' or '),
            part.ownCells && `runs on ${part.ownCells}`,
            part.freeMixes !== undefined && `${part.freeMixes} free mixes`,
          ]
            .filter(Boolean)
            .join(', ')}
        </p>
      </section>
    );
  });
}
