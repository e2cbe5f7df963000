import type { StockBezel, StockChapterRing, StockInsert, StockORing } from '@/core/stock/otherParts'

const LINE = { quantity: 3, minimum: 1, priceCents: 120, supplier: '', supplierCode: '' }

/** A 29.0 × 0.80 nitrile ring. */
export function stockORing(over: Partial<StockORing> = {}): StockORing {
  return {
    id: 1,
    code: 'O-290-80',
    drawer: 'O-02',
    ...LINE,
    innerDiameterMm: 29,
    sectionMm: 0.8,
    material: 'nitrile',
    ...over,
  }
}

/** A clicking steel bezel with a recess of 38.1 / 30.4, 0.9 deep. */
export function stockBezel(over: Partial<StockBezel> = {}): StockBezel {
  return {
    id: 1,
    code: 'B-405',
    drawer: 'B-01',
    ...LINE,
    bezelKind: 'rotating-click',
    material: 'steel',
    outerMm: 40.5,
    innerMm: 34.6,
    boreMm: null,
    keySpacingMm: null,
    keyWidthMm: null,
    recessOuterMm: 38.1,
    recessInnerMm: 30.4,
    recessDepthMm: 0.9,
    clicks: 120,
    family: 'Tidal',
    ...over,
  }
}

/** A sloped aluminium insert of 37.9 / 30.6 × 0.8. */
export function stockInsert(over: Partial<StockInsert> = {}): StockInsert {
  return {
    id: 1,
    code: 'I-379-306',
    drawer: 'I-01',
    ...LINE,
    outerMm: 37.9,
    innerMm: 30.6,
    thicknessMm: 0.8,
    form: 'sloped',
    material: 'aluminium',
    colour: 'black',
    family: 'Tidal',
    ...over,
  }
}

/** A keyed plastic chapter ring, 30.9 outside, 27.6 inside, 1.2 high. */
export function stockChapterRing(over: Partial<StockChapterRing> = {}): StockChapterRing {
  return {
    id: 1,
    code: 'R-309',
    drawer: 'R-01',
    ...LINE,
    outerMm: 30.9,
    innerMm: 27.6,
    heightMm: 1.2,
    form: 'keyed',
    material: 'plastic',
    colour: 'black',
    family: '',
    ...over,
  }
}
