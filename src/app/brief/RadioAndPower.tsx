import { memo } from 'react';
import type { PartKind } from '../../core/parts/part-spec';
import { fitPart } from '../../core/brief/fit-part';
import { useBuildPart, useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { ChainSelect } from './ChainSelect';
import styles from './RadioAndPower.module.css';

const kinds: { kind: PartKind; name: string }[] = [
  { kind: 'transmitter', name: 'Transmitter' },
  { kind: 'receiver', name: 'Receiver' },
  { kind: 'pack', name: 'Pack' },
  { kind: 'motor', name: 'Motor' },
  { kind: 'bec', name: 'Own BEC' },
];

/** The parts that serve all functions: the radio, the pack, the motors. */
export const RadioAndPower = memo(function RadioAndPower() {
  const fittings = useBuildPart((build) => build.fittings);
  const parts = useBuildPart((build) => build.parts);
  const apply = useBuildStore((state) => state.apply);
  const fitted = fittings.flatMap((fitting) => parts.find((part) => part.id === fitting.part) ?? []);
  const locker = useLocker((state) => state.parts);
  return (
    <section className={styles.section} aria-label="Radio and power">
      <h2 className={styles.title}>Radio and power</h2>
      <div className={styles.kinds}>
        {kinds.map(({ kind, name }) => {
          const here = fitted.filter((part) => part.kind === kind);
          return (
            <div key={kind}>
              <span className={styles.kind}>{name}</span>
              <ChainSelect
                label={`Add: ${name}`}
                value=""
                empty={
                  here.length > 0
                    ? here.map((part) => part.name).join('; ')
                    : kind === 'bec'
                      ? 'none'
                      : 'not chosen'
                }
                isSet={here.length > 0 || kind === 'bec'}
                options={locker
                  .filter((part) => part.kind === kind)
                  .map((part) => ({
                    value: part.id,
                    text: here.length > 0 ? `one more: ${part.name}` : part.name,
                  }))}
                onChoose={(id) => {
                  const part = locker.find((candidate) => candidate.id === id);
                  const { build } = useBuildStore.getState();
                  if (part && build) apply(`fit ${part.name}`, fitPart(build, part));
                }}
              />
            </div>
          );
        })}
      </div>
    </section>
  );
});
