import type { NewCrystal, NewGasket } from '../queries/stock'

/** Crystals that no ring in a bore holds, and the rings that go with necks and removable bezels. */

const GLASS = 'Greystone Glass'
const RINGS = 'Pellet Lane'

function acrylic(
  over: Partial<NewCrystal> & Pick<NewCrystal, 'code' | 'drawer' | 'diameterMm' | 'build'>,
): NewCrystal {
  return {
    edgeThicknessMm: 1.4,
    centreThicknessMm: 1.6,
    undersideRiseMm: 1.5,
    bevelMm: 0,
    material: 'acrylic',
    profile: 'double-dome',
    quantity: 3,
    minimum: 1,
    priceCents: 480,
    supplier: GLASS,
    supplierCode: `${over.code}/G`,
    ...over,
  }
}

const SNAPS = [29.8, 29.9, 30, 30.1, 30.2, 30.3, 30.4].map((diameterMm) =>
  acrylic({ code: `AS-${Math.round(diameterMm * 10)}`, drawer: 'A-01', diameterMm, build: 'snap' }),
)

const RINGED = [31.2, 31.3, 31.4, 31.5, 31.6, 31.7].map((diameterMm) =>
  acrylic({
    code: `AT-${Math.round(diameterMm * 10)}`,
    drawer: 'A-02',
    diameterMm,
    build: 'tension-ring',
    edgeThicknessMm: 1.6,
    centreThicknessMm: 1.8,
    undersideRiseMm: 1.8,
    ringHeightMm: diameterMm === 31.6 ? 2 : 1.5,
    priceCents: 720,
  }),
)

const CUPS = [
  [29, 27.5],
  [29.2, 27.55],
  [29.2, 27.3],
  [29.4, 27.6],
  [29.6, 27.55],
].map(([diameterMm = 0, skirtInnerMm = 0]) =>
  acrylic({
    code: `AC-${Math.round(diameterMm * 10)}-${Math.round(skirtInnerMm * 100)}`,
    drawer: 'A-03',
    diameterMm,
    skirtInnerMm,
    build: 'cup',
    edgeThicknessMm: 1.2,
    centreThicknessMm: 1.4,
    undersideRiseMm: 1.1,
    priceCents: 640,
  }),
)

const SHAPED = [
  [23.9, 19.9, 2],
  [24, 20, 2],
  [24, 20, 1],
  [24, 20, 3],
  [24.1, 20.1, 2],
  [24, 19.6, 2],
].map(([diameterMm = 0, widthMm = 0, cornerRadiusMm = 0]): NewCrystal => ({
  code: `MS-${Math.round(diameterMm * 10)}-${Math.round(widthMm * 10)}-${cornerRadiusMm}`,
  drawer: 'C-S1',
  build: 'shaped',
  diameterMm,
  widthMm,
  cornerRadiusMm,
  edgeThicknessMm: 1,
  centreThicknessMm: 1,
  undersideRiseMm: 0,
  bevelMm: 0.15,
  material: 'mineral',
  profile: 'flat',
  quantity: cornerRadiusMm === 3 ? 0 : 2,
  minimum: 1,
  priceCents: 980,
  supplier: GLASS,
  supplierCode: `SH${Math.round(diameterMm * 10)}${Math.round(widthMm * 10)}R${cornerRadiusMm}`,
}))

const THICK_SAPPHIRES = [30.2, 30.3, 30.4, 30.5, 30.6].map((diameterMm): NewCrystal => ({
  code: `SF-${Math.round(diameterMm * 10)}-20`,
  drawer: 'C-16b',
  diameterMm,
  edgeThicknessMm: 2,
  centreThicknessMm: 2,
  undersideRiseMm: 0,
  bevelMm: 0.3,
  material: 'sapphire',
  profile: 'flat',
  arCoating: diameterMm === 30.4 ? 'inside' : 'none',
  quantity: 2,
  minimum: 1,
  priceCents: 3290,
  supplier: GLASS,
  supplierCode: `SX${Math.round(diameterMm * 10)}20`,
}))

const LENSED = (
  [
    ['outside', null, 2],
    ['inside', 0.2, 1],
    ['inside', 0.5, 2],
  ] as const
).map(([magnifier, insideMagnifierMm, quantity]): NewCrystal => ({
  code: `MF-270-10-${insideMagnifierMm === null ? 'L' : `L${Math.round(insideMagnifierMm * 10)}`}`,
  drawer: 'C-17',
  diameterMm: 27,
  edgeThicknessMm: 1,
  centreThicknessMm: 1,
  undersideRiseMm: 0,
  bevelMm: 0.2,
  material: 'mineral',
  profile: 'flat',
  magnifier,
  insideMagnifierMm,
  quantity,
  minimum: 1,
  priceCents: 1240,
  supplier: GLASS,
  supplierCode: `GG ML 270/10 ${magnifier === 'outside' ? 'O' : `I${Math.round((insideMagnifierMm ?? 0) * 10)}`}`,
}))

/** What a small dress piece wants again: sapphire with its lens over the date. */
const LENSED_SAPPHIRE: NewCrystal = {
  code: 'SF-298-12-L',
  drawer: 'C-17',
  diameterMm: 29.8,
  edgeThicknessMm: 1.2,
  centreThicknessMm: 1.2,
  undersideRiseMm: 0,
  bevelMm: 0.3,
  material: 'sapphire',
  profile: 'flat',
  magnifier: 'outside',
  quantity: 2,
  minimum: 1,
  priceCents: 3980,
  supplier: GLASS,
  supplierCode: 'GG SL 298/12',
}

export const DEMO_OTHER_CRYSTALS: readonly NewCrystal[] = [
  ...LENSED,
  LENSED_SAPPHIRE,
  ...SNAPS,
  ...RINGED,
  ...CUPS,
  ...SHAPED,
  ...THICK_SAPPHIRES,
]

function ring(
  over: Pick<NewGasket, 'code' | 'drawer' | 'outerDiameterMm' | 'wallMm' | 'heightMm'> & Partial<NewGasket>,
): NewGasket {
  return {
    section: 'I',
    footMm: 0,
    material: 'nylon',
    colour: 'black',
    quantity: 4,
    minimum: 2,
    priceCents: 160,
    supplier: RINGS,
    supplierCode: over.code.replace('N-', 'PL '),
    ...over,
  }
}

export const DEMO_OTHER_GASKETS: readonly NewGasket[] = [
  ...[0.35, 0.4, 0.45].map((wallMm) =>
    ring({
      code: `N-305-${Math.round(wallMm * 100)}-K`,
      drawer: 'G-10',
      outerDiameterMm: 30.5,
      wallMm,
      heightMm: 1.1,
    }),
  ),
  ...[0.45, 0.5].map((wallMm) =>
    ring({
      code: `N-314-${Math.round(wallMm * 100)}-T`,
      drawer: 'G-10',
      outerDiameterMm: 31.4,
      wallMm,
      heightMm: 1.8,
    }),
  ),
  ...[0.55, 0.6, 0.65].map((wallMm) =>
    ring({
      code: `N-341-${Math.round(wallMm * 100)}-B`,
      drawer: 'G-11',
      outerDiameterMm: 34.1,
      wallMm,
      heightMm: 1.4,
      use: 'bezel',
      family: wallMm === 0.6 ? 'Signal 2' : '',
    }),
  ),
  ...[
    [26, 0.9, 0.5],
    [28.5, 0.9, 0.5],
    [28.5, 0.9, 0.55],
    [28.5, 1.2, 0.55],
    [28.5, 0.9, 0.65],
  ].map(([innerMm = 0, wallMm = 0, heightMm = 0]) =>
    ring({
      code: `F-${Math.round(innerMm * 10)}-${Math.round(wallMm * 10)}-${Math.round(heightMm * 100)}`,
      drawer: 'G-12',
      outerDiameterMm: innerMm + 2 * wallMm,
      wallMm,
      heightMm,
      use: 'back',
      section: 'flat',
      material: 'nitrile',
      priceCents: 90,
    }),
  ),
  ...[0.6, 0.75, 0.9].map((heightMm) =>
    ring({
      code: `F-305-8-${Math.round(heightMm * 100)}`,
      drawer: 'G-13',
      outerDiameterMm: 30.5,
      wallMm: 0.8,
      heightMm,
      section: 'flat',
      material: 'nitrile',
      priceCents: 110,
    }),
  ),
  // Run out: the dome it belongs to lies in its drawer.
  ring({
    code: 'N-379-50-T',
    drawer: 'G-10',
    outerDiameterMm: 37.9,
    wallMm: 0.5,
    heightMm: 2,
    colour: 'clear',
    quantity: 0,
    minimum: 1,
  }),
  ring({
    code: 'N-341-60-S1',
    drawer: 'G-11',
    outerDiameterMm: 34.1,
    wallMm: 0.6,
    heightMm: 1.4,
    use: 'bezel',
    family: 'Signal 1',
  }),
]
