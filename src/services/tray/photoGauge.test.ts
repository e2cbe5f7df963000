import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import { ALL_MARKS } from '@/core/photo-gauge/gaugeSheet'
import type { Homography } from '@/core/photo-gauge/homography'
import { pictureOf } from '@/core/photo-gauge/homography'
import type { Store } from '@/data/client'
import sharp from 'sharp'
import {
  isBridgeToken,
  makeBridgeToken,
  passLine,
  withdrawBridgeToken,
} from '../instruments/instrumentBridge'
import { theBridge } from '../instruments/instrumentFeeds'
import { trayByItsNumber } from '../tray/trayPages'
import { photoGaugeSettings, takePhotoSize } from './photoGauge'
import { addPhoto, removePhoto } from './photos'
import { startShop } from '../shop/startShop'
import { takeBackShape } from './takeShape'
import type { TrayView } from './trayView'
import { weighPast } from './weighPast'

const NOW = new Date('2026-11-26T10:00:00Z')
const VIEW: Homography = [16, 0.3, 200, -0.2, 16, 150, 0, 0, 1]

function picture(radiusMm = 15) {
  return {
    arcs: [
      Array.from({ length: 300 }, (_, i) => {
        const angle = (i / 300) * 4
        return pictureOf({ xMm: 55 + radiusMm * Math.cos(angle), yMm: 40 + radiusMm * Math.sin(angle) }, VIEW)
      }),
    ],
    marks: ALL_MARKS.map(({ centre }, mark) => ({ mark, picture: pictureOf(centre, VIEW) })),
    levelBarMm: 100,
    uprightBarMm: null,
    edgeHeightMm: 0,
    cameraHeightMm: 320,
  }
}

describe.each(testStores())('photo gauge, past and bridge, on $name', ({ open }) => {
  let store: Store
  let view: TrayView
  let photoId: number
  beforeAll(async () => {
    store = await open()
    await startShop(store.db)
    view = await openBrokenTray(store.db, 'Pictured', NOW)
    const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#888' } })
      .png()
      .toBuffer()
    const kept = await addPhoto(store.db, view.tray.id, { bytes, caption: 'sheet' }, NOW)
    if (!kept.ok) throw new Error('picture refused')
    photoId = kept.id
  }, 240_000)
  afterAll(() => store.close())

  const take = (over: object = {}) =>
    takePhotoSize(
      store.db,
      { trayId: view.tray.id, dimension: 'crystal-diameter', photoId, picture: picture(), ...over },
      NOW,
    )
  const wrong = async (over: object) => {
    const outcome = await take(over)
    return outcome.ok ? 'taken' : Object.values(outcome.errors).join(' ')
  }

  it('stores a size worked out anew from what was seen, with its picture, and remembers the print', async () => {
    expect(await photoGaugeSettings(store.db, {}, NOW)).toMatchObject({
      levelBarMm: null,
      uprightBarMm: null,
    })
    const outcome = await take()
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
    const [shape] = outcome.view.shapes
    expect(shape?.diameterMm).toBeCloseTo(30, 2)
    expect(shape).toMatchObject({ photoId, dimension: 'crystal-diameter', kind: 'photo' })
    expect(outcome.view.readout.evidence).toMatchObject([{ kind: 'fragment', method: 'photo' }])
    expect(await photoGaugeSettings(store.db, {}, NOW)).toMatchObject({
      cameraHeightMm: 320,
      levelBarMm: 100,
    })
  })

  it('does not let go of a picture a standing size rests on', async () => {
    const refused = await removePhoto(store.db, { trayId: view.tray.id, photoId }, NOW)
    expect(!refused.ok && refused.errors.photo).toMatch(/take that reading back first/)
  })

  it('takes an insert’s size as a figure, not as evidence of the crystal', async () => {
    const outcome = await take({ dimension: 'insert-outer', picture: picture(19) })
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
    expect(outcome.view.readout.evidence).toHaveLength(1)
    expect(outcome.view.readout.measured['insert-outer']?.valueMm).toBeCloseTo(38, 2)
    expect(outcome.view.steps.find((s) => s.dimension === 'insert-outer')?.pick.sizeMm).toBe(38)
  })

  it('says what is wrong with what it is sent', async () => {
    expect(await wrong({ photoId: 99_999 })).toMatch(/not with this tray any more/)
    expect(await wrong({ dimension: 'bore' })).toMatch(/not one a picture shows/)
    expect(await wrong({ picture: { ...picture(), arcs: [] } })).toMatch(/Edge: none chosen/)
    expect(await wrong({ picture: { ...picture(), cameraHeightMm: 5 } })).toMatch(
      /Camera height: outside 80–1500/,
    )
    expect(await wrong({ picture: { ...picture(), levelBarMm: 80 } })).toMatch(/Level bar: 80 mm is outside/)
    expect(await wrong({ picture: picture(2) })).toMatch(/Diameter: 4.00 mm is outside 8.00–60.00/)
    const marks = picture().marks.slice(0, 3)
    expect(await wrong({ picture: { ...picture(), marks } })).not.toBe('taken')
  })

  it('leaves the past out and lets it in again, kept with the tray', async () => {
    const out = await weighPast(store.db, { trayId: view.tray.id, pastCounts: false }, NOW)
    expect(out.ok && out.view.tray.pastCounts).toBe(false)
    const again = await weighPast(store.db, { trayId: view.tray.id, pastCounts: true }, NOW)
    expect(again.ok && again.view.tray.pastCounts).toBe(true)
    expect((await weighPast(store.db, { trayId: view.tray.id, pastCounts: 'no' }, NOW)).ok).toBe(false)
  })

  it('a size taken back leaves the picture free again', async () => {
    const before = await trayByItsNumber(store.db, view.tray.number)
    for (const shape of before?.shapes ?? []) {
      await takeBackShape(store.db, { trayId: view.tray.id, shapeId: shape.id, reason: 'blurred' }, NOW)
    }
    expect((await removePhoto(store.db, { trayId: view.tray.id, photoId }, NOW)).ok).toBe(true)
  })

  it('knows its token by its hash alone, and a new one ends the old', async () => {
    expect(await isBridgeToken(store.db, 'anything')).toBe(false)
    const made = async () => {
      const answer = await makeBridgeToken(store.db, {}, NOW)
      if (!answer.ok) throw new Error('no token')
      return answer
    }
    const first = await made()
    expect(await isBridgeToken(store.db, first.token)).toBe(true)
    const second = await made()
    expect(await isBridgeToken(store.db, first.token)).toBe(false)
    expect(await isBridgeToken(store.db, second.token)).toBe(true)
    await withdrawBridgeToken(store.db, {}, NOW)
    expect(await isBridgeToken(store.db, second.token)).toBe(false)
  })

  it('passes a line to who listens, cleaned, and says when nobody does', async () => {
    const id = view.instruments[0]?.id ?? 0
    expect(await passLine(store.db, id, '+0030.02 mm\r\n')).toEqual({ ok: true, valueMm: 30.02, heard: 0 })
    const heard: string[] = []
    const place = { trayId: view.tray.id, dimension: 'bore', placeIndex: 0 } as const
    const stop = theBridge().listen(place, {
      onLine: ({ line, instrumentId }) => heard.push(`${instrumentId} ${line}`),
      onTrouble: () => undefined,
    })
    await passLine(store.db, id, '\u0002+0030.02 mm\r')
    stop()
    await passLine(store.db, id, '+0030.03 mm')
    expect(heard).toEqual([`${id} +0030.02 mm`])
    const refused = await passLine(store.db, 9999, '30.02')
    expect(!refused.ok && refused.errors.instrument).toMatch(/not in Settings/)
  })
})
