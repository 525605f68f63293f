import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Focus } from '../../core/desk/loom/focus';
import { assumedColours, leadRows } from '../../core/desk/loom/lead-rows';
import { loomModel } from '../../core/desk/loom/loom-model';
import { SaveCsv } from '../lists/SaveCsv';
import { usePlugName } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import type { Trace } from './trace';
import styles from './LoomTable.module.css';

/** The content of the picture in rows: every lead wire by wire, and every part with its facts. */
export function LoomTable({ focus, onTrace }: { focus: Focus | undefined; onTrace: (trace: Trace) => void }) {
  const { context } = useCheck();
  const leads = leadRows(context, usePlugName());
  const { nodes } = loomModel(context);
  return (
    <div className={styles.tables}>
      <SaveCsv
        table={{
          title: 'Leads',
          heads: ['From', 'To', 'Wires', 'Plugs', 'Carries'],
          rows: leads.map((row) => [row.from, row.to, row.conductors.join(', '), row.plugs, row.carries]),
        }}
      />
      <Table size="small" aria-label="Leads">
        <TableHead>
          <TableRow>
            <TableCell>From</TableCell>
            <TableCell>To</TableCell>
            <TableCell>Wires</TableCell>
            <TableCell>Plugs</TableCell>
            <TableCell>Carries</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {leads.map((row) => (
            <TableRow key={row.id} selected={focus?.leads.has(row.id) ?? false}>
              <TableCell component="th" scope="row">
                <FollowButton words={row.from} onClick={() => onTrace({ kind: 'lead', id: row.id })} />
              </TableCell>
              <TableCell>{row.to}</TableCell>
              <TableCell>
                <ul className={styles.wires}>
                  {row.conductors.map((conductor) => (
                    <li key={conductor}>{conductor}</li>
                  ))}
                </ul>
              </TableCell>
              <TableCell>
                {row.plugs}
                {!row.fits && <span className={styles.refused}>: do not fit</span>}
              </TableCell>
              <TableCell>{row.carries}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {leads.some(({ isAssumed }) => isAssumed) && <p className={styles.note}>{assumedColours}</p>}
      <Table size="small" aria-label="Parts" sx={{ mt: 3 }}>
        <TableHead>
          <TableRow>
            <TableCell>Part</TableCell>
            <TableCell>Sheet</TableCell>
            <TableCell>In this build</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {nodes.map((node) => (
            <TableRow key={node.id} selected={focus?.nodes.has(node.id) ?? false}>
              <TableCell component="th" scope="row">
                <FollowButton words={node.title} onClick={() => onTrace({ kind: 'part', id: node.id })} />
              </TableCell>
              <TableCell>{context.index.get(node.id).part.name}</TableCell>
              <TableCell className="figure">{node.lines.join(' · ')}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}

/** A row's name; a click brings the tools for it under the table. */
function FollowButton({ words, onClick }: { words: string; onClick: () => void }) {
  return (
    <button type="button" className={styles.follow} onClick={onClick}>
      {words}
    </button>
  );
}
