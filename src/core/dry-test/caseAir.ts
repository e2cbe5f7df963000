const { PI } = Math
/** Of a case's outside so much is air once the movement is in, share. From memory */
const FREE_SHARE = 0.12
const MM3_IN_CM3 = 1e-3

/**
 * About how much air a case holds, cm³, from its outside.
 * @returns null where that was not measured
 */
export function likelyAirCm3(sheet: {
  readonly caseDiameterMm: number | null
  readonly caseHeightMm: number | null
}): number | null {
  const { caseDiameterMm, caseHeightMm } = sheet
  if (caseDiameterMm === null || caseHeightMm === null) return null
  const outsideMm3 = (PI / 4) * caseDiameterMm ** 2 * caseHeightMm
  return Math.round(outsideMm3 * FREE_SHARE * MM3_IN_CM3 * 10) / 10
}
