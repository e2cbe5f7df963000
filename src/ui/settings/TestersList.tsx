import Box from '@mui/material/Box'
import type { GridColDef } from '@mui/x-data-grid'
import { TESTER_FIELDS } from '@/core/records/toolFields'
import type { ShopTools } from '@/services/shop/shopTools'
import { codeColumn, wordColumn } from '../tables/columns'
import { ListGrid } from '../tables/ListGrid'
import type { EditedRecord } from '../tables/RecordDialog'
import { Heading, heightOf } from './listParts'

type TesterRow = ShopTools['testers'][number]

const COLUMNS: readonly GridColDef<TesterRow>[] = [
  { ...codeColumn('name', 'Dry tester', 1), cellClassName: '' },
  wordColumn('mode', 'Tests by'),
  { field: 'mostBar', headerName: 'Goes to, bar', type: 'number', minWidth: 120 },
  { field: 'id', headerName: 'Number on the bridge', type: 'number', minWidth: 170 },
]

interface TestersListProps {
  readonly testers: readonly TesterRow[]
  readonly onEdit: (record: EditedRecord) => void
}

/** Dry testers of the shop; a tray's dry test leads here where there is none. */
export function TestersList({ testers, onEdit }: TestersListProps) {
  const edit = (id: number | null, title: string, initial: EditedRecord['initial']) =>
    onEdit({ kind: 'tester', id, title, fields: TESTER_FIELDS, initial })
  return (
    <Box id="testers">
      <Heading
        title="Dry testers"
        add="New tester"
        onAdd={() => edit(null, 'New tester', { mode: 'overpressure' })}
      />
      <ListGrid
        label="Dry testers"
        rows={testers}
        columns={COLUMNS}
        height={heightOf(testers.length)}
        onOpen={(row) => edit(row.id, row.name, { ...row })}
      />
    </Box>
  )
}
