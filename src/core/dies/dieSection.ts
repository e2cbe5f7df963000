import type { DieProfile, ProfilePoint } from './dieProfile'

/** The whole section of a turned die, face down, as one closed line: its half outline and the same mirrored, mm. */
export function dieSection({ outline }: Pick<DieProfile, 'outline'>): ProfilePoint[] {
  // From the axis at the face, outward and up, to the axis at the back: the axis itself is no edge.
  const half = fromAxis(outline)
  const mirrored = half
    .filter(([radius]) => radius > 0)
    .map(([radius, height]): ProfilePoint => [-radius, height])
    .reverse()
  return [...half, ...mirrored]
}

function fromAxis(outline: readonly ProfilePoint[]): ProfilePoint[] {
  const start = outline.findIndex(
    ([radius], i) => radius === 0 && (outline[(i + 1) % outline.length]?.[0] ?? 0) > 0,
  )
  return [...outline.slice(start), ...outline.slice(0, start)]
}
