import Box from '@mui/material/Box'
import type { MethodSituation } from '@/core/methods/assessMethod'
import type { RankedMethod } from '@/core/methods/removalMethods'
import { rankBezelRemoval, rankInsertRemoval } from '@/core/methods/removalMethods'
import type { TrayView } from '@/services/tray/trayView'

/** Ways to get bezel and insert off, safest for this case first, each with its reasons. */
export function RemovalChooser({ view }: { view: TrayView }) {
  const { facts, piece, bench, procedure } = view.job
  const situation: MethodSituation = { facts, piece, bench }
  const asks = new Set(procedure.steps.map((step) => step.id))
  const bezel = asks.has('bezel-off') ? rankBezelRemoval(situation) : []
  const insert = asks.has('insert-in') ? rankInsertRemoval(situation) : []
  return (
    <>
      <Ranking title="Bezel off, safest first" methods={bezel} />
      <Ranking title="Insert off, safest first" methods={insert} />
    </>
  )
}

const WORD = { allow: '', warn: 'with care', block: 'blocked' } as const

function Ranking({ title, methods }: { title: string; methods: readonly RankedMethod[] }) {
  if (methods.length === 0) return null
  return (
    <Box component="section" aria-label={title} sx={{ mt: 1.5 }}>
      <Box component="h3" sx={{ m: 0, mb: 0.25, fontSize: 15, fontWeight: 700 }}>
        {title}
      </Box>
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {methods.map((method) => (
          <Box
            component="li"
            key={method.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: '150px minmax(0,1fr)',
              columnGap: 1.5,
              borderTop: 1,
              borderColor: 'divider',
              py: 0.5,
              fontSize: 14.5,
              lineHeight: 1.35,
            }}
          >
            <Box>
              <strong>{method.label}</strong>
              <RiskBar risk={method.risk} blocked={method.severity === 'block'} />
            </Box>
            <Box>
              {method.severity !== 'allow' && (
                <Box
                  component="strong"
                  sx={{ color: method.severity === 'block' ? 'error.main' : 'warning.main' }}
                >
                  {WORD[method.severity]}.{' '}
                </Box>
              )}
              {method.reasons.join('; ')}
              {method.wayRound && (
                <>
                  . <strong>Way round.</strong> {method.wayRound}
                </>
              )}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  )
}

/** How risky, as a length; the order says the same. */
function RiskBar({ risk, blocked }: { risk: number; blocked: boolean }) {
  return (
    <svg
      width="120"
      height="8"
      role="img"
      aria-label={blocked ? 'blocked' : `risk ${Math.round(risk * 10)} of 10`}
      style={{ display: 'block', marginTop: 4 }}
    >
      <rect width="120" height="6" fill="var(--mui-palette-divider)" />
      <rect
        width={Math.round(120 * risk)}
        height="6"
        fill={blocked ? 'var(--mui-palette-error-main)' : 'var(--mui-palette-warning-main)'}
      />
    </svg>
  )
}
