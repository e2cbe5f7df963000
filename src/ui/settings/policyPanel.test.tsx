import { jest } from '@jest/globals'
import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { POLICY_FIELDS } from '@/core/policy/policyFields'
import { BUILT_IN_POLICY } from '@/core/policy/ShopPolicy'
import type { RecordAnswer } from '../forms/useRecordForm'
import { PolicyPanel } from './PolicyPanel'

const GROUPS = [...new Set(POLICY_FIELDS.map(({ group }) => group))]

function panel(policy = BUILT_IN_POLICY, answer: RecordAnswer = { ok: true }) {
  const save = jest.fn(() => Promise.resolve(answer))
  renderInTheme(<PolicyPanel policy={policy} save={save} />)
  return save
}

const group = (name: string) => within(screen.getByRole('region', { name }))

describe('PolicyPanel', () => {
  it('shows every group with its limits, none of them changed', () => {
    panel()
    expect(screen.getAllByRole('region')).toHaveLength(GROUPS.length)
    expect(screen.queryByText(/changed/)).toBeNull()
    // Both ends of a window are told together, and a minus is a minus.
    expect(
      group('Crystal in a ring: interference across').getByText(/^nylon 0.01 to 0.1 mm · acetal/),
    ).toBeVisible()
    expect(group('Insert in its recess').getByText(/against the edge −0.15 to 0.05 mm/)).toBeVisible()
  })

  it('says how many of a group are the shop’s own', () => {
    const { lowMm, highMm } = BUILT_IN_POLICY.fit.cementGap
    panel({
      ...BUILT_IN_POLICY,
      fit: { ...BUILT_IN_POLICY.fit, cementGap: { lowMm: lowMm + 0.01, highMm: highMm + 0.01 } },
    })
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
    panel(BUILT_IN_POLICY, { ok: false, errors: { form: 'The window’s lower end is above its upper end.' } })
    const user = userEvent.setup()
    const [first = ''] = GROUPS
    await user.click(group(first).getByRole('button', { name: 'Change' }))
    await user.click(group(first).getByRole('button', { name: 'Store' }))
    expect(await group(first).findByText(/lower end is above/)).toBeInTheDocument()
    expect(group(first).getByRole('button', { name: 'Leave it' })).toBeInTheDocument()
  })
})
