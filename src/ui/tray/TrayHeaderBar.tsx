import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import Link from 'next/link'
import type { Hazard } from '@/core/tray/hazards'
import type { TrayView } from '@/services/tray/trayView'
import { useTimes } from '../small/useTimes'

/** Tray number, case, owner, due and hazards: always there. */
export function TrayHeaderBar({ view }: { view: TrayView }) {
  const { dueText } = useTimes()
  const { tray, sheet, job } = view
  return (
    <Box
      component="header"
      sx={{ display: 'flex', alignItems: 'center', columnGap: 2, flexWrap: 'wrap', minHeight: 44 }}
    >
      <Typography variant="h1" component="h1" sx={{ whiteSpace: 'nowrap' }}>
        Tray {tray.number}
      </Typography>
      <Typography sx={{ flexGrow: 1 }} suppressHydrationWarning>
        <Link href={`/sheets/${sheet.id}`} style={{ color: 'inherit' }}>
          {tray.caseName}
        </Link>
        {', '}
        {[tray.owner, tray.ownerMark].filter(Boolean).join(', ')},{' '}
        {tray.finishedAt ? 'handed back' : `due ${dueText(tray.dueAt)}`}
      </Typography>
      <Link href={`/trays/${tray.number}/report`} style={{ color: 'inherit', whiteSpace: 'nowrap' }}>
        Report
      </Link>
      <Link href={`/history?tray=${tray.number}`} style={{ color: 'inherit', whiteSpace: 'nowrap' }}>
        History
      </Link>
      {job.hazards.map((hazard) => (
        <HazardSign key={hazard.id} hazard={hazard} />
      ))}
    </Box>
  )
}

/** A wedge, the word and, on hover or focus, what to do. */
export function HazardSign({ hazard }: { hazard: Hazard }) {
  return (
    <Box
      component="span"
      tabIndex={0}
      role="note"
      title={hazard.advice}
      aria-label={`Hazard: ${hazard.label}. ${hazard.advice}`}
      sx={{
        color: 'error.main',
        borderLeft: 4,
        borderColor: 'error.main',
        pl: 1,
        pr: 0.5,
        fontSize: 14,
        fontWeight: 650,
        whiteSpace: 'nowrap',
      }}
    >
      {hazard.label}
    </Box>
  )
}
