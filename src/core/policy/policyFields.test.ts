import { policyChanges, policyValues, policyWith } from './policyChanges'
import { POLICY_FIELDS } from './policyFields'
import { BUILT_IN_POLICY } from './ShopPolicy'

describe('policies of a shop', () => {
  it('keep only what differs from the built-in ones, and give it back', () => {
    const values = { ...policyValues(BUILT_IN_POLICY), crazeStrain: 0.8, thicknessPreference: 'rather-sunk' }
    const outcome = policyChanges(values)
    expect(outcome).toEqual({ ok: true, changes: { crazeStrain: 0.8, thicknessPreference: 'rather-sunk' } })
    const policy = policyWith(outcome.ok ? outcome.changes : {})
    expect(policy.fit.crazeStrain).toBeCloseTo(0.008, 12)
    expect(policy.fit.thicknessPreference).toBe('rather-sunk')
    expect(policy.fit.interferenceBands).toEqual(BUILT_IN_POLICY.fit.interferenceBands)
    expect(policy.seal).toEqual(BUILT_IN_POLICY.seal)
  })

  it('reach every field they name, and nothing else', () => {
    for (const { field, get, set } of POLICY_FIELDS) {
      const value =
        field.kind === 'choice' ? (field.options[1]?.value ?? '') : field.kind === 'text' ? 'white' : 0.123
      expect(get(set(BUILT_IN_POLICY, value))).toEqual(
        typeof value === 'number' ? expect.closeTo(value, 9) : value,
      )
      expect(get(BUILT_IN_POLICY)).toEqual(policyValues(BUILT_IN_POLICY)[field.name])
    }
    expect(new Set(POLICY_FIELDS.map(({ field }) => field.name)).size).toBe(POLICY_FIELDS.length)
  })

  it('are built in within the limits of their own fields, which a form holds them to', () => {
    for (const { field, get } of POLICY_FIELDS) {
      if (field.kind !== 'figure') continue
      const builtIn = Number(get(BUILT_IN_POLICY))
      expect(builtIn).toBeGreaterThanOrEqual(field.leastMm)
      expect(builtIn).toBeLessThanOrEqual(field.mostMm)
    }
  })

  it('give back exactly what was stored, in percent or not', () => {
    for (const { field, get } of POLICY_FIELDS) {
      if (field.kind !== 'figure') continue
      const stored = Number(((field.leastMm + field.mostMm) / 2).toFixed(3))
      expect(get(policyWith({ [field.name]: stored }))).toBeCloseTo(stored, 9)
    }
  })

  it('pass over names nobody knows any more', () => {
    expect(policyWith({ 'gone-with-an-old-version': 3 })).toEqual(BUILT_IN_POLICY)
  })

  it('refuse a window turned round', () => {
    const crossed = policyChanges({ ...policyValues(BUILT_IN_POLICY), 'cementGap-lowMm': 0.4 })
    expect(!crossed.ok && crossed).toMatchObject({
      field: 'cementGap-lowMm',
      message: /must be below the most, 0.1/,
    })
  })
})
