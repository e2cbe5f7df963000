/** Fields that are asked and shown together. */
export interface FieldGroup {
  readonly title: string
  /** in the order they are asked */
  readonly names: readonly string[]
}

/** A case sheet by the parts of the case, in the order a technician meets them: from the case over the crystal to the crown. */
export const CASE_SHEET_GROUPS: readonly FieldGroup[] = [
  {
    title: 'Case',
    names: [
      'maker',
      'reference',
      'caseMaterial',
      'retention',
      'caseDiameterMm',
      'caseHeightMm',
      'dialOpeningMm',
      'handsBelowSeatMm',
    ],
  },
  {
    title: 'Crystal',
    names: [
      'crystalMaterial',
      'crystalProfile',
      'magnifier',
      'dateAt',
      'dateRadiusMm',
      'arCoating',
      'crystalOutline',
      'crystalDiameterMm',
      'crystalLengthMm',
      'crystalWidthMm',
      'crystalEdgeMm',
      'crystalCentreMm',
      'undersideRiseMm',
      'domeHeightMm',
      'skirtInnerMm',
      'skirtOuterMm',
      'ringHeightMm',
    ],
  },
  {
    title: 'Where the crystal sits',
    names: [
      'boreMm',
      'seatDepthMm',
      'neckOuterMm',
      'grooveMm',
      'rebateLengthMm',
      'rebateWidthMm',
      'rebateDepthMm',
      'rebateCornerMm',
      'gasketSection',
      'gasketMaterial',
      'gasketColour',
      'gasketWallMm',
      'gasketHeightMm',
      'gasketOuterMm',
    ],
  },
  {
    title: 'Bezel, insert and chapter ring',
    names: [
      'bezelKind',
      'bezelEntry',
      'bezelFamily',
      'bezelClicks',
      'bezelInnerMm',
      'bezelBoreMm',
      'bezelOuterMm',
      'bezelGasketWallMm',
      'keySpacingMm',
      'keyWidthMm',
      'insertMaterial',
      'insertHold',
      'insertForm',
      'insertOuterMm',
      'insertInnerMm',
      'insertThicknessMm',
      'recessOuterMm',
      'recessInnerMm',
      'recessDepthMm',
      'chapterRing',
      'chapterRingInnerMm',
      'chapterRingOuterMm',
      'chapterRingHeightMm',
    ],
  },
  {
    title: 'Back and its seal',
    names: [
      'backKind',
      'notchCount',
      'notchShape',
      'notchCircleMm',
      'backGripMm',
      'backSides',
      'lipHour',
      'backScrewCount',
      'twoPartBack',
      'backSeal',
      'backRingInnerMm',
      'backRingSectionMm',
      'backGrooveInnerMm',
      'backGrooveWidthMm',
      'backGrooveDepthMm',
    ],
  },
  {
    title: 'Movement and crown',
    names: [
      'movementKind',
      'movementHold',
      'stemRelease',
      'stemReleaseCrown',
      'crownKind',
      'crownHour',
      'crownTubeMm',
      'crownBoreMm',
      'crownRoomMm',
      'pusherHours',
    ],
  },
  { title: 'Note', names: ['note'] },
]

/** Things with a name, group by group; groups that have none of them are left out. */
export function inGroups<T extends { readonly name: string }>(
  groups: readonly FieldGroup[],
  fields: readonly T[],
): { readonly title: string; readonly fields: readonly T[] }[] {
  const byName = new Map(fields.map((field) => [field.name, field]))
  return groups
    .map(({ title, names }) => ({ title, fields: names.flatMap((name) => byName.get(name) ?? []) }))
    .filter((group) => group.fields.length > 0)
}
