import { settledDoor } from './settledDoor'
import type { Act } from './trayCalls'
import type { Unanswered } from './unanswered'

const later = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

const SEEN = { page: 'p', revision: 4 }

/** A door whose kept changes can be looked at. */
function doorTo(act: Act) {
  const kept: Unanswered[] = []
  const away: boolean[] = []
  const door = settledDoor(
    act,
    {
      sent: (change) => kept.push(change),
      answered: (key) =>
        kept.splice(
          kept.findIndex((change) => change.key === key),
          1,
        ),
    },
    () => SEEN,
    (is) => away.push(is),
  )
  return { ...door, kept, away }
}

describe('a change while the server is away', () => {
  it('is sent again under its key until it is answered, and says so meanwhile', async () => {
    const keys: unknown[] = []
    const { act, away, kept } = doorTo((_name, _input, key) => {
      keys.push(key)
      return keys.length < 3 ? Promise.reject(new TypeError('Failed to fetch')) : Promise.resolve('stored')
    })
    const answer = act('takeReading', { text: '30.95' })
    expect(kept).toMatchObject([{ name: 'takeReading', input: { text: '30.95' } }])
    expect(await answer).toBe('stored')
    expect(kept).toEqual([])
    expect(away).toEqual([true, true, false])
    expect(new Set(keys).size).toBe(1)
    await act('takeReading', {})
    expect(new Set(keys).size).toBe(2)
  })

  it('is not kept for a later page where it only looks', async () => {
    const { act, kept } = doorTo(() => Promise.resolve('seen'))
    const answer = act('judgeChoice', {})
    expect(kept).toEqual([])
    await answer
  })

  it('waits between two asks', async () => {
    let asked = 0
    const { act } = doorTo(() =>
      ++asked === 1 ? Promise.reject(new Error('Connection closed.')) : Promise.resolve('stored'),
    )
    const answer = act('tickTray', {})
    await later(300)
    expect(asked).toBe(1)
    expect(await answer).toBe('stored')
  })

  it('is not sent again where the server answers that something broke', async () => {
    const broken = Object.assign(new Error('An error occurred'), { digest: '123' })
    const { act, away, kept } = doorTo(() => Promise.reject(broken))
    await expect(act('tickTray', {})).rejects.toBe(broken)
    expect(away).toEqual([false])
    expect(kept).toEqual([])
  })

  it('is sent under the key it had, where an earlier page got no answer', async () => {
    const keys: unknown[] = []
    const { resend } = doorTo((_name, _input, key) => {
      keys.push(key)
      return Promise.resolve('stored')
    })
    expect(await resend({ key: 'k', name: 'takeReading', input: {}, seen: SEEN })).toBe('stored')
    expect(keys).toEqual(['k'])
  })
})
