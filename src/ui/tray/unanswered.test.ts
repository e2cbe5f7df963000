import { keptInPage } from './unanswered'

function cupboard(first: Readonly<Record<string, string>> = {}) {
  const held = new Map(Object.entries(first))
  return {
    held,
    getItem: (name: string) => held.get(name) ?? null,
    setItem: (name: string, text: string) => void held.set(name, text),
    removeItem: (name: string) => void held.delete(name),
  }
}
const change = (key: string) => ({
  key,
  name: 'takeReading',
  input: { text: '30.95' },
  seen: { page: 'p', revision: 4 },
})

describe('what a page has not stored yet', () => {
  it('is there again for the same tray, in order, until it is answered', () => {
    const shelf = cupboard()
    const kept = keptInPage(7, () => shelf)
    kept.sent(change('a'))
    kept.sent(change('b'))
    kept.waits(['30.96', '30.97'], 'bore')
    expect(keptInPage(7, () => shelf).read()).toEqual({
      unanswered: [change('a'), change('b')],
      waiting: ['30.96', '30.97'],
      aimedAt: 'bore',
    })
    expect(keptInPage(8, () => shelf).read()).toEqual({ unanswered: [], waiting: [], aimedAt: null })
    kept.answered('a')
    kept.waits([], null)
    expect(kept.read()).toEqual({ unanswered: [change('b')], waiting: [], aimedAt: null })
    kept.answered('b')
    expect(shelf.held.size).toBe(0)
  })

  it('is nothing where something else lies there, or the browser keeps nothing', () => {
    for (const odd of [
      '{',
      'null',
      '[]',
      '{"unanswered":1,"waiting":[]}',
      '{"unanswered":[null],"waiting":[]}',
    ])
      expect(keptInPage(7, () => cupboard({ 'unanswered-7': odd })).read().unanswered).toEqual([])
    const closed = keptInPage(7, () => {
      throw new Error('SecurityError')
    })
    closed.sent(change('a'))
    expect(closed.read().waiting).toEqual([])
  })
})
