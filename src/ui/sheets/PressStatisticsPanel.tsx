import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import type { ReactNode } from 'react'
import type { PressStatistics } from '@/core/press/pressStatistics'
import { capital } from '@/core/units/capital'
import { RuledLines } from '../small/RuledLines'

/** Dies named one by one; of more only the first. */
const DIES_NAMED = 8

/** What presses did: breakages by cause, dies by use, force by kind of ring. */
export function PressStatisticsPanel({ statistics }: { readonly statistics: PressStatistics }) {
  const { runs, causes, dies, rings } = statistics
  if (runs === 0) return null
  return (
    <Box
      component="section"
      aria-label="What presses did"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'repeat(3, minmax(0, 1fr))' },
        columnGap: 4,
        rowGap: 2,
        my: 1,
      }}
    >
      <Column title="Failed, by cause">
        <RuledLines
          lines={
            causes.length === 0
              ? [{ what: 'Nothing failed', end: `${runs} logged`, marked: false }]
              : causes.map(({ cause, count }) => ({
                  what: cause === 'unknown' ? 'Not known' : capital(cause),
                  end: `${count} of ${runs}`,
                  marked: true,
                }))
          }
        />
      </Column>
      <Column title="Dies, by use">
        <RuledLines
          lines={dies.slice(0, DIES_NAMED).map(({ code, runs: used, blamed }) => ({
            what: code,
            end: blamed === 0 ? `${used}` : `${used}, ${blamed} put down to it`,
            marked: blamed > 0,
          }))}
        />
      </Column>
      <Column title="Force, by ring">
        {rings.length === 0 ? (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            No press with a gauge was logged yet.
          </Typography>
        ) : (
          <RuledLines
            lines={rings.map(({ ring, runs: measured, meanN, standardDeviationN }) => ({
              what: ring,
              end: `${Math.round(meanN)}${standardDeviationN === null ? '' : ` ±${Math.round(2 * standardDeviationN)}`} N, ${measured === 1 ? 'one run' : `${measured} runs`}`,
              marked: false,
            }))}
          />
        )}
      </Column>
    </Box>
  )
}

function Column({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Box>
      <Typography variant="h3" component="h3" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  )
}
