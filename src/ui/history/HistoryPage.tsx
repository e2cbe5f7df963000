'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { usePageKeys } from '../keys/usePageKeys'
import { dayIn, textIn } from '@/core/units/shopTime'
import type { HistoryAct } from '@/services/history/historyOf'
import type { HistoryPage as Page } from '@/services/history/historyPage'
import { PageFrame } from '../shell/PageFrame'
import { KeyCap } from '../small/KeyCap'
import { useTimes } from '../small/useTimes'
import { ActLine } from './ActLine'

/** Who did what and when, day by day, with what was there before. */
export function HistoryPage({ page }: { page: Page }) {
  const { acts, whose, back, isOfTray, older } = page
  const router = useRouter()
  const { zone } = useTimes()
  usePageKeys('escape', () => back && router.push(back.href), {}, [back, router])
  const days = byDay(acts, zone)
  return (
    <PageFrame
      title="History"
      subtitle={whose}
      actions={
        back && (
          <Button onClick={() => router.push(back.href)}>
            {back.label}
            <KeyCap name="Esc" />
          </Button>
        )
      }
    >
      {acts.length === 0 && (
        <Typography sx={{ color: 'text.secondary', maxWidth: '60ch' }}>
          Nothing yet. From its first change on, who did it, when, and what was there before stand here.
        </Typography>
      )}
      {days.map((day) => (
        <Day key={day[0]?.id} acts={day} isOfTray={isOfTray} />
      ))}
      {older !== null && (
        <Button variant="outlined" component={Link} href={older} scroll={false} sx={{ mt: 1 }}>
          Show older
        </Button>
      )}
    </PageFrame>
  )
}

/** Acts of one day together, in the order they come. */
function byDay(acts: readonly HistoryAct[], zone: string): HistoryAct[][] {
  const days: HistoryAct[][] = []
  let last = ''
  for (const act of acts) {
    const day = dayIn(zone, new Date(act.at))
    if (day === last) days.at(-1)?.push(act)
    else days.push([act])
    last = day
  }
  return days
}

function Day({ acts, isOfTray }: { acts: readonly HistoryAct[]; isOfTray: boolean }) {
  const { zone } = useTimes()
  const day = acts[0] ? textIn(zone, new Date(acts[0].at), 'EEEE d MMMM yyyy') : ''
  return (
    <Box component="section" aria-label={day} sx={{ mb: 3 }}>
      <Typography
        variant="h2"
        component="h2"
        suppressHydrationWarning
        sx={{ fontSize: '1.15rem', borderBottom: 2, borderColor: 'text.primary', pb: 0.5 }}
      >
        {day}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {acts.map((act) => (
          <ActLine key={act.id} act={act} isOfTray={isOfTray} />
        ))}
      </Box>
    </Box>
  )
}
