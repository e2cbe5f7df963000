import type { ORing } from './staticSeal'

const MM_PER_INCH = 25.4

/** Inside diameters of the 1.78 (0.070 in) series that can occur in watches, inch, by dash number. */
const SERIES_0_INCH: Readonly<Record<string, number>> = {
  '004': 0.07,
  '005': 0.101,
  '006': 0.114,
  '007': 0.145,
  '008': 0.176,
  '009': 0.208,
  '010': 0.239,
  '011': 0.301,
  '012': 0.364,
  '013': 0.426,
  '014': 0.489,
  '015': 0.551,
  '016': 0.614,
  '017': 0.676,
  '018': 0.739,
  '019': 0.801,
  '020': 0.864,
  '021': 0.926,
  '022': 0.989,
  '023': 1.051,
  '024': 1.114,
  '025': 1.176,
  '026': 1.239,
  '027': 1.301,
  '028': 1.364,
  '029': 1.489,
  '030': 1.614,
}
/** The three smaller ones, with sections of their own, inch. */
const SMALLEST_INCH: Readonly<Record<string, readonly [inner: number, section: number]>> = {
  '001': [0.029, 0.04],
  '002': [0.042, 0.05],
  '003': [0.056, 0.06],
}
const SERIES_0_SECTION_INCH = 0.07

export interface NamedORing extends ORing {
  readonly name: string
}

/**
 * The part of the standard table that can occur in a watch, mm to a hundredth as printed.
 * @source SAE AS568, ISO 3601-1 (quoted from memory)
 */
export const STANDARD_O_RINGS: readonly NamedORing[] = [
  ...Object.entries(SMALLEST_INCH).map(([dash, [inner, section]]) => named(dash, inner, section)),
  ...Object.entries(SERIES_0_INCH).map(([dash, inner]) => named(dash, inner, SERIES_0_SECTION_INCH)),
].sort((a, b) => a.innerDiameterMm - b.innerDiameterMm)

function named(dash: string, innerInch: number, sectionInch: number): NamedORing {
  const mm = (inch: number) => Math.round(inch * MM_PER_INCH * 100) / 100
  return { name: `-${dash}`, innerDiameterMm: mm(innerInch), sectionMm: mm(sectionInch) }
}

/** Sections watch rings are sold in, mm. From memory. */
const WATCH_SECTIONS_MM = [
  0.3, 0.35, 0.4, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.75, 0.8, 0.9, 1, 1.1, 1.2,
] as const
/** Steps their insides are sold in, mm: small ones finer. From memory. */
const SMALL_STEP_MM = 0.1
const LARGE_STEP_MM = 0.5
const SMALL_UP_TO_MM = 8

/** The watch-sized ring whose inside is nearest below a wanted one, in every section sold. */
export function watchSizedNear(innerMm: number): NamedORing[] {
  const step = innerMm <= SMALL_UP_TO_MM ? SMALL_STEP_MM : LARGE_STEP_MM
  const innerDiameterMm = Number((Math.floor(innerMm / step + 1e-9) * step).toFixed(2))
  return WATCH_SECTIONS_MM.map((sectionMm) => ({
    name: `${innerDiameterMm.toFixed(1)} × ${sectionMm.toFixed(2)}`,
    innerDiameterMm,
    sectionMm,
  }))
}
