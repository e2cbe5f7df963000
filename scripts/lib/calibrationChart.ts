import { scaleLinear, scaleSqrt } from 'd3-scale'
import type { CalibrationBin } from '@/core/study/calibrationBins'

const SIDE = 420
const MARGIN = 56

/** Stated probability against the share that was right; a bead's area is the number of cases. A perfect verdict lies on the line. */
export function calibrationChart(bins: readonly CalibrationBin[]): string {
  const filled = bins.filter((bin) => bin.cases > 0)
  const x = scaleLinear([0.5, 1], [MARGIN, SIDE - 16])
  const y = scaleLinear([0.5, 1], [SIDE - MARGIN, 16])
  const radius = scaleSqrt([0, Math.max(...filled.map((b) => b.cases))], [3, 14])
  const ticks = [0.5, 0.6, 0.7, 0.8, 0.9, 1]
  const label = (p: number) => `${Math.round(100 * p)} %`
  const text = 'font-family="Atkinson Hyperlegible Next, sans-serif" font-size="13" fill="#1f2a2e"'
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${SIDE} ${SIDE}" width="${SIDE}" height="${SIDE}" role="img">
<title>Stated probability against the share that was right</title>
<rect width="100%" height="100%" fill="#f6f3ea"/>
${ticks
  .map(
    (t) => `<path d="M${x(t)} ${y(0.5)}V16M${MARGIN} ${y(t)}H${SIDE - 16}" stroke="#d3ccba" fill="none"/>
<text x="${x(t)}" y="${SIDE - MARGIN + 20}" text-anchor="middle" ${text}>${label(t)}</text>
<text x="${MARGIN - 8}" y="${y(t) + 4}" text-anchor="end" ${text}>${label(t)}</text>`,
  )
  .join('\n')}
<path d="M${x(0.5)} ${y(0.5)}L${x(1)} ${y(1)}" stroke="#525d5c" stroke-dasharray="5 4" fill="none"/>
${filled
  .map(
    (b) =>
      `<circle cx="${x(b.meanStated).toFixed(1)}" cy="${y(b.right).toFixed(1)}" r="${radius(b.cases).toFixed(1)}" fill="#0f5a60" fill-opacity="0.75"/>`,
  )
  .join('\n')}
<text x="${(MARGIN + SIDE) / 2}" y="${SIDE - 14}" text-anchor="middle" ${text}>stated</text>
<text x="16" y="${SIDE / 2}" text-anchor="middle" transform="rotate(-90 16 ${SIDE / 2})" ${text}>right</text>
</svg>
`
}
