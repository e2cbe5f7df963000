import { randomUUID } from 'node:crypto'
import { count, eq } from 'drizzle-orm'
import { openBrokenTray } from '../../tests/stores/brokenTray'
import { handedBack } from '../../tests/stores/handedBack'
import { readBore } from '../../tests/stores/readBore'
import { testStores } from '../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { forgetKeys } from '@/data/queries/sentChanges'
import { readings, sentChanges, stockMoves } from '@/data/schema'
import { receivePart } from './drawers/stockCount'
import { isKey, storedOnce, underKey } from './sentOnce'
import { CHANGED_ELSEWHERE } from '@/core/tray/staleness'
import { leaveOut } from './tray/leaveOut'
import { takeBackReading } from './tray/takeReading'
import type { TrayView } from './tray/trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('a change that is sent more than once, on $name', ({ openDemo }) => {
  let store: Store
  let made = 0
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const newTray = () => openBrokenTray(store.db, `Sent ${++made}`, NOW)
  const read = (view: TrayView, text: string) => readBore(store.db, view, text, NOW)
  const stored = async ({ tray }: TrayView) =>
    (await store.db.select({ n: count() }).from(readings).where(eq(readings.trayId, tray.id)))[0]?.n

  it('is stored once and answered as stored, one after the other and at once', async () => {
    const view = await newTray()
    const key = randomUUID()
    const send = () => underKey(key, () => read(view, '30.95'))
    const answers = [await send(), await send(), ...(await Promise.all([send(), send()]))]
    expect(answers.map(({ ok }) => ok)).toEqual([true, true, true, true])
    expect(await stored(view)).toBe(1)
    await underKey(randomUUID(), () => read(view, '30.96'))
    await read(view, '30.95')
    expect(await stored(view)).toBe(3)
  })

  it('is judged anew where it was refused', async () => {
    const view = await newTray()
    const key = randomUUID()
    expect(await underKey(key, () => read(view, 'wide'))).toMatchObject({ ok: false })
    expect(await underKey(key, () => read(view, '30.95'))).toMatchObject({ ok: true })
    expect(await stored(view)).toBe(1)
  })

  it('is answered as stored on a tray that was handed back since; what was not stored is refused there', async () => {
    const view = await newTray()
    const key = randomUUID()
    await underKey(key, () => read(view, '30.95'))
    const last = await underKey(randomUUID(), () => read(view, '30.96'))
    if (!last.ok) throw new Error('not stored')
    expect(await handedBack(store.db, last.view, NOW)).toMatchObject({ ok: true })
    expect(await underKey(key, () => read(view, '30.95'))).toMatchObject({ ok: true })
    expect(await underKey(randomUUID(), () => read(view, '30.95'))).toMatchObject({ ok: false })
    expect(await stored(view)).toBe(2)
  })

  it('undoes and ends nothing that its page never saw, and adds to it all the same', async () => {
    const view = await newTray()
    const [mine, theirs] = [randomUUID(), randomUUID()]
    const revision = view.tray.revision
    const by = <T>(page: string, seen: number, change: () => Promise<T>) =>
      underKey(randomUUID(), change, { page, revision: seen })
    const back = (reading: number) =>
      takeBackReading(store.db, { trayId: view.tray.id, readingId: reading, reason: 'jaws tilted' }, NOW)
    const first = await by(mine, revision, () => read(view, '30.95'))
    const second = await by(mine, revision, () => read(view, '30.96'))
    if (!first.ok || !second.ok) throw new Error('not stored')
    const [one = 0, two = 0] = second.view.readings.map(({ id }) => id)
    // Its own changes since then it knows, whenever their answers come.
    expect(await by(mine, revision, () => back(one))).toMatchObject({ ok: true })
    const stale = await by(theirs, revision, () => back(two))
    expect(stale).toMatchObject({ ok: false, errors: { stale: CHANGED_ELSEWHERE } })
    expect(await by(theirs, revision, () => read(view, '30.97'))).toMatchObject({ ok: true })
    expect(await by(mine, revision, () => back(two))).toMatchObject({ ok: false })
    expect(await by(mine, revision + 4, () => back(two))).toMatchObject({ ok: true })
    // A program that says nothing of what it saw is not asked.
    expect(await back(two)).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/already/) as string },
    })
  })

  it('is the same one where it is sent again after somebody else changed the tray', async () => {
    const view = await newTray()
    const seen = { page: randomUUID(), revision: view.tray.revision }
    const key = randomUUID()
    const undo = () =>
      underKey(
        key,
        () => leaveOut(store.db, { trayId: view.tray.id, subject: 'step:photograph', reason: 'dark' }, NOW),
        seen,
      )
    expect(await undo()).toMatchObject({ ok: true })
    await read(view, '30.95')
    expect(await undo()).toMatchObject({ ok: true })
  })

  it('of the shop’s own things is answered as it was the first time', async () => {
    const moves = async () => (await store.db.select({ n: count() }).from(stockMoves))[0]?.n ?? 0
    const before = await moves()
    const key = randomUUID()
    const send = (pieces: number) =>
      storedOnce(store.db, key, (tx) => receivePart(tx, { kind: 'crystal', partId: 1, pieces }, NOW))
    expect(await send(0)).toMatchObject({ ok: false })
    const first = await send(2)
    expect(first).toMatchObject({ ok: true })
    expect(await send(2)).toEqual(first)
    expect((await moves()) - before).toBe(1)
  })

  it('is known for four days', async () => {
    await store.db.delete(sentChanges)
    const day = 24 * 3_600_000
    const aged = [3, 5].map((days) => ({ key: randomUUID(), at: new Date(NOW.getTime() - days * day) }))
    await store.db.insert(sentChanges).values(aged)
    await forgetKeys(store.db, NOW)
    expect((await store.db.select().from(sentChanges)).map(({ key }) => key)).toEqual([aged[0]?.key])
  })
})

it('is keyed as a browser makes keys, and by nothing else', () => {
  expect(isKey(randomUUID())).toBe(true)
  for (const other of ['', 'x', randomUUID().slice(1), `${randomUUID()}'`, null, {}, 7])
    expect(isKey(other)).toBe(false)
})
