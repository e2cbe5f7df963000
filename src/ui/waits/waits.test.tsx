import { jest } from '@jest/globals'
import { act, render, renderHook, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { NoticesButton } from './NoticesButton'
import { useWaitAlarm } from './useWaitAlarm'
import { WaitClock } from './WaitClock'

const NINE = new Date('2026-11-24T09:00:00.000Z')

/** What a page hears and shows of an alarm. */
const beeps = jest.fn()
const notices = jest.fn()
const ask = jest.fn<() => Promise<string>>()

class FakeAudio {
  currentTime = 0
  createOscillator() {
    return {
      frequency: { value: 0 },
      connect: () => ({ connect: () => undefined }),
      start: beeps,
      stop: () => undefined,
    }
  }
  createGain() {
    const gain = { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined }
    return { gain, connect: () => undefined }
  }
  close = () => Promise.resolve()
}

class FakeNotification {
  static permission = 'granted'
  static requestPermission = async () => (FakeNotification.permission = await ask())
  constructor(title: string, { body }: { body: string }) {
    notices(`${title}: ${body}`)
  }
}

beforeEach(() => {
  for (const spy of [beeps, notices, ask]) spy.mockClear()
  FakeNotification.permission = 'granted'
  Object.assign(globalThis, { AudioContext: FakeAudio, Notification: FakeNotification })
})

describe('a wait on a page', () => {
  beforeEach(() => {
    jest.useFakeTimers({ now: NINE })
  })
  afterEach(() => {
    jest.useRealTimers()
  })

  it('counts down, and says since when it is over', () => {
    render(<WaitClock wait={{ endsAt: '2026-11-24T09:20:00.000Z' }} />)
    expect(screen.getByText(/^20 min left, until \d\d:20$/)).toBeVisible()
    act(() => void jest.advanceTimersByTime(5 * 60_000))
    expect(screen.getByText(/^15 min left/)).toBeVisible()
    act(() => void jest.advanceTimersByTime(15 * 60_000))
    expect(screen.getByText(/^its time is over since \d\d:20$/)).toBeVisible()
  })

  it('sounds and notifies once when its time is over, not for one that was over before', () => {
    const waits = [
      { title: 'dots', endsAt: '2026-11-24T09:20:00.000Z' },
      { title: 'soak', endsAt: '2026-11-24T08:59:00.000Z' },
    ]
    const { rerender, unmount } = renderHook(({ of }) => useWaitAlarm(of), { initialProps: { of: waits } })
    jest.advanceTimersByTime(19 * 60_000)
    rerender({ of: [...waits] })
    expect(beeps).not.toHaveBeenCalled()
    jest.advanceTimersByTime(60_000)
    expect(beeps).toHaveBeenCalledTimes(2)
    expect(notices.mock.calls).toEqual([['Over: dots']])
    jest.advanceTimersByTime(3_600_000)
    expect(notices).toHaveBeenCalledTimes(1)
    unmount()
  })

  it('only sounds where no notice is allowed', () => {
    FakeNotification.permission = 'denied'
    renderHook(() => useWaitAlarm([{ title: 'dots', endsAt: '2026-11-24T09:01:00.000Z' }]))
    jest.advanceTimersByTime(60_000)
    expect(beeps).toHaveBeenCalledTimes(2)
    expect(notices).not.toHaveBeenCalled()
  })
})

describe('the question whether a notice is wanted', () => {
  it('is there until it was answered', async () => {
    FakeNotification.permission = 'default'
    ask.mockResolvedValue('granted')
    render(<NoticesButton />)
    await userEvent.click(screen.getByRole('button', { name: /^Tell me outside this page/ }))
    expect(ask).toHaveBeenCalledTimes(1)
    expect(screen.queryByRole('button')).toBeNull()
  })
})
