import { tickOffsetMm } from './Displacement'
import type { OffsetsFit } from './fitOffsets'
import type { ByPicture, HourOffset } from './StraightLook'

const HOURS = [12, 3, 6, 9] as const
const DEGREES_OF_HOUR = 30

/** What a picture told, as if every tick had been read: nothing is unseen, and its doubts were settled before it was kept. */
export function fitOfPicture(told: ByPicture): OffsetsFit {
  const { turnedDeg, towards3Mm, towards12Mm, turnUncertaintyDeg, centreUncertaintyMm } = told
  const turn = { value: turnedDeg, standardUncertainty: turnUncertaintyDeg }
  const shift = (value: number) => ({ value, standardUncertainty: centreUncertaintyMm })
  return {
    turnedDeg: turn,
    towards3Mm: shift(towards3Mm),
    towards12Mm: shift(towards12Mm),
    offCentreUncertaintyMm: centreUncertaintyMm,
    ifCentredDeg: turn,
    displacement: { turnedDeg, towards3Mm, towards12Mm },
    residualsMm: [],
    doubt: null,
  }
}

/** How far ticks at the four quarters stand off by it, for whoever reads them one by one. */
export function offsetsOfPicture(told: ByPicture, radiusMm: number): HourOffset[] {
  return HOURS.map((hour) => ({
    hour,
    offsetMm: Number(tickOffsetMm(told, radiusMm, (hour % 12) * DEGREES_OF_HOUR).toFixed(3)),
  }))
}
