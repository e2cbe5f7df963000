'use client'
import Box from '@mui/material/Box'
import type { GridCellParams, GridColDef, GridRowParams } from '@mui/x-data-grid'
import { DataGrid } from '@mui/x-data-grid'
import { useContext } from 'react'
import { PageNonce } from '../small/pageNonce'
import { GRID_LOOK, ROW_HEIGHT } from './gridLook'

export interface ListGridProps<R extends { id: number }> {
  readonly label: string
  readonly rows: readonly R[]
  readonly columns: readonly GridColDef<R>[]
  readonly onOpen: (row: R) => void
  /** CSS height; the grid scrolls inside */
  readonly height?: string
}

const PAGE = 50

/** The product's table: quiet lines, figures to the right, Enter or a click opens a row. */
export function ListGrid<R extends { id: number }>({
  label,
  rows,
  columns,
  onOpen,
  height,
}: ListGridProps<R>) {
  const nonce = useContext(PageNonce)
  return (
    <Box sx={{ height: height ?? 'calc(100vh - 160px)', minHeight: height ? undefined : 320 }}>
      <DataGrid
        nonce={nonce}
        aria-label={label}
        rows={rows}
        columns={columns}
        rowHeight={ROW_HEIGHT}
        columnHeaderHeight={ROW_HEIGHT}
        disableRowSelectionOnClick
        disableColumnMenu
        hideFooterSelectedRowCount
        hideFooter={rows.length <= PAGE}
        pageSizeOptions={[PAGE, 2 * PAGE]}
        initialState={{ pagination: { paginationModel: { pageSize: PAGE } } }}
        onRowClick={({ row }: GridRowParams<R>) => onOpen(row)}
        onCellKeyDown={({ row }: GridCellParams<R>, event) => {
          if (event.key === 'Enter') onOpen(row)
        }}
        sx={GRID_LOOK}
      />
    </Box>
  )
}
