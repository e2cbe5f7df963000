import Box from '@mui/material/Box'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { DimensionStep } from '@/core/tray/stepDimensions'
import { betweenStepsSentence } from '@/core/fit/thicknessStep'
import { formatMm, formatPercent } from '@/core/units/formatMm'

/** Which step of their stock the other measured dimensions are, each in a sentence. */
export function StepVerdicts({ steps }: { steps: readonly DimensionStep[] }) {
  if (steps.length === 0) return null
  return (
    <Box
      component="ul"
      aria-label="Steps of thickness, gasket and insert"
      sx={{ listStyle: 'none', m: 0, mt: 0.75, p: 0, fontSize: 14.5 }}
    >
      {steps.map((step) => (
        <Box
          component="li"
          key={step.dimension}
          data-testid={`step-${step.dimension}`}
          sx={{ borderTop: 1, borderColor: 'divider', py: 0.25 }}
        >
          {DIMENSIONS[step.dimension].label} <strong className="figure">{formatMm(step.pick.sizeMm)}</strong>{' '}
          {formatPercent(step.pick.probability)}
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {' '}
            {sentence(step)}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

/** Further off its step than this a reading is worth a second look, mm. From memory. */
const FAR_OFF_MM = 0.08

function sentence({ reading, offMm, candidates, pick, fromDrawers, next, between }: DimensionStep): string {
  if (between) return betweenStepsSentence(between)
  const second = candidates
    .filter((c) => c !== pick && c.probability >= 0.02)
    .sort((a, b) => b.probability - a.probability)[0]
  const words = [
    `read ${formatMm(reading.valueMm, 0.001)}`,
    second && `else ${formatMm(second.sizeMm)} (${formatPercent(second.probability)})`,
    fromDrawers && Math.abs(offMm) >= FAR_OFF_MM && 'no nearer step in the drawers',
    next ? `ask next: ${next.label.toLowerCase()}` : 'enough',
  ]
  return `${words.filter(Boolean).join('; ')}.`
}
