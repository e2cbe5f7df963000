import type { StageId } from '@/core/stages/stages'
import { STAGE_IDS } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import type { SessionEvent, TraySession } from './traySession'
import { chosenPairOf, pairAfter } from './chosenPair'
import { onEnter, openSession, targetOfSession, traySession } from './traySession'

/** Only what the session looks at. */
function view(over: object = {}): TrayView {
  const pair = (id: number) => ({ crystal: stockCrystal({ id }), gasket: stockGasket() })
  return {
    readings: [],
    next: { dimension: 'bore', placeIndex: 0 },
    shortlist: { fitting: [pair(1), pair(2)], rejected: [{ candidate: pair(3), failures: [] }] },
    press: null,
    ...over,
  } as unknown as TrayView
}
const reading = (placeIndex: number) => ({ dimension: 'bore', placeIndex, voidReason: null })

describe('traySession', () => {
  const fresh = openSession(view(), 'measure')
  /** 30.91 is on its way, and this is typed meanwhile. */
  const sentWith = (text: string) =>
    traySession(
      traySession(traySession(fresh, { type: 'typed', text: '30.91' }), {
        type: 'figure-sent',
        waited: false,
      }),
      { type: 'typed', text },
    )

  it('keeps what was typed when a reading is refused or the server is away', () => {
    const typed = traySession(fresh, { type: 'typed', text: '30.9' })
    const failed = traySession(traySession(typed, { type: 'sent' }), { type: 'failed', error: 'away' })
    expect(failed).toMatchObject({ text: '30.9', error: 'away', busy: false })
    expect(traySession(failed, { type: 'typed', text: '30.95' }).error).toBeNull()
  })

  it('deletes the last character typed; of what was refused nothing is left to add to', () => {
    const typed = traySession(fresh, { type: 'typed', text: '30.9' })
    expect(traySession(typed, { type: 'last-deleted' }).text).toBe('30.')
    const failed = traySession(typed, { type: 'failed', error: 'No.' })
    expect(traySession(failed, { type: 'last-deleted' })).toMatchObject({ text: '', error: null })
    expect(traySession(fresh, { type: 'last-deleted' }).text).toBe('')
  })

  it('takes the next figure while one is on its way, and waits with its Enter', () => {
    const onItsWay = [
      { type: 'typed', text: '30.91' },
      { type: 'figure-sent', waited: false },
      { type: 'typed-on', character: '3' },
      { type: 'typed-on', character: '1' },
      { type: 'accept-waits' },
    ] as const
    const meanwhile = onItsWay.reduce<TraySession>(traySession, fresh)
    expect(meanwhile).toMatchObject({ sending: '30.91', text: '', waiting: ['31'], busy: true })
    const taken = traySession(meanwhile, { type: 'reading-taken', view: view(), note: null })
    expect(taken).toMatchObject({ sending: null, waiting: ['31'], busy: false })
    const third = traySession(taken, { type: 'typed', text: '32' })
    expect(traySession(third, { type: 'figure-sent', waited: true })).toMatchObject({
      sending: '31',
      waiting: [],
      text: '32',
    })
    const refused = traySession(meanwhile, { type: 'failed', error: 'No.' })
    expect(refused).toMatchObject({ text: '30.91', error: 'No. Typed meanwhile: 31.', waiting: [] })
    const question = { message: 'Slipped?', valueMm: 3, suggestionMm: 30, keepAllowed: false }
    const asked = traySession(meanwhile, { type: 'asked', question })
    expect(asked.question?.message).toBe('Slipped? Typed meanwhile: 31.')
    expect(asked.text).toBe('30.91')
  })

  it('lets a figure go whose Enter was pressed as the answer to the one before came in', () => {
    const sent = sentWith('30.92')
    const taken = traySession(sent, { type: 'reading-taken', view: view(), note: null })
    expect(onEnter(sent)).toBe('wait')
    const waits = traySession(taken, { type: 'accept-waits' })
    expect(waits).toMatchObject({ text: '', waiting: ['30.92'], busy: false })
    // What is typed before it has gone comes after it.
    expect(onEnter(traySession(waits, { type: 'typed', text: '30.93' }))).toBe('wait')
    const refused = traySession(sent, { type: 'failed', error: 'No.' })
    expect(traySession(refused, { type: 'accept-waits' })).toBe(refused)
  })

  it('keeps a figure on its way, and one being typed, whatever else is done or refused meanwhile', () => {
    const sent = sentWith('30.9')
    const acts: readonly SessionEvent[] = [
      { type: 'view-came', view: view() },
      { type: 'cleared-busy' },
      { type: 'act-failed', error: 'Not ticked.' },
    ]
    for (const act of acts) {
      const after = traySession(sent, act)
      expect(after).toMatchObject({ busy: true, sending: '30.91', text: '30.9' })
      expect(traySession(after, { type: 'typed-on', character: '2' }).text).toBe('30.92')
    }
    const refused = traySession(sent, { type: 'failed', error: 'No.' })
    expect(refused.text).toBe('30.91')
    // What was refused is replaced even when its message has gone.
    const later = traySession(refused, { type: 'view-came', view: view() })
    expect(traySession(later, { type: 'typed-on', character: '3' }).text).toBe('3')
  })

  it('does not wait with an Enter that has no figure', () => {
    const sent = traySession(traySession(fresh, { type: 'typed', text: '30.9' }), {
      type: 'figure-sent',
      waited: false,
    })
    expect(traySession(sent, { type: 'accept-waits' }).waiting).toEqual([])
  })

  it('stays on a dimension chosen by hand until its places are read, then follows the plan', () => {
    const aimed = traySession(fresh, { type: 'aimed', dimension: 'seat-depth' })
    expect(targetOfSession(aimed)).toEqual({ dimension: 'seat-depth', placeIndex: 0 })
    const seat = (placeIndex: number) => ({ ...reading(placeIndex), dimension: 'seat-depth' })
    const half = traySession(aimed, {
      type: 'reading-taken',
      view: view({ readings: [seat(0)] }),
      note: null,
    })
    expect(targetOfSession(half)).toEqual({ dimension: 'seat-depth', placeIndex: 1 })
    const done = traySession(half, {
      type: 'reading-taken',
      view: view({ readings: [seat(0), seat(1)] }),
      note: null,
    })
    expect(targetOfSession(done)).toEqual({ dimension: 'bore', placeIndex: 0 })
    expect(done.text).toBe('')
  })

  it('repeats a dimension from its first place once all are read', () => {
    const read = openSession(view({ readings: [0, 1, 2, 3].map(reading), next: null }), 'measure')
    expect(targetOfSession(read)).toBeNull()
    expect(targetOfSession(traySession(read, { type: 'aimed', dimension: 'bore' }))).toEqual({
      dimension: 'bore',
      placeIndex: 0,
    })
  })

  const typedOn = (from: TraySession, figure: string) =>
    [...figure].reduce((state, character) => traySession(state, { type: 'typed-on', character }), from)

  it('never adds to a refused figure: the next one takes its place as a whole', () => {
    const refused = traySession(typedOn(fresh, '3'), { type: 'failed', error: '3 is outside 8–60.' })
    expect(refused.text).toBe('3')
    expect(typedOn(refused, '0.95')).toMatchObject({ text: '0.95', error: null })
  })

  it('answers no question with a new figure: the one asked about is not taken, and that stays said', () => {
    const question = { message: '?', valueMm: 3, suggestionMm: 30, keepAllowed: false }
    const asked = traySession(typedOn(fresh, '3'), { type: 'asked', question })
    expect(asked).toMatchObject({ question, text: '3' })
    const anew = typedOn(asked, '29.95')
    expect(anew).toMatchObject({ question: null, text: '29.95', note: '3.00 was not taken.' })
    expect(traySession(anew, { type: 'figure-sent', waited: false }).note).toBeNull()
  })

  it('turns from stage to stage this job needs, and stays at either end', () => {
    const states = STAGE_IDS.map((stage) => ({
      stage,
      standing: stage === 'open' ? ('not-needed' as const) : ('open' as const),
      demands: [],
      stepsDone: [],
      stepsShown: [],
      stepsEarly: [],
    }))
    const there = { ...view(), job: { ...view().job, stages: states } }
    const turned = (from: StageId, ...by: (1 | -1)[]) =>
      by.reduce((at, step) => traySession(at, { type: 'stage-turned', by: step }), openSession(there, from))
        .stage
    expect(turned('intake', 1, 1)).toBe('measure')
    expect(turned('decase', -1)).toBe('intake')
    expect(turned('open', 1)).toBe('decase')
    expect(turned('intake', -1)).toBe('intake')
    expect(turned('hand-back', 1)).toBe('hand-back')
  })
})

describe('chosenPairOf', () => {
  it('is the best pair until one is chosen, and falls back when that one leaves the list', () => {
    const fresh = openSession(view(), 'match')
    expect(chosenPairOf(fresh)?.crystalId).toBe(1)
    const chose = traySession(fresh, { type: 'chose', pair: { crystalId: 3, gasketId: 1 } })
    expect(chosenPairOf(chose)?.crystalId).toBe(3)
    const gone = traySession(chose, {
      type: 'view-came',
      view: view({ shortlist: { fitting: [], rejected: [] } }),
    })
    expect(chosenPairOf(gone)).toBeNull()
  })

  it('moves through fitting and rejected pairs and stops at the ends', () => {
    const at = (crystalId: number, by: 1 | -1) => pairAfter(view(), { crystalId, gasketId: 1 }, by)?.crystalId
    expect([at(1, 1), at(2, 1), at(3, 1), at(1, -1)]).toEqual([2, 3, 3, 1])
  })
})
