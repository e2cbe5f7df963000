import { bendingUnderPressure, flexuralRigidity, stressUnderRing } from '@/core/plate/circularPlate'

const MINERAL = { radiusMm: 15, thicknessMm: 1, youngsModulusMPa: 72_000, poissonsRatio: 0.22 }
const SAPPHIRE = { radiusMm: 15, thicknessMm: 1.5, youngsModulusMPa: 400_000, poissonsRatio: 0.28 }

describe('circular plates under pressure, Timoshenko & Woinowsky-Krieger (values worked out apart)', () => {
  it('30 × 1.0 mineral at 10 bar', () => {
    const free = bendingUnderPressure(MINERAL, 1, 'simply-supported')
    expect(free.stressMPa).toBeCloseTo(271.7, 1)
    expect(free.deflectionMm).toBeCloseTo(0.537, 3)
    expect(bendingUnderPressure(MINERAL, 1, 'clamped').stressMPa).toBeCloseTo(168.8, 0)
  })

  it('30 × 1.5 sapphire at 25 bar', () => {
    const free = bendingUnderPressure(SAPPHIRE, 2.5, 'simply-supported')
    expect(free.stressMPa).toBeCloseTo(307.5, 1)
    expect(free.deflectionMm).toBeCloseTo(0.0668, 4)
  })

  it('agrees with integrating the plate equation step by step (d/dr[1/r d(r·φ)/dr] = −Q/D, Q = p r/2)', () => {
    for (const [plate, pressure] of [
      [MINERAL, 1],
      [SAPPHIRE, 2.5],
    ] as const) {
      const { deflection, stress } = integrated(plate, pressure)
      const free = bendingUnderPressure(plate, pressure, 'simply-supported')
      expect(deflection / free.deflectionMm).toBeCloseTo(1, 4)
      expect(stress / free.stressMPa).toBeCloseTo(1, 4)
    }
  })
})

describe('ring load, the form of ASTM C1499 (values worked out apart)', () => {
  it.each([
    [14.5, 9.59],
    [13, 38.91],
    [10, 101.89],
    [5, 241.64],
  ])('300 N on 30 × 1.0 mineral, pusher radius %s', (ring, stress) => {
    expect(stressUnderRing(MINERAL, 300, ring)).toBeCloseTo(stress, 1)
  })
})

/**
 * The slope φ = −dw/dr of a plate under even pressure, by Runge–Kutta from the middle with the curvature there chosen
 * so that the rim carries no moment.
 */
function integrated(plate: typeof MINERAL, pressure: number) {
  const { radiusMm: a, thicknessMm: t, poissonsRatio: nu } = plate
  const d = flexuralRigidity(plate)
  const STEPS = 2000
  const h = a / STEPS
  const shoot = (curvature: number) => {
    // φ'' = −φ'/r + φ/r² − p r/(2D); in the middle φ = k r.
    const bend = (r: number, phi: number, slope: number) =>
      r === 0 ? 0 : -slope / r + phi / (r * r) - (pressure * r) / (2 * d)
    let [r, phi, slope, w] = [h / 100, (curvature * h) / 100, curvature, 0]
    const step = (a - r) / STEPS
    for (let i = 0; i < STEPS; i++) {
      const k1 = bend(r, phi, slope)
      const k2 = bend(r + step / 2, phi + (step / 2) * slope, slope + (step / 2) * k1)
      const k3 = bend(r + step / 2, phi + (step / 2) * (slope + (step / 2) * k1), slope + (step / 2) * k2)
      const k4 = bend(r + step, phi + step * (slope + (step / 2) * k2), slope + step * k3)
      const next = phi + step * slope + ((step * step) / 6) * (k1 + k2 + k3)
      w += (step * (phi + next)) / 2
      phi = next
      slope += (step / 6) * (k1 + 2 * k2 + 2 * k3 + k4)
      r += step
    }
    return { moment: slope + (nu * phi) / a, w }
  }
  // The rim's moment is linear in the curvature of the middle: two shots give the right one.
  const [zero, one] = [shoot(0), shoot(1e-3)]
  const curvature = (-zero.moment / (one.moment - zero.moment)) * 1e-3
  return {
    deflection: shoot(curvature).w,
    stress: (6 * d * (1 + nu) * curvature) / (t * t),
  }
}
