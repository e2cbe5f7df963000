import { jest } from '@jest/globals'
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import type { FormValues } from './FormValues'
import type { ClockForm } from '@/core/units/clockForm'
import { ShopTimes } from '../small/useTimes'
import { RecordForm } from './RecordForm'

describe('a day in a form', () => {
  async function stored(initial: string, keys: string, clock: ClockForm = '24-hour') {
    const onSubmit = jest.fn<(values: FormValues) => Promise<{ ok: true }>>(() =>
      Promise.resolve({ ok: true }),
    )
    renderInTheme(
      <ShopTimes value={{ clock, zone: 'UTC' }}>
        <RecordForm
          fields={[{ kind: 'date-time', name: 'dueAt', label: 'Due', required: true }]}
          initial={{ dueAt: initial }}
          submitLabel="Store"
          onSubmit={onSubmit}
        />
      </ShopTimes>,
    )
    const user = userEvent.setup()
    await screen.findByRole('spinbutton', { name: 'Day' })
    if (keys !== '') {
      await user.click(screen.getByRole('spinbutton', { name: 'Day' }))
      await user.keyboard(keys)
    }
    await user.click(screen.getByRole('button', { name: 'Store' }))
    return onSubmit.mock.calls[0]?.[0]['dueAt']
  }

  it('shows hours from 0 to 24, whatever the browser’s own form', async () => {
    expect(await stored('2026-11-24T16:00', '')).toBe('2026-11-24T16:00')
    expect(screen.getByRole('spinbutton', { name: 'Hours' })).toHaveTextContent('16')
    expect(screen.queryByRole('spinbutton', { name: 'Meridiem' })).toBeNull()
  })

  it('shows the half of the day where the shop writes it so, and keeps the same hour', async () => {
    expect(await stored('2026-11-24T16:00', '', '12-hour')).toBe('2026-11-24T16:00')
    expect(screen.getByRole('spinbutton', { name: 'Hours' })).toHaveTextContent('4')
    expect(screen.getByRole('spinbutton', { name: 'Meridiem' })).toHaveTextContent('PM')
  })

  it('is typed part by part', async () => {
    expect(await stored('2026-11-24T16:00', '{ArrowUp}')).toBe('2026-11-25T16:00')
    expect(screen.getByRole('spinbutton', { name: 'Day' })).toHaveTextContent('25')
  })

  it('is none while a part of it is missing, and leaves the rest as it is typed', async () => {
    expect(await stored('2026-11-24T16:00', '{Backspace}')).toBe('')
    expect(screen.getByRole('spinbutton', { name: 'Month' })).toHaveTextContent('Nov')
    expect(screen.getByRole('spinbutton', { name: 'Hours' })).toHaveTextContent('16')
  })
})
