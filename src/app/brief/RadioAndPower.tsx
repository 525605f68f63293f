import { kinds } from '../../core/model/kinds';
import { memo } from 'react';
import { choiceNote } from '../../core/desk/locker/choice-note';
import type { PartKind, PartSpec } from '../../core/model/kinds/part-spec';
import { fitPart } from '../../core/reading/brief/fit-part';
import type { Build } from '../../core/model/plan/build';
import { exchange } from '../../core/judgement/put-right/swap-part';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useSettings } from '../state/settings-store';
import { ChainSelect } from './ChainSelect';
import styles from './RadioAndPower.module.css';

/** Kinds whose parts serve all functions, as they meet the hand: what is held, what hears it, what feeds and moves. */
const shared: readonly PartKind[] = ['transmitter', 'receiver', 'pack', 'motor', 'bec', 'board'];

/** The parts that serve all functions: the radio, the pack, the motors. */
export const RadioAndPower = memo(function RadioAndPower({
  fittings,
  parts,
}: Pick<Build, 'fittings' | 'parts'>) {
  const apply = useBuildStore((state) => state.apply);
  const items = useLocker((state) => state.items);
  const units = useSettings((state) => state.units);
  const choices = (kind: PartKind) =>
    items
      .filter(({ part }) => part.kind === kind)
      .map((item) => ({ value: item.part.id, text: item.part.name, note: choiceNote(item, units) }));
  const partOf = (id: string) => items.find(({ part }) => part.id === id)?.part;
  return (
    <section className={styles.section} aria-label="Radio and power">
      <h2 className={styles.title}>Radio and power</h2>
      <div className={styles.kinds}>
        {shared.map((kind) => {
          const here = fittings.flatMap((fitting) => {
            const part = parts.find(({ id }) => id === fitting.part);
            return part?.kind === kind ? [{ fitting, part }] : [];
          });
          const isOptional = kind === 'bec' || kind === 'board';
          return (
            <div key={kind}>
              <span className={styles.kind}>{kinds[kind].brief}</span>
              {here.map(({ fitting, part }) => (
                <ChainSelect
                  key={fitting.id}
                  label={`Another part for the ${fitting.name}`}
                  value={part.id}
                  options={withOwn(choices(kind), part)}
                  onChoose={(id) => {
                    const chosen = partOf(id);
                    const { build } = useBuildStore.getState();
                    if (chosen && build)
                      apply(
                        `swap the ${fitting.name} for: ${chosen.name}`,
                        exchange(build, [fitting.id], chosen),
                      );
                  }}
                />
              ))}
              <ChainSelect
                label={`Add: ${kinds[kind].brief}`}
                value=""
                empty={here.length > 0 ? 'add another' : isOptional ? 'none' : 'not chosen'}
                isSet={here.length > 0 || isOptional}
                options={choices(kind)}
                onChoose={(id) => {
                  const part = partOf(id);
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

/** Choices with the part that stands there now, which the locker may not have. */
const withOwn = <Choice extends { value: string; text: string }>(
  choices: readonly Choice[],
  part: PartSpec,
) =>
  choices.some(({ value }) => value === part.id)
    ? choices
    : [{ value: part.id, text: part.name }, ...choices];
