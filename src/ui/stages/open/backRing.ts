import { screwOrder } from '@/core/notches/screwOrder'
import { manyOf } from '@/core/records/Field'
import type { TrayView } from '@/services/tray/trayView'
import type { BackRing } from '../../section/BackDrawing'
import { ringOfNotches } from './PinsPanel'

/** Width of a case nobody measured, mm. */
export const ASSUMED_CASE_MM = 38
/** A plate's screws stand near its edge; only the order matters, so the circle is assumed. */
const SCREW_CIRCLE_SHARE = 0.78
const USUAL_CROWN_HOUR = 3

/** Hours of the dial that holder and pegs must leave alone. */
export function keepClearOf(sheet: TrayView['sheet']): number[] {
  const crown = sheet.crownKind === 'none' ? [] : [sheet.crownHour ?? USUAL_CROWN_HOUR]
  return [...crown, ...manyOf(sheet.pusherHours).map(Number)]
}

/** What the back is drawn with: notches, screws, grip or lip. */
export function ringOf({ sheet }: TrayView, chordCircleMm: number | null): BackRing {
  switch (sheet.backKind) {
    case 'screw-notched':
      return ringOfNotches(chordCircleMm ?? sheet.notchCircleMm, sheet.notchCount)
    case 'plate-screws':
      return sheet.backScrewCount === null
        ? { kind: 'plain' }
        : {
            kind: 'screws',
            circleMm: (sheet.caseDiameterMm ?? ASSUMED_CASE_MM) * SCREW_CIRCLE_SHARE,
            count: sheet.backScrewCount,
            order: screwOrder(sheet.backScrewCount),
          }
    case 'screw-coin-edge':
    case 'screw-polygon':
      return sheet.backGripMm === null
        ? { kind: 'plain' }
        : {
            kind: 'grip',
            gripMm: sheet.backGripMm,
            sides: sheet.backKind === 'screw-polygon' ? sheet.backSides : null,
          }
    case 'snap':
      return { kind: 'lip', hour: sheet.lipHour }
    default:
      return { kind: 'plain' }
  }
}
