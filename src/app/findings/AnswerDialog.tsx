import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { sheetEdit } from '../../core/desk/locker/sheet-edit';
import { carrierId } from '../../core/model/fitting/component-id';
import { useState } from 'react';
import type { Unknown } from '../../core/judgement/findings/finding';
import type { Fitted } from '../../core/model/kinds/fitted';
import { capital } from '../../core/base/words/sentences';
import { SheetForm } from '../locker/SheetForm';
import { LeadTools } from '../loom/LeadTools';
import { PartTools } from '../loom/PartTools';
import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';

/** The place where a missing fact is answered: the part's sheet, its settings and ports, or the lead. */
export function AnswerDialog({ unknown, onClose }: { unknown: Unknown; onClose: () => void }) {
  const { context, unknowns } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const isAsked = unknowns.some((asked) => asked.missing === unknown.missing);
  // What is estimated is not asked for, and is never done with.
  const [wasAsked] = useState(isAsked);
  const isAnswered = wasAsked && !isAsked;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="answer-title">
      <DialogTitle id="answer-title">{capital(unknown.missing)}</DialogTitle>
      <DialogContent>
        <p aria-live="polite">
          {isAnswered
            ? 'Answered.'
            : unknown.answers && unknown.asked === 'setting'
              ? tapReason
              : reasons[unknown.asked ?? 'sheet']}
        </p>
        {unknown.answers?.map(({ id, label, edits }) => (
          <p key={id}>
            <Button variant="outlined" disabled={isAnswered} onClick={() => apply(label, edits)}>
              {label}
            </Button>
          </p>
        ))}
        {!(unknown.answers && unknown.asked === 'setting') &&
          unknown.subjects.map(({ kind, id }) => {
            if (kind === 'lead') {
              const lead = context.build.leads.find((candidate) => candidate.id === id);
              return lead && <LeadTools key={id} lead={lead} onGone={onClose} />;
            }
            if (!context.index.has(id)) return null;
            const fitted = context.index.get(id);
            if (unknown.asked) return <PartTools key={id} fitted={fitted} onGone={onClose} />;
            return <SheetOfBuild key={id} fitted={fitted} />;
          })}
      </DialogContent>
      <DialogActions>
        <Button variant={isAnswered ? 'contained' : 'text'} onClick={onClose}>
          {isAnswered ? 'Done' : 'Cancel'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const tapReason =
  'It is set in the transmitter, or on the receiver while they are bound. Take what stops it, or tell what it does.';

const reasons = {
  sheet: 'Take it from the maker’s sheet, or measure it. It goes into this build’s own copy of the sheet.',
  setting: 'Read it off the controller, or set it as the maker’s sheet tells.',
  wiring: 'Plug it in, here or in the Loom.',
  lead: 'It is printed on the wire; thicker wires have lower numbers.',
  brief: 'It is told in the Brief.',
  berths: 'It is told in the Berths.',
};

function SheetOfBuild({ fitted }: { fitted: Fitted }) {
  const apply = useBuildStore((state) => state.apply);
  const { index } = useCheck().context;
  const { part, fitting } = fitted;
  return (
    <section aria-label={part.name}>
      <h3>{capital(part.name)}</h3>
      <SheetForm
        part={part}
        isInside={carrierId(fitting.id) !== fitting.id}
        onChange={(sheet) => apply(`sheet of the ${fitting.name}`, [sheetEdit(index, fitted, sheet)])}
      />
    </section>
  );
}
