import { rubberModulusMPa, lindleyLoadPerMm } from '../seals/oRingLoad'
import { staticSeal } from '../seals/staticSeal'
import { backClosing } from './backClosing'
import { oRingClosing } from './ClosingLoad'
import { CLOSING_POLICY } from './closingPolicy'
import { closingLines, closingTroubles, pastHandText } from './closingWords'
import { leverArmMm, loadOfTorqueN, tighteningTorqueNm } from './tighteningTorque'

const THREAD = { outerMm: 32, pitchMm: 0.35 }
const SEAL = staticSeal({ innerDiameterMm: 29, sectionMm: 0.8 }, { innerMm: 29.4, widthMm: 1.05, gapMm: 0.6 })
const RADIUS = 15.1
const RING = oRingClosing(SEAL, RADIUS)
const RING_N = RING.loadN(SEAL.squeeze).low

describe('torque and load', () => {
  // VDI 2230 (2003), table A1: preload and torque of 8.8 screws at friction .12, from memory; heads and holes by
  // ISO 4014 and ISO 273 (bearing face and hole), from memory too.
  it.each([
    { size: 6, pitchMm: 1, head: [8.9, 6.6], kN: 10.2, nm: 10.1 },
    { size: 8, pitchMm: 1.25, head: [11.6, 9], kN: 18.6, nm: 24.6 },
    { size: 10, pitchMm: 1.5, head: [14.6, 11], kN: 29.6, nm: 48 },
    { size: 12, pitchMm: 1.75, head: [16.6, 13.5], kN: 43, nm: 84 },
  ])('agree with the published table for M$size', ({ size, pitchMm, head, kN, nm }) => {
    const bearingRadiusMm = ((head[0] ?? 0) + (head[1] ?? 0)) / 4
    const torque = tighteningTorqueNm(
      kN * 1000,
      { outerMm: size, pitchMm, bearingRadiusMm },
      { thread: 0.12, bearing: 0.12 },
    )
    expect(torque / nm).toBeGreaterThan(0.97)
    expect(torque / nm).toBeLessThan(1.03)
  })

  it('take the pitch diameter of the metric thread', () => {
    // ISO 724: M10 × 1.5 has a pitch diameter of 9.026. With nothing but thread friction it is all there is.
    const arm = leverArmMm({ outerMm: 10, pitchMm: 1.5, bearingRadiusMm: 1 }, { thread: 1, bearing: 1e-12 })
    expect((arm - 1.5 / (2 * Math.PI)) * 2 * Math.cos(Math.PI / 6)).toBeCloseTo(9.026, 3)
  })

  it('undo each other, and refuse what no thread is', () => {
    const turned = { ...THREAD, bearingRadiusMm: RADIUS }
    const friction = { thread: 0.1, bearing: 0.12 }
    expect(loadOfTorqueN(tighteningTorqueNm(150, turned, friction), turned, friction)).toBeCloseTo(150, 9)
    expect(() => tighteningTorqueNm(0, turned, friction)).toThrow(/loadN/)
    expect(() => leverArmMm({ ...turned, pitchMm: 60 }, friction)).toThrow(/pitchMm/)
    expect(() => leverArmMm(turned, { ...friction, thread: 0 })).toThrow(/thread/)
  })
})

describe('a back screwed home', () => {
  const closing = backClosing(RING, THREAD, CLOSING_POLICY)

  it('leaves the thread under its window of loads whatever the friction is', () => {
    const { low, high } = closing.tightenNm.greased ?? { low: NaN, high: NaN }
    const turned = { ...THREAD, bearingRadiusMm: RADIUS }
    for (const torque of [low, (low + high) / 2, high])
      for (const mu of [0.08, 0.12, 0.16]) {
        const times = loadOfTorqueN(torque, turned, { thread: mu, bearing: mu }) / RING_N
        expect(times).toBeGreaterThanOrEqual(CLOSING_POLICY.timesRing.low - 1e-9)
        expect(times).toBeLessThanOrEqual(CLOSING_POLICY.timesRing.high + 1e-9)
      }
    expect(closing.homeNm.greased.high).toBeLessThan(low)
  })

  it('says no torque where friction may be too many things', () => {
    const wide = {
      ...CLOSING_POLICY,
      friction: { ...CLOSING_POLICY.friction, greased: { low: 0.05, high: 0.3 } },
    }
    const unsure = backClosing(RING, THREAD, wide)
    expect(unsure.tightenNm.greased).toBeNull()
    expect(closingLines(unsure).map(({ is }) => is)).toContain(
      'no torque is sure: friction and load are not known well enough. Go by the angle',
    )
  })

  it('counts the way past hand-tight by what the ring still gives', () => {
    const { low, high } = closing.pastHandDeg
    expect(low).toBeLessThan(high)
    expect(high).toBeLessThanOrEqual(closing.fromTouchDeg)
    // Independent of the search: the load at the squeeze that is left unpressed is what fingers bring.
    const leftMm = (high / 360) * THREAD.pitchMm
    const squeezeThen = SEAL.squeeze - leftMm / SEAL.sectionMm
    const load = lindleyLoadPerMm(SEAL.sectionMm, squeezeThen, rubberModulusMPa(70)) * 2 * Math.PI * RADIUS
    const mu = CLOSING_POLICY.friction.greased.high
    const fingers = loadOfTorqueN(
      CLOSING_POLICY.handNm.low,
      { ...THREAD, bearingRadiusMm: RADIUS },
      { thread: mu, bearing: mu },
    )
    expect(load / fingers).toBeCloseTo(1, 4)
    expect(pastHandText(closing)).toMatch(/^\d+–\d+° with the tool/)
  })

  it('needs no tool to come home where fingers do it', () => {
    const strong = { ...CLOSING_POLICY, handNm: { low: 3, high: 4 } }
    const byHand = backClosing(RING, THREAD, strong)
    expect(byHand.pastHandDeg).toEqual({ low: 0, high: 0 })
    expect(pastHandText(byHand)).toMatch(/fingers bring it home/)
    expect(() => backClosing({ ...RING, squeeze: 0 }, THREAD, CLOSING_POLICY)).toThrow(/squeeze/)
  })

  it('looks higher at seal and thread where the back came off too easily', () => {
    const ring = {
      from: 'own',
      words: 'its own ring',
      squeeze: SEAL.squeeze,
      failures: [],
      load: RING,
    } as const
    expect(closingTroubles(ring, [])).toEqual([])
    expect(closingTroubles(ring, [{ kind: 'back-tightness', words: 'usual' }])).toEqual([])
    expect(closingTroubles(ring, [{ kind: 'back-tightness', words: 'too-easy' }])).toEqual([
      expect.stringMatching(/too easily: clean both threads/),
    ])
    expect(closingTroubles(ring, [{ kind: 'thread', words: 'grit' }])).toHaveLength(1)
  })
})
