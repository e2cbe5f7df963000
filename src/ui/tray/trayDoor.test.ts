import { trayViewOf } from '../../../tests/factories/trayView'
import { trayDoor } from './trayDoor'
import type { Act } from './trayCalls'

const kept = {
  read: () => ({ unanswered: [], waiting: [], aimedAt: null }),
  sent: () => undefined,
  answered: () => undefined,
  waits: () => undefined,
}
const at = (revision: number, stage: 'measure' | 'match' = 'measure') => {
  const view = trayViewOf()
  return { ...view, tray: { ...view.tray, revision, stage } }
}

describe('the door of a tray’s page', () => {
  it('says what the page shows with every change, always as the same page', async () => {
    const seen: unknown[] = []
    const act: Act = (_name, _input, _key, known) => {
      seen.push(known)
      return Promise.resolve({ ok: true })
    }
    const door = trayDoor(at(4), act, () => undefined, kept)
    await door.actions.undoTrail({ trayId: 1 })
    door.shows(at(5), () => undefined)
    await door.actions.undoTrail({ trayId: 1 })
    const [first, second] = seen as { page: string; revision: number }[]
    expect([first?.revision, second?.revision]).toEqual([4, 5])
    expect(second?.page).toBe(first?.page)
  })

  it('draws a tray anew that was changed elsewhere, and says what differs', async () => {
    const act: Act = (name) =>
      Promise.resolve(
        name === 'showTray'
          ? { ok: true, view: at(9, 'match') }
          : { ok: false, errors: { stale: 'Changed.' } },
      )
    const door = trayDoor(at(4), act, () => undefined, kept)
    const drawn: unknown[] = []
    door.shows(at(4), (view) => drawn.push(view.tray.revision))
    expect(await door.actions.undoTrail({ trayId: 1 })).toEqual({
      ok: false,
      errors: { stale: 'Changed. Since then: stage Match, was Measure.' },
    })
    expect(drawn).toEqual([9])
  })
})
