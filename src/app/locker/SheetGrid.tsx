import Button from '@mui/material/Button';
import { DataGrid, type GridColDef, type GridRowSelectionModel } from '@mui/x-data-grid';
import { unparse } from 'papaparse';
import { useMemo, useState } from 'react';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import {
  lockerTable,
  sheetCells,
  sheetColumns,
  stateNames,
  tableName,
} from '../../core/desk/locker/sheet-table';
import { kilogramsOfPart } from '../../core/model/kinds/kilograms';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import type { UnitChoice } from '../../core/base/quantity/unit-choice';
import type { PartKind } from '../../core/model/kinds/part-spec';
import { useSettings } from '../state/settings-store';
import { downloadText } from '../shell/build-files';
import { TableImport } from './TableImport';
import styles from './SheetGrid.module.css';

/** Most sheets that stand side by side. */
const mostCompared = 4;

interface SheetGridProps {
  kind: PartKind;
  items: readonly LockerItem[];
  onShow: (partId: string) => void;
  onCompare: (partIds: readonly string[]) => void;
}

/** All parts of a kind as a table of their figures: sorted by any of them, chosen to be compared, out to and in from a file. */
export default function SheetGrid({ kind, items, onShow, onCompare }: SheetGridProps) {
  const [chosen, setChosen] = useState<GridRowSelectionModel>({ type: 'include', ids: new Set() });
  const [isImporting, setImporting] = useState(false);
  const units = useSettings((state) => state.units);
  const rows = useMemo(
    () => items.map((item) => ({ id: item.part.id, item, cells: sheetCells(item.part, units) })),
    [items, units],
  );
  const columns = useMemo(() => columnsFor(items, units, onShow), [items, units, onShow]);
  const ids = [...chosen.ids].map(String).filter((id) => items.some(({ part }) => part.id === id));
  const isComparable = chosen.type === 'include' && ids.length >= 2 && ids.length <= mostCompared;
  return (
    <div className={styles.grid}>
      <div className={styles.acts}>
        <Button variant="contained" disabled={!isComparable} onClick={() => onCompare(ids)}>
          Put side by side
        </Button>
        <span className={styles.hint}>
          {isComparable ? `${ids.length} chosen` : `Tick two to ${mostCompared} parts to compare them.`}
        </span>
        <Button onClick={() => downloadText(`${tableName(kind)}.csv`, csvOf(items), 'text/csv')}>
          Export this table as CSV
        </Button>
        <Button onClick={() => setImporting(true)}>Bring in a CSV table…</Button>
      </div>
      <DataGrid
        rows={rows}
        columns={columns}
        density="compact"
        checkboxSelection
        disableRowSelectionOnClick
        rowSelectionModel={chosen}
        onRowSelectionModelChange={setChosen}
        hideFooterPagination={rows.length <= 100}
        hideFooter={rows.length <= 100}
        sx={{ borderColor: 'divider', fontSize: 13 }}
        aria-label="Parts and their figures"
      />
      {isImporting && <TableImport kind={kind} onClose={() => setImporting(false)} />}
    </div>
  );
}

interface Row {
  id: string;
  item: LockerItem;
  cells: ReturnType<typeof sheetCells>;
}

function columnsFor(
  items: readonly LockerItem[],
  units: UnitChoice,
  onShow: (partId: string) => void,
): GridColDef<Row>[] {
  return [
    {
      field: 'name',
      headerName: 'Name',
      width: 240,
      valueGetter: (_, { item }) => item.part.name,
      renderCell: ({ row }) => (
        <button type="button" className={styles.name} onClick={() => onShow(row.id)}>
          {row.item.part.name}
        </button>
      ),
    },
    { field: 'state', headerName: 'State', width: 90, valueGetter: (_, { item }) => stateNames[item.state] },
    {
      field: 'price',
      headerName: 'Price',
      type: 'number',
      width: 80,
      valueGetter: (_, { item }) => item.price,
    },
    ...sheetColumns(
      items.map(({ part }) => part),
      units,
    ).map(({ label, unit }): GridColDef<Row> => ({
      field: label,
      headerName: unit === '' ? label : `${label}, ${unit}`,
      width: Math.max(90, 20 + 7.5 * (label.length + unit.length + 2)),
      ...(unit !== '' && { type: 'number' as const }),
      valueGetter: (_, { cells }) => cells.get(label)?.value ?? cells.get(label)?.text,
      valueFormatter: (value: string | number | undefined) =>
        typeof value === 'number' ? String(Number(value.toPrecision(3))) : (value ?? ''),
    })),
    {
      field: 'mass',
      headerName: `Mass as reckoned, ${units.mass}`,
      type: 'number',
      width: 150,
      valueGetter: (_, { item }) =>
        Number((unitRatio('kg', units.mass) * kilogramsOfPart(item.part)).toPrecision(3)),
    },
  ];
}

const csvOf = (items: readonly LockerItem[]): string => unparse(lockerTable(items), { escapeFormulae: true });
