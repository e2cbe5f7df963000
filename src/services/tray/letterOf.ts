import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import { writeLetter } from '@/core/letter/writeLetter'
import { openBeforeHandBack } from '@/core/tray/handBack'
import type { ShopTime } from '@/core/units/shopTime'
import { textIn } from '@/core/units/shopTime'
import type { OpenedCase } from './openTrayCases'
import { fittedLines } from './fittedLines'

/** A day as a letter writes it. */
export const LETTER_DAY = 'd MMM yyyy'

/** What a tray's owner is told, as it stands. */
export function letterOf(opened: OpenedCase, { zone }: ShopTime, now: Date): OwnerLetter {
  const { kept } = opened
  const caseName = `${kept.sheet.maker} ${kept.sheet.reference}`
  return writeLetter(
    opened,
    {
      caseName: kept.tray.ownerMark === '' ? caseName : `${caseName} (${kept.tray.ownerMark})`,
      complaint: kept.tray.complaint,
      fitted: fittedLines(opened),
      ready: kept.tray.finishedAt !== null || openBeforeHandBack(opened).length === 0,
      dayText: (iso) => textIn(zone, new Date(iso), LETTER_DAY),
    },
    now,
  )
}
