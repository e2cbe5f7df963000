import { stockIndex } from '@/core/fit/stockIndex'
import { BUILT_IN_POLICY } from '@/core/policy/ShopPolicy'
import type { BezelWork, BezelWorkBasis } from '@/services/tray/bezelWork'
import { bezelWork } from '@/services/tray/bezelWork'
import { caseSheet } from './caseSheet'
import { NO_WISHES } from './parts'
import { stockBezel, stockChapterRing, stockInsert } from './otherParts'

const DRAWERS = {
  index: stockIndex([], []),
  oRings: [],
  dies: [],
  inserts: [stockInsert(), stockInsert({ id: 2, code: 'I-OTHER', family: 'Reef' })],
  bezels: [stockBezel(), stockBezel({ id: 2, code: 'B-60', clicks: 60 })],
  chapterRings: [stockChapterRing(), stockChapterRing({ id: 2, code: 'R-HIGH', heightMm: 1.6 })],
}

/** A diver's turning bezel with an insert in it and a chapter ring under its crystal, every figure on its sheet. */
const SHEET = caseSheet({
  bezelKind: 'rotating-click',
  bezelFamily: 'Tidal',
  bezelClicks: 120,
  bezelInnerMm: 34.6,
  insertMaterial: 'aluminium',
  insertForm: 'sloped',
  insertHold: 'adhesive',
  insertOuterMm: 37.9,
  insertInnerMm: 30.6,
  recessOuterMm: 38.1,
  recessInnerMm: 30.4,
  recessDepthMm: 0.9,
  chapterRing: 'keyed',
  chapterRingOuterMm: 30.9,
  chapterRingInnerMm: 27.6,
  chapterRingHeightMm: 1.2,
})

/** What of two inserts, two bezels and two chapter rings, one of each fitting, is chosen for that diver. */
export function diverBezelWork(
  asked: BezelWorkBasis['asked'],
  sheet: Partial<typeof SHEET> = {},
): BezelWork | null {
  return bezelWork(DRAWERS, {
    asked,
    found: { measured: {}, sheet: { ...SHEET, ...sheet } },
    now: { measured: {}, sheet: { ...SHEET, ...sheet } },
    newBezelId: null,
    wishes: NO_WISHES,
    policy: BUILT_IN_POLICY,
    fixing: 'flexible-cement',
  })
}
