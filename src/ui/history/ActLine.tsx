import Box from '@mui/material/Box'
import Link from 'next/link'
import type { ActLine as Line } from '@/core/history/actLines'
import type { ValueChange } from '@/core/history/changeWords'
import { timePattern } from '@/core/units/clockForm'
import { textIn } from '@/core/units/shopTime'
import type { HistoryAct } from '@/services/history/historyOf'
import { useTimes } from '../small/useTimes'

/** What one person did at once: when, who, what, and each value as it was and is. */
export function ActLine({ act, isOfTray }: { act: HistoryAct; isOfTray: boolean }) {
  const { zone, clock } = useTimes()
  const { at, by, did, trayNumber, lines, more } = act
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '72px minmax(0,1fr)', sm: '72px 132px minmax(0,1fr)' },
        columnGap: 2,
        py: 0.75,
        borderBottom: 1,
        borderColor: 'divider',
        lineHeight: 1.4,
      }}
    >
      <Box component="time" dateTime={at} className="figure" suppressHydrationWarning>
        {textIn(zone, new Date(at), timePattern(clock))}
      </Box>
      <Box
        sx={{
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          fontWeight: 650,
          color: by === null ? 'text.secondary' : 'primary.main',
        }}
      >
        {by ?? (did === null ? '–' : 'not named')}
      </Box>
      <Box sx={{ gridColumn: { xs: '1 / -1', sm: 3 }, overflowWrap: 'anywhere' }}>
        <strong>{did ?? 'By Whyalon itself'}</strong>
        {!isOfTray && trayNumber !== null && (
          <>
            {', '}
            <Link href={`/trays/${trayNumber}`} style={{ color: 'inherit' }}>
              tray {trayNumber}
            </Link>
          </>
        )}
        {lines.map((line, index) => (
          <Records key={index} line={line} />
        ))}
        {more > 0 && (
          <Box component="p" sx={{ m: 0, color: 'text.secondary' }}>
            and {more} more
          </Box>
        )}
      </Box>
    </Box>
  )
}

function Records({ line }: { line: Line }) {
  const names = line.names.join('; ')
  if (line.one === null) return <>: {names}</>
  return (
    <Box sx={{ mt: 0.25 }}>
      {[line.one, names].filter(Boolean).join(': ')}
      {line.values.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, pl: 2 }}>
          {line.values.map((value) => (
            <Value key={value.label} value={value} />
          ))}
        </Box>
      )}
    </Box>
  )
}

function Value({ value: { label, was, now } }: { value: ValueChange }) {
  return (
    <li>
      <Box component="span" sx={{ color: 'text.secondary' }}>
        {label}:{' '}
      </Box>
      <span>{was ?? 'empty'}</span>
      <Box component="span" aria-label="became" role="img" sx={{ mx: 1 }}>
        →
      </Box>
      <strong>{now ?? 'empty'}</strong>
    </li>
  )
}
