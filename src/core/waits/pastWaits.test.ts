import { waitsBefore } from './pastWaits'
import { waitBeforeText } from './WaitBefore'

describe('waits of earlier pieces', () => {
  it('are told by the middle one and the newest tray', () => {
    const before = waitsBefore([
      { step: 'cement', minutes: 62.4, trayNumber: 231 },
      { step: 'run-in', minutes: 1440, trayNumber: 231 },
      { step: 'cement', minutes: 840, trayNumber: 220 },
      { step: 'cement', minutes: 70, trayNumber: 214 },
    ])
    expect(before).toEqual({
      cement: { minutes: 70, pieces: 3, trayNumber: 231 },
      'run-in': { minutes: 1440, pieces: 1, trayNumber: 231 },
    })
    expect(Object.values(before).map(waitBeforeText)).toEqual([
      'took 1 h 10 min, the middle of 3 pieces, last on tray 231',
      'took 1 day on tray 231',
    ])
  })

  it('are none where nothing was waited for', () => {
    expect(waitsBefore([])).toEqual({})
  })
})
