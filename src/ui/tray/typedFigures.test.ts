import fc from 'fast-check'
import { trayViewOf } from '../../../tests/factories/trayView'
import type { SessionEvent, TraySession } from './traySession'
import { onEnter, openSession, traySession } from './traySession'

const VIEW = trayViewOf()

/** A hand at the keys, and a server that answers when it likes and as it likes. */
class Bench {
  state: TraySession = openSession(VIEW, 'measure')
  /** figures as the hand means them: what was typed since the last one ended */
  private meant = ''
  readonly ended: string[] = []
  readonly stored: string[] = []
  readonly told: string[] = []

  private on(event: SessionEvent) {
    this.state = traySession(this.state, event)
  }

  /** A further key; after a refusal or a question the hand begins anew. */
  key(character: string) {
    if (this.state.error !== null || this.state.question !== null) this.meant = ''
    this.meant += character
    this.on({ type: 'typed-on', character })
  }

  escape() {
    this.meant = ''
    this.on({ type: 'cleared' })
  }

  enter() {
    const does = onEnter(this.state)
    if (this.state.text === '') return
    if (does !== 'wait' && does !== 'send') return
    this.ended.push(this.state.text)
    expect(this.state.text).toBe(this.meant)
    this.meant = ''
    this.on(does === 'wait' ? { type: 'accept-waits' } : { type: 'figure-sent', waited: false })
  }

  answer(kind: 'stored' | 'asked' | 'refused' | 'away') {
    const { sending, waiting } = this.state
    if (sending === null) return
    const meanwhile = [...waiting, this.state.text].filter(Boolean)
    if (kind === 'stored') {
      this.stored.push(sending)
      this.on({ type: 'reading-taken', view: VIEW, note: null })
      if (this.state.waiting.length > 0) this.on({ type: 'figure-sent', waited: true })
      return
    }
    if (kind === 'asked') {
      const question = {
        message: `${sending}?`,
        valueMm: Number(sending),
        suggestionMm: null,
        keepAllowed: true,
      }
      this.on({ type: 'asked', question })
    } else this.on({ type: 'failed', error: `${sending} not stored` })
    this.told.push(sending, ...waiting)
    this.meant = sending
    const said = this.state.question?.message ?? this.state.error ?? ''
    expect(said).toContain(sending)
    for (const figure of meanwhile) expect(said).toContain(figure)
    expect(this.state.text).toBe(sending)
  }
}

const step = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.constantFrom(...'0123456789.,-').map((key) => (bench: Bench) => bench.key(key)),
  },
  { weight: 3, arbitrary: fc.constant((bench: Bench) => bench.enter()) },
  { weight: 1, arbitrary: fc.constant((bench: Bench) => bench.escape()) },
  {
    weight: 3,
    arbitrary: fc
      .constantFrom('stored', 'stored', 'asked', 'refused', 'away')
      .map((kind) => (bench: Bench) => bench.answer(kind)),
  },
)

describe('what is typed', () => {
  it('is stored as a whole, once and in its order, or told of; nothing else is', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const bench = new Bench()
        for (const does of steps) does(bench)
        const { sending, waiting } = bench.state
        const onItsWay = sending === null ? [] : [sending, ...waiting]
        const left = [...bench.ended]
        for (const figure of bench.stored) {
          const at = left.indexOf(figure)
          expect(at).toBeGreaterThanOrEqual(0)
          left.splice(at, 1)
        }
        expect([...left].sort()).toEqual([...bench.told, ...onItsWay].sort())
      }),
      { numRuns: 10_000 },
    )
  })
})
