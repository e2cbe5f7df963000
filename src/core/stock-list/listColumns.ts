import { PARTS } from '../parts/parts'
import type { Field } from '../records/Field'
import type { PartKind } from '../parts/parts'
import type { ListUnit } from './listNumber'
import { listNumber } from './listNumber'

/** What a column of a list is: a field of the part, with the unit its figures are printed in. */
export interface ListColumn {
  readonly field: string
  readonly unit: ListUnit
}

/** By heading of the list; headings that are not there are passed over. */
export type ColumnMapping = Readonly<Record<string, ListColumn>>

/** Other words suppliers use for a field, lower case. */
const SYNONYMS: Readonly<Record<string, readonly string[]>> = {
  supplierCode: [
    'article',
    'article no',
    'art no',
    'item',
    'item no',
    'part no',
    'part number',
    'sku',
    'ref',
    'order code',
    'order no',
    'number',
    'code',
  ],
  diameterMm: ['diameter', 'dia', 'ø', 'd', 'size', 'od', 'length'],
  widthMm: ['width', 'w', 'breadth'],
  cornerRadiusMm: ['corner', 'radius', 'r', 'corner radius'],
  edgeThicknessMm: ['thickness', 'thick', 't', 'edge', 'height at edge', 'th'],
  centreThicknessMm: ['centre', 'center', 'centre thickness', 'center thickness'],
  insideMagnifierMm: ['magnifier thick', 'lens thick'],
  undersideRiseMm: ['underside', 'rise', 'dome inside'],
  skirtInnerMm: ['skirt', 'skirt id', 'inside'],
  ringHeightMm: ['ring height', 'tension ring'],
  outerDiameterMm: ['outer', 'outside', 'od', 'outside diameter', 'diameter', 'ø'],
  wallMm: ['wall', 'wall thickness', 'ring wall'],
  heightMm: ['height', 'h'],
  innerDiameterMm: ['inner', 'inside', 'id', 'inside diameter', 'inner diameter'],
  sectionMm: ['section', 'cross section', 'cs', 'cord', 'thickness'],
  outerMm: ['outer', 'outside', 'od', 'outside diameter'],
  innerMm: ['inner', 'inside', 'id', 'inside diameter'],
  thicknessMm: ['thickness', 'thick', 't'],
  material: ['material', 'glass', 'type of glass', 'mat'],
  profile: ['profile', 'shape', 'type', 'dome'],
  colour: ['colour', 'color', 'col'],
  quantity: ['quantity', 'qty', 'stock', 'pcs', 'on hand'],
  priceCents: ['price', 'net', 'net price', 'unit price', 'each'],
  minimum: ['minimum', 'min', 'reorder at'],
  drawer: ['drawer', 'shelf', 'bin', 'location', 'place'],
  name: ['name', 'description', 'article name'],
  family: ['family', 'fits', 'model', 'for'],
  bezelKind: ['kind', 'bezel', 'type'],
  form: ['form', 'flat or slope', 'slope', 'held', 'key'],
  role: ['role', 'kind of die', 'use'],
  openingMm: ['opening', 'bore', 'hole', 'grip'],
  recessDepthMm: ['recess', 'depth', 'recess depth'],
}

/** A heading without its unit and signs, lower case. */
function plain(heading: string): string {
  return heading
    .toLowerCase()
    .replace(/\(.*?\)|\[.*?\]|1\/100?|tenths?|hundredths?/g, ' ')
    .replace(/\b(mm|inch|inches|in|cents|eur|usd|gbp)\b|["“”,.:#/_-]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/**
 * Which column is which field, by heading: as it was set last for this supplier, else by the field's own label, else by
 * the words suppliers use. No field is taken twice.
 * @param sample - some rows, to see what unit sizes are printed in
 */
export function guessColumns(
  kind: PartKind,
  headings: readonly string[],
  sample: readonly (readonly string[])[],
  remembered: ColumnMapping = {},
): ColumnMapping {
  const fields = PARTS[kind].fields
  const mapping: Record<string, ListColumn> = {}
  const taken = new Set<string>()
  const take = (heading: string, field: Field, unit: ListUnit) => {
    if (taken.has(field.name) || mapping[heading]) return
    taken.add(field.name)
    mapping[heading] = { field: field.name, unit }
  }
  for (const heading of headings) {
    const before = remembered[heading]
    const field = before && fields.find(({ name }) => name === before.field)
    if (field) take(heading, field, before.unit)
  }
  const passes = [
    (heading: string, field: Field) => plain(heading) === plain(field.label),
    (heading: string, field: Field) => SYNONYMS[field.name]?.includes(plain(heading)) === true,
  ]
  for (const matches of passes) {
    for (const [at, heading] of headings.entries()) {
      if (mapping[heading] || heading.trim() === '') continue
      const field = fields.find((candidate) => !taken.has(candidate.name) && matches(heading, candidate))
      if (field)
        take(
          heading,
          field,
          field.kind === 'figure'
            ? unitOf(
                field,
                heading,
                sample.map((row) => row[at] ?? ''),
              )
            : 'mm',
        )
    }
  }
  return mapping
}

/** The unit a heading names, or that brings its figures into the field's range. */
function unitOf(
  field: Extract<Field, { kind: 'figure' }>,
  heading: string,
  cells: readonly string[],
): ListUnit {
  if (/1\/100|hundredth/i.test(heading)) return 'hundredths of mm'
  if (/1\/10|tenth/i.test(heading)) return 'tenths of mm'
  if (/\bin(ch(es)?)?\b|["”]/i.test(heading)) return 'inch'
  if (/\bmm\b/i.test(heading)) return 'mm'
  const figures = cells.flatMap((cell) => {
    const read = listNumber(cell)
    return read.ok && read.value > 0 ? [read.value] : []
  })
  if (figures.length === 0) return 'mm'
  const share = (factor: number) =>
    figures.filter((value) => value * factor >= field.leastMm && value * factor <= field.mostMm).length
  const units = [
    ['mm', 1],
    ['tenths of mm', 0.1],
    ['hundredths of mm', 0.01],
    ['inch', 25.4],
  ] as const
  return units.reduce((best, unit) => (share(unit[1]) > share(best[1]) ? unit : best))[0]
}
