'use client'
import type { PartKind } from '@/core/parts/parts'
import type { PartsFound } from '@/services/drawers/drawersPage'
import type { ListPage } from '../tables/usePagedSearch'
import { pageAddress, usePagedSearch } from '../tables/usePagedSearch'

/** Lines of the drawers that a search finds, see `usePagedSearch`. */
export function usePartSearch(kind: PartKind, q: string, page: ListPage, version: number) {
  return usePagedSearch<PartsFound>(pageAddress('/api/parts', { kind, q }, page), version)
}
