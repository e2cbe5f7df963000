import fc from 'fast-check'
import type { JpegOptions } from 'sharp'
import sharp from 'sharp'
import { isPlainJpeg } from './isPlainJpeg'

const made = (options: JpegOptions = {}) =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: '#a71' } }).jpeg(options)

describe('isPlainJpeg', () => {
  it('takes what holds pixels only, baseline and progressive', async () => {
    expect(isPlainJpeg(await made().toBuffer())).toBe(true)
    expect(isPlainJpeg(await made({ mozjpeg: true, quality: 82 }).toBuffer())).toBe(true)
    expect(isPlainJpeg(await made({ progressive: true }).toBuffer())).toBe(true)
  })

  it('refuses what says where it was taken, or anything else beside its pixels', async () => {
    const gps = { IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 3230/100' } }
    expect(isPlainJpeg(await made().withExif(gps).toBuffer())).toBe(false)
    expect(isPlainJpeg(await made().withIccProfile('srgb').toBuffer())).toBe(false)
    const plain = await made().toBuffer()
    expect(isPlainJpeg(Buffer.concat([plain, Buffer.from('51.5 N')]))).toBe(false)
    const comment = Buffer.from([0xff, 0xfe, 0, 8, ...Buffer.from('51.5 N')])
    expect(isPlainJpeg(Buffer.concat([plain.subarray(0, 2), comment, plain.subarray(2)]))).toBe(false)
    const app9 = Buffer.from([0xff, 0xe9, 0, 8, ...Buffer.from('51.5 N')])
    expect(isPlainJpeg(Buffer.concat([plain.subarray(0, 2), app9, plain.subarray(2)]))).toBe(false)
    const notJfif = Buffer.from([0xff, 0xe0, 0, 8, ...Buffer.from('51.5 N')])
    expect(isPlainJpeg(Buffer.concat([plain.subarray(0, 2), notJfif, plain.subarray(2)]))).toBe(false)
  })

  it('refuses what is cut off, another kind, or nothing of the kind', async () => {
    const plain = await made().toBuffer()
    fc.assert(
      fc.property(fc.nat({ max: plain.length - 1 }), (length) => {
        expect(isPlainJpeg(plain.subarray(0, length))).toBe(false)
      }),
    )
    expect(isPlainJpeg(await made().png().toBuffer())).toBe(false)
    fc.assert(fc.property(fc.uint8Array(), (bytes) => expect(isPlainJpeg(bytes)).toBe(false)))
  })
})
