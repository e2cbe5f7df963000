import type { FitWishes } from '@/core/fit/FitWishes'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { Die } from '@/core/dies/Die'

const STOCK_LINE = { minimum: 0, supplier: '', supplierCode: '' }

/** A 30.0 × 1.0 flat mineral crystal; override what the test is about. */
export function stockCrystal(over: Partial<StockCrystal> = {}): StockCrystal {
  return {
    id: 1,
    code: 'C-300-10',
    drawer: 'C-14',
    ...STOCK_LINE,
    build: 'disc',
    diameterMm: 30,
    widthMm: null,
    cornerRadiusMm: null,
    skirtInnerMm: null,
    ringHeightMm: null,
    magnifier: 'none',
    insideMagnifierMm: null,
    arCoating: 'none',
    edgeThicknessMm: 1,
    centreThicknessMm: 1,
    undersideRiseMm: 0,
    bevelMm: 0.2,
    material: 'mineral',
    profile: 'flat',
    quantity: 6,
    priceCents: 700,
    ...over,
  }
}

/** A nylon 31.0 / 0.50 I-section ring, 1.0 high. */
export function stockGasket(over: Partial<StockGasket> = {}): StockGasket {
  return {
    id: 1,
    code: 'G-310-50',
    drawer: 'G-03',
    ...STOCK_LINE,
    use: 'crystal',
    family: '',
    outerDiameterMm: 31,
    wallMm: 0.5,
    heightMm: 1,
    section: 'I',
    footMm: 0,
    material: 'nylon',
    colour: 'black',
    quantity: 4,
    priceCents: 150,
    ...over,
  }
}

export const NO_WISHES: FitWishes = {
  sizeMm: null,
  material: null,
  profile: null,
  magnifier: null,
  arCoating: null,
  gasketColour: null,
  lastTime: null,
  pastPairs: [],
  between: null,
}

export function die(over: Partial<Die> = {}): Die {
  return {
    id: 1,
    code: 'P29',
    role: 'pusher',
    material: 'nylon',
    drawer: 'block A',
    quantity: 1,
    priceCents: 1900,
    ...STOCK_LINE,
    outerDiameterMm: 29,
    openingMm: 0,
    recessDepthMm: 0,
    sides: null,
    ...over,
  }
}
