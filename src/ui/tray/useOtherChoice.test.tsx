import { jest } from '@jest/globals'
import { act, renderHook, waitFor } from '@testing-library/react'
import { useReducer } from 'react'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { trayViewOf } from '../../../tests/factories/trayView'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { TrayCalls } from '@/services/actions'
import type { TrayView } from '@/services/tray/trayView'
import { openSession, traySession } from './traySession'
import { useOtherChoice } from './useOtherChoice'

const view = (boreMm: number): TrayView =>
  trayViewOf({ read: { bore: [boreMm] }, crystals: [stockCrystal()], gaskets: [stockGasket()] })
const BEFORE = view(30.95)
const AFTER = view(31.2)
const [candidate] = BEFORE.shortlist?.fitting ?? []
if (!candidate) throw new Error('nothing fits')
const OTHER: JudgedPair = { candidate, failures: [] }
const WORSE: JudgedPair = {
  candidate,
  failures: [{ name: 'interference', probability: 0, failure: 'far too loose' }],
}

function session(judgeChoice: TrayCalls['judgeChoice']) {
  const actions = { judgeChoice }
  return renderHook(() => {
    const [state, dispatch] = useReducer(traySession, openSession(BEFORE, 'match'))
    useOtherChoice(state, dispatch, actions)
    return { state, dispatch }
  })
}

describe('a choice beside the list', () => {
  it('is judged anew when a figure came, and asked for only then', async () => {
    const judgeChoice = jest.fn<TrayCalls['judgeChoice']>(() => Promise.resolve({ ok: true, choice: WORSE }))
    const { result } = session(judgeChoice)
    act(() => result.current.dispatch({ type: 'chose-other', choice: OTHER }))
    await waitFor(() => expect(result.current.state.other?.failures).toEqual([]))
    expect(judgeChoice).not.toHaveBeenCalled()
    act(() => result.current.dispatch({ type: 'view-came', view: AFTER }))
    await waitFor(() => expect(result.current.state.other).toEqual({ ...WORSE, judgedOn: AFTER }))
    const gasketId = candidate.gasket?.id ?? null
    expect(judgeChoice.mock.calls).toEqual([
      [{ trayId: AFTER.tray.id, crystalId: candidate.crystal.id, gasketId }],
    ])
  })

  it('leaves with the reason when it cannot be judged any more, or nobody answers', async () => {
    for (const [answer, said] of [
      [() => Promise.resolve({ ok: false as const, errors: { form: 'It is gone.' } }), 'It is gone.'],
      [() => Promise.reject(new Error('away')), /does not answer/],
    ] as const) {
      const { result, unmount } = session(jest.fn<TrayCalls['judgeChoice']>(answer))
      act(() => result.current.dispatch({ type: 'chose-other', choice: OTHER }))
      act(() => result.current.dispatch({ type: 'view-came', view: AFTER }))
      await waitFor(() => expect(result.current.state.error).toMatch(said))
      expect(result.current.state.other).toBeNull()
      unmount()
    }
  })
})
