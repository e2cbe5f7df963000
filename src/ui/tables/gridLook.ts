/** Height of a line: a target for a thumb, px. */
export const ROW_HEIGHT = 44

/** The product's table: hairlines, no boxes, the page's own ground. */
export const GRID_LOOK = {
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
  '& .MuiDataGrid-overlay': { backgroundColor: 'transparent' },
  '& .MuiDataGrid-row': { cursor: 'pointer' },
  '& .MuiDataGrid-columnHeaderTitle': { fontWeight: 400, color: 'text.secondary' },
  '& .low': { color: 'warning.main', fontWeight: 700 },
} as const
