'use client'
import type { PartKind } from '@/core/parts/parts'
import { PARTS } from '@/core/parts/parts'
import type { PartRow, PartsFound } from '@/services/drawers/drawersPage'
import { PagedGrid } from '../tables/PagedGrid'
import type { ListPage } from '../tables/usePagedSearch'
import { partColumns } from './partColumns'

export interface PartGridProps {
  readonly kind: PartKind
  readonly found: PartsFound | null
  readonly page: ListPage
  readonly onPage: (page: ListPage) => void
  readonly onOpen: (row: PartRow) => void
}

/** Lines of the drawers of one kind. */
export function PartGrid({ kind, found, page, onPage, onOpen }: PartGridProps) {
  return (
    <PagedGrid
      label={PARTS[kind].many}
      rows={found?.kind === kind ? found.rows : []}
      total={found?.total ?? 0}
      loading={found === null}
      columns={partColumns(kind)}
      page={page}
      onPage={onPage}
      onOpen={onOpen}
      abovePx={166}
      nothing="Nothing in the drawers is like that"
    />
  )
}
