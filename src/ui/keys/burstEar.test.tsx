import { jest } from '@jest/globals'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { useHotkeys } from 'react-hotkeys-hook'
import { BURST_MS } from '@/core/stock/keyBurst'
import { useKeyOwner } from './useKeyOwner'

const done = jest.fn()
const picked = jest.fn()
const refused = jest.fn()

function Bench() {
  useKeyOwner({ onUnknownLabel: refused, onUnknownLine: refused, onStrayFigure: refused })
  useHotkeys('d', () => void done())
  useHotkeys('p', () => void picked())
  return <input aria-label="Note" />
}

describe('a device’s line that nobody knows', () => {
  let nowMs = 0
  beforeEach(() => {
    nowMs = 0
    jest.useFakeTimers()
    jest.spyOn(Event.prototype, 'timeStamp', 'get').mockImplementation(() => nowMs)
    for (const one of [done, picked, refused]) one.mockClear()
    render(<Bench />)
  })
  afterEach(() => {
    jest.restoreAllMocks()
    jest.useRealTimers()
  })
  const send = (keys: readonly string[], gapMs: number, at: Element = document.body) => {
    for (const key of keys) {
      const code = key.length === 1 ? `Key${key.toUpperCase()}` : key
      fireEvent.keyDown(at, { key, code })
      fireEvent.keyUp(at, { key, code })
      nowMs += gapMs
    }
  }
  const wait = () => act(() => jest.advanceTimersByTime(BURST_MS))

  it('lets a single key act once no other could have come with it', () => {
    send(['d'], 0)
    expect(done).not.toHaveBeenCalled()
    wait()
    expect(done).toHaveBeenCalledTimes(1)
    expect(refused).not.toHaveBeenCalled()
  })

  it('lets two quick keys of a hand act in order, and a slow line key by key', () => {
    send(['d', 'p'], 10)
    wait()
    expect([done, picked].map((one) => one.mock.calls.length)).toEqual([1, 1])
    nowMs += 500
    for (const key of 'dpdp') {
      send([key], 200)
      wait()
    }
    expect([done, picked].map((one) => one.mock.calls.length)).toEqual([3, 3])
  })

  it('keeps a foreign label from acting, and says so', () => {
    send([...'pd-30', 'Enter'], 5)
    wait()
    expect(done).not.toHaveBeenCalled()
    expect(picked).not.toHaveBeenCalled()
    expect(refused.mock.calls).toEqual([['pd-30']])
  })

  it('waits once more where the machine itself is late: the next key may be, too', () => {
    send(['d'], 5)
    const now = performance.now()
    const late = jest.spyOn(performance, 'now').mockReturnValue(now + 3 * BURST_MS)
    wait()
    expect(done).not.toHaveBeenCalled()
    send([...'pdp', 'Enter'], 5)
    late.mockRestore()
    wait()
    expect([done, picked].map((one) => one.mock.calls.length)).toEqual([0, 0])
    expect(refused.mock.calls).toEqual([['dpdp']])
  })

  it('leaves what is typed into a field alone', () => {
    send([...'pdpd'], 5, screen.getByRole('textbox', { name: 'Note' }))
    wait()
    expect(refused).not.toHaveBeenCalled()
  })
})
