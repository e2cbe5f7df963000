import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { readScene, RING, scene, sizeOf } from '../../../tests/factories/photographs'

describe('a disc, a hole and a bevelled glass at five blurs', () => {
  const DARK = { ...RING, centreXMm: 31, heightMm: 0.01 }
  const GLASS = {
    kind: 'shard',
    radiusMm: 15,
    bevelMm: 0.25,
    fromDeg: 0,
    toDeg: 359.9,
    chips: [],
    centreXMm: 76,
    centreYMm: 41,
    heightMm: 1,
  } as const
  const BLURS = [0.5, 0.8, 1.2, 1.8, 2.5]
  const ROLLS = [0, 6.3]
  const pictures = BLURS.flatMap((blurPx) =>
    ROLLS.map((rollDeg, i) => {
      const [dark, glass] = [
        { ...DARK, centreXMm: 31 + 0.3 * i },
        { ...GLASS, centreYMm: 40 + 0.3 * i },
      ]
      const taken = scene({
        pieces: [dark, glass],
        seed: 11 + i,
        camera: { widthPx: 1200, heightPx: 900, blurPx, rollDeg, heightMm: 330 },
      })
      const found = readScene(taken)
      const off = (side: SeenArc['side'], xMm: number, trueMm: number, heightMm: number) => {
        const arc = found.arcs.find(
          ({ side: own, arc: { fit } }) =>
            own === side && Math.abs(fit.centre.xMm - xMm) < 3 && Math.abs(2 * fit.radiusMm - trueMm) < 1,
        )
        if (!arc) throw new Error(`${side} is missing`)
        const size = sizeOf(taken, found, [arc], heightMm)
        return { offMm: size.valueMm - trueMm, uMm: size.standardUncertaintyMm }
      }
      return {
        blurPx,
        disc: off('outline', dark.centreXMm, 36, 0),
        hole: off('hole', dark.centreXMm, 26, 0),
        glass: off('outline', glass.centreXMm, 30, 1),
      }
    }),
  )
  type Looked = 'disc' | 'hole' | 'glass'
  const meanOff = (of: Looked, among = pictures) =>
    among.reduce((sum, picture) => sum + picture[of].offMm, 0) / among.length
  const atBlur = (of: Looked) =>
    BLURS.map((px) =>
      meanOff(
        of,
        pictures.filter(({ blurPx }) => blurPx === px),
      ),
    )

  it.each(['disc', 'hole'] as const)('reads a %s neither large nor small, whatever the blur', (of) => {
    expect(Math.abs(meanOff(of))).toBeLessThan(0.005)
    const means = atBlur(of)
    expect(Math.max(...means) - Math.min(...means)).toBeLessThan(0.005)
  })

  it('tells a bevelled rim from its bevel', () => {
    // Where it is steepest lies 0.11 to 0.34 further out: the bevel’s own edge is two pixels away.
    for (const mean of atBlur('glass').slice(0, -1)) expect(Math.abs(mean)).toBeLessThan(0.04)
    // At the widest blur bevel and rim run into one: it reads small by a part of what the bevel would add.
    expect(Math.abs(atBlur('glass').at(-1) ?? NaN)).toBeLessThan(0.08)
  })

  it('is inside its interval at least 95 times of a hundred', () => {
    const all = pictures.flatMap(({ disc, hole, glass }) => [disc, hole, glass])
    const right = all.filter(({ offMm, uMm }) => Math.abs(offMm) < 2 * uMm)
    expect(right.length / all.length).toBeGreaterThanOrEqual(0.95)
  })
})
