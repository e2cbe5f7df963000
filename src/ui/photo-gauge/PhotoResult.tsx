import Box from '@mui/material/Box'
import { COVERAGE_FACTOR } from '@/core/measure/coverageFactor'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import type { PhotoDiameterOutcome } from '@/core/photo-gauge/photoDiameter'
import { formatMm } from '@/core/units/formatMm'

/** The diameter the chosen edges make, and where its doubt comes from. */
export function PhotoResult({ outcome }: { outcome: PhotoDiameterOutcome | null }) {
  if (!outcome)
    return (
      <Box sx={{ color: 'text.secondary', fontSize: 15 }}>
        Choose an edge: of a broken crystal every piece of the same rim, of a ring one circle at a time.
      </Box>
    )
  if (!outcome.ok) return <Box sx={{ color: 'error.main', fontSize: 15 }}>{outcome.message}</Box>
  const { diameter, parts, arcs, arcDeg, disagreement } = outcome
  const points = arcs.flatMap((arc) => arc.inliers)
  return (
    <Box data-testid="photo-size">
      <Box className="figure" sx={{ fontSize: 40, fontWeight: 700, lineHeight: 1.1 }}>
        {formatMm(diameter.valueMm)}{' '}
        <Box component="span" sx={{ fontSize: 22, fontWeight: 400 }}>
          ±{formatMm(expandedUncertaintyMm(diameter))}
        </Box>
      </Box>
      <Box sx={{ fontSize: 14.5 }}>
        {points.filter(Boolean).length} of {points.length} edge points over {Math.round(arcDeg)}° of rim.
      </Box>
      {disagreement !== null && (
        <Box sx={{ fontSize: 14.5, color: 'error.main' }}>
          These edges are not of one circle: the worst is {disagreement.toFixed(1)} standard deviations off.
          Take it out.
        </Box>
      )}
      <Box component="details" sx={{ fontSize: 13.5, color: 'text.secondary' }}>
        <summary>where ±{formatMm(expandedUncertaintyMm(diameter))} comes from</summary>
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {parts.map(({ words, uMm }) => (
            <li key={words}>
              <span className="figure">±{formatMm(COVERAGE_FACTOR * uMm, 0.001)}</span> {words}
            </li>
          ))}
        </Box>
      </Box>
    </Box>
  )
}
