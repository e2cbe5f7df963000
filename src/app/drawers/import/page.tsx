import type { Metadata } from 'next'
import { PART_KINDS } from '@/core/parts/parts'
import { ImportPage } from '@/ui/drawers/ImportPage'

export const metadata: Metadata = { title: 'Import a list' }

interface Props {
  searchParams: Promise<{ kind?: string | string[] }>
}

export default async function Page({ searchParams }: Props) {
  const { kind } = await searchParams
  return <ImportPage lists={PART_KINDS.find((known) => known === kind) ?? 'crystal'} />
}
