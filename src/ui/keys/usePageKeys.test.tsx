import { jest } from '@jest/globals'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { usePageKeys } from './usePageKeys'

const done = jest.fn<(of?: number) => void>()

function Page({ rests = false }: { readonly rests?: boolean }) {
  usePageKeys('d', () => void done(), { ignoreEventWhen: () => rests })
  return (
    <>
      <TextField select label="How it went" defaultValue="clean">
        <MenuItem value="clean">came off clean</MenuItem>
        <MenuItem value="stuck">did not move</MenuItem>
      </TextField>
      <TextField label="Note" />
      <button type="button">Other</button>
    </>
  )
}

function Counts({ of }: { readonly of: number }) {
  usePageKeys('d', () => void done(of))
  return null
}

describe('usePageKeys', () => {
  beforeEach(() => done.mockClear())

  it('acts on the page and on a button, not in a field nor on a choice, whose letter it is', async () => {
    render(<Page />)
    const user = userEvent.setup()
    await user.keyboard('d')
    const focus = (role: string, name: string) => act(() => screen.getByRole(role, { name }).focus())
    focus('button', 'Other')
    await user.keyboard('d')
    expect(done).toHaveBeenCalledTimes(2)
    focus('combobox', 'How it went')
    await user.keyboard('d')
    focus('textbox', 'Note')
    await user.keyboard('d')
    expect(done).toHaveBeenCalledTimes(2)
  })

  it('does what the page would do by now', async () => {
    const { rerender } = render(<Counts of={1} />)
    rerender(<Counts of={2} />)
    await userEvent.setup().keyboard('d')
    expect(done.mock.calls).toEqual([[2]])
  })

  it('rests as well when it is told to', async () => {
    render(<Page rests />)
    await userEvent.setup().keyboard('d')
    expect(done).not.toHaveBeenCalled()
  })
})
