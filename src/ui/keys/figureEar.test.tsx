import { jest } from '@jest/globals'
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useHotkeys } from 'react-hotkeys-hook'
import { takeFigures } from './figureTakers'
import { useKeyOwner } from './useKeyOwner'

const stray = jest.fn()
const opened = jest.fn()
const pressed = jest.fn()
const unknown = jest.fn()
const newTray = jest.fn()

function Bench() {
  useKeyOwner({ onUnknownLabel: unknown, onUnknownLine: unknown, onStrayFigure: stray })
  useHotkeys('enter', () => opened())
  useHotkeys('n', () => newTray())
  return (
    <>
      <input aria-label="Find" />
      <button onClick={() => pressed()}>Open</button>
    </>
  )
}

/** Keys as an instrument or a hand sends them, so many milliseconds apart. */
function send(keys: readonly string[], apartMs: number): void {
  for (const [i, key] of keys.entries()) {
    const down = new KeyboardEvent('keydown', {
      key,
      code: `Key${key.toUpperCase()}`,
      bubbles: true,
      cancelable: true,
    })
    Object.defineProperty(down, 'timeStamp', { value: 1000 + i * apartMs })
    document.body.dispatchEvent(down)
  }
}

describe('a figure that nobody takes', () => {
  const user = userEvent.setup({ delay: null })
  beforeEach(() => {
    // The clock stands: keys come as fast as an instrument sends them, however busy the machine is.
    jest.spyOn(Event.prototype, 'timeStamp', 'get').mockReturnValue(1000)
    for (const spy of [stray, opened, pressed, unknown, newTray]) spy.mockClear()
    render(<Bench />)
  })
  afterEach(() => jest.restoreAllMocks())

  it('is told of, and its Enter opens and presses nothing', async () => {
    await user.keyboard('30.02{Enter}')
    screen.getByRole('button').focus()
    await user.keyboard('-0,15{Enter}')
    expect(stray.mock.calls).toEqual([['30.02'], ['-0,15']])
    expect([opened, pressed].map((spy) => spy.mock.calls.length)).toEqual([0, 0])
  })

  it('bears its unit where an instrument sends one, whose letters are no shortcuts then', () => {
    send([...'1.18 in', 'Enter'], 5)
    send([...'30.02mm', 'Enter'], 30)
    expect(stray.mock.calls).toEqual([['1.18 in'], ['30.02mm']])
    expect(newTray).not.toHaveBeenCalled()
    expect(opened).not.toHaveBeenCalled()
  })

  it('has no unit where a hand presses a letter after it', async () => {
    send(['3', 'n'], 200)
    await waitFor(() => expect(newTray).toHaveBeenCalledTimes(1))
    send(['x', 'n'], 5)
    await waitFor(() => expect(newTray).toHaveBeenCalledTimes(2))
    expect(stray).not.toHaveBeenCalled()
  })

  it('is no figure where more follows than its unit, as on a label', async () => {
    send([...'30inx4', 'Enter'], 5)
    await waitFor(() => expect(unknown.mock.calls).toEqual([['30inx4']]))
    expect([newTray, opened, stray].map((spy) => spy.mock.calls.length)).toEqual([0, 0, 0])
  })

  it('leaves an Enter alone that ends no figure', async () => {
    await user.keyboard('{Enter}30x{Enter}.{Enter}')
    expect(opened).toHaveBeenCalledTimes(3)
    screen.getByRole('button').focus()
    await user.keyboard('{Enter}')
    expect(pressed).toHaveBeenCalledTimes(1)
    expect(stray).not.toHaveBeenCalled()
  })

  it('is no stray at the end of a scanned label', async () => {
    await user.keyboard('WH:X:41{Enter}')
    expect(unknown.mock.calls).toEqual([['WH:X:41']])
    expect(stray).not.toHaveBeenCalled()
  })

  it('is no stray in a field, nor where a page takes it', async () => {
    await user.type(screen.getByLabelText('Find'), '30.02{Enter}')
    const taker = { onFigure: jest.fn(), onBackspace: jest.fn(), onEnter: jest.fn() }
    const noLonger = takeFigures(taker)
    screen.getByRole('button').focus()
    await user.keyboard('30.02{Enter}')
    noLonger()
    expect(taker.onFigure.mock.calls.flat().join('')).toBe('30.02')
    // The button has the focus: its Enter is its own.
    expect(taker.onEnter).not.toHaveBeenCalled()
    expect(stray).not.toHaveBeenCalled()
    await user.keyboard('30.02{Enter}')
    expect(stray).toHaveBeenCalledTimes(1)
  })
})
