import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { reportOfTray } from '@/services/tray/trayReportPage'
import { getShop } from '@/services/shop/shop'
import { ReportPage } from '@/ui/report/ReportPage'
import { call } from '../../../call'
import { TroublePage } from '@/ui/shell/TroublePage'

export const dynamic = 'force-dynamic'

interface ReportPageProps {
  params: Promise<{ number: string }>
}

export async function generateMetadata({ params }: ReportPageProps): Promise<Metadata> {
  return { title: `Report of tray ${(await params).number.slice(0, 6)}` }
}

export default async function Page({ params }: ReportPageProps) {
  const { number } = await params
  const page = /^\d{1,6}$/.test(number)
    ? await reportOfTray(await getShop(), Number(number), new Date())
    : null
  if (!page) notFound()
  if (!page.ok) return <TroublePage title={`Tray ${number}`} trouble={page.trouble} />
  return <ReportPage page={page} word={call('wordForOwner')} />
}
