import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import { formatMm } from '@/core/units/formatMm'
import { timePattern } from '@/core/units/clockForm'
import { textIn } from '@/core/units/shopTime'
import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import type { Costs } from '@/core/report/costLines'
import type { ReportLine, TrayReport } from '@/core/report/Report'
import { trayReport } from '@/core/report/trayReport'
import { troubleOf } from '@/core/tray/CaseTrouble'
import type { ShopPaper } from '../shop/shopPaper'
import { shopPaper } from '../shop/shopPaper'
import { shopTime } from '../shop/shopTimes'
import type { Db } from '@/data/client'
import { reportPdf } from '@/io/pdf/ReportPdf'
import type { PhotoView } from './jobView'
import { photoViews } from './jobView'
import type { OpenedCase, TrayRecord } from './openTrayCases'
import { openTrayCase } from './openTrayCases'
import { fittedLines } from './fittedLines'
import { LETTER_DAY, letterOf } from './letterOf'
import { photoFile } from './photos'
import type { TrayHeader } from './trayHeader'
import { trayHeader } from './trayHeader'

/** A tray's report with what stands at its head: pictures but for those a figure was read from. */
export interface ReportOfTray {
  readonly ok: true
  readonly tray: TrayHeader
  readonly photos: readonly PhotoView[]
  readonly report: TrayReport
  readonly letter: OwnerLetter
  readonly paper: ShopPaper
}

/** What became of a tray, or why its case cannot be put together. @returns null when no tray has this number */
export async function reportOfTray(
  db: Db,
  number: number,
  now: Date,
): Promise<ReportOfTray | { ok: false; trouble: string } | null> {
  try {
    const opened = await openTrayCase(db, { number })
    if (!opened) return null
    const paper = await shopPaper(db)
    return {
      ok: true,
      letter: letterOf(opened, await shopTime(db), now),
      paper,
      tray: trayHeader(opened.kept),
      photos: photoViews(opened.kept).filter(({ id }) => !readFrom(opened).includes(id)),
      report: reportOf(opened, paper.hourCents),
    }
  } catch (error) {
    return { ok: false, trouble: troubleOf(error) }
  }
}

/** Pictures taken to read a figure from: they show no owner anything. */
function readFrom({ kept }: OpenedCase): readonly (number | null)[] {
  return [
    ...kept.shapes.map(({ photoId }) => photoId),
    ...kept.straightLooks.flatMap(({ photoId, secondPhotoId }) => [photoId, secondPhotoId]),
  ]
}

/** Pictures on paper at most: the first ones show how it came in. */
const MOST_PICTURES = 6

/** The report as PDF, see reportOfTray. */
export async function reportFile(
  db: Db,
  number: number,
  now: Date,
): Promise<{ ok: true; name: string; pdf: Uint8Array } | { ok: false; trouble: string } | null> {
  const page = await reportOfTray(db, number, now)
  if (page === null || !page.ok) return page
  const { tray, photos, report, letter, paper } = page
  const pictures = await Promise.all(photos.slice(0, MOST_PICTURES).map(({ id }) => photoFile(db, id)))
  const { clock, zone } = await shopTime(db)
  const timeText = (iso: string, pattern: string) => textIn(zone, new Date(iso), pattern)
  const pdf = await reportPdf({
    title: `Report, tray ${tray.number}`,
    head: [
      `${tray.caseName}, ${[tray.owner, tray.ownerMark].filter(Boolean).join(', ')}`,
      `Taken in ${timeText(tray.openedAt, LETTER_DAY)}; ${tray.finishedAt ? `handed back ${timeText(tray.finishedAt, LETTER_DAY)}` : 'in hand, as it stands now'}`,
    ],
    report,
    letter,
    paper,
    dayText: (iso) => timeText(iso, LETTER_DAY),
    pictures: pictures.filter((bytes) => bytes !== null && bytes !== undefined),
    timeText: (iso) => timeText(iso, `${LETTER_DAY} ${timePattern(clock)}`),
  })
  return { ok: true, name: `report-tray-${tray.number}.pdf`, pdf }
}

function reportOf(opened: OpenedCase, hourCents: number | null): TrayReport {
  const { kept } = opened
  const { complaint, promises } = kept.tray
  return trayReport(opened, {
    complaint,
    promises,
    costs: costsOf(opened, hourCents),
    fitted: fittedLines(opened),
    pressed: [...pressedLines(kept), ...rimLines(opened)],
    nameOf: (id) => kept.instruments.find((one) => one.id === id)?.name ?? 'an instrument that is gone',
  })
}

function costsOf({ kept, procedure, stages }: OpenedCase, hourCents: number | null): Costs {
  const { quoteCents, quoteMinutes, quoteSpecialist } = kept.tray
  const done = new Set(stages.flatMap(({ stepsDone }) => stepsDone))
  const minutes = procedure.steps
    .filter(({ id }) => done.has(id))
    .reduce((sum, { activeMinutes }) => sum + activeMinutes, 0)
  return { quoteCents, quoteMinutes, quoteSpecialist, parts: kept.partsOut, minutes, hourCents }
}

/** Every press that was logged, of the crystal and of all else, in its order. */
function pressedLines({ tray, pressRuns, workRuns, presses }: TrayRecord): ReportLine[] {
  const others = workRuns.filter(({ trayId }) => trayId === tray.id)
  return [...pressRuns, ...others]
    .sort((a, b) => a.ranAt.getTime() - b.ranAt.getTime() || a.id - b.id)
    .map(({ work, outcome, pressId, quarterTurns, peakForceN, cell, note, ranAt }) => {
      const press = presses.find(({ id }) => id === pressId)?.name.toLowerCase()
      const how = [
        outcome.replaceAll('-', ' '),
        press ? `${press}, ${quarterTurns} quarter turns` : 'by hand',
        ...(peakForceN === null ? [] : [`at most ${peakForceN} N`]),
        ...(cell === 'simulated' ? ['simulated cell'] : []),
        ...(note === '' ? [] : [`“${note}”`]),
      ]
      const mark = outcome === 'home' || outcome === 'done' ? 'done' : 'plain'
      const what = work === 'crystal-in' ? 'Pressed' : PRESS_WORK_FACTS[work].label
      return { what, words: how.join(', '), mark, at: ranAt.toISOString() }
    })
}

/** How the rim was read to stand after the last push. */
function rimLines({ rim, rules }: OpenedCase): ReportLine[] {
  if (!rim) return []
  const { judgement, pass } = rim
  const places = new Set(pass.heights.map(({ placeIndex }) => placeIndex)).size
  const limit = formatMm(rules.policy.level.mostTiltMm)
  const words = `${judgement.words}, read at ${places} places, limit ${limit}`
  return [{ what: 'Rim', words, mark: judgement.isLevel ? 'done' : 'open', at: null }]
}
