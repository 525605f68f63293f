import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import {
  addComponent,
  changeComponent,
  componentWords,
  removeComponent,
} from '../../core/desk/locker/components';
import { addServoRow, addStream, hasStream, moveServoRow, removeRow } from '../../core/model/board/rows';
import { wiringChoices } from '../../core/model/board/wiring-choices';
import { renamePort } from '../../core/desk/locker/sheet-rows';
import {
  componentKinds,
  type BoardSpec,
  type Component,
  type ComponentSpec,
} from '../../core/model/kinds/board/board';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { numberOptions } from '../../core/model/kinds/sheet-choice';
import { capital } from '../../core/base/words/sentences';
import { ChainSelect } from '../brief/ChainSelect';
import type { RowsProps } from './rows-props';
import styles from './BoardRows.module.css';

/** Channels that a converter is given to begin with. */
const converterChannels = 6;
const mostStreamChannels = 8;

interface BoardRowsProps extends RowsProps<BoardSpec> {
  /** The form for the sheet of what sits on the board. */
  sheetOf: SheetOf;
}

type SheetOf = (part: PartSpec, onChange: (part: PartSpec) => void) => ReactNode;

/** What sits on a board, each with a sheet of its own, and the rows of pins that lead to it. */
export function BoardRows({ part, onChange, sheetOf }: BoardRowsProps) {
  return (
    <>
      <section aria-label="Parts on it">
        <h3 className={styles.title}>Parts on it</h3>
        {part.components.length === 0 && (
          <p className={styles.hint}>Nothing yet. Add what the board does; rows of pins come with it.</p>
        )}
        {part.components.map((component) => (
          <ComponentForm
            key={component.id}
            board={part}
            component={component}
            sheetOf={sheetOf}
            onChange={onChange}
          />
        ))}
        <div className={styles.adding}>
          {componentKinds.map((kind) => (
            <Button key={kind} size="small" onClick={() => onChange(addComponent(part, kind))}>
              Add {componentWords[kind]}
            </Button>
          ))}
        </div>
      </section>
      <section aria-label="Rows of pins">
        <h3 className={styles.title}>Rows of pins, in their order, by the words printed there</h3>
        {part.ports.map((port) => (
          <div key={port.id} className={styles.row}>
            <TextField
              key={port.name}
              variant="standard"
              defaultValue={port.name}
              slotProps={{ htmlInput: { 'aria-label': `Name of the row ${port.name}`, maxLength: 60 } }}
              onBlur={({ target }) =>
                target.value !== port.name && onChange(renamePort(part, port.id, target.value))
              }
            />
            {port.channel === undefined ? (
              <span>{flowWords[port.flow]}</span>
            ) : (
              <ChainSelect
                label={`Channel of the row ${port.name}`}
                value={String(port.channel)}
                options={numberOptions(1, 18).map(({ value }) => ({ value, text: `channel ${value}` }))}
                onChoose={(channel) => onChange(moveServoRow(part, port.id, Number(channel)))}
              />
            )}
            <IconButton
              size="small"
              aria-label={`Remove the row ${port.name}`}
              onClick={() => onChange(removeRow(part, port.id))}
            >
              <DeleteOutlined fontSize="small" />
            </IconButton>
          </div>
        ))}
        <div className={styles.adding}>
          {part.components.some((component) => component.part.kind === 'receiver') && (
            <Button size="small" onClick={() => onChange(addServoRow(part))}>
              Add a servo socket
            </Button>
          )}
          {!hasStream(part, 'in') && (
            <Button size="small" onClick={() => onChange(addStream(part, 'in', mostStreamChannels))}>
              Add one wire that brings all channels
            </Button>
          )}
          {!hasStream(part, 'out') && (
            <Button size="small" onClick={() => onChange(addStream(part, 'out', converterChannels))}>
              Add inputs that go out on one wire
            </Button>
          )}
        </div>
      </section>
    </>
  );
}

const flowWords = { in: 'comes in', out: 'goes out', either: 'in or out' };

interface ComponentFormProps {
  board: BoardSpec;
  component: Component;
  sheetOf: SheetOf;
  onChange: (board: BoardSpec) => void;
}

function ComponentForm({ board, component, sheetOf, onChange }: ComponentFormProps) {
  const { id, name, part } = component;
  return (
    <section className={styles.component} aria-label={capital(name)}>
      <div className={styles.row}>
        <TextField
          key={name}
          variant="standard"
          defaultValue={name}
          slotProps={{ htmlInput: { 'aria-label': `Name of the ${name}`, maxLength: 40 } }}
          onBlur={({ target }) =>
            target.value !== name && onChange(changeComponent(board, id, { name: target.value }))
          }
        />
        <IconButton
          size="small"
          aria-label={`Take the ${name} off the board`}
          onClick={() => onChange(removeComponent(board, id))}
        >
          <DeleteOutlined fontSize="small" />
        </IconButton>
      </div>
      {wiringChoices(board, component).map(({ id: choiceId, label, value, options, choose }) => (
        <div key={choiceId} className={styles.row}>
          <span>{label}</span>
          <ChainSelect
            label={`${label}, ${name}`}
            value={value}
            options={options}
            onChoose={(next) => onChange(choose(next) as BoardSpec)}
          />
        </div>
      ))}
      {sheetOf(part, (next) => onChange(changeComponent(board, id, { part: next as ComponentSpec })))}
    </section>
  );
}
