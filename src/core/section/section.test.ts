import fc from 'fast-check'
import { brokenView, screenXOf } from './brokenView'
import { squeezeState } from './gasketTint'
import type { Outline } from './outline'
import type { BuiltParts, SectionCase } from './sectionGeometry'
import { crystalOutline, gasketOutline } from './crystalOutline'
import { domeProfile, domeRadiusMm } from './domeProfile'
import { caseOutlines, handStack } from './sectionGeometry'
import { spreadLabels } from './spreadLabels'

const CASE: SectionCase = {
  boreMm: 31,
  seatDepthMm: 1.05,
  dialOpeningMm: 28.4,
  caseDiameterMm: 38,
  caseHeightMm: 10.2,
  handsBelowSeatMm: 0.52,
  has: { bezel: true, insertMm: 0.7, chapterRing: true, back: true, backSeal: 'o-ring', hands: true },
}
const FLAT = { diameterMm: 30, edgeThicknessMm: 1, centreThicknessMm: 1, undersideRiseMm: 0, bevelMm: 0.2 }
const RING = { wallMm: 0.5, heightMm: 1, footMm: 0 }
const extent = (outline: Outline) => ({
  innerMm: Math.min(...outline.points.map(([r]) => r)),
  outerMm: Math.max(...outline.points.map(([r]) => r)),
  lowMm: Math.min(...outline.points.map(([, z]) => z)),
  highMm: Math.max(...outline.points.map(([, z]) => z)),
})

describe('caseOutlines', () => {
  it('stands to scale: bore, rim, side and height are the case’s own', () => {
    const outlines = caseOutlines(CASE)
    const body = outlines.find((o) => o.material === 'case')
    const back = outlines.find((o) => o.material === 'back')
    if (!body || !back) throw new Error('missing')
    expect(body.points).toContainEqual([15.5, 1.05])
    expect(extent(body)).toMatchObject({ innerMm: 14.2, outerMm: 19, highMm: 1.05 })
    expect(extent(body).highMm - extent(back).lowMm).toBeCloseTo(10.2, 9)
  })

  it('draws what this case has and nothing it has not', () => {
    const bare: BuiltParts = {
      bezel: false,
      insertMm: null,
      chapterRing: false,
      back: true,
      backSeal: 'none',
      hands: true,
    }
    const materials = (has: Partial<BuiltParts>) =>
      new Set(caseOutlines({ ...CASE, has: { ...bare, ...has } }).map((o) => o.material))
    expect([...materials({})].sort()).toEqual(['back', 'case', 'dial', 'movement'])
    expect(materials({ bezel: true })).toContain('bezel')
    expect(materials({ bezel: true })).not.toContain('insert')
    expect(materials({ bezel: true, insertMm: 0.7 })).toContain('insert')
    expect(materials({ chapterRing: true })).toContain('chapter-ring')
    for (const seal of ['o-ring', 'flat-gasket', 'plastic-ring'] as const)
      expect(materials({ backSeal: seal })).toContain('back-seal')
    // A case that loads through the front has no back of its own, and no seal under it.
    expect([...materials({ back: false, backSeal: 'o-ring' })].sort()).toEqual(['case', 'dial', 'movement'])
  })

  it('lets the insert in as thick as it is', () => {
    const insert = caseOutlines({ ...CASE, has: { ...CASE.has, insertMm: 0.5 } }).find(
      (o) => o.material === 'insert',
    )
    const [a, b, c] = insert?.points ?? []
    if (!a || !b || !c) throw new Error('no insert')
    expect(Math.hypot(c[0] - b[0], c[1] - b[1])).toBeCloseTo(0.5, 9)
  })

  it('scales with the case', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.05, max: 1.6, noNaN: true }), (k) => {
        const wider = caseOutlines({
          ...CASE,
          boreMm: 31 * k,
          caseDiameterMm: 38 * k,
          dialOpeningMm: 28.4 * k,
        })
        const body = wider.find((o) => o.material === 'case')
        expect(body && extent(body).outerMm).toBeCloseTo(19 * k, 9)
      }),
    )
  })

  it('puts the hands where they were measured', () => {
    const stack = handStack(CASE)
    expect(stack.topMm).toBeCloseTo(-0.52, 9)
    expect(stack.hands.every((h) => h.zMm < stack.topMm && h.zMm > stack.dialMm)).toBe(true)
  })
})

describe('crystalOutline', () => {
  it('is as wide and as thick as the crystal and bevelled outward', () => {
    const outline = crystalOutline(FLAT, 0)
    expect(extent(outline)).toEqual({ innerMm: 0, outerMm: 15, lowMm: 0, highMm: 1 })
    expect(outline.points).toContainEqual([15, 0.8])
    expect(outline.points).toContainEqual([14.8, 1])
    expect(outline.points).toContainEqual([15, 0])
  })

  it('rises to its centre thickness, measured from its own underside', () => {
    const dome = { ...FLAT, edgeThicknessMm: 1.5, centreThicknessMm: 1.8, undersideRiseMm: 0.7 }
    const onAxis = crystalOutline(dome, 0.1)
      .points.filter(([r]) => r === 0)
      .map(([, z]) => z)
    expect(onAxis).toHaveLength(2)
    expect(Math.min(...onAxis)).toBeCloseTo(0.8, 9)
    expect(Math.max(...onAxis) - Math.min(...onAxis)).toBeCloseTo(1.8, 9)
  })
})

describe('gasketOutline', () => {
  it('is squeezed to where the crystal’s edge is, and free without one', () => {
    expect(extent(gasketOutline(RING, 31, 30.1)).innerMm).toBeCloseTo(15.05, 9)
    expect(extent(gasketOutline(RING, 31, 29)).innerMm).toBeCloseTo(15, 9)
    expect(extent(gasketOutline(RING, 31, null)).innerMm).toBeCloseTo(15, 9)
  })

  it('has its foot under the crystal', () => {
    const footed = gasketOutline({ ...RING, footMm: 0.15 }, 31, 30.05)
    expect(footed.points).toContainEqual([14.4, 0.15])
  })
})

describe('domeProfile', () => {
  it('follows the sphere through edge and centre', () => {
    const radiusMm = domeRadiusMm(18.5, 1)
    for (const [r, z] of domeProfile(18.5, 1))
      expect(Math.hypot(r, z + radiusMm - 1)).toBeCloseTo(radiusMm, 9)
    expect(domeProfile(18.5, 1)[0]).toEqual([0, 1])
    expect(domeProfile(18.5, 1).at(-1)?.[1]).toBeCloseTo(0, 9)
  })
})

describe('brokenView', () => {
  const view = brokenView({ outerMm: 19.3, edgeFromMm: 13, centreMm: 2, width: 320, gap: 14 })

  it('keeps one scale, shows both edges and the centre, and fills the width', () => {
    for (const strip of view.strips) {
      expect(strip.screenWidth / (strip.toMm - strip.fromMm)).toBeCloseTo(view.scale, 9)
    }
    const last = view.strips.at(-1)
    expect((last?.screenX ?? 0) + (last?.screenWidth ?? 0)).toBeCloseTo(320, 9)
    expect(screenXOf(view, 0)).toBeCloseTo(160, 9)
    expect(screenXOf(view, 8)).toBeNull()
    expect(screenXOf(view, -19.3)).toBeCloseTo(0, 9)
    // The ends of a strip are its own.
    for (const { fromMm, toMm, screenX, screenWidth } of view.strips) {
      expect(screenXOf(view, fromMm)).toBeCloseTo(screenX, 6)
      expect(screenXOf(view, toMm)).toBeCloseTo(screenX + screenWidth, 6)
    }
  })

  it('shows a small case whole', () => {
    const small = brokenView({ outerMm: 6, edgeFromMm: 1.5, centreMm: 2, width: 320, gap: 14 })
    expect(small.whole).toBe(true)
    expect(screenXOf(small, 3)).not.toBeNull()
  })

  it('draws the smallest case, and refuses none at all', () => {
    const of = (outerMm: number) => () =>
      brokenView({ outerMm, edgeFromMm: 0.1, centreMm: 0.1, width: 320, gap: 14 })
    expect(of(0.5)).not.toThrow()
    expect(of(0)).toThrow(RangeError)
  })

  it('refuses a width with no room', () => {
    expect(() => brokenView({ outerMm: 19, edgeFromMm: 13, centreMm: 2, width: 20, gap: 14 })).toThrow(
      RangeError,
    )
  })
})

describe('spreadLabels', () => {
  it('keeps every label apart and in the order of its anchor', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 300, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (anchors) => {
          const placed = spreadLabels(anchors, 46, 0, 300)
          const order = anchors.map((a, i) => ({ a, y: placed[i] ?? NaN })).sort((p, q) => p.y - q.y)
          for (let i = 1; i < order.length; i++) {
            expect((order[i]?.y ?? 0) - (order[i - 1]?.y ?? 0)).toBeGreaterThanOrEqual(46 - 1e-9)
            expect(order[i]?.a).toBeGreaterThanOrEqual((order[i - 1]?.a ?? 0) - 1e-9)
          }
        },
      ),
    )
  })

  it('leaves labels alone that do not touch', () => {
    expect(spreadLabels([10, 200, 100], 46, 0, 300)).toEqual([10, 200, 100])
  })
})

describe('squeezeState', () => {
  it('names the squeeze from loose to crushed', () => {
    const nylon = { lowMm: 0.01, highMm: 0.1 }
    expect([-0.02, 0.005, 0.05, 0.12, 0.2].map((mm) => squeezeState(mm, nylon))).toEqual([
      'loose',
      'slack',
      'good',
      'tight',
      'crushed',
    ])
  })
})
