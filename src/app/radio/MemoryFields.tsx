import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import { NumberField } from '../brief/NumberField';
import { capital } from '../../core/words/sentences';
import styles from './RadioView.module.css';

/** The memory of each transmitter that this model has, its alarm, and what it runs on itself. */
export function MemoryFields() {
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
          label="Warns below, V"
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
