import type { GridColDef } from '@mui/x-data-grid'
import { formatMm } from '@/core/units/formatMm'

/** A column of lengths in mm: to the right, in figures. */
export function mmColumn<R extends object>(
  field: keyof R & string,
  headerName: string,
  resolutionMm = 0.1,
): GridColDef<R> {
  return {
    field,
    headerName: `${headerName}, mm`,
    type: 'number',
    minWidth: 96,
    flex: 0.6,
    cellClassName: 'figure',
    valueFormatter: (value: number | null) => (value === null ? '' : formatMm(value, resolutionMm)),
  }
}

/** A column of whole numbers. */
export function countColumn<R extends object>(field: keyof R & string, headerName: string): GridColDef<R> {
  return { field, headerName, type: 'number', minWidth: 80, flex: 0.4, cellClassName: 'figure' }
}

/** A column of words; codes such as `single-dome` are read as words. */
export function wordColumn<R extends object>(
  field: keyof R & string,
  headerName: string,
  flex = 0.7,
): GridColDef<R> {
  return {
    field,
    headerName,
    minWidth: 90,
    flex,
    valueFormatter: (value: string | null) => value?.replaceAll('-', ' ') ?? '',
  }
}

/** A column of codes, shown as they are. */
export function codeColumn<R extends object>(
  field: keyof R & string,
  headerName: string,
  flex = 0.7,
): GridColDef<R> {
  return { field, headerName, minWidth: 96, flex, cellClassName: 'figure' }
}
