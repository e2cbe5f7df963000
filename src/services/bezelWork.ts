import type { BezelAssessment } from '@/core/bezel/assessBezel'
import type { ChapterRingAssessment } from '@/core/bezel/assessChapterRing'
import type { CutRing, InsertAssessment } from '@/core/bezel/assessInsert'
import { cutRingFor } from '@/core/bezel/assessInsert'
import { INSERT_FIXINGS } from '@/core/bezel/bezelPolicy'
import type { Chosen } from '@/core/bezel/chooseBezelParts'
import { chooseBezel, chooseChapterRing, chooseInsert } from '@/core/bezel/chooseBezelParts'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import { figureOf } from '@/core/tray/caseFigures'
import type { CaseSheetFacts } from '@/core/tray/CaseSheetFacts'
import type { MeasuredFigures } from '@/core/tray/measuredFigures'
import type { DrawersInMemory } from './drawersInMemory'

/** Inserts, bezels and chapter rings of the drawers for this case, as far as they were asked for. */
export interface BezelWork {
  /** null where no insert was asked for, or the case has none */
  readonly insert: InsertWork | null
  /** null where no bezel was asked for */
  readonly bezel: Chosen<BezelAssessment> | null
  /** null where no chapter ring was asked for, or the case has none */
  readonly chapterRing: ChapterRingWork | null
}

export interface ChapterRingWork extends Chosen<ChapterRingAssessment> {
  /** what to measure before anything can be judged; null when it can */
  readonly missing: DimensionId | null
}

export interface InsertWork extends Chosen<InsertAssessment> {
  /** pre-cut ring for the old insert's footprint; null where it is too narrow, or was not measured */
  readonly cutRing: CutRing | null
  /** what to measure before anything can be judged; null when it can */
  readonly missing: DimensionId | null
}

export interface BezelWorkFacts {
  readonly asked: readonly string[]
  readonly measured: MeasuredFigures
  readonly sheet: CaseSheetFacts
  /** school chosen for fixing the insert */
  readonly fixing: string
}

/** @returns null when none of them was asked for */
export function bezelWork(drawers: DrawersInMemory, facts: BezelWorkFacts): BezelWork | null {
  const insert = facts.asked.includes('insert') && facts.sheet.insertMaterial !== 'none'
  const bezel = facts.asked.includes('bezel') && facts.sheet.bezelKind !== 'none'
  const chapterRing = facts.asked.includes('chapter-ring') && facts.sheet.chapterRing !== 'none'
  if (!insert && !bezel && !chapterRing) return null
  return {
    insert: insert ? insertWork(drawers, facts) : null,
    bezel: bezel ? bezelChoice(drawers, facts) : null,
    chapterRing: chapterRing ? chapterRingWork(drawers, facts) : null,
  }
}

function insertWork({ inserts }: DrawersInMemory, { measured, sheet, fixing }: BezelWorkFacts): InsertWork {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const outer = figure('recess-outer')
  const [insertOuter, insertInner] = [figure('insert-outer'), figure('insert-inner')]
  const cutRing =
    insertOuter && insertInner
      ? cutRingFor({ outerMm: insertOuter.valueMm, innerMm: insertInner.valueMm })
      : null
  if (!outer) return { fitting: [], rejected: [], cutRing, missing: 'recess-outer' }
  return {
    ...chooseInsert(inserts, {
      outer,
      inner: figure('recess-inner'),
      depth: figure('recess-depth'),
      form: sheet.insertForm,
      hold: sheet.insertHold ?? 'adhesive',
      fixing: INSERT_FIXINGS.find((option) => option === fixing) ?? 'flexible-cement',
      family: sheet.bezelFamily,
    }),
    cutRing,
    missing: null,
  }
}

function bezelChoice(
  { bezels }: DrawersInMemory,
  { measured, sheet }: BezelWorkFacts,
): Chosen<BezelAssessment> {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const inBezel = sheet.retention === 'press-in-bezel'
  return chooseBezel(bezels, {
    kind: sheet.bezelKind,
    onRing: inBezel || sheet.retention === 'neck-and-bezel',
    neckOuter: figure('neck-outer'),
    oldInner: figure('bezel-inner'),
    keySpacing: inBezel ? figure('key-spacing') : null,
    keyWidth: inBezel ? figure('key-width') : null,
    chapterRing: sheet.chapterRing,
    clicks: sheet.bezelClicks,
    crystalMm: inBezel ? null : (figure('crystal-diameter')?.valueMm ?? null),
    family: sheet.bezelFamily,
  })
}

function chapterRingWork(
  { chapterRings }: DrawersInMemory,
  { measured, sheet }: BezelWorkFacts,
): ChapterRingWork {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const [oldOuter, oldInner] = [figure('chapter-ring-outer'), figure('chapter-ring-inner')]
  if (!oldOuter && !oldInner) return { fitting: [], rejected: [], missing: 'chapter-ring-inner' }
  return {
    ...chooseChapterRing(chapterRings, {
      kind: sheet.chapterRing,
      oldOuter,
      oldInner,
      oldHeight: figure('chapter-ring-height'),
      bore: figure(sheet.retention === 'press-in-bezel' ? 'bezel-bore' : 'bore'),
      family: sheet.bezelFamily,
    }),
    missing: null,
  }
}
