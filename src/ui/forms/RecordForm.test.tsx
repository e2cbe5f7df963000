import { jest } from '@jest/globals'
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Field } from '@/core/records/Field'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import type { FormValues } from './FormValues'
import { RecordForm } from './RecordForm'

const FIELDS: readonly Field[] = [
  { kind: 'text', name: 'code', label: 'Code', required: true, mostLength: 10 },
  {
    kind: 'figure',
    name: 'diameterMm',
    label: 'Diameter',
    required: true,
    leastMm: 8,
    mostMm: 60,
    help: 'across',
  },
  { kind: 'flag', name: 'gauged', label: 'Shows force' },
]
type Answer = { ok: true } | { ok: false; errors: Record<string, string>; now?: Record<string, string> }
const OPENED = { code: 'A-1', diameterMm: '', gauged: false }

describe('RecordForm', () => {
  async function submitted(answer: () => Promise<Answer>) {
    const onSubmit = jest.fn<(values: FormValues, was: FormValues) => Promise<Answer>>(answer)
    renderInTheme(
      <RecordForm fields={FIELDS} initial={{ code: 'A-1' }} submitLabel="Store" onSubmit={onSubmit} />,
    )
    const user = userEvent.setup()
    await user.type(screen.getByLabelText(/Diameter/), '300')
    await user.click(screen.getByLabelText('Shows force'))
    await user.click(screen.getByRole('button', { name: 'Store' }))
    return onSubmit
  }

  it('sends what was typed, as typed: figures are read on the server', async () => {
    const onSubmit = await submitted(() => Promise.resolve({ ok: true }))
    expect(onSubmit).toHaveBeenCalledWith({ code: 'A-1', diameterMm: '300', gauged: true }, OPENED)
  })

  it('knows what a refusal said was changed elsewhere when it is stored once more', async () => {
    const onSubmit = await submitted(() =>
      Promise.resolve({ ok: false, errors: { diameterMm: 'changed elsewhere' }, now: { diameterMm: '31' } }),
    )
    expect(await screen.findByText('changed elsewhere')).toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Store' }))
    expect(onSubmit).toHaveBeenLastCalledWith(expect.objectContaining({ diameterMm: '300' }), {
      ...OPENED,
      diameterMm: '31',
    })
  })

  it('shows an error at its field, one for the whole above, and keeps the text', async () => {
    await submitted(() =>
      Promise.resolve({
        ok: false,
        errors: { diameterMm: 'Diameter: too much.', form: 'There is one already.' },
      }),
    )
    expect(await screen.findByText('Diameter: too much.')).toBeInTheDocument()
    expect(screen.getByRole('alert')).toHaveTextContent('There is one already.')
    expect(screen.getByLabelText(/Diameter/)).toHaveValue('300')
    expect(screen.getByLabelText(/Diameter/)).toHaveAttribute('aria-invalid', 'true')
    expect(screen.getByLabelText(/Diameter/)).toHaveFocus()
  })

  it('stands under headings where there are some, and what is beside it follows what is typed', async () => {
    renderInTheme(
      <RecordForm
        fields={FIELDS}
        groups={[
          { title: 'Size', names: ['diameterMm'] },
          { title: 'Rest', names: ['gauged', 'code'] },
          { title: 'Nothing', names: ['none'] },
        ]}
        beside={(typed) => <output>{String(typed.diameterMm)}</output>}
        initial={{ code: 'A-1' }}
        submitLabel="Store"
        onSubmit={jest.fn<() => Promise<Answer>>()}
      />,
    )
    expect(screen.getAllByRole('heading').map(({ textContent }) => textContent)).toEqual(['Size', 'Rest'])
    const size = screen.getByRole('group', { name: 'Size' })
    await userEvent.type(within(size).getByLabelText(/Diameter/), '31.5')
    expect(screen.getByRole('status')).toHaveTextContent('31.5')
    expect(within(screen.getByRole('group', { name: 'Rest' })).getByLabelText(/Code/)).toHaveValue('A-1')
  })

  it('says so when the server is away, and keeps the text', async () => {
    await submitted(() => Promise.reject(new Error('no route')))
    expect(await screen.findByRole('alert')).toHaveTextContent('does not answer')
    expect(screen.getByLabelText(/Diameter/)).toHaveValue('300')
  })
})
