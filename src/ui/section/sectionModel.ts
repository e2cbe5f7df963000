import type { InsertStand } from '@/core/bezel/insertStand'
import type { Candidate } from '@/core/fit/Candidate'
import type { FitPolicy } from '@/core/fit/fitPolicy'
import { constructionOf } from '@/core/construction/constructions'
import type { SqueezeState } from '@/core/section/gasketTint'
import type { Outline } from '@/core/section/outline'
import type { SectionCase } from '@/core/section/sectionGeometry'
import { sectionOutlines } from '@/core/section/sectionOutlines'
import { formatMm, formatSignedMm } from '@/core/units/formatMm'
import type { SectionLabel, SectionSource } from './SectionSource'
import { sectionLabels } from './sectionLabels'
import { assumedOf, foundHold, foundParts, jointFigures, plannedParts, sectionCase } from './sectionParts'

/** One half of the section: outlines for r ≥ 0 and how its ring is held. */
export interface SectionHalf {
  readonly outlines: readonly Outline[]
  readonly ring: SqueezeState
  /** its crystal is in pieces: drawn with a broken line */
  readonly broken: boolean
  /** what lies there, in words */
  readonly text: string
}

export interface SectionModel {
  readonly section: SectionCase
  /** proportions nobody measured, in words */
  readonly assumed: readonly string[]
  readonly found: SectionHalf
  readonly planned: SectionHalf
  readonly labels: readonly SectionLabel[]
}

/** Everything the section shows, in millimetres and words, from the tray's own figures. */
export function sectionModel(
  source: SectionSource,
  candidate: Candidate | null,
  policy: FitPolicy,
): SectionModel {
  const { retention } = source.sheet
  const section = sectionCase(source)
  const joint = jointFigures(source, section)
  const before = { ...source, ...source.asFound }
  const sectionBefore = sectionCase(before, 'found')
  const found = foundParts(before, sectionBefore)
  const { crystalState } = source.tray
  const planned = sectionOutlines(
    retention,
    section,
    joint,
    candidate ? plannedParts(candidate) : { crystal: null, ring: null },
  )
  return {
    section,
    assumed: assumedOf(source, section.boreMm),
    found: {
      outlines: sectionOutlines(retention, sectionBefore, jointFigures(before, sectionBefore), found),
      ring: foundHold(before, sectionBefore, found, policy),
      broken: crystalState === 'shattered' || crystalState === 'cracked',
      text: foundText(source, found),
    },
    planned: {
      outlines: planned,
      ring: candidate ? candidate.hold.state : 'loose',
      broken: false,
      text: plannedText(candidate),
    },
    labels: [
      ...sectionLabels(source, section, joint, candidate, policy),
      ...insertLabels(source.insertStands?.planned ?? null, planned),
    ],
  }
}

/** How the insert that goes in will stand against its bezel's edge. */
function insertLabels(stand: InsertStand | null, planned: readonly Outline[]): SectionLabel[] {
  const drawn = planned.find(({ material }) => material === 'insert')
  if (!drawn || !stand || stand.flushMm === null) return []
  const { flushMm, word } = stand
  const middle = (of: 0 | 1) => drawn.points.reduce((sum, point) => sum + point[of], 0) / drawn.points.length
  return [
    {
      dimension: null,
      title: `Insert ${word ?? ''}`,
      value: formatSignedMm(flushMm),
      state: 'derived',
      tone: word === 'flush' ? 'good' : 'attention',
      place: 'right',
      anchor: [middle(0), middle(1)],
    },
  ]
}

function foundText({ tray, sheet }: SectionSource, { crystal, ring }: ReturnType<typeof foundParts>): string {
  const missing =
    tray.crystalState === 'missing' ? 'no crystal' : `crystal ${tray.crystalState}, its size not known`
  const what = crystal ? `crystal ${formatMm(crystal.diameterMm)} ${tray.crystalState}` : missing
  if (ring) return `as found: ${what}, ring wall ${formatMm(ring.wallMm)}`
  const ringless = constructionOf(sheet.retention).ring.bore === null
  return `as found: ${what}${ringless ? '' : ', no ring'}`
}

function plannedText(candidate: Candidate | null): string {
  if (!candidate) return 'as planned: nothing chosen yet'
  const { crystal, gasket } = candidate
  const size = [crystal.diameterMm, crystal.widthMm, crystal.edgeThicknessMm]
    .filter((mm) => mm !== null)
    .map((mm) => formatMm(mm, 0.1))
    .join(' × ')
  return `as planned: ${size}${gasket ? ` in ring ${formatMm(gasket.wallMm)}` : ''}`
}
