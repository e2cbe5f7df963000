import sharp from 'sharp'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { straightLooks } from '@/data/schema'
import { leaveOut } from './leaveOut'
import { lookByPicture, lookStraight } from './lookStraight'
import { recordOff } from './partsTrail'
import { addPhoto, removePhoto } from './photos'
import { trayByItsNumber } from './trayPages'
import { reportOfTray } from './trayReportPage'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')
const LATER = new Date('2026-11-24T11:00:00Z')
/** Of the demo: insert turned; a chapter ring turned and off-centre; insert and ring off by the same; no ring at all. */
const [TURNED, BOTH, DIAL, NO_RING] = [209, 235, 226, 214]

describe.each(testStores())('whether it stands straight, on $name', ({ openDemo }) => {
  let store: Store
  beforeEach(async () => {
    store = await openDemo()
  }, 240_000)
  afterEach(() => store.close())

  const tray = async (number: number): Promise<TrayView> => {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error('not there')
    return view
  }
  const CROSS = { 12: '0,02', 3: '.01', 6: '-0.01', 9: '0' }
  const look = async (
    number: number,
    pair: string,
    byHour: Readonly<Record<number, string>>,
    over: object = {},
    now = NOW,
  ) =>
    lookStraight(
      store.db,
      {
        trayId: (await tray(number)).tray.id,
        pair: pair as 'insert-dial',
        method: 'loupe',
        radius: '15.5',
        limit: '',
        offsets: Object.entries(byHour).map(([hour, text]) => ({ hour: Number(hour), text })),
        moves: null,
        after: null,
        asked: false,
        ...over,
      },
      now,
    )
  const stored = async (looking: ReturnType<typeof look>) => {
    const done = await looking
    if (!done.ok) throw new Error(JSON.stringify(done.errors))
    return done.view
  }
  const errorsOf = async (looking: ReturnType<typeof look>) => {
    const done = await looking
    if (done.ok) throw new Error('it was taken')
    return done.errors
  }
  const openAt = ({ job }: TrayView, stage: string) =>
    (job.stages.find((one) => one.stage === stage)?.demands ?? []).filter(({ met }) => !met)
  const standing = ({ straight }: TrayView, pair: string) =>
    straight.pairs.find((one) => one.pair === pair)?.standing ?? null

  it('stays open at its stage until it is read to be straight, each round kept', async () => {
    const found = await tray(TURNED)
    expect(standing(found, 'insert-dial')?.last.judgement.words).toBe('turned 2.46° clockwise')
    expect(openAt(found, 'align').map(({ open }) => open)).toContain(
      'insert against dial turned 2.46° clockwise',
    )
    const after = { limit: '.1', after: 'reseat' }
    const once = await stored(look(TURNED, 'insert-dial', { 12: '.16', 3: '.15', 6: '.17', 9: '.16' }, after))
    expect(openAt(once, 'align').map(({ subject }) => subject)).toContain('straight-insert-dial')
    const view = await stored(look(TURNED, 'insert-dial', CROSS, after, LATER))
    expect(openAt(view, 'align').map(({ subject }) => subject)).not.toContain('straight-insert-dial')
    const report = await reportOfTray(store.db, TURNED, new Date())
    const told = report?.ok && report.report.sections.find(({ title }) => title === 'Straight')?.lines[0]
    expect(told).toMatchObject({ what: 'Insert against dial', mark: 'done' })
    expect(told && told.words).toMatch(
      /^as found turned 2\.46° clockwise; after “Turn the insert in its seat by 2\.46° anticlockwise” .*straight$/,
    )
    const looks = standing(view, 'insert-dial')?.looks.map(({ afterWords }) => afterWords) ?? []
    expect(looks).toHaveLength(3)
    expect(looks[0]).toBe('')
    expect(looks[1]).toBe('Turn the insert in its seat by 2.46° anticlockwise')
    expect(await store.db.select().from(straightLooks)).toHaveLength(7)
  })

  it('is left as it is for a reason, which counts until it is looked at once more', async () => {
    const { tray: own } = await tray(TURNED)
    const left = await leaveOut(
      store.db,
      { trayId: own.id, subject: 'straight-insert-dial', reason: 'owner likes it so' },
      NOW,
    )
    expect(left.ok && openAt(left.view, 'align').find(({ leftOut }) => leftOut)?.leftOut?.reason).toBe(
      'owner likes it so',
    )
    const again = await stored(look(TURNED, 'insert-dial', { 12: '.6', 6: '.6' }, {}, LATER))
    expect(
      openAt(again, 'align').find(({ subject }) => subject === 'straight-insert-dial')?.leftOut,
    ).toBeNull()
  })

  it('stands for the step that sets a chapter ring by eye, at the press where it is set', async () => {
    const found = await tray(BOTH)
    expect(openAt(found, 'press-in').map(({ subject }) => subject)).toContain('straight-chapter-dial')
    expect(openAt(found, 'align')).toEqual([])
    const pressIn = found.job.stages.find(({ stage }) => stage === 'press-in')
    expect(pressIn?.stepsShown).toContain('ring-align')
    const filed = { radius: '15.1', after: 'front-key-filed', moves: false }
    expect(await errorsOf(look(BOTH, 'chapter-dial', CROSS, filed))).toEqual({
      asked: expect.stringMatching(/cannot be taken back. Say that the owner was asked/) as string,
    })
    const straight = await stored(look(BOTH, 'chapter-dial', CROSS, { ...filed, asked: true }))
    expect(straight.job.stages.find(({ stage }) => stage === 'press-in')?.stepsDone).toContain('ring-align')
  })

  it('says nothing of what is laid in or turned on afterwards, and is no look at what is off', async () => {
    const straight = await stored(look(TURNED, 'insert-dial', CROSS))
    expect(openAt(straight, 'align').map(({ subject }) => subject)).not.toContain('straight-insert-dial')
    const { tray: own } = straight
    const part = (over: object) => ({
      trayId: own.id,
      count: 1,
      size: '',
      clockHour: null,
      photo: null,
      ...over,
    })
    const off = await recordOff(store.db, part({ part: 'insert' }), LATER)
    if (!off.ok) throw new Error(JSON.stringify(off.errors))
    expect(openAt(off.view, 'align').map(({ open }) => open)).toContain(
      'insert against dial straight when it was read, insert moved since',
    )
    expect(await errorsOf(look(TURNED, 'insert-dial', CROSS, {}, LATER))).toEqual({
      pair: 'Insert against dial: off by the parts trail: 1 insert. Back in first, then read.',
    })
    // Nor is anything done on what it said.
    expect(await errorsOf(look(TURNED, 'bezel-case', CROSS, { after: 'reseat' }))).toHaveProperty('after')
  })

  it('is kept from a picture with how sure that is, and not where the picture could say nothing', async () => {
    const told = {
      turnedDeg: 0.9,
      towards3Mm: 0.03,
      towards12Mm: 0,
      turnUncertaintyDeg: 0.01,
      centreUncertaintyMm: 0.05,
    }
    const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#888' } })
      .png()
      .toBuffer()
    const kept = await addPhoto(store.db, (await tray(TURNED)).tray.id, { bytes, caption: 'above' }, NOW)
    if (!kept.ok) throw new Error('picture refused')
    const byPicture = async (over: object) =>
      lookByPicture(
        store.db,
        {
          trayId: (await tray(TURNED)).tray.id,
          pair: 'insert-dial',
          radius: '15.5',
          limit: '.1',
          moves: null,
          after: null,
          asked: false,
          told,
          photoIds: [kept.id],
          ...over,
        },
        LATER,
      )
    const view = await stored(byPicture({}))
    const last = standing(view, 'insert-dial')?.last
    // A shift that depth under a tilted camera may have made is not held against it.
    expect(last?.judgement.words).toBe('turned 0.90° clockwise')
    expect(last?.fit.turnedDeg?.standardUncertainty).toBe(0.01)
    expect(last?.offsets.map(({ offsetMm }) => offsetMm)).toEqual([0.273, 0.243, 0.213, 0.243])
    // What it was read from is named, and shows no owner how the piece came in.
    const picturesOf = ({ straight }: TrayView) =>
      straight.pairs.find(({ pair }) => pair === 'insert-dial')?.pictures
    expect([last?.photoId, picturesOf(view)]).toEqual([kept.id, [kept.id]])
    const report = await reportOfTray(store.db, TURNED, new Date())
    expect(report?.ok && report.photos.map(({ id }) => id)).not.toContain(kept.id)
    expect(await errorsOf(byPicture({ photoIds: [99_999] }))).toEqual({
      picture: expect.stringMatching(/not with this tray any more/) as string,
    })
    expect(await errorsOf(byPicture({ photoIds: [] }))).toHaveProperty('photoIds')
    expect(await errorsOf(byPicture({ radius: 'half' }))).toEqual({
      radius: expect.stringMatching(/no figure in mm/) as string,
    })
    expect(Object.keys(await errorsOf(byPicture({ pair: 'hands-dial' })))).toEqual(['pair'])
    expect(await errorsOf(byPicture({ told: { ...told, turnedDeg: 400 } }))).toHaveProperty('told')
    expect(await errorsOf(byPicture({ after: 'none-such' }))).toHaveProperty('after')
    // Taken off the tray for good, it is read from no picture that is there; the look stays.
    const { id: trayId } = (await tray(TURNED)).tray
    const without = await stored(removePhoto(store.db, { trayId, photoId: kept.id }, LATER))
    expect([standing(without, 'insert-dial')?.last.method, picturesOf(without)]).toEqual(['picture', []])
  })

  it('says that the dial is what is turned, and sets nothing to it', async () => {
    const { straight } = await tray(DIAL)
    expect(straight.dial?.value).toBeCloseTo(-1.18, 1)
    for (const pair of ['insert-dial', 'chapter-dial'])
      expect(standing(await tray(DIAL), pair)?.remedies[0]?.id).toBe('dial')
  })

  it('takes nothing for done that was no remedy, and nothing of a case that has no such pair', async () => {
    const refit = { after: 'bezel-refit' }
    expect(await errorsOf(look(TURNED, 'insert-dial', CROSS, refit))).toEqual({
      after: expect.stringMatching(/teeth hold it/) as string,
    })
    expect(await errorsOf(look(TURNED, 'insert-bezel', CROSS, { after: 'reseat' }))).toEqual({
      after: expect.stringMatching(/no remedy/) as string,
    })
    // What does not agree is read again, and nothing done on it.
    await stored(look(TURNED, 'insert-dial', { 12: '.1', 3: '.1', 6: '.6', 9: '.1' }))
    expect(await errorsOf(look(TURNED, 'insert-dial', CROSS, { after: 'reseat' }))).toEqual({
      after: expect.stringMatching(/do not agree/) as string,
    })
    expect(await errorsOf(look(NO_RING, 'chapter-dial', CROSS))).toEqual({
      pair: expect.stringMatching(/has none by its sheet/) as string,
    })
  })

  it('names every wrong figure with its limit, and stores nothing', async () => {
    const before = await store.db.select().from(straightLooks)
    const wrong = { 12: '400', 3: 'left', 6: '0.1', 9: '' }
    expect(await errorsOf(look(TURNED, 'insert-dial', wrong, { radius: '0', limit: '9' }))).toEqual({
      'offset-12': expect.stringMatching(/^Offset at 12: 400\.00 mm; −?-?3\.00 to 3\.00 mm/) as string,
      'offset-3': expect.stringMatching(/^Offset at 3: “left” is no figure/) as string,
      radius: expect.stringMatching(/^Radius: 0\.00 mm; 3\.00 to 40\.00/) as string,
      limit: expect.stringMatching(/^Owner’s limit: 9\.00 mm/) as string,
    })
    expect(await errorsOf(look(TURNED, 'insert-dial', CROSS, { radius: '' }))).toEqual({
      radius: 'Radius: is empty. Half the diameter at which the ticks meet.',
    })
    expect(await errorsOf(look(TURNED, 'insert-dial', { 12: '', 6: ' ' }))).toEqual({
      offsets: expect.stringMatching(/^Offsets: none is read/) as string,
    })
    const twice = {
      offsets: [
        { hour: 12, text: '1' },
        { hour: 12, text: '2' },
      ],
    }
    expect(Object.keys(await errorsOf(look(TURNED, 'insert-dial', {}, twice)))).toEqual(['offsets'])
    expect(await store.db.select().from(straightLooks)).toEqual(before)
  })
})
