import { trayViewOf } from '../../../../tests/factories/trayView'
import type { TrayView } from '@/services/tray/trayView'
import { dueProof, proofsOf } from './proofsOf'

const dryTest = (last: object | null) =>
  ({ ...({ last } as object), places: [], looked: [] }) as unknown as TrayView['dryTest']
const running = (over: object) =>
  ({ fields: [], standing: null, notYet: null, ...over }) as TrayView['running']
const TIGHT = { verdict: 'pass', isTight: true, words: 'tight: under 8 µg/min' }

describe('proofsOf', () => {
  const of = (over: Partial<TrayView>) => proofsOf({ ...trayViewOf({}), ...over })
  const open = running({ notYet: 'Still off: 1 case back.' })

  it('is a line for each proof that this job has, and none for others', () => {
    expect(of({ dryTest: null, running: open, bezelAction: null })).toEqual([])
    expect(of({ dryTest: dryTest(null), running: running({}), bezelAction: null })).toEqual([
      { id: 'dry', label: 'Dry test', state: 'nothing kept yet', isGood: null },
      { id: 'running', label: 'Running', state: 'nothing kept yet', isGood: null },
    ])
  })

  it('tells how each stands; a record that says nothing is neither good nor bad', () => {
    expect(of({ dryTest: dryTest(TIGHT), running: open })[0]).toMatchObject({
      isGood: true,
      state: TIGHT.words,
    })
    const unclear = { verdict: 'cannot-tell', isTight: false, words: 'cannot tell: too short' }
    expect(of({ dryTest: dryTest(unclear), running: open })[0]?.isGood).toBeNull()
    const once = { words: '', isRight: null, since: '2026-11-24T09:00:00Z', notes: [], at: '' }
    expect(of({ running: running({ standing: once }) }).at(-1)).toMatchObject({ state: 'compared once' })
  })

  it('is due where it is not good yet, the first of them', () => {
    const slow = { words: 'loses 40 s a day', isRight: false, since: null, notes: [], at: '' }
    const proofs = of({ dryTest: dryTest(TIGHT), running: running({ standing: slow }) })
    expect(dueProof(proofs)).toBe('running')
    expect(dueProof(of({ dryTest: dryTest(TIGHT), running: open }))).toBe('dry')
    expect(dueProof([])).toBeNull()
  })
})
