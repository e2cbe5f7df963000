import Box from '@mui/material/Box'
import { styled } from '@mui/material/styles'
import Link from 'next/link'
import { STAGES, stageIndex, stageLabel } from '@/core/stages/stages'
import type { StageId } from '@/core/stages/stages'
import type { BenchTray } from '@/services/bench/benchView'
import { useTimes } from '../small/useTimes'

const Line = styled('div')(({ theme }) => ({
  display: 'grid',
  gridTemplateColumns: '56px minmax(180px,1.1fr) 150px minmax(240px,1.6fr) 172px',
  columnGap: 16,
  alignItems: 'center',
  minHeight: 46,
  borderTop: `1px solid ${theme.vars.palette.divider}`,
  position: 'relative',
  '&:hover': { backgroundColor: theme.vars.palette.paper.chosen },
  '& .soft': { color: theme.vars.palette.text.secondary, fontSize: 13.5 },
  '& .late': { color: theme.vars.palette.error.main, fontWeight: 700 },
  '& .hazard': { color: theme.vars.palette.error.main, fontSize: 13.5, fontWeight: 650 },
  // The whole line opens the tray, while its number stays the one link.
  '& a::after': { content: '""', position: 'absolute', inset: 0 },
  [theme.breakpoints.down('md')]: {
    gridTemplateColumns: '56px 1fr',
    rowGap: 2,
    padding: '8px 0',
    '& > :nth-of-type(n+3)': { gridColumn: 2 },
  },
}))

/** One tray in hand: what it is, how far it is, what to do next. */
export function BenchLine({ tray }: { tray: BenchTray }) {
  const { dueText } = useTimes()
  return (
    <Line role="row">
      <Box role="cell" className="figure" sx={{ fontSize: 19, fontWeight: 700 }}>
        <Link
          href={`/trays/${tray.number}`}
          style={{ color: 'inherit', textDecoration: 'none' }}
          aria-label={`Open tray ${tray.number}`}
        >
          {tray.number}
        </Link>
      </Box>
      <div role="cell">
        {tray.caseName}
        <div className="soft">{tray.owner}</div>
      </div>
      <div role="cell">
        {stageLabel(tray.stage)}
        <Progress stage={tray.stage} />
      </div>
      <div role="cell">
        {tray.next}
        <div className="soft">
          {tray.hazards.map((h) => (
            <span key={h.id} className="hazard" title={h.advice}>
              ▲ {h.label}{' '}
            </span>
          ))}
          {tray.known}
        </div>
      </div>
      <div role="cell" className={tray.late ? 'late' : undefined} suppressHydrationWarning>
        {tray.late ? 'late: ' : ''}
        {dueText(tray.dueAt)}
      </div>
    </Line>
  )
}

const TICK = 10

/** Twelve stages as ticks: where the tray stands, tall, and how far along that is. It says nothing of what was done. */
function Progress({ stage }: { stage: StageId }) {
  const now = stageIndex(stage)
  return (
    <svg
      viewBox={`0 0 ${STAGES.length * TICK} 10`}
      width="120"
      height="10"
      aria-hidden="true"
      style={{ display: 'block' }}
    >
      {STAGES.map(({ id }, i) => (
        <rect
          key={id}
          x={i * TICK}
          y={i === now ? 0 : 4}
          width={TICK - 2}
          height={i === now ? 10 : 3}
          fill={
            i < now
              ? 'var(--mui-palette-text-secondary)'
              : i === now
                ? 'var(--mui-palette-primary-main)'
                : 'var(--mui-palette-divider)'
          }
        />
      ))}
    </svg>
  )
}
