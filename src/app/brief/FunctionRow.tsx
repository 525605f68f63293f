import { useState } from 'react';
import { controlKinds, type ControlKind } from '../../core/model/kinds/transmitter/transmitter';
import { mostChannels, radioOfFunction } from '../../core/reading/radio/radios';
import type { ModelFunction } from '../../core/model/plan/model-function';
import type { Reading } from '../../core/reading/build-reading/reading';
import type { FunctionChain } from '../../core/reading/brief/function-chain';
import { servingKinds } from '../../core/reading/brief/function-presets';
import { choiceNote } from '../../core/desk/locker/choice-note';
import { serveBy } from '../../core/judgement/put-right/serve-by';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useSettings } from '../state/settings-store';
import { ChainSelect } from './ChainSelect';
import { FunctionMenu } from './FunctionMenu';
import { wantWords } from './want-words';
import styles from './FunctionRow.module.css';

interface FunctionRowProps {
  chain: FunctionChain;
  context: Reading;
}

/** The choice of one more part, where one serves already. */
const addAnother = 'another';

/** One function as a chain from the thumb to the part; each link can be chosen where it is. */
export function FunctionRow({ chain, context }: FunctionRowProps) {
  const { build } = context;
  const apply = useBuildStore((state) => state.apply);
  const items = useLocker((state) => state.items);
  const units = useSettings((state) => state.units);
  const [isAdding, setAdding] = useState(false);
  const modelFunction = chain.function;
  const number = build.functions.indexOf(modelFunction) + 1;
  const change = (words: string, next: Partial<Omit<ModelFunction, 'id'>>) =>
    apply(`${modelFunction.name}: ${words}`, [
      { type: 'setFunction', function: modelFunction.id, change: next },
    ]);
  const radio = radioOfFunction(context, modelFunction);
  const { transmitter } = radio;
  const channels = mostChannels(context, radio) || 16;
  const kinds = servingKinds(modelFunction.role);
  const idle = context.index
    .all()
    .filter(
      ({ fitting, part }) =>
        kinds.includes(part.kind) && !build.functions.some((other) => other.devices.includes(fitting.id)),
    );
  const choosePart = (value: string) => {
    if (value === addAnother) {
      setAdding(true);
      return;
    }
    setAdding(false);
    const [source, id = ''] = value.split(/:(.*)/);
    if (source === 'fitted') change('another part', { devices: [...modelFunction.devices, id] });
    const part = source === 'locker' ? items.find((item) => item.part.id === id)?.part : undefined;
    if (!part) return;
    // What serves already is exchanged, all of it alike; one more is asked for on its own.
    const served = isAdding
      ? []
      : modelFunction.devices.filter((device) => context.index.get(device).part.kind === part.kind);
    apply(`${modelFunction.name}: ${part.name}`, serveBy(build, modelFunction, part, served));
  };
  return (
    <li className={styles.row} aria-label={modelFunction.name}>
      <span className={styles.name}>
        <span className={`figure ${styles.number}`}>{number}</span>
        {modelFunction.name}
        <span className={styles.state} data-open={chain.open !== undefined}>
          {chain.open ?? `connected, ${chain.port ?? ''}`}
          {(modelFunction.stage ?? 1) > 1 && ` · stage ${modelFunction.stage}`}
        </span>
      </span>
      <ChainSelect
        label={`${modelFunction.name}: the control it wants`}
        value={modelFunction.wants}
        options={controlKinds.map((kind) => ({ value: kind, text: wantWords[kind] }))}
        onChoose={(wants) => change('another kind of control', { wants: wants as ControlKind })}
      />
      <ChainSelect
        label={`${modelFunction.name}: control`}
        value={modelFunction.control ?? ''}
        empty={transmitter ? 'no control' : 'no transmitter'}
        options={(transmitter?.part.controls ?? []).map(({ id, name }) => ({ value: id, text: name }))}
        onChoose={(control) => change('another control', { control })}
      />
      <ChainSelect
        label={`${modelFunction.name}: channel`}
        value={modelFunction.channel === undefined ? '' : String(modelFunction.channel)}
        empty={chain.channels.join(', ') || '?'}
        isSet={chain.channels.length > 0}
        options={Array.from({ length: channels }, (_, n) => ({
          value: String(n + 1),
          text: String(n + 1),
        }))}
        onChoose={(channel) => change(`channel ${channel}`, { channel: Number(channel) })}
      />
      <ChainSelect
        label={`${modelFunction.name}: part`}
        value=""
        empty={isAdding ? 'which one more?' : chain.parts.length > 0 ? chain.parts.join(', ') : 'no part'}
        isSet={chain.parts.length > 0 && !isAdding}
        options={[
          ...(modelFunction.devices.length > 0 && !isAdding
            ? [{ value: addAnother, text: 'One more beside it…' }]
            : []),
          ...idle.map(({ fitting }) => ({
            value: `fitted:${fitting.id}`,
            text: `${fitting.name} (in the model)`,
          })),
          ...items
            .filter(({ part }) => kinds.includes(part.kind))
            .map((item) => ({
              value: `locker:${item.part.id}`,
              text: item.part.name,
              note: choiceNote(item, units),
            })),
        ]}
        onChoose={choosePart}
      />
      <FunctionMenu
        modelFunction={modelFunction}
        transmitters={context.index.ofKind('transmitter').map(({ fitting }) => fitting)}
        transmitterId={transmitter?.fitting.id}
        onChange={change}
        onRemove={() =>
          apply(`remove the function ${modelFunction.name}`, [
            { type: 'removeFunction', function: modelFunction.id },
          ])
        }
      />
    </li>
  );
}
