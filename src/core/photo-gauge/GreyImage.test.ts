import { brightnessAt, greyFromRgba, shrunk, unshrunk } from './GreyImage'

const IMAGE = { widthPx: 3, heightPx: 2, values: Float32Array.from([0, 0.25, 0.5, 0.5, 0.75, 1]) }

describe('a picture as brightness', () => {
  it('is read between its pixels, up to its very edge and not beyond', () => {
    expect(brightnessAt(IMAGE, 0, 0)).toBe(0)
    expect(brightnessAt(IMAGE, 0.5, 0)).toBe(0.125)
    expect(brightnessAt(IMAGE, 0, 0.5)).toBe(0.25)
    expect(brightnessAt(IMAGE, 1.5, 0.5)).toBe(0.625)
    for (const [x, y] of [
      [-0.01, 0],
      [0, -0.01],
      [2, 0],
      [0, 1],
    ] as const)
      expect(brightnessAt(IMAGE, x, y)).toBeNull()
  })

  it('is the luminance of its colours in linear light', () => {
    const rgba = Uint8Array.from([255, 255, 255, 255, 0, 0, 0, 255, 188, 188, 188, 255, 255, 0, 0, 255])
    const { values } = greyFromRgba(rgba, { widthPx: 4, heightPx: 1 }, 1)
    expect(values[0]).toBeCloseTo(1, 5)
    expect(values[1]).toBe(0)
    // sRGB 188 is half the light, IEC 61966-2-1; red bears 0.2126 of white, Rec. 709.
    expect(values[2]).toBeCloseTo(0.503, 3)
    expect(values[3]).toBeCloseTo(0.2126, 4)
    expect(greyFromRgba(rgba, { widthPx: 2, heightPx: 2 }, 2).values[0]).toBeCloseTo(
      ((values[0] ?? 0) + (values[1] ?? 0) + (values[2] ?? 0) + (values[3] ?? 0)) / 4,
      5,
    )
  })

  it('shrinks by averaging squares, and a place in it leads back to where it came from', () => {
    const wide = { widthPx: 4, heightPx: 2, values: Float32Array.from([0, 1, 0.5, 0.5, 1, 0, 0.25, 0.75]) }
    expect([...shrunk(wide, 2).values]).toEqual([0.5, 0.5])
    expect(unshrunk({ x: 0, y: 0 }, 2)).toEqual({ x: 0.5, y: 0.5 })
    expect(unshrunk({ x: 3, y: 1 }, 3)).toEqual({ x: 10, y: 4 })
  })
})
