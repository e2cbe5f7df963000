import Box from '@mui/material/Box'
import Link from '@mui/material/Link'
import Typography from '@mui/material/Typography'
import NextLink from 'next/link'
import type { DieProfile } from '@/core/dies/dieProfile'
import { dieSection } from '@/core/dies/dieSection'
import { formatMm } from '@/core/units/formatMm'

const SIZE = { width: 210, height: 84 }
const ROOM = 8

/** A die the shop has not: its section, and files to turn or print it by. */
export function DieToMake({ profile }: { readonly profile: DieProfile }) {
  const { role, name, outerMm, openingMm, recessMm, heightMm } = profile
  const scale = Math.min((SIZE.width - 2 * ROOM) / outerMm, (SIZE.height - 2 * ROOM) / heightMm)
  const middle = SIZE.width / 2
  const at = (radius: number, height: number) =>
    `${(middle + radius * scale).toFixed(1)},${(SIZE.height - ROOM - height * scale).toFixed(1)}`
  const points = dieSection(profile).map(([radius, height]) => at(radius, height))
  const query = new URLSearchParams({
    role,
    outer: String(outerMm),
    opening: String(openingMm),
    recess: String(recessMm),
  })
  const drawer = new URLSearchParams({
    kind: 'die',
    new: 'line',
    code: name,
    role,
    outerDiameterMm: String(outerMm),
    openingMm: String(openingMm),
    recessDepthMm: String(recessMm),
  })
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', my: 0.75 }}>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        width={SIZE.width}
        height={SIZE.height}
        role="img"
        aria-label={`Section of ${name}, its face down`}
        style={{ flex: 'none', maxWidth: '45%' }}
      >
        <polygon
          points={points.join(' ')}
          fill="var(--mui-palette-divider)"
          stroke="var(--mui-palette-text-primary)"
          strokeWidth="1.3"
        />
        <path
          d={`M${middle} 2V${SIZE.height - 2}`}
          stroke="var(--mui-palette-text-secondary)"
          strokeDasharray="8 3 2 3"
          strokeWidth="0.8"
        />
      </svg>
      <Typography variant="body2" component="div">
        <strong>
          To make: <span className="figure">{name}</span>
        </strong>
        , nylon or acetal, {formatMm(outerMm, 0.1)} across
        {openingMm > 0
          ? `, ${formatMm(openingMm, 0.1)} open, ${formatMm(recessMm, 0.1)} deep`
          : ', full face'}
        , {formatMm(heightMm, 0.1)} high.
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
          {['svg', 'dxf', 'stl'].map((format) => (
            <Link key={format} href={`/api/dies/profile?${query.toString()}&format=${format}`} download>
              {format.toUpperCase()}
            </Link>
          ))}
          <Link component={NextLink} href={`/drawers?${drawer.toString()}`}>
            made: into the drawers
          </Link>
        </Box>
      </Typography>
    </Box>
  )
}
