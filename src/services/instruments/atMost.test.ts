import fc from 'fast-check'
import { atMost } from './atMost'

it('lets so many through within the time, and another as soon as the first is that long ago', () => {
  const door = atMost(2, 1000)
  expect([0, 10, 20, 999, 1000, 1005, 1010].map((at) => door.lets(at))).toEqual([
    true,
    true,
    false,
    false,
    true,
    false,
    true,
  ])
})

it('never lets more through in any such time, whenever they come', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(300), { maxLength: 60 }), (gaps) => {
      const door = atMost(3, 1000)
      let now = 0
      const passed = gaps.flatMap((gap) => (door.lets((now += gap)) ? [now] : []))
      for (const from of passed)
        expect(passed.filter((at) => at >= from && at - from < 1000).length).toBeLessThanOrEqual(3)
    }),
  )
})
