import { planPoint } from '@/core/plan-view/planViewGeometry'
import type { DimensionId } from '@/core/readings/dimensions'
import type { SectionCase } from '@/core/section/sectionGeometry'
import type { TrayView } from '@/services/tray/trayView'
import { knownMm } from './sectionParts'

export interface PlanPartsProps {
  readonly view: TrayView
  readonly section: SectionCase
}

/** Of what nobody measured, mm: from the case's edge to an insert, from the crystal to it, a chapter ring's width. Assumed. */
const INSERT_IN_MM = 1.2
const INSERT_OFF_CRYSTAL_MM = 0.8
const CHAPTER_WIDTH_MM = 1.4
const PIP_MM = 1.1
const MINUTES = Array.from({ length: 60 }, (_, minute) => minute)

/** From above, what is set to the dial: the insert with its pip on 12, and the chapter ring with its ticks. */
export function PlanParts({ view, section }: PlanPartsProps) {
  const { insertMaterial, chapterRing } = view.sheet
  const ring = (outer: DimensionId, inner: DimensionId, assumed: readonly [number, number]) => {
    const [outerMm, innerMm] = [knownMm(view, outer), knownMm(view, inner)]
    const known = outerMm !== null && innerMm !== null
    return { outer: (outerMm ?? assumed[0]) / 2, inner: (innerMm ?? assumed[1]) / 2, known }
  }
  const { caseDiameterMm, boreMm, dialOpeningMm } = section
  return (
    <>
      {insertMaterial !== 'none' && (
        <Insert
          {...ring('insert-outer', 'insert-inner', [
            caseDiameterMm - 2 * INSERT_IN_MM,
            boreMm + 2 * INSERT_OFF_CRYSTAL_MM,
          ])}
        />
      )}
      {chapterRing !== 'none' && (
        <ChapterRing
          {...ring('chapter-ring-outer', 'chapter-ring-inner', [
            dialOpeningMm,
            dialOpeningMm - 2 * CHAPTER_WIDTH_MM,
          ])}
        />
      )}
    </>
  )
}

interface Annulus {
  readonly outer: number
  readonly inner: number
  /** false where its width is assumed: drawn with a broken line */
  readonly known: boolean
}

const thin = { fill: 'none', vectorEffect: 'non-scaling-stroke' as const }

function Insert({ outer, inner, known }: Annulus) {
  const line = { ...thin, stroke: 'var(--mui-palette-section-insert)', strokeWidth: 1.4 }
  const middle = (outer + inner) / 2
  const half = Math.min(PIP_MM, (outer - inner) / 3)
  return (
    <g data-part="insert" strokeDasharray={known ? undefined : '6 3'}>
      <title>{known ? 'insert' : 'insert, its width assumed'}</title>
      <circle r={outer} {...line} />
      <circle r={inner} {...line} />
      <path
        d={`M${-half} ${-middle - half}H${half}L0 ${-middle + half}Z`}
        fill="var(--mui-palette-section-insert)"
        stroke="none"
      />
    </g>
  )
}

function ChapterRing({ outer, inner, known }: Annulus) {
  return (
    <g
      data-part="chapter-ring"
      stroke="var(--mui-palette-section-chapter)"
      strokeWidth={1}
      strokeDasharray={known ? undefined : '6 3'}
    >
      <title>{known ? 'chapter ring' : 'chapter ring, its width assumed'}</title>
      <circle r={inner} {...thin} />
      {MINUTES.map((minute) => {
        const from = planPoint(inner, minute * 6)
        const to = planPoint(minute % 5 === 0 ? outer : (inner + outer) / 2, minute * 6)
        return (
          <path
            key={minute}
            d={`M${from.xMm.toFixed(3)} ${from.yMm.toFixed(3)}L${to.xMm.toFixed(3)} ${to.yMm.toFixed(3)}`}
            strokeDasharray="none"
            {...thin}
          />
        )
      })}
    </g>
  )
}
