import fc from 'fast-check'
import { die } from '../../../tests/factories/parts'
import { backSocket } from './backSocket'
import { angleBetween, degreesOfHour, holderPegs, pegPlacement } from './pegPlacement'

const socket = (openingMm: number, sides: number | null) =>
  die({ id: openingMm * 100, role: 'socket', code: `K${openingMm}`, drawer: 'rack', openingMm, sides })

describe('backSocket', () => {
  const drawer = [socket(29.5, null), socket(30.1, null), socket(29.6, 12), socket(29.5, 8)]

  it('takes the closest that goes over with little play, of the same flats', () => {
    const knurl = backSocket(drawer, { gripMm: 29.5, sides: null })
    expect(knurl.ok && knurl.socket.code).toBe('K29.5')
    const flats = backSocket(drawer, { gripMm: 29.5, sides: 12 })
    expect(flats.ok && [flats.socket.code, flats.playMm.toFixed(2)]).toEqual(['K29.6', '0.10'])
    expect(knurl.ok && knurl.reason).toBe('knurled socket K29.5, rack: 29.50 over 29.50, play 0.00')
  })

  it('never takes one that is too small or skids, and says what would do', () => {
    const tight = backSocket(drawer, { gripMm: 29.55, sides: null })
    expect(tight.ok).toBe(false)
    expect(tight.ok ? '' : tight.why).toMatch(/No knurled socket of 29.55–29.65.*Nearest is K29.5/)
    expect(backSocket(drawer, { gripMm: 29.9, sides: null }).ok).toBe(false)
    expect(backSocket(drawer, { gripMm: 29.5, sides: 6 })).toMatchObject({ ok: false, nearest: null })
  })

  it('refuses a grip that is no length', () => {
    expect(() => backSocket(drawer, { gripMm: 0, sides: null })).toThrow(RangeError)
    expect(() => backSocket(drawer, { gripMm: NaN, sides: null })).toThrow(RangeError)
  })
})

describe('pegPlacement', () => {
  it('stands between crown and the other hours as far as four pegs can', () => {
    const { pegsDeg, clearDeg, clears } = pegPlacement(4, [90])
    expect(clearDeg).toBe(45)
    expect(pegsDeg).toEqual([45, 135, 225, 315])
    expect(clears).toBe(true)
  })

  it('is the best of all turns to within its step', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.array(fc.integer({ min: 0, max: 359 }), { minLength: 1, maxLength: 4 }),
        (count, keepClear) => {
          const { clearDeg } = pegPlacement(count, keepClear)
          for (let turn = 0; turn < 360; turn += 3) {
            const pegs = Array.from({ length: count }, (_, i) => turn + (360 / count) * i)
            const clear = Math.min(...pegs.flatMap((p) => keepClear.map((k) => angleBetween(p, k))))
            if (clear > clearDeg + 1e-9) throw new Error(`${turn} clears ${clear}, more than ${clearDeg}`)
          }
        },
      ),
    )
  })

  it('has half a turn of room where nothing stands out', () => {
    expect(pegPlacement(4, [])).toMatchObject({ clearDeg: 180, clears: true })
  })

  it('says when a peg would touch', () => {
    expect(pegPlacement(4, [0, 22, 45, 68]).clears).toBe(false)
  })

  it('leaves pegs out until the rest clear: four, two opposite, none', () => {
    expect(holderPegs([90]).pegsDeg).toHaveLength(4)
    // Crown at 3, buttons at 2 and 4: two stand between the lugs.
    expect(holderPegs([60, 90, 120])).toEqual({ pegsDeg: [0, 180], clearDeg: 60, clears: true })
    expect(holderPegs([0, 30, 60, 90, 120, 150]).pegsDeg).toEqual([])
    const hours = fc.uniqueArray(fc.constantFrom(...Array.from({ length: 12 }, (_, i) => i * 30)))
    fc.assert(
      fc.property(hours, (keepClear) => {
        for (const peg of holderPegs(keepClear).pegsDeg)
          for (const deg of keepClear) expect(angleBetween(peg, deg)).toBeGreaterThanOrEqual(16)
      }),
    )
  })

  it('reads hours as directions and measures the short way round', () => {
    expect([degreesOfHour(12), degreesOfHour(3), degreesOfHour(10)]).toEqual([0, 90, 300])
    expect(angleBetween(350, 10)).toBe(20)
    const degrees = fc.integer({ min: 0, max: 720 })
    fc.assert(
      fc.property(degrees, degrees, (a, b) => {
        const cosine = Math.cos(((a - b) * Math.PI) / 180)
        expect(Math.cos((angleBetween(a, b) * Math.PI) / 180)).toBeCloseTo(cosine, 9)
        expect(angleBetween(a, b)).toBeLessThanOrEqual(180)
      }),
    )
    expect(() => pegPlacement(1, [0])).toThrow(/pegCount: expected a whole number from 2 to 8/)
  })
})
