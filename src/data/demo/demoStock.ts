import type { CrystalMaterial, CrystalProfile } from '@/core/fit/parts'
import type { SeededRandom } from '@/devices/seededRandom'
import type { NewCrystal, NewGasket } from '../queries/stock'
import type { NewDie } from '../queries/otherParts'
import { DEMO_OTHER_CRYSTALS, DEMO_OTHER_GASKETS } from './demoOtherBuilds'

interface Range {
  readonly from: number
  readonly to: number
  readonly step: number
  readonly edgeMm: number
  readonly material: CrystalMaterial
}

/** Flat crystals of the drawers: every tenth in the thin mineral, wider steps in what is dearer. */
const FLAT_RANGES: readonly Range[] = [
  { from: 26.6, to: 33.3, step: 0.1, edgeMm: 1.0, material: 'mineral' },
  { from: 29.8, to: 30.8, step: 0.1, edgeMm: 1.2, material: 'mineral' },
  { from: 28.0, to: 33.0, step: 0.5, edgeMm: 1.5, material: 'mineral' },
  { from: 32.8, to: 33.2, step: 0.1, edgeMm: 1.5, material: 'hardened-mineral' },
  { from: 29.8, to: 30.2, step: 0.1, edgeMm: 1.2, material: 'sapphire' },
  { from: 31.2, to: 31.8, step: 0.1, edgeMm: 1.5, material: 'sapphire' },
  { from: 29.3, to: 29.7, step: 0.1, edgeMm: 2.0, material: 'sapphire' },
]

interface Dome {
  readonly diameterMm: number
  readonly edgeMm: number
  readonly centreMm: number
  readonly undersideRiseMm: number
  readonly material: CrystalMaterial
}

const DOMES: readonly Dome[] = [
  { diameterMm: 27.9, edgeMm: 1.0, centreMm: 1.6, undersideRiseMm: 0, material: 'mineral' },
  { diameterMm: 28.0, edgeMm: 1.0, centreMm: 1.6, undersideRiseMm: 0, material: 'mineral' },
  { diameterMm: 28.1, edgeMm: 1.0, centreMm: 1.6, undersideRiseMm: 0, material: 'mineral' },
  { diameterMm: 30.0, edgeMm: 1.5, centreMm: 2.1, undersideRiseMm: 0, material: 'mineral' },
  { diameterMm: 31.9, edgeMm: 1.5, centreMm: 1.8, undersideRiseMm: 0.7, material: 'sapphire' },
  { diameterMm: 32.0, edgeMm: 1.5, centreMm: 1.8, undersideRiseMm: 0.7, material: 'sapphire' },
  { diameterMm: 32.1, edgeMm: 1.5, centreMm: 1.8, undersideRiseMm: 0.7, material: 'sapphire' },
  { diameterMm: 37.0, edgeMm: 2.5, centreMm: 3.5, undersideRiseMm: 0, material: 'mineral' },
]

const PRICE_CENTS: Readonly<Record<CrystalMaterial, number>> = {
  acrylic: 450,
  mineral: 690,
  'hardened-mineral': 1240,
  sapphire: 2890,
}
const MATERIAL_LETTER: Readonly<Record<CrystalMaterial, string>> = {
  acrylic: 'A',
  mineral: 'M',
  'hardened-mineral': 'H',
  sapphire: 'S',
}

export function demoCrystals(random: SeededRandom): NewCrystal[] {
  const flats = FLAT_RANGES.flatMap(({ from, to, step, edgeMm, material }) =>
    steps(from, to, step).map((diameterMm) =>
      crystal({ diameterMm, edgeMm, centreMm: edgeMm, undersideRiseMm: 0, material }, 'flat', random),
    ),
  )
  const domes = DOMES.map((dome) =>
    crystal(dome, dome.undersideRiseMm > 0 ? 'double-dome' : 'single-dome', random),
  )
  return [...flats, ...domes, ...DEMO_OTHER_CRYSTALS]
}

function crystal(dome: Dome, profile: CrystalProfile, random: SeededRandom): NewCrystal {
  const { diameterMm, edgeMm, centreMm, undersideRiseMm, material } = dome
  const shape = { flat: 'F', 'single-dome': 'D', 'double-dome': 'DD' }[profile]
  return {
    code: `${MATERIAL_LETTER[material]}${shape}-${Math.round(diameterMm * 10)}-${Math.round(edgeMm * 10)}`,
    drawer: `C-${String(Math.floor(diameterMm) - 14)}${material === 'sapphire' ? 'b' : ''}`,
    diameterMm,
    edgeThicknessMm: edgeMm,
    centreThicknessMm: centreMm,
    undersideRiseMm,
    bevelMm: edgeMm >= 1.5 ? 0.3 : 0.2,
    material,
    profile,
    // Sizes the bench lives on never run out in the demo; the rest do now and then.
    quantity: Number.isInteger(diameterMm * 2) ? 4 + random.index(6) : random.index(7),
    priceCents: PRICE_CENTS[material] + (profile === 'flat' ? 0 : 900),
    minimum: Number.isInteger(diameterMm * 2) ? 3 : 1,
    supplier: 'Greystone Glass',
    supplierCode: `GG ${MATERIAL_LETTER[material]}${shape} ${Math.round(diameterMm * 10)}/${Math.round(edgeMm * 10)}`,
  }
}

interface RingFamily {
  readonly outerMm: number
  readonly walls: readonly number[]
  readonly heightMm: number
  readonly colours: readonly string[]
}

const RINGS: readonly RingFamily[] = [
  { outerMm: 27.8, walls: [0.35, 0.4, 0.45], heightMm: 0.9, colours: ['white', 'black'] },
  { outerMm: 28.8, walls: [0.35, 0.4, 0.45], heightMm: 0.9, colours: ['clear', 'black'] },
  { outerMm: 30.4, walls: [0.45, 0.5, 0.55], heightMm: 1.8, colours: ['black', 'clear'] },
  { outerMm: 31.0, walls: [0.4, 0.45, 0.5, 0.55], heightMm: 1.0, colours: ['black', 'white'] },
  { outerMm: 31.4, walls: [0.4, 0.45, 0.5], heightMm: 1.1, colours: ['black', 'clear'] },
  { outerMm: 32.4, walls: [0.4, 0.45, 0.5], heightMm: 1.4, colours: ['white', 'black'] },
  { outerMm: 33.0, walls: [0.5, 0.55, 0.6], heightMm: 1.4, colours: ['black'] },
  { outerMm: 33.9, walls: [0.45, 0.5, 0.55], heightMm: 1.4, colours: ['black'] },
]

export function demoGaskets(random: SeededRandom): NewGasket[] {
  const rings = RINGS.flatMap(({ outerMm, walls, heightMm, colours }, family) =>
    walls.flatMap((wallMm) =>
      colours.map((colour): NewGasket => {
        const size = `${Math.round(outerMm * 10)}-${Math.round(wallMm * 100)}`
        return {
          code: `N-${size}-${colour.charAt(0).toUpperCase()}`,
          drawer: `G-${String(family + 1).padStart(2, '0')}`,
          outerDiameterMm: outerMm,
          wallMm,
          heightMm,
          section: 'I',
          footMm: 0,
          material: 'nylon',
          colour,
          quantity: 3 + random.index(9),
          priceCents: 140,
          minimum: 2,
          supplier: 'Pellet Lane',
          supplierCode: `PL ${size} ${colour}`,
        }
      }),
    ),
  )
  return [...rings, ...FOOTED, ...DEMO_OTHER_GASKETS]
}

const FOOTED: readonly NewGasket[] = [30.4, 31.0, 31.4, 32.4, 33.0, 33.9].map((outerDiameterMm) => ({
  code: `L-${Math.round(outerDiameterMm * 10)}-50`,
  drawer: 'G-09',
  outerDiameterMm,
  wallMm: 0.5,
  heightMm: 1.2,
  section: 'L',
  footMm: 0.15,
  material: 'acetal',
  colour: 'white',
  quantity: 2,
  priceCents: 210,
}))

const DIE_LINE = { quantity: 1, minimum: 0, supplier: 'Pellet Lane' } as const

export function demoDies(): NewDie[] {
  const fullFace = steps(20, 35, 1).map((outer) => pusher(outer, 'nylon', 0, 0))
  const halves = steps(26.5, 32.5, 1).map((outer) => pusher(outer, 'acetal', 0, 0))
  const hollow = [27, 29, 31, 34].map((outer) => pusher(outer, 'acetal', outer - 3, 2.5))
  const metal = [24, 28, 32].map((outer) => pusher(outer, 'aluminium', 0, 0))
  const wideMetal = pusher(36, 'aluminium', 31.5, 2.5)
  const cups = [
    [28.5, 33],
    [29.5, 34],
    [31.5, 36],
    [32, 36],
    [32.2, 35.2],
    [33, 38],
    [34, 39],
    [35, 41.5],
    [39, 43.5],
  ].map(([opening = 0, outer = 0]) => support(opening, outer, 'nylon'))
  const rings = [
    [25, 31],
    [30, 36],
    [31.5, 35.5],
    [33.5, 40],
  ].map(([opening = 0, outer = 0]) => support(opening, outer, 'aluminium'))
  const sockets = [socket(36.2, null), socket(35.5, null), socket(34.6, 12), socket(33.5, 8)]
  return [...fullFace, ...halves, ...hollow, ...metal, wideMetal, ...cups, ...rings, ...sockets]
}

function pusher(
  outer: number,
  material: 'nylon' | 'acetal' | 'aluminium',
  opening: number,
  recess: number,
): NewDie {
  const mark = opening > 0 ? 'H' : ''
  return {
    ...DIE_LINE,
    priceCents: material === 'aluminium' ? 3200 : 1900,
    code: `P${mark}${outer}${material === 'aluminium' ? 'a' : ''}`,
    role: 'pusher',
    material,
    drawer: material === 'aluminium' ? 'rack, lower row' : 'rack, upper row',
    outerDiameterMm: outer,
    openingMm: opening,
    recessDepthMm: recess,
  }
}

function support(opening: number, outer: number, material: 'nylon' | 'aluminium'): NewDie {
  return {
    ...DIE_LINE,
    priceCents: material === 'aluminium' ? 3600 : 2400,
    code: `S${opening}${material === 'aluminium' ? 'a' : ''}`,
    role: 'support',
    material,
    drawer: material === 'aluminium' ? 'rack, lower row' : 'die block',
    outerDiameterMm: outer,
    openingMm: opening,
    recessDepthMm: 7,
  }
}

/** A back socket; without flats it grips a knurled rim. */
function socket(grip: number, sides: number | null): NewDie {
  return {
    ...DIE_LINE,
    priceCents: 4500,
    code: sides === null ? `K${grip}` : `K${grip}/${sides}`,
    role: 'socket',
    material: 'steel',
    drawer: 'socket rail',
    outerDiameterMm: grip + 6,
    openingMm: grip,
    recessDepthMm: 4,
    sides,
  }
}

/** Sizes from `from` to `to` in steps, without the dust of floating point. */
function steps(from: number, to: number, step: number): number[] {
  const count = Math.round((to - from) / step) + 1
  return Array.from({ length: count }, (_, i) => Number((from + i * step).toFixed(2)))
}
