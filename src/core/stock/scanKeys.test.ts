import fc from 'fast-check'
import type { KeyTaken, ScanKeys } from './scanKeys'
import { heldBack, NO_KEYS, takeKey } from './scanKeys'

/** Feeds keys one beat apart and gives what became of each. */
function feed(keys: readonly string[], beatMs: number, from: ScanKeys = NO_KEYS, startMs = 1000): KeyTaken[] {
  let state = from
  return keys.map((key, place) => {
    const taken = takeKey(state, key, startMs + place * beatMs)
    state = taken.keys
    return taken
  })
}
const kinds = (taken: readonly KeyTaken[]) => taken.map(({ key }) => key)

describe('takeKey', () => {
  it('holds a scanned line back from its second letter to its end, and gives it whole', () => {
    const taken = feed([...'WH:T:212', 'Enter'], 5)
    expect(kinds(taken)).toEqual(['pass', 'hold', 'begin', ...Array<string>(5).fill('hold'), 'end'])
    expect(taken.at(-1)?.line).toBe('WH:T:212')
    expect(taken.map(({ giveBack }) => giveBack).join('')).toBe('')
  })

  it('does not mind the Shift of a capital', () => {
    const taken = feed(['Shift', 'W', 'Shift', 'H', 'Shift', ':', 'T', ':', '7', 'Enter'], 10)
    expect(taken.at(-1)?.line).toBe('WH:T:7')
  })

  it('lets a slow radio link take its time once the prefix is whole', () => {
    const begun = feed([...'WH:'], 5).at(-1)
    if (!begun) throw new Error('nothing taken')
    expect(feed([...'D:G-11', 'Enter'], 300, begun.keys, 1300).at(-1)?.line).toBe('WH:D:G-11')
  })

  it('leaves a hand’s keys alone', () => {
    expect(new Set(kinds(feed([...'WH:T:212', 'Enter'], 200)))).toEqual(new Set(['pass']))
    expect(new Set(kinds(feed([...'31.52', 'Enter'], 5)))).toEqual(new Set(['pass']))
  })

  it('gives a letter back as soon as the next key or the time shows it was typed', () => {
    const quick = feed([...'WHI'], 60)
    expect(kinds(quick)).toEqual(['pass', 'hold', 'pass'])
    expect(quick[2]?.giveBack).toBe('H')
    const held = feed([...'WH'], 60)[1]
    if (!held) throw new Error('nothing taken')
    expect(heldBack(held.keys)).toBe('H')
    expect(takeKey(held.keys, ':', 5000)).toMatchObject({ key: 'pass', giveBack: 'H' })
  })

  it('loses no key of anybody: what does not pass is given back or stands in the line', () => {
    const keys = fc.constantFrom('W', 'H', ':', 'T', '1', 'Shift')
    fc.assert(
      fc.property(
        fc.array(fc.tuple(keys, fc.constantFrom(5, 60, 200, 900)), { maxLength: 12 }),
        (pressed) => {
          let [state, atMs, field] = [NO_KEYS, 0, '']
          for (const [key, waitMs] of pressed) {
            atMs += waitMs
            const taken = takeKey(state, key, atMs)
            // A line that broke off after its prefix is a scan gone wrong, not typing.
            if (state.text.startsWith('WH:') && waitMs > 500) field += state.text
            state = taken.keys
            field += taken.giveBack
            if (taken.key === 'pass' && key !== 'Shift') field += key
            if (taken.key === 'begin') field = field.slice(0, -1)
          }
          const open = state.text.startsWith('WH:') ? state.text : heldBack(state)
          expect(field + open).toBe(pressed.map(([key]) => (key === 'Shift' ? '' : key)).join(''))
        },
      ),
    )
  })
})
