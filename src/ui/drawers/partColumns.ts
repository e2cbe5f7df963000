import type { GridColDef } from '@mui/x-data-grid'
import { formatMm } from '@/core/units/formatMm'
import { moneyText } from '@/core/units/moneyText'
import type { PartColumn } from '@/core/parts/Part'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { PartRow } from '@/services/drawers/drawersPage'
import { codeColumn, countColumn, mmColumn, wordColumn } from '../tables/columns'

const SHELF = codeColumn<PartRow>('drawer', 'Drawer', 0.5)
const CODE = codeColumn<PartRow>('code', 'Code')
/** How many are there, and a word beside it where they are to be ordered. */
const THERE: GridColDef<PartRow> = {
  ...countColumn<PartRow>('quantity', 'In stock'),
  minWidth: 104,
  valueFormatter: (value: number, row) => (row.quantity < row.minimum ? `${value} low` : String(value)),
  cellClassName: ({ row }) => (row.quantity < row.minimum ? 'figure low' : 'figure'),
}
/** A price of 0 is one nobody knows. */
const PRICE: GridColDef<PartRow> = {
  ...countColumn<PartRow>('priceCents', 'Price'),
  valueFormatter: (value: number) => (value === 0 ? '–' : moneyText(value)),
}

/** What a column's plain description comes to in the table. */
function columnOf({
  field,
  head,
  shows,
  resolutionMm,
  flex,
  by,
  zeroIsNone,
}: PartColumn): GridColDef<PartRow> {
  const wide = flex === undefined ? {} : { flex }
  switch (shows) {
    case 'word':
      return { ...wordColumn<PartRow>(field, head), ...wide }
    case 'code':
      return { ...codeColumn<PartRow>(field, head), ...wide }
    case 'text':
      return { ...wordColumn<PartRow>(field, head), ...wide, valueFormatter: (value: string) => value }
    case 'mm': {
      const column = { ...mmColumn<PartRow>(field, head, resolutionMm), ...wide }
      if (zeroIsNone)
        return {
          ...column,
          valueFormatter: (mm: number) => (mm === 0 ? '–' : formatMm(mm, resolutionMm ?? 0.1)),
        }
      return by === undefined ? column : { ...column, minWidth: PAIR_WIDTH, valueFormatter: pairText(by) }
    }
  }
}

/** CSS px */
const PAIR_WIDTH = 132

function pairText(by: string) {
  return (value: number, row: PartRow) => {
    const other = row[by]
    return typeof other === 'number'
      ? `${formatMm(value, 0.1)} × ${formatMm(other, 0.1)}`
      : formatMm(value, 0.1)
  }
}

/** What the table shows of a kind, what a technician reads first, first. */
export function partColumns(kind: PartKind): readonly GridColDef<PartRow>[] {
  return [...PARTS[kind].columns.map(columnOf), SHELF, THERE, PRICE, CODE]
}
