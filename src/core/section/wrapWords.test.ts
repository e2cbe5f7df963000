import { wrapWords } from './wrapWords'

describe('wrapWords', () => {
  it('fills lines with whole words', () => {
    expect(wrapWords('assumed: case diameter, hand height', 18)).toEqual([
      'assumed: case',
      'diameter, hand',
      'height',
    ])
    expect(wrapWords('2.3 : 1', 40)).toEqual(['2.3 : 1'])
  })

  it('fills a line to its very last character, and not past it', () => {
    expect(wrapWords('case bore', 9)).toEqual(['case bore'])
    expect(wrapWords('case bore', 8)).toEqual(['case', 'bore'])
  })

  it('leaves a word alone that is longer than a line', () => {
    expect(wrapWords('a chapter-ring b', 5)).toEqual(['a', 'chapter-ring', 'b'])
  })
})
