import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS } from '@/core/stages/stages'
import { trayPage } from '@/services/tray/trayPages'
import { getShop } from '@/services/shop/shop'
import { TroublePage } from '@/ui/shell/TroublePage'
import { TrayBench } from '@/ui/tray/TrayBench'
import { act } from '../../actions'

export const dynamic = 'force-dynamic'

interface TrayPageProps {
  params: Promise<{ number: string }>
  searchParams: Promise<{ stage?: string }>
}

export async function generateMetadata({ params }: TrayPageProps): Promise<Metadata> {
  return { title: `Tray ${(await params).number.slice(0, 6)}` }
}

export default async function TrayPage({ params, searchParams }: TrayPageProps) {
  const [{ number }, { stage }] = await Promise.all([params, searchParams])
  const page = /^\d{1,6}$/.test(number) ? await trayPage(await getShop(), Number(number)) : null
  if (!page) notFound()
  if (!page.ok) return <TroublePage title={`Tray ${number}`} trouble={page.trouble} />
  const { view } = page
  const shown = STAGE_IDS.find((id): id is StageId => id === stage) ?? view.tray.stage
  return <TrayBench key={view.tray.id} initial={view} stage={shown} act={act} />
}
