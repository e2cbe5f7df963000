import { FIT_POLICY } from './fitPolicy'
import { fitPolicyWith, POLICY_FIELDS, policyChanges, policyValues } from './fitPolicyFields'

describe('fit policies of a shop', () => {
  it('keep only what differs from the built-in ones, and give it back', () => {
    const values = { ...policyValues(FIT_POLICY), crazeStrain: 0.8, thicknessPreference: 'rather-sunk' }
    const outcome = policyChanges(values)
    expect(outcome).toEqual({ ok: true, changes: { crazeStrain: 0.8, thicknessPreference: 'rather-sunk' } })
    const policy = fitPolicyWith(outcome.ok ? outcome.changes : {})
    expect(policy.crazeStrain).toBeCloseTo(0.008, 12)
    expect(policy.thicknessPreference).toBe('rather-sunk')
    expect(policy.interferenceBands).toEqual(FIT_POLICY.interferenceBands)
  })

  it('reach every field they name, and nothing else', () => {
    for (const { field, get, set } of POLICY_FIELDS) {
      const value =
        field.kind === 'choice' ? (field.options[1]?.value ?? '') : field.kind === 'text' ? 'white' : 0.123
      expect(get(set(FIT_POLICY, value))).toEqual(
        typeof value === 'number' ? expect.closeTo(value, 9) : value,
      )
      expect(get(FIT_POLICY)).toEqual(policyValues(FIT_POLICY)[field.name])
    }
    expect(new Set(POLICY_FIELDS.map(({ field }) => field.name)).size).toBe(POLICY_FIELDS.length)
  })

  it('pass over names nobody knows any more', () => {
    expect(fitPolicyWith({ 'gone-with-an-old-version': 3 })).toEqual(FIT_POLICY)
  })

  it('refuse a window turned round', () => {
    const crossed = policyChanges({ ...policyValues(FIT_POLICY), 'cementGap-lowMm': 0.4 })
    expect(!crossed.ok && crossed).toMatchObject({
      field: 'cementGap-lowMm',
      message: /must be below the most, 0.1/,
    })
  })
})
