'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { BenchTray } from '@/services/bench/benchView'
import { useWaitAlarm } from '../waits/useWaitAlarm'
import { WaitClock } from '../waits/WaitClock'

/** What cures, soaks or runs on the bench by itself, what is over first. */
export function RunningWaits({ trays }: { trays: readonly BenchTray[] }) {
  const waits = trays
    .flatMap(({ number, waits: ofTray }) => ofTray.map((wait) => ({ ...wait, number })))
    .toSorted((a, b) => a.endsAt.localeCompare(b.endsAt))
  useWaitAlarm(waits.map(({ number, title, endsAt }) => ({ title: `Tray ${number}: ${title}`, endsAt })))
  if (waits.length === 0) return null
  return (
    <Box
      component="section"
      aria-label="Waits"
      sx={{ mt: 1.5, pl: 1.25, borderLeft: 4, borderColor: 'warning.main' }}
    >
      {waits.map((wait) => (
        <Typography key={`${wait.number} ${wait.title}`} sx={{ lineHeight: 1.5 }}>
          <Link href={`/trays/${wait.number}`} style={{ color: 'inherit' }}>
            Tray {wait.number}
          </Link>
          : {wait.title}, <WaitClock wait={wait} />
        </Typography>
      ))}
    </Box>
  )
}
