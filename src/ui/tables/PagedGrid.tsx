'use client'
import Box from '@mui/material/Box'
import type { GridCellParams, GridColDef, GridRowParams, GridSortModel } from '@mui/x-data-grid'
import { DataGrid } from '@mui/x-data-grid'
import { useContext } from 'react'
import { PageNonce } from '../small/pageNonce'
import { GRID_LOOK, ROW_HEIGHT } from './gridLook'
import type { ListPage } from './usePagedSearch'

export interface PagedGridProps<R extends { readonly id: number }> {
  readonly label: string
  readonly rows: readonly R[]
  readonly total: number
  readonly loading: boolean
  readonly columns: readonly GridColDef<R>[]
  readonly page: ListPage
  readonly onPage: (page: ListPage) => void
  readonly onOpen: (row: R) => void
  /** said where nothing is found */
  readonly nothing: string
  /** what of the window's height stands above the table and below it, CSS px */
  readonly abovePx: number
}

/** A table paged and sorted by the server: as quick with a hundred thousand lines as with ten. */
export function PagedGrid<R extends { readonly id: number }>(props: PagedGridProps<R>) {
  const { label, rows, total, loading, columns, page, onPage, onOpen, nothing, abovePx } = props
  const nonce = useContext(PageNonce)
  const sortModel: GridSortModel = page.sort
    ? [{ field: page.sort.split(':')[0] ?? '', sort: page.sort.endsWith('desc') ? 'desc' : 'asc' }]
    : []
  return (
    <Box sx={{ height: `calc(100vh - ${abovePx}px)`, minHeight: 320 }}>
      <DataGrid
        nonce={nonce}
        aria-label={label}
        rows={rows}
        rowCount={total}
        columns={columns}
        loading={loading}
        paginationMode="server"
        sortingMode="server"
        paginationModel={{ page: page.page, pageSize: page.size }}
        onPaginationModelChange={({ page: next, pageSize }) =>
          onPage({ ...page, page: pageSize === page.size ? next : 0, size: pageSize })
        }
        sortModel={sortModel}
        onSortModelChange={([first]) =>
          onPage({ ...page, page: 0, sort: first?.sort ? `${first.field}:${first.sort}` : '' })
        }
        rowHeight={ROW_HEIGHT}
        columnHeaderHeight={ROW_HEIGHT}
        disableRowSelectionOnClick
        disableColumnMenu
        hideFooterSelectedRowCount
        hideFooter={total <= page.size}
        pageSizeOptions={[50, 100]}
        onRowClick={({ row }: GridRowParams<R>) => onOpen(row)}
        onCellKeyDown={({ row }: GridCellParams<R>, event) => {
          if (event.key === 'Enter') onOpen(row)
        }}
        localeText={{ noRowsLabel: nothing }}
        sx={GRID_LOOK}
      />
    </Box>
  )
}
