import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { format } from 'date-fns';
import { headWords } from '../../core/judgement/findings/finding-words';
import { severityNames } from '../../core/judgement/findings/severity';
import { assumedColours, leadRows } from '../../core/desk/loom/lead-rows';
import { leadLabels } from '../../core/desk/lists/lead-labels';
import { leadNumbers } from '../../core/desk/lists/lead-schedule';
import { partsList } from '../../core/desk/lists/parts-list';
import { shoppingList } from '../../core/desk/lists/shopping-list';
import { solderList } from '../../core/desk/lists/solder-list';
import { cautions } from '../../core/bench/procedure/cautions';
import { planProcedure } from '../../core/bench/procedure/plan-procedure';
import { phases, phaseNames } from '../../core/bench/procedure/step';
import { controllerSheet } from '../../core/bench/sheet/controller-sheet';
import { radioSheet } from '../../core/bench/sheet/radio-sheet';
import { markdownSheet } from '../../core/bench/sheet/markdown-sheet';
import { capital } from '../../core/base/words/sentences';
import { version } from '../../../package.json';
import { LoomDrawing } from '../loom/LoomDrawing';
import { useLoomLayout } from '../loom/use-loom-layout';
import { downloadText } from '../shell/build-files';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { useMoney } from '../state/money-store';
import { usePlugName, useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { usePageRule } from './use-page-rule';
import styles from './SheetScreen.module.css';

/** The wiring sheet to print and hold beside the model, in day colours whatever the bench. */
export function Component() {
  const build = useBuild();
  const check = useCheck();
  const { context, findings } = check;
  const { layout } = useLoomLayout();
  const { units, paper } = useSettings();
  const currency = useMoney((state) => state.currency);
  const items = useLocker((state) => state.items);
  const plugName = usePlugName();
  const leads = leadRows(context, plugName);
  const numbers = leadNumbers(context);
  const lists = [solderList(context, plugName), shoppingList(context, items, plugName)];
  const controllers = controllerSheet(context);
  const tables = [...radioSheet(context), ...(controllers ? [controllers] : [])];
  const steps = planProcedure(context);
  const parts = partsList(context, items, currency);
  const today = format(new Date(), 'd MMMM yyyy');
  usePageRule(paper, `${build.name} · ${today} · Dry Hull ${version}`);
  const needed = [...new Set(steps.flatMap((step) => step.cautions))];
  return (
    <article className={styles.sheet}>
      <div className={styles.tools}>
        <Button variant="contained" onClick={() => print()}>
          Print
        </Button>
        <Button
          onClick={() => downloadText(`${build.id}-wiring-sheet.md`, markdownSheet(check), 'text/markdown')}
        >
          Save as Markdown
        </Button>
      </div>
      <h1 className={styles.title}>Wiring sheet: {build.name}</h1>
      <p className={styles.about}>
        {capital(build.model)}, {build.fittings.length} parts, {build.leads.length} leads. As planned on{' '}
        {today}, by Dry Hull {version}.
      </p>
      <h2>Cautions</h2>
      <ul className={styles.list}>
        {needed.map((id) => (
          <li key={id}>{cautions[id]}</li>
        ))}
        <li>Local law, the maker’s sheet and a qualified person go before this sheet.</li>
      </ul>
      {layout && layout.nodes.length > 0 && <LoomDrawing layout={layout} className={styles.picture!} />}
      <h2>{parts.title}</h2>
      <SheetTable heads={parts.heads} rows={parts.rows} />
      <h2>Leads</h2>
      <SheetTable
        heads={['No', 'From', 'To', 'Wires', 'Plugs', 'Carries']}
        rows={leads.map((row) => [
          numbers.get(row.id) ?? '',
          row.from,
          row.to,
          row.conductors.join(', '),
          row.fits ? row.plugs : `${row.plugs}: do not fit`,
          row.carries,
        ])}
      />
      {leads.some(({ isAssumed }) => isAssumed) && <p>{assumedColours}</p>}
      {tables.map(({ title, heads, rows }) => (
        <section key={title}>
          <h2>{title}</h2>
          <SheetTable heads={heads} rows={rows} />
        </section>
      ))}
      {lists.map(({ id, title, heads, lines }) =>
        lines.length === 0 ? null : (
          <section key={id}>
            <h2>{title}</h2>
            <SheetTable heads={['☐', ...heads]} rows={lines.map(({ cells }) => ['☐', ...cells])} />
          </section>
        ),
      )}
      <h2>Findings</h2>
      <ul className={styles.list}>
        {findings.map((finding) => (
          <li key={finding.id}>
            <strong>{severityNames[finding.severity]}</strong>
            {finding.accepted ? ', accepted' : ''}: {finding.text}. {headWords(finding, units).head}.{' '}
            {finding.reason && `Accepted: ${finding.reason}`}
          </li>
        ))}
        {findings.length === 0 && <li>None.</li>}
      </ul>
      <h2>Steps</h2>
      {phases.map((phase) => {
        const here = steps.filter((step) => step.phase === phase);
        if (here.length === 0) return null;
        return (
          <section key={phase}>
            <h3>{phaseNames[phase]}</h3>
            <ul className={styles.steps}>
              {here.map((step) => (
                <li key={step.id}>
                  <strong>{step.title}.</strong> {step.lines.join(' ')}
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      <h2>Labels for the leads</h2>
      <ul className={styles.labels}>
        {leadLabels(context).map(({ number, here, there }, n) => (
          // Two labels a lead, in order.
          <li key={`${number} ${n}`}>
            <strong>{number}</strong> {here}
            <span> ↔ {there}</span>
          </li>
        ))}
      </ul>
    </article>
  );
}

function SheetTable({ heads, rows }: { heads: readonly string[]; rows: readonly (readonly string[])[] }) {
  return (
    <Table size="small" className={styles.table}>
      <TableHead>
        <TableRow>
          {heads.map((text) => (
            <TableCell key={text}>{text}</TableCell>
          ))}
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map((row, n) => (
          <TableRow key={`${row[0]} ${n}`}>
            {row.map((cell, at) => (
              <TableCell key={heads[at]}>{cell}</TableCell>
            ))}
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
