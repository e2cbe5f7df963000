import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import type { BridgeActions } from './BridgePanel'
import { BridgePanel } from './BridgePanel'

const ACTIONS: BridgeActions = {
  make: () => Promise.resolve({ ok: true, token: 'abc-123' }),
  withdraw: () => Promise.resolve({ ok: true }),
}
const panel = (tokenMadeAt: string | null, actions = ACTIONS) =>
  renderInTheme(<BridgePanel state={{ tokenMadeAt }} instruments={[]} actions={actions} />)

describe('BridgePanel', () => {
  it('shows a new token once, with the warning that goes with it', async () => {
    panel(null)
    expect(screen.getByText(/No token yet/)).toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Withdraw it' })).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Make a token' }))
    expect(await screen.findByTestId('bridge-token')).toHaveTextContent('abc-123')
    expect(screen.getByText(/shown this once/)).toBeInTheDocument()
  })

  it('takes the token out of sight when it is withdrawn', async () => {
    panel('2026-11-26T09:00:00.000Z')
    await userEvent.click(screen.getByRole('button', { name: 'Make a new token' }))
    await screen.findByTestId('bridge-token')
    await userEvent.click(screen.getByRole('button', { name: 'Withdraw it' }))
    expect(screen.queryByTestId('bridge-token')).not.toBeInTheDocument()
  })

  it('says so when the server is away', async () => {
    panel(null, { ...ACTIONS, make: () => Promise.reject(new Error('away')) })
    await userEvent.click(screen.getByRole('button', { name: 'Make a token' }))
    expect(await screen.findByRole('alert')).toHaveTextContent(/does not answer/)
  })
})
