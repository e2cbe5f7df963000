import fc from 'fast-check'
import type { Burst } from './keyBurst'
import { endOfBurst, NO_BURST, takeBurstKey } from './keyBurst'

/** What the page gets to hear of keys that come `gapMs` apart, and what is said not to be taken. */
function heard(keys: readonly string[], gapMs: number) {
  let burst: Burst = NO_BURST
  let acted = ''
  let refused = ''
  keys.forEach((key, place) => {
    const taken = takeBurstKey(burst, key, 1000 + place * gapMs)
    acted += taken.release + (taken.held ? '' : key === 'Enter' ? '⏎' : key.length === 1 ? key : '')
    refused += taken.refused
    burst = taken.burst
  })
  const end = endOfBurst(burst)
  return { acted: acted + end.release, refused: refused + end.refused }
}

describe('takeBurstKey', () => {
  it('lets a device’s line act by none of its letters, nor by its Enter', () => {
    expect(heard([...'MF-300-10', 'Enter'], 5)).toEqual({ acted: '', refused: 'MF-300-10' })
    expect(heard([...'pdwb', 'Enter'], 35)).toEqual({ acted: '', refused: 'pdwb' })
    // One that ends without Enter is told from a hand’s all the same.
    expect(heard([...'pdwb'], 5)).toEqual({ acted: '', refused: 'pdwb' })
  })

  it('lets every key of a hand act, in order', () => {
    expect(heard([...'wabo', 'Enter'], 36)).toEqual({ acted: 'wabo⏎', refused: '' })
    expect(heard(['g', 'b'], 10)).toEqual({ acted: 'gb', refused: '' })
    expect(heard(['d', 'Enter'], 10)).toEqual({ acted: 'd⏎', refused: '' })
    expect(heard(['d', 'ArrowDown', 'd'], 10)).toEqual({ acted: 'dd', refused: '' })
  })

  it('holds no key of a figure back, however fast, and no letter of one acts', () => {
    expect(heard([...'30.02', 'Enter'], 5)).toEqual({ acted: '30.02⏎', refused: '' })
    expect(heard([...'4006n', 'Enter'], 5)).toEqual({ acted: '4006', refused: '4006n' })
  })

  it('takes Shift for no key of the line', () => {
    expect(heard(['Shift', 'M', 'Shift', 'F', 'x', 'd', 'Enter'], 8)).toEqual({ acted: '', refused: 'MFxd' })
    expect(heard(['Shift', '?'], 8)).toEqual({ acted: '?', refused: '' })
  })

  it('loses and doubles no key typed by hand, whatever its pauses', () => {
    const key = fc.constantFrom(...'abdpw[]/?1.')
    fc.assert(
      fc.property(fc.array(fc.tuple(key, fc.integer({ min: 36, max: 400 })), { maxLength: 20 }), (typed) => {
        let burst: Burst = NO_BURST
        let acted = ''
        let atMs = 0
        for (const [one, pauseMs] of typed) {
          const taken = takeBurstKey(burst, one, (atMs += pauseMs))
          acted += taken.release + (taken.held ? '' : one)
          burst = taken.burst
        }
        expect(acted + endOfBurst(burst).release).toBe(typed.map(([one]) => one).join(''))
      }),
    )
  })
})
