import type { BezelAssessment, BezelSeat } from '@/core/bezel/assessBezel'
import { assessBezel, newBezelNotes } from '@/core/bezel/assessBezel'
import type { ChapterRingAssessment, ChapterRingSeat } from '@/core/bezel/assessChapterRing'
import { assessChapterRing } from '@/core/bezel/assessChapterRing'
import type { CutRing, InsertAssessment } from '@/core/bezel/assessInsert'
import { cutRingFor } from '@/core/bezel/assessInsert'
import type { BezelPolicy, InsertFixing } from '@/core/bezel/bezelPolicy'
import { INSERT_FIXINGS } from '@/core/bezel/bezelPolicy'
import type { InsertStands } from '@/core/bezel/insertStand'
import { insertStand } from '@/core/bezel/insertStand'
import type { BezelSet, SetPart } from '@/core/bezel/bezelSet'
import type { Chosen } from '@/core/bezel/chooseBezelParts'
import { chooseBezel, chooseChapterRing, chooseInsert, withSets } from '@/core/bezel/chooseBezelParts'
import { constructionOf } from '@/core/construction/constructions'
import type { FitWishes } from '@/core/fit/FitWishes'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { DimensionId } from '@/core/readings/dimensions'
import type { PartKind } from '@/core/parts/parts'
import { figureOf } from '@/core/tray/caseFigures'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { MeasuredFigures } from '@/core/tray/measuredFigures'
import { sheetWithBezel, withoutBezel } from '@/core/tray/newBezel'
import { setInBezel } from '@/core/tray/setInBezel'
import type { DrawersInMemory } from '../drawers/drawersInMemory'
import type { KeptPartOut } from '@/core/tray/KeptTray'

/** Inserts, bezels and chapter rings of the drawers for this case, as far as they were asked for. */
export interface BezelWork {
  /** null where no insert was asked for, or the case has none */
  readonly insert: InsertWork | null
  /** null where no bezel was asked for */
  readonly bezel: BezelChoice | null
  /** null where no chapter ring was asked for, or the case has none */
  readonly chapterRing: ChapterRingWork | null
}

export interface BezelChoice extends Chosen<BezelAssessment> {
  /** what holds for all of them */
  readonly notes: readonly string[]
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

interface ByFigures {
  readonly measured: MeasuredFigures
  readonly sheet: CaseSheet
}

export interface BezelWorkBasis {
  readonly asked: readonly string[]
  /** the case as it came in: what a bezel is chosen for */
  readonly found: ByFigures
  /** the case as it will be closed: what lies in a bezel is chosen for that one */
  readonly now: ByFigures
  /** a bezel that is already out for the tray */
  readonly newBezelId: number | null
  readonly wishes: FitWishes
  readonly policy: Pick<ShopPolicy, 'fit' | 'bezel'>
  /** school chosen for fixing the insert */
  readonly fixing: string
}

/** @returns null when none of them was asked for */
export function bezelWork(drawers: DrawersInMemory, facts: BezelWorkBasis): BezelWork | null {
  const insert = facts.asked.includes('insert') && facts.now.sheet.insertMaterial !== 'none'
  const bezel = facts.asked.includes('bezel') && facts.now.sheet.bezelKind !== 'none'
  const chapterRing = facts.asked.includes('chapter-ring') && facts.now.sheet.chapterRing !== 'none'
  if (!insert && !bezel && !chapterRing) return null
  return {
    insert: insert ? insertWork(drawers, facts) : null,
    bezel: bezel ? bezelChoice(drawers, facts) : null,
    chapterRing: chapterRing ? chapterRingWork(drawers, facts) : null,
  }
}

/** How the insert stood, and how the one out for the tray will stand. @returns null where the case has none */
export function insertStands(
  { inserts }: Pick<DrawersInMemory, 'inserts'>,
  out: readonly Pick<KeptPartOut, 'kind' | 'partId'>[],
  { now: { measured, sheet }, fixing, policy }: Pick<BezelWorkBasis, 'now' | 'fixing' | 'policy'>,
): InsertStands | null {
  if (sheet.insertMaterial === 'none') return null
  const bed = {
    depthMm: figureOf('recess-depth', measured, sheet)?.valueMm ?? null,
    hold: sheet.insertHold ?? 'adhesive',
    fixing: fixingOf(fixing),
  }
  const old = figureOf('insert-thickness', measured, sheet)
  const chosen = inserts.find(({ id }) => out.some(({ kind, partId }) => kind === 'insert' && partId === id))
  const standOf = (thicknessMm: number | undefined) =>
    thicknessMm === undefined ? null : insertStand(thicknessMm, bed, policy.bezel)
  return { found: standOf(old?.valueMm), planned: standOf(chosen?.thicknessMm) }
}

function fixingOf(chosen: string): InsertFixing {
  return INSERT_FIXINGS.find((option) => option === chosen) ?? 'flexible-cement'
}

/** What goes on with the crystal and the rings of a removable bezel: parts out for the tray, else the old ones again. */
export function setParts(
  { bezels, chapterRings }: DrawersInMemory,
  out: readonly Pick<KeptPartOut, 'kind' | 'partId'>[],
  { found, now }: Pick<BezelWorkBasis, 'found' | 'now'>,
  policy: BezelPolicy,
): SetPart[] {
  if (!constructionOf(now.sheet.retention).bezel) return []
  const outOf = <T extends { readonly id: number }>(kind: PartKind, lines: readonly T[]) =>
    lines.find(({ id }) => out.some((part) => part.kind === kind && part.partId === id))
  const bezel = outOf('bezel', bezels)
  const ring = outOf('chapter-ring', chapterRings)
  const old = { code: null, probability: null }
  return [
    {
      name: 'bezel',
      ...(bezel
        ? { code: bezel.code, probability: assessBezel(bezel, bezelSeat(found), policy).probability }
        : old),
    },
    ...(now.sheet.chapterRing === 'none'
      ? []
      : [
          {
            name: 'chapter ring' as const,
            ...(ring
              ? {
                  code: ring.code,
                  probability: assessChapterRing(ring, chapterRingSeat(now), policy).probability,
                }
              : old),
          },
        ]),
  ]
}

function insertWork({ inserts }: DrawersInMemory, { now, fixing, policy }: BezelWorkBasis): InsertWork {
  const { measured, sheet } = now
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const outer = figure('recess-outer')
  const [insertOuter, insertInner] = [figure('insert-outer'), figure('insert-inner')]
  const cutRing =
    insertOuter && insertInner
      ? cutRingFor({ outerMm: insertOuter.valueMm, innerMm: insertInner.valueMm }, policy.bezel)
      : null
  if (!outer) return { fitting: [], rejected: [], cutRing, missing: 'recess-outer' }
  return {
    ...chooseInsert(
      inserts,
      {
        outer,
        inner: figure('recess-inner'),
        depth: figure('recess-depth'),
        form: sheet.insertForm,
        hold: sheet.insertHold ?? 'adhesive',
        fixing: fixingOf(fixing),
        family: sheet.bezelFamily,
      },
      policy.bezel,
    ),
    cutRing,
    missing: null,
  }
}

function bezelChoice(drawers: DrawersInMemory, facts: BezelWorkBasis): BezelChoice {
  const chosen = chooseBezel(drawers.bezels, bezelSeat(facts.found), facts.policy.bezel)
  const { retention, chapterRing } = facts.found.sheet
  const { bezel } = constructionOf(retention)
  // A bezel that only sits round the crystal has no say in which one goes in.
  if (!bezel) return { ...chosen, notes: [] }
  return {
    ...withSets(chosen, (found) => setFor(found, drawers, facts)),
    notes: bezel.role === 'carries' ? newBezelNotes(chapterRing) : [],
  }
}

/** The case a bezel goes on, as far as it is known. */
function bezelSeat({ measured, sheet }: ByFigures): BezelSeat {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const { bezel } = constructionOf(sheet.retention)
  const inBezel = bezel?.role === 'carries'
  return {
    kind: sheet.bezelKind,
    onRing: bezel !== null,
    neckOuter: figure('neck-outer'),
    oldInner: figure('bezel-inner'),
    keySpacing: inBezel ? figure('key-spacing') : null,
    keyWidth: inBezel ? figure('key-width') : null,
    clicks: sheet.bezelClicks,
    crystalMm: inBezel ? null : (figure('crystal-diameter')?.valueMm ?? null),
    family: sheet.bezelFamily,
  }
}

/** What of the drawers goes with a bezel: by its own readings once it is out, else by what its supplier says. */
function setFor(found: BezelAssessment, drawers: DrawersInMemory, facts: BezelWorkBasis): BezelSet {
  const { wishes, policy } = facts
  const { measured, sheet } = facts.found
  const basis =
    found.bezel.id === facts.newBezelId
      ? facts.now
      : {
          measured: withoutBezel(measured, sheet),
          sheet: sheetWithBezel(sheet, found.bezel, measured),
        }
  return setInBezel(drawers.index, found, { ...basis, wishes, policy: policy.fit })
}

function chapterRingWork(
  { chapterRings }: DrawersInMemory,
  { now, policy }: Pick<BezelWorkBasis, 'now' | 'policy'>,
): ChapterRingWork {
  const seat = chapterRingSeat(now)
  if (!seat.oldOuter && !seat.oldInner) return { fitting: [], rejected: [], missing: 'chapter-ring-inner' }
  return { ...chooseChapterRing(chapterRings, seat, policy.bezel), missing: null }
}

/** The place a chapter ring lies in, as far as it is known. */
function chapterRingSeat({ measured, sheet }: ByFigures): ChapterRingSeat {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  return {
    kind: sheet.chapterRing,
    oldOuter: figure('chapter-ring-outer'),
    oldInner: figure('chapter-ring-inner'),
    oldHeight: figure('chapter-ring-height'),
    bore: figure(constructionOf(sheet.retention).ring.bore ?? 'bore'),
    family: sheet.bezelFamily,
  }
}
