import type { DimensionPart } from '../readings/Dimension'
import { DIMENSIONS } from '../readings/dimensions'
import { SHEET_DIMENSIONS, sheetField } from '../readings/sheetFigures'

/** Fields that are asked and shown together. */
export interface FieldGroup {
  readonly title: string
  /** in the order they are asked */
  readonly names: readonly string[]
}

function figuresOf(part: DimensionPart): string[] {
  return SHEET_DIMENSIONS.filter((id) => DIMENSIONS[id].part === part).map(sheetField)
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
      'undersideRiseMm',
      ...figuresOf('crystal'),
    ],
  },
  {
    title: 'Where the crystal sits',
    names: [...figuresOf('case'), 'gasketSection', 'gasketMaterial', 'gasketColour', ...figuresOf('gasket')],
  },
  {
    title: 'Bezel, insert and chapter ring',
    names: [
      'bezelKind',
      'bezelEntry',
      'bezelFamily',
      'bezelClicks',
      ...figuresOf('bezel'),
      'insertMaterial',
      'insertHold',
      'insertForm',
      ...figuresOf('insert'),
      'chapterRing',
      ...figuresOf('chapter-ring'),
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
      ...figuresOf('back-seal'),
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
      ...figuresOf('crown'),
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
