import { backupsState, backUpNow, isDue } from './backups'

const at = (text: string) => new Date(`${text}:00Z`)

describe('a backup', () => {
  it('is due on a day that has none, a day after the last, and where the clock was set back', () => {
    const last = at('2026-11-30T18:00')
    expect(isDue(null, last, 'UTC')).toBe(true)
    expect(isDue(last, at('2026-11-30T23:59'), 'UTC')).toBe(false)
    expect(isDue(last, at('2026-12-01T00:01'), 'UTC')).toBe(true)
    expect(isDue(last, at('2026-11-29T18:00'), 'UTC')).toBe(true)
    // Its days are the shop's.
    expect(isDue(last, at('2026-11-30T23:59'), 'Europe/Berlin')).toBe(true)
    expect(isDue(last, at('2026-12-01T00:01'), 'America/Los_Angeles')).toBe(false)
  })

  it('is not made where they are off, and says so', async () => {
    expect(backupsState()).toEqual({ folder: null, backups: [], trouble: null })
    const answer = await backUpNow(undefined as never, {}, at('2026-11-30T18:00'))
    expect(answer).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/switched off/) as string },
    })
  })
})
