import Box from '@mui/material/Box'
import Link from 'next/link'
import { STAGES } from '@/core/stages/stages'
import type { BenchTray } from '@/services/bench/benchView'

/** The stages side by side with the trays that stand at each. */
export function StageBoard({ trays }: { trays: readonly BenchTray[] }) {
  return (
    <Box
      role="region"
      aria-label="Trays by stage"
      tabIndex={0}
      sx={{
        display: 'grid',
        gridAutoFlow: 'column',
        gridAutoColumns: 'minmax(76px,1fr)',
        columnGap: '6px',
        overflowX: 'auto',
        pb: 1,
      }}
    >
      {STAGES.map(({ id, label }) => {
        const here = trays.filter((tray) => tray.stage === id)
        return (
          <Box key={id}>
            <Box
              sx={{
                fontSize: 13,
                color: here.length > 0 ? 'text.primary' : 'text.secondary',
                borderBottom: 3,
                borderColor: here.length > 0 ? 'primary.main' : 'divider',
                pb: 0.25,
              }}
            >
              {label}
            </Box>
            {here.map((tray) => (
              <Link
                key={tray.number}
                href={`/trays/${tray.number}`}
                style={{ display: 'block', color: 'inherit', padding: '9px 2px', fontWeight: 700 }}
                className="figure"
                title={tray.caseName}
              >
                {tray.number}
              </Link>
            ))}
          </Box>
        )
      })}
    </Box>
  )
}
