import type { RingScene } from './RingScene'

const { abs, exp, hypot, PI, sin, cos } = Math

const RAD = PI / 180
/** So much light thrown back washes a mark out, parts of full light. */
const WASHED_OUT = 0.25

/** Whether the 12 of both tracks can be seen: no hand lies over the dial's, and no glare over either. */
export function isTwelveSeen({ dial, ring, hands, glares, caseTurnedDeg, turnedDeg }: RingScene): boolean {
  const dialMm = (dial.innerMm + dial.outerMm) / 2
  const ringMm = (ring.innerMm + ring.outerMm) / 2
  const isCovered = hands.some(({ directionDeg, lengthMm, widthMm }) => {
    const acrossMm = abs(sin(directionDeg * RAD)) * dialMm
    return (
      cos(directionDeg * RAD) > 0 && lengthMm > dial.innerMm && acrossMm < (widthMm + dial.twelveWidthMm) / 2
    )
  })
  const glareAt = (radiusMm: number, deg: number) =>
    glares.reduce((light, glare) => {
      const offMm = hypot(
        radiusMm * sin(deg * RAD) - glare.fromMiddleMm * sin(glare.directionDeg * RAD),
        radiusMm * cos(deg * RAD) - glare.fromMiddleMm * cos(glare.directionDeg * RAD),
      )
      return light + glare.strength * exp(-((offMm / glare.radiusMm) ** 2))
    }, 0)
  return (
    !isCovered &&
    glareAt(dialMm, caseTurnedDeg) < WASHED_OUT &&
    glareAt(ringMm, caseTurnedDeg + turnedDeg) < WASHED_OUT
  )
}
