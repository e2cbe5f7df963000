import { leadTo } from '../../../tests/stores/leadTo'
import { randomUUID } from 'node:crypto'
import { sql } from 'drizzle-orm'
import sharp from 'sharp'
import { finished, handedBack } from '../../../tests/stores/handedBack'
import { testStores } from '../../../tests/stores/testStores'
import { CASE_KINDS } from '@/core/construction/caseKinds'
import { MOST_PHOTO_BYTES } from '@/core/intake/photoLimits'
import type { TrailPartId } from '@/core/trail/parts'
import type { Store } from '@/data/client'
import { photoBytes } from '@/data/queries/photos'
import { trailEvents, trayTicks } from '@/data/schema'
import { benchView } from '../bench/benchView'
import { underKey } from '../sentOnce'
import { chooseSchool } from './chooseSchool'
import { correctIntake } from './correctIntake'
import { newTrayChoices } from '../tray/newTrayChoices'
import { trayByItsNumber } from '../tray/trayPages'
import { noteFinding, takeBackNote } from './noteFinding'
import { finishStage } from './finishStage'
import { openTray } from './openTray'
import { answerOff, recordOff, undoTrail } from './partsTrail'
import { addPhoto, removePhoto } from './photos'
import { startShop } from '../shop/startShop'
import { tickTray } from './tickTray'
import type { Refusal } from '../boundary'
import type { Changed } from './trayChange'
import type { TrayView } from './trayView'
import { endMethod, startMethod } from './methodRuns'

const NOW = new Date('2026-11-24T10:00:00Z')
const PIECE = {
  owner: 'Maren Oddvik',
  dueAt: '2026-12-01T16:00:00.000Z',
  asked: 'crystal',
  crystalState: 'whole',
  classBar: 5,
  diver: false,
  use: 'everyday',
  gasketPresent: true,
}

describe.each(testStores())('the work on a tray, on $name', ({ open }) => {
  let store: Store
  let cases = 0
  beforeAll(async () => {
    store = await open()
    await startShop(store.db)
  }, 240_000)
  afterAll(() => store.close())

  /** A tray of a case nobody has seen, of a kind, with what the test is about. */
  async function taken(
    kind: keyof typeof CASE_KINDS,
    sheet: object = {},
    piece: object = {},
  ): Promise<TrayView> {
    const { label, classBar, diver, use, ...usual } = CASE_KINDS[kind]
    const newSheet = { ...usual, maker: 'Vessalin', reference: `Trial ${++cases}`, ...sheet }
    const opened = await openTray(store.db, { newSheet, fields: { ...PIECE, ...piece } }, NOW)
    if (!opened.ok) throw new Error(JSON.stringify(opened.errors))
    return viewOf(opened.number)
  }
  async function viewOf(number: number): Promise<TrayView> {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error('not there')
    return view
  }
  const stored = (outcome: Changed | Refusal): TrayView => {
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
    return outcome.view
  }
  const refused = (outcome: { ok: boolean; errors?: Readonly<Record<string, string>> }): string => {
    if (outcome.ok || !outcome.errors) throw new Error('it was taken')
    return Object.values(outcome.errors).join(' ')
  }
  const off = (view: TrayView, part: TrailPartId, count = 1, over: object = {}) =>
    recordOff(
      store.db,
      { trayId: view.tray.id, part, count, size: '', clockHour: null, photo: null, ...over },
      NOW,
    )
  const answer = (view: TrayView, part: TrailPartId, over: object) => {
    const line = view.job.trail.lines.find((l) => l.part === part)
    const input = {
      trayId: view.tray.id,
      offId: line?.offIds[0],
      kind: 'back',
      count: 1,
      reason: '',
      ...over,
    }
    return answerOff(store.db, input, NOW)
  }

  describe('intake', () => {
    it('takes in a case never seen: its sheet is made in the same breath', async () => {
      const view = await taken(
        'digital',
        { reference: 'Pilot X' },
        { asked: 'crystal,resin-shell', wear: '8' },
      )
      expect(view.tray.caseName).toBe('Vessalin Pilot X')
      expect(view.tray).toMatchObject({ asked: ['crystal', 'resin-shell'], wear: 8, stage: 'intake' })
      expect(view.job.procedure.steps.map((s) => s.id)).toContain('shell-off')
      const { sheets } = await newTrayChoices(store.db)
      expect(sheets.find((s) => s.name === 'Vessalin Pilot X')).toMatchObject({ classBar: 5, diver: false })
    })

    it('refuses a second sheet of the same name, and stores nothing', async () => {
      const newSheet = { ...CASE_KINDS.everyday, maker: 'Vessalin', reference: 'Pilot X' }
      const { label, classBar, diver, use, ...fields } = newSheet
      const twice = await openTray(store.db, { newSheet: fields, fields: PIECE }, NOW)
      expect(refused(twice)).toMatch(/Vessalin Pilot X has a sheet already/)
    })

    it('names every wrong field of case and piece at once', async () => {
      const outcome = await openTray(
        store.db,
        {
          newSheet: {
            maker: '',
            reference: 'X',
            retention: 'glue',
            backKind: 'screw-notched',
            notchCount: '4000',
          },
          fields: { ...PIECE, owner: '', wear: '11', asked: 'crystal,miracle' },
        },
        NOW,
      )
      if (outcome.ok) throw new Error('it was taken')
      expect(Object.keys(outcome.errors)).toEqual(
        expect.arrayContaining(['maker', 'retention', 'notchCount', 'owner', 'wear', 'asked']),
      )
      expect(outcome.errors['notchCount']).toMatch(/Notches: 4000 is outside 2–24/)
      expect(outcome.errors['asked']).toMatch(/“miracle” is not one of/)
    })

    it('forgets what is not asked for such a case', async () => {
      const view = await taken('dress-quartz', { notchCount: '6', notchShape: 'square' })
      expect([view.sheet.backKind, view.sheet.notchCount]).toEqual(['snap', null])
    })

    it('corrects intake: steps and hazards follow, an old due time may stay, a new one may not lie in the past', async () => {
      const view = await taken('everyday')
      const piece = { ...PIECE, crystalState: 'shattered', promises: 'Friday' }
      const changed = stored(
        await correctIntake(
          store.db,
          { trayId: view.tray.id, fields: piece },
          new Date('2027-01-01T00:00:00Z'),
        ),
      )
      expect(changed.tray.promises).toBe('Friday')
      expect(changed.job.hazards.map((h) => h.id)).toContain('movement-running')
      const late = await correctIntake(
        store.db,
        { trayId: view.tray.id, fields: { ...piece, dueAt: '2026-11-20T10:00:00.000Z' } },
        NOW,
      )
      expect(refused(late)).toMatch(/Due: lies in the past/)
    })

    it('keeps markup as the words it is', async () => {
      const view = await taken('everyday', {}, { complaint: '<img src=x onerror=alert(1)>' })
      expect(view.tray.complaint).toBe('<img src=x onerror=alert(1)>')
    })
  })

  describe('ticks', () => {
    it('deals with a hazard by its step, with the time, and back again', async () => {
      const view = await taken('everyday', {}, { crystalState: 'cracked' })
      const tick = (done: boolean) =>
        tickTray(store.db, { trayId: view.tray.id, subject: 'step:stop-movement', done }, NOW)
      const ticked = stored(await tick(true))
      expect(ticked.job.hazards.map((h) => h.id)).toEqual(['glass-splinters'])
      expect(ticked.job.allHazards[0]?.dealtAt).toBe(NOW.toISOString())
      expect(stored(await tick(false)).job.hazards[0]?.id).toBe('movement-running')
      expect(
        refused(await tickTray(store.db, { trayId: view.tray.id, subject: 'step:dance', done: true }, NOW)),
      ).toMatch(/must be one of/)
      await expect(store.db.execute(sql`DELETE FROM ${trayTicks}`)).rejects.toMatchObject({
        cause: { message: expect.stringMatching(/append-only/) as string },
      })
    })

    it('tells the bench the next step that is not ticked', async () => {
      const view = await taken('everyday')
      await tickTray(store.db, { trayId: view.tray.id, subject: 'step:photograph', done: true }, NOW)
      const bench = await benchView(store.db, NOW)
      expect(bench.trays.find((t) => t.number === view.tray.number)?.next).toBe(
        'Say now what cannot be saved',
      )
    })
  })

  describe('schools', () => {
    it('follows another school, and not one that would harm', async () => {
      const view = await taken('diver', {}, { asked: 'insert' })
      const choose = (option: string) =>
        chooseSchool(store.db, { trayId: view.tray.id, school: 'insert-removal', option }, NOW)
      expect(stored(await choose('soak')).job.procedure.steps.map((s) => s.id)).toContain('insert-soak')
      expect(refused(await choose('prayer'))).toMatch(/“prayer” is not one of/)
      const cracked = await taken('diver', {}, { asked: 'insert', crystalState: 'cracked' })
      const soak = { trayId: cracked.tray.id, school: 'insert-removal', option: 'soak' }
      expect(refused(await chooseSchool(store.db, soak, NOW))).toMatch(
        /not open here, “bezel stays on, the head’s face soaks in acetone”: the crystal/,
      )
    })
  })

  describe('parts trail', () => {
    it('cannot be closed with a spacer missing; with a stated reason it can', async () => {
      const view = await taken('dress-quartz')
      await off(view, 'shell')
      await off(view, 'spacer', 2)
      await off(view, 'strap')
      const toProve = () => finished(store.db, view.tray.id, 'close', NOW)
      expect(refused(await toProve())).toMatch(
        /Not moved on to prove: 1 resin shell, 2 spacers not accounted for/,
      )
      let now = await viewOf(view.tray.number)
      stored(await answer(now, 'shell', {}))
      stored(await answer(now, 'spacer', {}))
      expect(refused(await toProve())).toMatch(/1 spacer not accounted for/)
      now = await viewOf(view.tray.number)
      expect(refused(await answer(now, 'spacer', { kind: 'left-off' }))).toMatch(/Reason is missing/)
      expect(refused(await answer(now, 'spacer', { count: 2 }))).toMatch(
        /2 would be more than came off; 1 still/,
      )
      stored(await answer(now, 'spacer', { kind: 'left-off', reason: 'perished, owner told' }))
      expect((await toProve()).ok).toBe(true)
      const handBack = { trayId: view.tray.id, stage: 'hand-back' }
      expect(refused(await handedBack(store.db, await viewOf(view.tray.number), NOW))).toMatch(
        /Not handed back. 1 strap or bracelet not accounted for/,
      )
      stored(await answer(await viewOf(view.tray.number), 'strap', {}))
      expect((await finishStage(store.db, handBack, NOW)).ok).toBe(true)
      expect(refused(await off(view, 'cell'))).toMatch(/was handed back/)
    })

    it('takes off once what a case has one of', async () => {
      const view = await taken('everyday')
      stored(await off(view, 'movement'))
      expect(refused(await off(view, 'movement'))).toBe(
        'Nothing recorded: the movement is off already, and a case has one.',
      )
      stored(await undoTrail(store.db, { trayId: view.tray.id }, NOW))
      stored(await off(view, 'movement'))
    })

    it('undoes the last thing recorded and keeps it on record', async () => {
      const view = await taken('everyday')
      await off(view, 'clamp', 2)
      const two = stored(await off(view, 'movement'))
      expect(two.job.trail.movementOpenSince).toBe(NOW.toISOString())
      expect(two.job.trail.undo).toBe('movement off')
      const undone = stored(await undoTrail(store.db, { trayId: view.tray.id }, NOW))
      expect(undone.job.trail.lines.map((l) => l.part)).toEqual(['clamp'])
      expect(undone.job.trail.movementOpenSince).toBeNull()
      stored(await undoTrail(store.db, { trayId: view.tray.id }, NOW))
      expect(refused(await undoTrail(store.db, { trayId: view.tray.id }, NOW))).toMatch(/Nothing to undo/)
      await expect(store.db.execute(sql`UPDATE ${trailEvents} SET count = 9`)).rejects.toMatchObject({
        cause: { message: expect.stringMatching(/append-only/) as string },
      })
    })

    it('says since when the movement is covered, and that it is not', async () => {
      const view = await taken('everyday')
      const bare = stored(await off(view, 'movement'))
      expect(bare.job.trail.coveredSince).toBeNull()
      const later = new Date('2026-11-24T10:02:00Z')
      const ticked = stored(
        await tickTray(store.db, { trayId: view.tray.id, subject: 'step:dust-cover', done: true }, later),
      )
      expect(ticked.job.trail.coveredSince).toBe(later.toISOString())
    })

    it('ticks the step a recorded part speaks for', async () => {
      const view = await taken('everyday')
      const after = stored(await off(view, 'strap'))
      expect(after.job.ticks['step:strap-off']).toBe(NOW.toISOString())
      expect(after.job.ticks['step:back-off']).toBeUndefined()
    })

    describe('and the steps say one thing', () => {
      const tick = (view: TrayView, step: string, done = true) =>
        tickTray(store.db, { trayId: view.tray.id, subject: `step:${step}`, done }, NOW)
      const lines = ({ job }: TrayView) =>
        job.trail.lines.map(({ part, count, back, renewed }) => [part, count, back, renewed])

      it('a tick records what comes off, and taking it back takes that back', async () => {
        const view = await taken('everyday')
        const open = stored(await tick(view, 'back-off'))
        expect(lines(open)).toEqual([['back', 1, 0, 0]])
        const shut = stored(await tick(view, 'back-off', false))
        expect(lines(shut)).toEqual([])
        expect(shut.job.ticks['step:back-off']).toBeUndefined()
      })

      it('what comes in several is counted, and no tick stands for the count', async () => {
        const view = await taken('everyday')
        expect(refused(await tick(view, 'hold-off'))).toMatch(/^Count the clamps on the parts trail first/)
        const counted = stored(await off(view, 'clamp', 2))
        expect(counted.job.ticks['step:hold-off']).toBeDefined()
        expect(refused(await tick(counted, 'hold-on'))).toMatch(/^Still off by the parts trail: 2 clamps/)
        const one = stored(await answer(counted, 'clamp', {}))
        expect(one.job.ticks['step:hold-on']).toBeUndefined()
        const both = stored(await answer(one, 'clamp', {}))
        expect(both.job.ticks['step:hold-on']).toBeDefined()
        const undone = stored(await undoTrail(store.db, { trayId: view.tray.id }, NOW))
        expect(undone.job.ticks['step:hold-on']).toBeUndefined()
      })

      it('a tick puts back what is off, new where the job renews it, and not what is under other parts', async () => {
        const view = await taken('dress-quartz', {}, { asked: 'crystal,battery' })
        stored(await tick(view, 'cell-out'))
        stored(await tick(view, 'back-off'))
        expect(refused(await tick(view, 'cell-out', false))).toMatch(/^The parts trail shows it done: undo/)
        stored(await tick(view, 'cell-in'))
        await leadTo(store.db, await viewOf(view.tray.number), 'back-on', NOW)
        const closed = stored(await tick(view, 'back-on'))
        expect(lines(closed)).toEqual([
          ['cell', 1, 0, 1],
          ['back', 1, 1, 0],
        ])
      })

      it('a crystal that came off with the back on is no crystal pressed out, until back and movement are out', async () => {
        const view = await taken('everyday')
        const pressed = ({ job }: TrayView) => job.ticks['step:crystal-out']
        expect(pressed(stored(await off(view, 'crystal')))).toBeUndefined()
        expect(refused(await tick(view, 'crystal-out'))).toMatch(/^First at Open: /)
        stored(await tick(view, 'back-off'))
        stored(await off(view, 'clamp', 2))
        const standing = stored(await tick(view, 'stem-out'))
        expect(pressed(standing)).toBeUndefined()
        // Nothing is left in its way: what the trail has waited for that alone.
        const out = stored(await tick(view, 'movement-out'))
        expect(pressed(out)).toBe(NOW.toISOString())
        const back = stored(await undoTrail(store.db, { trayId: view.tray.id }, NOW))
        expect(back.job.ticks['step:movement-out']).toBeUndefined()
        expect(pressed(back)).toBeUndefined()
      })
    })

    it('refuses an absurd count, a strange part, an hour off the dial and a picture of another tray', async () => {
      const view = await taken('everyday')
      expect(refused(await off(view, 'screw', 400))).toMatch(/at most 24 at once/)
      expect(refused(await off(view, 'screw', 0))).toMatch(/at least 1/)
      expect(refused(await off(view, 'flywheel' as TrailPartId))).toMatch(/must be one of/)
      expect(refused(await off(view, 'screw', 1, { clockHour: 13 }))).toMatch(/less than or equal to 12/)
      expect(refused(await off(view, 'screw', 1, { photo: { id: 99999, x: 0.5, y: 0.5 } }))).toMatch(
        /not there/,
      )
    })

    it('learns what usually comes off a case and proposes it next time', async () => {
      const first = await taken('digital', { reference: 'Learner' })
      await off(first, 'shell-screw', 4, { size: 'long' })
      await off(first, 'shell-screw', 2, { size: 'short' })
      const { sheets } = await newTrayChoices(store.db)
      const sheet = sheets.find((s) => s.name === 'Vessalin Learner')
      const opened = await openTray(store.db, { caseSheetId: sheet?.id, fields: PIECE }, NOW)
      if (!opened.ok) throw new Error('not opened')
      const second = await viewOf(opened.number)
      expect(second.job.trail.usual.map((l) => [l.part, l.size, l.count])).toEqual([
        ['shell-screw', 'long', 4],
        ['shell-screw', 'short', 2],
      ])
      const took = stored(await off(second, 'shell-screw', 4, { size: 'long' }))
      expect(took.job.trail.usual.map((l) => l.size)).toEqual(['short'])
    })
  })

  describe('methods', () => {
    const start = (view: TrayView, process: string, scope: string, heeded = false) =>
      startMethod(store.db, { trayId: view.tray.id, process, scope, heeded }, NOW)

    it('blocks acetone on acrylic with its reason and the way round', async () => {
      const view = await taken('diver', { crystalMaterial: 'acrylic' }, { asked: 'insert' })
      await off(view, 'strap')
      const words = refused(await start(view, 'acetone-bath', 'face'))
      expect(words).toMatch(/Blocked: acetone bath, acrylic crystal: acetone crazes and dissolves acrylic/)
      expect(words).toMatch(/Way round: Take the bezel off, push the insert out/)
    })

    it('takes a warning only when it was heeded; no flame while the bath is open anywhere', async () => {
      const diver = await taken('diver', {}, { asked: 'insert' })
      await off(diver, 'strap')
      expect(refused(await start(diver, 'acetone-bath', 'face'))).toMatch(/Protect first, then confirm/)
      const soaking = stored(await start(diver, 'acetone-bath', 'face', true))
      const [run] = soaking.job.bench
      expect(run).toMatchObject({ process: 'acetone-bath', own: true })

      const other = await taken(
        'everyday',
        { magnifier: 'outside', crystalMaterial: 'sapphire' },
        { asked: 'magnifier-off' },
      )
      await off(other, 'strap')
      const blocked = refused(await start(other, 'flame', 'face', true))
      expect(blocked).toMatch(new RegExp(`open on tray ${diver.tray.number}`))
      expect(blocked).toMatch(/Way round: End that bath first/)
      const ended = await endMethod(store.db, { trayId: diver.tray.id, runId: run?.id }, NOW)
      expect(stored(ended).job.bench).toEqual([])
      expect(refused(await endMethod(store.db, { trayId: diver.tray.id, runId: run?.id }, NOW))).toMatch(
        /not open/,
      )
      const flame = stored(await start(other, 'flame', 'face', true))
      const bath = refused(await start(diver, 'acetone-bath', 'face', true))
      expect(bath).toMatch(new RegExp(`flame is in use on tray ${other.tray.number}`))
      const flameRun = flame.job.bench.find((open) => open.own)
      await endMethod(store.db, { trayId: other.tray.id, runId: flameRun?.id }, NOW)
    })

    it('does not soak a head whose back came off too easily', async () => {
      const view = await taken('diver', {}, { asked: 'insert' })
      await off(view, 'strap')
      const noted = stored(
        await noteFinding(
          store.db,
          { trayId: view.tray.id, kind: 'back-tightness', words: 'too-easy', stage: 'open' },
          NOW,
        ),
      )
      expect(noted.job.facts.sealsDoubtful).toBe(true)
      expect(refused(await start(view, 'acetone-bath', 'face', true))).toMatch(/the seals: they are doubtful/)
    })
  })

  describe('findings', () => {
    it('keeps them in the owner’s words, takes one back, and grades the back once', async () => {
      const view = await taken('everyday')
      const note = (kind: string, words: string) =>
        noteFinding(store.db, { trayId: view.tray.id, kind, words, stage: 'intake' }, NOW)
      const noted = stored(await note('cannot-repair', ' <b>gouge</b> by 4 '))
      expect(noted.job.findings.map((f) => f.words)).toEqual(['<b>gouge</b> by 4'])
      expect(refused(await note('cannot-repair', '  '))).toMatch(/write what you see/)
      expect(refused(await note('other', 'x'.repeat(301)))).toMatch(/more than 300 characters/)
      expect(refused(await note('back-tightness', 'rusty'))).toMatch(/“rusty” is not one of/)
      await note('back-tightness', 'tight')
      const graded = stored(await note('back-tightness', 'usual'))
      expect(graded.job.findings.filter((f) => f.kind === 'back-tightness').map((f) => f.words)).toEqual([
        'usual',
      ])
      const findingId = graded.job.findings[0]?.id
      const left = stored(await takeBackNote(store.db, { trayId: view.tray.id, findingId }, NOW))
      expect(left.job.findings).toHaveLength(1)
      expect(refused(await takeBackNote(store.db, { trayId: view.tray.id, findingId }, NOW))).toMatch(
        /not there/,
      )
    })
  })

  describe('pictures', () => {
    const picture = () =>
      sharp({ create: { width: 60, height: 40, channels: 3, background: '#223344' } })
        .withExif({
          IFD0: { Artist: 'Somebody', Copyright: 'secret place' },
          IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 3230/100' },
        })
        .jpeg()
        .toBuffer()
    const add = async (view: TrayView, bytes: Uint8Array, caption = 'front') =>
      addPhoto(store.db, view.tray.id, { bytes, caption }, NOW)

    it('keeps one, upright and without what the file says of its owner, and removes it', async () => {
      const view = await taken('everyday')
      const added = await add(view, await picture())
      if (!added.ok) throw new Error(JSON.stringify(added.errors))
      const shown = await viewOf(view.tray.number)
      expect(shown.job.photos).toMatchObject([{ caption: 'front', widthPx: 60, heightPx: 40 }])
      const bytes = (await photoBytes(store.db, added.id)) ?? new Uint8Array()
      expect((await sharp(bytes).metadata()).exif).toBeUndefined()
      expect(Buffer.from(bytes).includes('secret place')).toBe(false)
      const gone = stored(await removePhoto(store.db, { trayId: view.tray.id, photoId: added.id }, NOW))
      expect(gone.job.photos).toEqual([])
    })

    it('keeps one once that is sent once more because no answer came', async () => {
      const view = await taken('everyday')
      const key = randomUUID()
      const bytes = await picture()
      const first = await underKey(key, () => add(view, bytes))
      expect(first).toMatchObject({ ok: true })
      expect(await underKey(key, () => add(view, bytes))).toEqual(first)
      expect((await viewOf(view.tray.number)).job.photos).toHaveLength(1)
    })

    it('refuses what is no picture, whatever it says it is', async () => {
      const view = await taken('everyday')
      const wrong = async (bytes: Uint8Array) => refused(await add(view, bytes))
      expect(await wrong(Buffer.from('<html>hello</html>'))).toMatch(/not a picture that can be read/)
      expect(
        await wrong(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>')),
      ).toMatch(/not a picture/)
      expect(await wrong((await picture()).subarray(0, 200))).toMatch(/not a picture/)
      expect(await wrong(new Uint8Array())).toMatch(/not a picture/)
    })

    it('refuses one that is too large, and more than a tray holds', async () => {
      const view = await taken('everyday')
      expect(refused(await add(view, new Uint8Array(MOST_PHOTO_BYTES + 1)))).toBe(
        'Picture: 16 MB is more than 15 MB. Choose a smaller one, or let the camera save it smaller.',
      )
      expect(refused(await add(view, await picture(), 'x'.repeat(81)))).toMatch(/at most 80/)
      for (let i = 0; i < 24; i++) await add(view, await picture())
      expect(refused(await add(view, await picture()))).toMatch(/holds 24 already/)
    })

    it('makes a large one smaller', async () => {
      const view = await taken('everyday')
      const large = await sharp({ create: { width: 3200, height: 2400, channels: 3, background: '#998877' } })
        .png()
        .toBuffer()
      expect((await add(view, large)).ok).toBe(true)
      expect((await viewOf(view.tray.number)).job.photos).toMatchObject([{ widthPx: 1600, heightPx: 1200 }])
    })
  })
})
