import { pressLean } from '@/core/level/pressLean'
import { simulatedLean } from './simulatedLean'

it('a simulated press leans as its jobs then say, however each case lay', () => {
  for (const kind of ['lever', 'screw'] as const) {
    const passes = [12, 3, 7, 10].map((leftHour) => ({
      leftHour,
      tilt: simulatedLean([{ kind, leftHour }]),
    }))
    const lean = pressLean(passes)
    const laid = simulatedLean([{ kind, leftHour: 9 }])
    expect(Math.hypot(lean?.tilt.towards12Mm ?? 0, lean?.tilt.towards3Mm ?? 0)).toBeCloseTo(
      Math.hypot(laid.towards12Mm, laid.towards3Mm),
      9,
    )
    expect(lean?.isKnown).toBe(true)
  }
})

it('a case turned half round between two pushes has none of it', () => {
  const both = simulatedLean([
    { kind: 'lever', leftHour: 12 },
    { kind: 'lever', leftHour: 6 },
  ])
  expect(both.towards12Mm).toBeCloseTo(0, 9)
  expect(both.towards3Mm).toBeCloseTo(0, 9)
  expect(simulatedLean([])).toEqual({ towards12Mm: 0, towards3Mm: 0 })
})
