import type { GridColDef } from '@mui/x-data-grid'
import { formatMm } from '@/core/units/formatMm'
import { moneyText } from '@/core/units/moneyText'
import type { PartKind } from '@/core/stock/partKinds'
import type { PartRow } from '@/services/drawers/drawersPage'
import { codeColumn, countColumn, mmColumn, wordColumn } from '../tables/columns'

const SHELF = codeColumn<PartRow>('drawer', 'Drawer', 0.5)
const CODE = codeColumn<PartRow>('code', 'Code')
/** How many are there, and a word beside it where they are to be ordered. */
const THERE: GridColDef<PartRow> = {
  ...countColumn<PartRow>('quantity', 'In stock'),
  minWidth: 104,
  valueFormatter: (value: number, row) => (row.quantity < row.minimum ? `${value} low` : String(value)),
  cellClassName: ({ row }) => (row.quantity < row.minimum ? 'figure low' : 'figure'),
}
/** A price of 0 is one nobody knows. */
const PRICE: GridColDef<PartRow> = {
  ...countColumn<PartRow>('priceCents', 'Price'),
  valueFormatter: (value: number) => (value === 0 ? '–' : moneyText(value)),
}
const END: readonly GridColDef<PartRow>[] = [SHELF, THERE, PRICE, CODE]

/** A full face has neither opening nor recess. */
const orNone = (column: GridColDef<PartRow>): GridColDef<PartRow> => ({
  ...column,
  valueFormatter: (value: number) => (value === 0 ? '–' : formatMm(value, 0.1)),
})
const OPENING = orNone(mmColumn<PartRow>('openingMm', 'Opening'))
const RECESS = orNone(mmColumn<PartRow>('recessDepthMm', 'Recess'))

/** What the table shows of each kind: what a technician reads first, first. */
export const PART_COLUMNS: Readonly<Record<PartKind, readonly GridColDef<PartRow>[]>> = {
  crystal: [
    {
      ...mmColumn<PartRow>('diameterMm', 'Diameter'),
      minWidth: 132,
      valueFormatter: (value: number, row) =>
        typeof row.widthMm === 'number'
          ? `${formatMm(value, 0.1)} × ${formatMm(row.widthMm, 0.1)}`
          : formatMm(value, 0.1),
    },
    mmColumn('edgeThicknessMm', 'Edge'),
    mmColumn('centreThicknessMm', 'Centre'),
    wordColumn('material', 'Material'),
    wordColumn('profile', 'Profile'),
    wordColumn('build', 'Made for', 0.5),
    ...END,
  ],
  gasket: [
    mmColumn('outerDiameterMm', 'Outside'),
    mmColumn('wallMm', 'Wall', 0.01),
    mmColumn('heightMm', 'Height'),
    wordColumn('use', 'Sits', 0.4),
    wordColumn('material', 'Material'),
    wordColumn('colour', 'Colour', 0.5),
    ...END,
  ],
  'o-ring': [
    mmColumn('innerDiameterMm', 'Inside', 0.01),
    mmColumn('sectionMm', 'Section', 0.01),
    wordColumn('material', 'Material'),
    ...END,
  ],
  bezel: [
    mmColumn('outerMm', 'Outside'),
    mmColumn('innerMm', 'Inside'),
    wordColumn('bezelKind', 'Kind'),
    wordColumn('material', 'Material', 0.5),
    wordColumn('family', 'Family', 0.5),
    ...END,
  ],
  insert: [
    mmColumn('outerMm', 'Outside'),
    mmColumn('innerMm', 'Inside'),
    mmColumn('thicknessMm', 'Thickness'),
    wordColumn('form', 'Form', 0.4),
    wordColumn('material', 'Material', 0.5),
    wordColumn('colour', 'Colour', 0.5),
    wordColumn('family', 'Family', 0.5),
    ...END,
  ],
  'chapter-ring': [
    mmColumn('outerMm', 'Outside'),
    mmColumn('innerMm', 'Inside'),
    mmColumn('heightMm', 'Height'),
    wordColumn('form', 'Held', 0.4),
    wordColumn('material', 'Material', 0.5),
    wordColumn('colour', 'Colour', 0.5),
    wordColumn('family', 'Family', 0.5),
    ...END,
  ],
  die: [
    wordColumn('role', 'Role', 0.5),
    mmColumn('outerDiameterMm', 'Outside'),
    OPENING,
    RECESS,
    wordColumn('material', 'Material', 0.5),
    codeColumn('drawer', 'Place', 0.8),
    THERE,
    PRICE,
    CODE,
  ],
  supply: [{ ...wordColumn<PartRow>('name', 'Name', 2), valueFormatter: (value: string) => value }, ...END],
}
