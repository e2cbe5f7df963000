import { jest } from '@jest/globals'
import { render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import type { ScanTarget } from '@/core/stock/scanCode'
import { useScan } from './scans'
import { useKeyOwner } from './useKeyOwner'

interface BenchProps {
  readonly onScan: (target: ScanTarget) => boolean
  readonly onUnknown: (line: string) => void
}

function Bench({ onScan, onUnknown }: BenchProps) {
  const [note, setNote] = useState('')
  useKeyOwner({ onUnknownLabel: onUnknown, onUnknownLine: onUnknown, onStrayFigure: onUnknown })
  useScan(onScan)
  return <input aria-label="Note" value={note} onChange={(event) => setNote(event.target.value)} />
}

describe('a scanned label', () => {
  const heard = jest.fn<(target: ScanTarget) => boolean>(() => true)
  const unknown = jest.fn()
  /** Keys come as fast as a scanner sends them, however busy the machine is: the clock stands until it is moved on. */
  let nowMs = 0
  const user = userEvent.setup({ delay: null })
  beforeEach(() => {
    nowMs = 0
    jest.spyOn(Event.prototype, 'timeStamp', 'get').mockImplementation(() => nowMs)
    heard.mockClear()
    unknown.mockClear()
    render(<Bench onScan={heard} onUnknown={unknown} />)
  })
  afterEach(() => jest.restoreAllMocks())
  const note = () => screen.getByRole('textbox', { name: 'Note' })

  it('hears a label scanned over a field and leaves nothing of it there', async () => {
    await user.type(note(), 'too W')
    nowMs += 200
    await user.keyboard('WH:P:crystal:AT-316{Enter}')
    expect(heard).toHaveBeenCalledWith({ kind: 'part', part: 'crystal', code: 'AT-316' })
    expect(note()).toHaveValue('too W')
  })

  it('puts quick capitals where they were typed', async () => {
    await user.type(note(), 'WHITE WHARF')
    expect(note()).toHaveValue('WHITE WHARF')
    nowMs += 200
    await user.type(note(), ' WH')
    await waitFor(() => expect(note()).toHaveValue('WHITE WHARF WH'), { timeout: 10_000 })
    expect(heard).not.toHaveBeenCalled()
  })

  it('puts them where the caret stands, not at the end', async () => {
    await user.type(note(), 'ring')
    await user.type(note(), 'WHITE ', { initialSelectionStart: 0, initialSelectionEnd: 0 })
    expect(note()).toHaveValue('WHITE ring')
  })

  it('tells of a label that is none of ours, and leaves nothing of it in a field', async () => {
    await user.type(note(), 'WH:X:1{Enter}')
    expect(heard).not.toHaveBeenCalled()
    expect(unknown.mock.calls).toEqual([['WH:X:1']])
    expect(note()).toHaveValue('')
  })
})
