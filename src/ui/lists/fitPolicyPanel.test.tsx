import { jest } from '@jest/globals'
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { POLICY_FIELDS } from '@/core/fit/fitPolicyFields'
import type { RecordAnswer } from '../forms/useRecordForm'
import { FitPolicyPanel } from './FitPolicyPanel'

const GROUPS = [...new Set(POLICY_FIELDS.map(({ group }) => group))]

function panel(policy = FIT_POLICY, answer: RecordAnswer = { ok: true }) {
  const save = jest.fn(() => Promise.resolve(answer))
  renderInTheme(<FitPolicyPanel policy={policy} save={save} />)
  return save
}

const group = (name: string) => within(screen.getByRole('region', { name }))

describe('FitPolicyPanel', () => {
  it('shows every group with its limits, none of them changed', () => {
    panel()
    expect(screen.getAllByRole('region')).toHaveLength(GROUPS.length)
    expect(screen.queryByText(/changed/)).toBeNull()
  })

  it('says how many of a group are the shop’s own', () => {
    const { lowMm, highMm } = FIT_POLICY.cementGap
    panel({ ...FIT_POLICY, cementGap: { lowMm: lowMm + 0.01, highMm: highMm + 0.01 } })
    expect(screen.getByText('2 changed')).toBeInTheDocument()
  })

  it('opens one group at a time, with what is built in and where it comes from', async () => {
    const save = panel()
    const user = userEvent.setup()
    const [first = '', second = ''] = GROUPS
    await user.click(group(first).getByRole('button', { name: 'Change' }))
    expect(group(first).getAllByText(/^built in .*, (common practice|from memory)$/).length).toBeGreaterThan(
      0,
    )
    await user.click(group(second).getByRole('button', { name: 'Change' }))
    expect(group(first).getByRole('button', { name: 'Change' })).toBeInTheDocument()
    await user.click(group(second).getByRole('button', { name: 'Store' }))
    expect(save).toHaveBeenCalledTimes(1)
    expect(await group(second).findByRole('button', { name: 'Change' })).toBeInTheDocument()
  })

  it('stays open with the reason when the shop’s limits are refused', async () => {
    panel(FIT_POLICY, { ok: false, errors: { form: 'The window’s lower end is above its upper end.' } })
    const user = userEvent.setup()
    const [first = ''] = GROUPS
    await user.click(group(first).getByRole('button', { name: 'Change' }))
    await user.click(group(first).getByRole('button', { name: 'Store' }))
    expect(await group(first).findByText(/lower end is above/)).toBeInTheDocument()
    expect(group(first).getByRole('button', { name: 'Leave it' })).toBeInTheDocument()
  })
})
