import { formatMm } from '@/core/units/formatMm'
import { ownPartsBack } from '@/core/letter/ownPartsBack'
import { scanCode } from '@/core/stock/scanCode'
import { troubleOf } from '@/core/tray/CaseTrouble'
import { textIn } from '@/core/units/shopTime'
import type { Db } from '@/data/client'
import type { Label } from '@/io/pdf/LabelsPdf'
import { labelsPdf } from '@/io/pdf/LabelsPdf'
import { shopTime } from '../shop/shopTimes'
import { LETTER_DAY, letterOf } from './letterOf'
import type { OpenedCase } from './openTrayCases'
import { openTrayCase } from './openTrayCases'

/** Labels of a tray: one for the bag, one for inside the back. @returns null when no tray has this number */
export async function trayLabels(
  db: Db,
  number: number,
  now: Date,
): Promise<{ ok: true; pdf: Buffer } | { ok: false; trouble: string } | null> {
  try {
    const opened = await openTrayCase(db, { number })
    if (!opened) return null
    const { zone, ...time } = await shopTime(db)
    const { nextSealAt } = letterOf(opened, { zone, ...time }, now)
    const dayText = (at: Date) => textIn(zone, at, LETTER_DAY)
    return { ok: true, pdf: await labelsPdf(labelsOf(opened, nextSealAt, dayText, now)) }
  } catch (error) {
    return { ok: false, trouble: troubleOf(error) }
  }
}

/** What stands on the bag and inside the back. */
export function labelsOf(
  opened: OpenedCase,
  nextSealAt: string | null,
  dayText: (at: Date) => string,
  now: Date,
): Label[] {
  const { kept, dryTest } = opened
  const { tray, sheet, owner } = kept
  const title = `Tray ${tray.number}`
  const code = scanCode({ kind: 'tray', number: tray.number })
  const bag = ownPartsBack(opened)
  const bar = dryTest && formatMm(Math.abs(dryTest.read.air.pressureBar), 0.1)
  return [
    {
      title,
      code,
      lines: [
        `${sheet.maker} ${sheet.reference}`,
        [owner.name, tray.ownerMark].filter(Boolean).join(', '),
        bag.length === 0 ? 'no old parts' : bag.join(', '),
      ],
    },
    {
      title: `${title}, ${dayText(tray.finishedAt ?? now)}`,
      code,
      lines: [
        dryTest === null || !dryTest.isTight
          ? 'not shown tight: keep dry'
          : `dry test ${bar} bar, tight ${dayText(new Date(dryTest.at))}`,
        ...(nextSealAt === null ? [] : [`seals by ${dayText(new Date(nextSealAt))}`]),
      ],
    },
  ]
}
