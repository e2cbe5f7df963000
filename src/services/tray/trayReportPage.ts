import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import { formatMm } from '@/core/units/formatMm'
import { timePattern } from '@/core/units/clockForm'
import { textIn } from '@/core/units/shopTime'
import { crystalWords } from '@/core/own-parts/crystalWords'
import { isOwn } from '@/core/own-parts/OwnPart'
import { PARTS } from '@/core/parts/parts'
import type { ReportLine, TrayReport } from '@/core/report/Report'
import { told } from '@/core/report/Report'
import { trayReport } from '@/core/report/trayReport'
import { describePart } from '@/core/stock/describePart'
import { PRESS_RUN } from '@/core/stages/pressIn'
import { homeRun } from '@/core/tray/isHome'
import { troubleOf } from '@/core/tray/CaseTrouble'
import type { StockGasket } from '@/core/fit/parts'
import { capital } from '@/core/units/capital'
import { shopTime } from '../shop/shopTimes'
import type { Db } from '@/data/client'
import { reportPdf } from '@/io/pdf/ReportPdf'
import type { PhotoView } from './jobView'
import { photoViews } from './jobView'
import type { OpenedCase, TrayRecord } from './openTrayCases'
import { openTrayCase } from './openTrayCases'
import { photoFile } from './photos'
import type { TrayHeader } from './trayHeader'
import { trayHeader } from './trayHeader'

/** A tray's report with what stands at its head: pictures but for those a figure was read from. */
export interface ReportOfTray {
  readonly ok: true
  readonly tray: TrayHeader
  readonly photos: readonly PhotoView[]
  readonly report: TrayReport
}

/** What became of a tray, or why its case cannot be put together. @returns null when no tray has this number */
export async function reportOfTray(
  db: Db,
  number: number,
): Promise<ReportOfTray | { ok: false; trouble: string } | null> {
  try {
    const opened = await openTrayCase(db, { number })
    if (!opened) return null
    return {
      ok: true,
      tray: trayHeader(opened.kept),
      photos: photoViews(opened.kept).filter(({ id }) => !readFrom(opened).includes(id)),
      report: reportOf(opened),
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

const DAY = 'd MMM yyyy'

/** Pictures on paper at most: the first ones show how it came in. */
const MOST_PICTURES = 6

/** The report as PDF, see reportOfTray. */
export async function reportFile(
  db: Db,
  number: number,
): Promise<{ ok: true; name: string; pdf: Uint8Array } | { ok: false; trouble: string } | null> {
  const page = await reportOfTray(db, number)
  if (page === null || !page.ok) return page
  const { tray, photos, report } = page
  const pictures = await Promise.all(photos.slice(0, MOST_PICTURES).map(({ id }) => photoFile(db, id)))
  const { clock, zone } = await shopTime(db)
  const timeText = (iso: string, pattern: string) => textIn(zone, new Date(iso), pattern)
  const pdf = await reportPdf({
    title: `Report, tray ${tray.number}`,
    head: [
      `${tray.caseName}, ${[tray.owner, tray.ownerMark].filter(Boolean).join(', ')}`,
      `Taken in ${timeText(tray.openedAt, DAY)}; ${tray.finishedAt ? `handed back ${timeText(tray.finishedAt, DAY)}` : 'in hand, as it stands now'}`,
    ],
    report,
    pictures: pictures.filter((bytes) => bytes !== null && bytes !== undefined),
    timeText: (iso) => timeText(iso, `${DAY} ${timePattern(clock)}`),
  })
  return { ok: true, name: `report-tray-${tray.number}.pdf`, pdf }
}

function reportOf(opened: OpenedCase): TrayReport {
  const { kept } = opened
  const { complaint, promises } = kept.tray
  return trayReport(opened, {
    complaint,
    promises,
    fitted: fittedLines(opened),
    pressed: [...pressedLines(kept), ...rimLines(opened)],
    nameOf: (id) => kept.instruments.find((one) => one.id === id)?.name ?? 'an instrument that is gone',
  })
}

/** Told with the pick and with every run, not as a drawer's line. */
const OF_THE_PICK = ['crystal', 'gasket']

function fittedLines({ kept: { picked, pressRuns, partsOut, trail }, stages }: OpenedCase): ReportLine[] {
  return [
    ...(picked ? pickedLines(picked, homeOf({ picked, pressRuns, trail }, stages)) : []),
    ...partsOut
      .filter(({ kind }) => !OF_THE_PICK.includes(kind))
      .map(({ kind, code, count, since }) =>
        told(capital(PARTS[kind].one), count > 1 ? `${count} × ${code}` : code, since.toISOString()),
      ),
  ]
}

/** Whether what was picked went home with the piece: what only came out of a drawer, or cracked, was not fitted. */
function homeOf(
  kept: Pick<TrayRecord, 'picked' | 'pressRuns' | 'trail'>,
  stages: OpenedCase['stages'],
): Home {
  const run = homeRun(kept)
  if (run) return { mark: 'plain', beside: '', at: run.ranAt.toISOString() }
  const last = kept.pressRuns.findLast(({ pickId }) => pickId === kept.picked?.pick.id)
  if (last?.outcome === 'cracked')
    return {
      mark: 'open',
      beside: ', cracked under the press',
      besideRing: ', out again with the crystal that cracked',
      at: last.ranAt.toISOString(),
    }
  const left = stages.flatMap(({ demands }) => demands).find(({ subject }) => subject === PRESS_RUN)?.leftOut
  if (left) return { mark: 'left-out', beside: `, press not logged: ${left.reason}`, at: null }
  return { mark: 'open', beside: ', picked and not home yet', at: null }
}

interface Home extends Pick<ReportLine, 'mark' | 'at'> {
  readonly beside: string
  /** where something else is to be said of the rings */
  readonly besideRing?: string
}

function pickedLines(
  { pick, crystal, gasket, bezelGasket }: NonNullable<TrayRecord['picked']>,
  { mark, beside, besideRing = beside, at }: Home,
): ReportLine[] {
  const line = (what: string, words: string) => ({
    what,
    words,
    mark,
    at: at ?? pick.pickedAt.toISOString(),
  })
  const ring = (part: StockGasket) =>
    isOwn(part) ? 'its own' : `${describePart('gasket', { ...part })}, ${part.code}`
  return [
    line('Crystal', crystalName(crystal) + beside),
    ...(gasket ? [line('Crystal gasket', ring(gasket) + besideRing)] : []),
    ...(bezelGasket ? [line('Gasket under the bezel', ring(bezelGasket) + besideRing)] : []),
  ]
}

function crystalName(crystal: NonNullable<TrayRecord['picked']>['crystal']): string {
  return isOwn(crystal) ? crystalWords(crystal) : `${crystalWords(crystal)}, ${crystal.code}`
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
