import { describe, expect, it } from '@jest/globals'
import type { EarlierFinding } from './pastFindings'
import { pastFindings } from './pastFindings'

const on = (trayNumber: number, kind: EarlierFinding['kind'], words: string) => ({ trayNumber, kind, words })

describe('findings on earlier pieces of a case', () => {
  it('are told in words with their trays, what was found more often first', () => {
    expect(
      pastFindings([
        on(214, 'other', 'crown seal flat'),
        on(213, 'back-tightness', 'too-easy'),
        on(209, 'thread', 'grit at 6'),
        on(190, 'back-tightness', 'too-easy'),
      ]),
    ).toEqual([
      { words: 'the back came off: too easy', trays: [213, 190] },
      { words: 'also found: crown seal flat', trays: [214] },
      { words: 'in thread or lip: grit at 6', trays: [209] },
    ])
  })

  it('leave out what is of the other piece alone', () => {
    const found = [on(3, 'cannot-repair', 'gouge by 4'), on(2, 'back-tightness', 'usual')]
    expect(pastFindings([...found, on(1, 'back-tightness', 'tight')])).toEqual([])
  })

  it('name a tray once that says the same twice, and stop after five', () => {
    expect(pastFindings([on(7, 'other', 'dust'), on(7, 'other', 'dust')])[0]?.trays).toEqual([7])
    expect(
      pastFindings(['a', 'b', 'c', 'd', 'e', 'f'].map((words, i) => on(i, 'other', words))),
    ).toHaveLength(5)
  })
})
