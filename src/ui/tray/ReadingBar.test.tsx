import { jest } from '@jest/globals'
import { cleanup, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { createRef } from 'react'
import { trayViewOf } from '../../../tests/factories/trayView'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import type { ReadingBarProps } from './ReadingBar'
import { ReadingBar } from './ReadingBar'

function bar(over: Partial<ReadingBarProps> = {}) {
  const props: ReadingBarProps = {
    view: trayViewOf(),
    target: { dimension: 'bore', placeIndex: 1 },
    instrumentId: 1,
    text: '',
    sending: null,
    question: null,
    error: null,
    note: null,
    busy: false,
    flash: null,
    feed: null,
    inputRef: createRef(),
    onText: jest.fn(),
    onPadKey: jest.fn(),
    onPadDelete: jest.fn(),
    onAccept: jest.fn(),
    onAnswer: jest.fn(),
    onVoid: jest.fn(),
    onFeed: jest.fn(),
    onInstrument: jest.fn(),
    ...over,
  }
  renderInTheme(<ReadingBar {...props} />)
  return props
}

describe('ReadingBar', () => {
  it('names dimension and place, and shows earlier readings with their spread', () => {
    bar({ view: trayViewOf({ read: { bore: [30.94, 30.95] } }) })
    expect(screen.getByTestId('read-next')).toHaveTextContent('Case bore, 2–8')
    expect(screen.getByText(/before: 30.94\s+30.95/)).toBeInTheDocument()
    expect(screen.getByText(/spread 0.01 within the instrument/)).toBeInTheDocument()
  })

  it('warns of a spread the instrument does not explain', () => {
    bar({
      view: trayViewOf({ read: { 'gasket-wall': [0.45, 0.6, 0.5] } }),
      target: { dimension: 'gasket-wall', placeIndex: 0 },
    })
    expect(screen.getByText(/too wide: dirt/)).toBeInTheDocument()
  })

  it('sets a long figure smaller, so that all of it is seen', () => {
    const sizeOf = (text: string) => {
      bar({ text })
      const { fontSize } = screen.getByLabelText<HTMLInputElement>('Case bore in mm').style
      cleanup()
      return Number.parseFloat(fontSize)
    }
    const [shortest, five, ten] = ['3', '30.02', '30.0200 mm'].map(sizeOf)
    expect(shortest).toBe(five)
    expect(10 * (ten ?? 0)).toBeLessThanOrEqual(5 * (five ?? 0))
    expect(sizeOf('9'.repeat(40))).toBeGreaterThanOrEqual(15)
  })

  it('offers only instruments that reach the dimension', () => {
    bar()
    const options = screen.getAllByRole<HTMLOptionElement>('option')
    const names = (disabled: boolean) => options.filter((o) => o.disabled === disabled).map((o) => o.text)
    expect(names(true)).toEqual(expect.arrayContaining([expect.stringMatching(/[Tt]hickness/) as string]))
    expect(names(false)).toEqual(expect.arrayContaining([expect.stringMatching(/[Cc]aliper/) as string]))
    cleanup()
    bar({ instrumentId: null })
    expect(screen.getByLabelText('Instrument')).toHaveDisplayValue('none reaches it')
  })

  it('accepts with Enter, takes back with Backspace when empty, clears with Escape', async () => {
    const props = bar({ text: '' })
    const user = userEvent.setup()
    await user.click(screen.getByLabelText('Case bore in mm'))
    await user.keyboard('{Enter}{Backspace}{Escape}')
    expect(props.onAccept).toHaveBeenCalledTimes(1)
    expect(props.onVoid).toHaveBeenCalledTimes(1)
    expect(props.onText).toHaveBeenCalledWith('')
  })

  it('asks instead of storing: what was meant, keep, or again', async () => {
    const question = { message: 'Did the point slip?', valueMm: 32.1, suggestionMm: 30.95, keepAllowed: true }
    const props = bar({ question, text: '32.1' })
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Take 30.95' }))
    await user.click(screen.getByRole('button', { name: 'Keep 32.10' }))
    await user.click(screen.getByRole('button', { name: 'Again' }))
    expect((props.onAnswer as jest.Mock).mock.calls).toEqual([['suggestion'], ['keep'], ['again']])
    expect(screen.getByRole('status')).toHaveTextContent('Did the point slip?')
  })

  it('does not offer to keep what cannot be', () => {
    bar({ question: { message: '300?', valueMm: 300, suggestionMm: 30, keepAllowed: false } })
    expect(screen.queryByRole('button', { name: /Keep/ })).toBeNull()
  })

  it('says when an instrument’s calibration is overdue, and when there is none', () => {
    const view = trayViewOf()
    bar({
      view: { ...view, instruments: view.instruments.map((i) => ({ ...i, calibrationDueOn: '2020-01-01' })) },
    })
    expect(screen.getByText('calibration overdue')).toBeInTheDocument()
    bar({ view: { ...view, instruments: [] }, instrumentId: null })
    expect(screen.getByText(/No instrument: add one in Settings/)).toBeInTheDocument()
  })

  it('has a pad of its own only while there is something to read', () => {
    const pad = () => screen.queryByLabelText('Number pad')
    bar()
    expect(pad()).not.toBeNull()
    cleanup()
    bar({ target: null })
    expect(pad()).toBeNull()
  })

  it('has nothing to accept once the plan is done', () => {
    bar({ target: null, view: { ...trayViewOf(), plan: [] } })
    expect(screen.getByText('All read')).toBeInTheDocument()
    expect(screen.getByRole('button', { name: /Accept/ })).toBeDisabled()
    cleanup()
    bar({ target: null, view: { ...trayViewOf(), plan: ['bore'] } })
    expect(screen.getByText('Nothing to read')).toBeInTheDocument()
  })
})
