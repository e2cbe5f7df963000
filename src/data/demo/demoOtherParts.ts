import type { NewORing, NewSupply } from '../queries/otherParts'

/** O-rings and supplies of the demo drawers. Suppliers are made up. */

const PELLET = 'Pellet Lane'
const GANNET = 'Gannet Row'

const O_RING_SIZES: readonly (readonly [inner: number, section: number, quantity: number])[] = [
  [1.6, 0.5, 6],
  [1.8, 0.5, 8],
  [1.95, 0.65, 5],
  [2.2, 0.7, 2],
  [24, 0.6, 3],
  [26.5, 0.7, 4],
  [27, 0.7, 6],
  [27.5, 0.7, 3],
  [28, 0.8, 2],
  [28.5, 0.8, 5],
  [29, 0.7, 4],
  [29, 0.8, 1],
  [29, 0.9, 4],
  [29.5, 0.8, 6],
  [30, 0.8, 0],
  [31, 0.9, 3],
]

export const DEMO_O_RINGS: readonly NewORing[] = O_RING_SIZES.map(
  ([innerDiameterMm, sectionMm, quantity]) => ({
    code: `O-${Math.round(innerDiameterMm * 10)}-${Math.round(sectionMm * 100)}`,
    drawer: innerDiameterMm < 5 ? 'O-01' : 'O-02',
    innerDiameterMm,
    sectionMm,
    material: 'nitrile',
    quantity,
    minimum: 2,
    priceCents: 60,
    supplier: PELLET,
    supplierCode: `PL OR ${innerDiameterMm.toFixed(1)}x${sectionMm.toFixed(2)}`,
  }),
)

export const DEMO_SUPPLIES: readonly NewSupply[] = [
  {
    code: 'V-CEM',
    drawer: 'V-01',
    name: 'clear crystal cement, tube',
    quantity: 3,
    minimum: 2,
    priceCents: 780,
    supplier: GANNET,
    supplierCode: 'GR CEM',
  },
  {
    code: 'V-FLEX',
    drawer: 'V-01',
    name: 'clear flexible cement with needle',
    quantity: 1,
    minimum: 2,
    priceCents: 920,
    supplier: GANNET,
    supplierCode: 'GR FLEX',
  },
  {
    code: 'V-RING',
    drawer: 'V-01',
    name: 'double-sided rings for inserts, sheet',
    quantity: 4,
    minimum: 1,
    priceCents: 560,
    supplier: GANNET,
    supplierCode: 'GR DSR',
  },
  {
    code: 'V-GREASE',
    drawer: 'V-02',
    name: 'silicone grease, pad',
    quantity: 2,
    minimum: 1,
    priceCents: 640,
    supplier: PELLET,
    supplierCode: 'PL SG',
  },
  {
    code: 'V-COTS',
    drawer: 'V-02',
    name: 'finger cots, bag of 100',
    quantity: 1,
    minimum: 1,
    priceCents: 890,
    supplier: PELLET,
    supplierCode: 'PL FC',
  },
  {
    code: 'V-TAPE',
    drawer: 'V-02',
    name: 'masking tape for cases',
    quantity: 2,
    minimum: 1,
    priceCents: 310,
    supplier: PELLET,
    supplierCode: 'PL MT',
  },
]
