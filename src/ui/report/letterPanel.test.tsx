import { render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { jest } from '@jest/globals'
import type { OwnerLetter } from '@/core/letter/OwnerLetter'
import { LetterPanel } from './LetterPanel'

const LETTER: OwnerLetter = {
  parts: [
    {
      id: 'done',
      title: 'What was done',
      lines: [
        {
          key: 'fitted-0',
          words: 'New crystal: 30.0 × 1.0.',
          drafted: 'New crystal: 30.0 × 1.0.',
          leftOut: false,
        },
        { key: 'rim', words: 'It stands level.', drafted: 'It stands level.', leftOut: true },
      ],
    },
  ],
  nextSealAt: '2028-11-24T10:00:00.000Z',
  message: 'It is ready.',
}

function show(over: { inHand?: boolean; answer?: unknown } = {}) {
  const word = jest.fn(() => Promise.resolve(over.answer ?? { ok: true }))
  const onWorded = jest.fn()
  render(
    <LetterPanel
      letter={LETTER}
      paper={{ letterhead: 'Bench of the pier\nOsterhaven', decimals: 'comma', hourCents: null }}
      trayId={4}
      trayNumber={204}
      inHand={over.inHand ?? true}
      word={word as never}
      onWorded={onWorded}
    />,
  )
  return { word, onWorded, user: userEvent.setup() }
}

describe('the letter to an owner', () => {
  it('stands under the shop’s name with its figures in the shop’s way, and is worded in place by keyboard', async () => {
    const { word, onWorded, user } = show()
    expect(screen.getByText('Bench of the pier')).toBeTruthy()
    expect(screen.getByText('New crystal: 30,0 × 1,0.')).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Word: New crystal: 30.0 × 1.0.' }))
    const field = screen.getByRole('textbox', { name: 'Line' })
    await user.clear(field)
    await user.type(field, 'A new glass.{Control>}{Enter}{/Control}')
    await waitFor(() => expect(onWorded).toHaveBeenCalled())
    expect(word.mock.calls).toEqual([[{ trayId: 4, key: 'fitted-0', words: 'A new glass.' }]])
  })

  it('leaves a line out, drafts it again, and takes one of the shop’s own', async () => {
    const { word, user } = show()
    await user.click(screen.getByRole('button', { name: /^Leave out: New crystal/ }))
    await user.click(screen.getByRole('button', { name: 'As drafted: It stands level.' }))
    await user.click(screen.getByRole('button', { name: 'Add a line of your own' }))
    await user.type(screen.getByRole('textbox', { name: 'A line of your own' }), 'Thank you.')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(word.mock.calls).toEqual([
      [{ trayId: 4, key: 'fitted-0', words: '' }],
      [{ trayId: 4, key: 'rim', words: null }],
      [{ trayId: 4, key: 'own', words: 'Thank you.' }],
    ])
  })

  it('keeps what was typed when it is refused, and says why', async () => {
    const { user } = show({ answer: { ok: false, errors: { words: 'Too long. Shorten it.' } } })
    await user.click(screen.getByRole('button', { name: /^Word: New crystal/ }))
    await user.type(screen.getByRole('textbox', { name: 'Line' }), ' and more')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText('Too long. Shorten it.')).toBeTruthy()
    expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Line' }).value).toMatch(/and more$/)
  })

  it('is only read once a tray was handed back: what was left out is not there', () => {
    show({ inHand: false })
    const letter = within(screen.getByRole('region', { name: 'For the owner' }))
    expect(letter.queryByRole('button', { name: /^Word/ })).toBeNull()
    expect(letter.queryByText('It stands level.')).toBeNull()
    expect(letter.getByRole<HTMLTextAreaElement>('textbox', { name: 'Message for the owner' }).value).toBe(
      'It is ready.',
    )
  })
})
