import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import { keepNotchCircle } from './keepNotchCircle'
import { trayByItsNumber } from './trayPages'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('a notch circle kept, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  async function tray(number: number) {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error(`tray ${number} is not there`)
    return view
  }

  it('is the sheet’s from then on, for every tray of that case', async () => {
    const { tray: own, sheet } = await tray(214)
    expect([sheet.notchCount, sheet.notchCircleMm]).toEqual([6, 32.4])
    const answer = await keepNotchCircle(store.db, { trayId: own.id, chord: '28,15' }, NOW)
    // Every second of six notches: 28.15 / sin 60° = 32.505, kept to the hundredth.
    expect(answer.ok && answer.view.sheet.notchCircleMm).toBe(32.5)
    expect((await tray(214)).sheet.notchCircleMm).toBe(32.5)
  })

  it('is refused where the chord is absurd, and where no notches are', async () => {
    const { tray: own, sheet } = await tray(214)
    for (const chord of ['0.5', '250', 'wide', '']) {
      const answer = await keepNotchCircle(store.db, { trayId: own.id, chord }, NOW)
      expect(answer.ok).toBe(false)
    }
    expect((await tray(214)).sheet.notchCircleMm).toBe(sheet.notchCircleMm)
    const plate = await tray(205)
    const answer = await keepNotchCircle(store.db, { trayId: plate.tray.id, chord: '20' }, NOW)
    expect(answer.ok ? '' : JSON.stringify(answer)).toMatch(/no notches that were counted/)
  })
})
