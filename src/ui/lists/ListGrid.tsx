'use client'
import Box from '@mui/material/Box'
import type { GridCellParams, GridColDef, GridRowParams } from '@mui/x-data-grid'
import { DataGrid } from '@mui/x-data-grid'

export interface ListGridProps<R extends { id: number }> {
  readonly label: string
  readonly rows: readonly R[]
  readonly columns: readonly GridColDef<R>[]
  readonly onOpen: (row: R) => void
  /** CSS height; the grid scrolls inside */
  readonly height?: string
}

export const ROW_HEIGHT = 44
const PAGE = 50

/** The product's table: quiet lines, figures to the right, Enter or a click opens a row. */
export function ListGrid<R extends { id: number }>({
  label,
  rows,
  columns,
  onOpen,
  height,
}: ListGridProps<R>) {
  return (
    <Box sx={{ height: height ?? 'calc(100vh - 160px)', minHeight: height ? undefined : 320 }}>
      <DataGrid
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
        sx={{
          border: 0,
          fontSize: 14.5,
          '--DataGrid-t-color-border-base': 'var(--mui-palette-divider)',
          '--DataGrid-rowBorderColor': 'var(--mui-palette-divider)',
          '--DataGrid-t-color-background-base': 'transparent',
          '--DataGrid-t-header-background-base': 'transparent',
          backgroundColor: 'transparent',
          '& .MuiDataGrid-columnSeparator': { display: 'none' },
          '& .MuiDataGrid-cell': { borderTopColor: 'divider' },
          '& .MuiDataGrid-columnHeader, & .MuiDataGrid-filler': { backgroundColor: 'background.default' },
          '& .MuiDataGrid-row': { cursor: 'pointer' },
          '& .MuiDataGrid-columnHeaderTitle': { fontWeight: 400, color: 'text.secondary' },
        }}
      />
    </Box>
  )
}
