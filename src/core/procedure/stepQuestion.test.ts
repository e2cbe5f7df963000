import { diverFacts } from '../../../tests/factories/jobFacts'
import { procedure, STEP_RULES } from './procedure'
import { answeredAs } from './StepQuestion'

const asked = STEP_RULES.flatMap(({ question }) => question ?? [])
const test = STEP_RULES.find(({ id }) => id === 'pressure-test')?.question
if (!test) throw new Error('a pressure test asks nothing')

describe('what a step asks', () => {
  it('is asked of every proof but a run that waits by itself, and of every look under the glass', () => {
    const { steps } = procedure(diverFacts())
    const mute = steps.filter(({ stage, question }) => stage === 'prove' && question === null)
    expect(mute.map(({ id }) => id)).toEqual(
      mute.filter(({ waitMinutes }) => waitMinutes > 0).map(({ id }) => id),
    )
    const looks = STEP_RULES.filter(
      ({ title }) => typeof title === 'string' && /underside of the glass/i.test(title),
    )
    expect(looks.length).toBeGreaterThan(2)
    expect(looks.filter(({ question }) => !question)).toEqual([])
  })

  it('can be answered well, the good answers first, and badly', () => {
    for (const { answers } of asked) {
      const goods = answers.map(({ good }) => good)
      expect(goods).toEqual(goods.toSorted((one, other) => Number(other) - Number(one)))
      expect(goods).toEqual(expect.arrayContaining([true, false]))
    }
  })

  it('is asked of no step that parts of the trail show to be done', () => {
    const both = STEP_RULES.filter(({ question, takesOff, putsBack }) => question && (takesOff ?? putsBack))
    expect(both).toEqual([])
  })

  it('takes one of its answers and no other', () => {
    expect(answeredAs(test, { answer: '', detail: '5 bar' })).toEqual({
      ok: false,
      against: expect.stringMatching(/^Seen: say which, tight, leaks/) as string,
    })
    expect(answeredAs(test, { answer: 'probably', detail: '5 bar' }).ok).toBe(false)
  })

  it('keeps what was read beside the answer, and asks for it where an answer alone says nothing', () => {
    expect(answeredAs(test, { answer: 'tight', detail: '  5 bar, 0.01 mm ' })).toEqual({
      ok: true,
      words: 'tight: 5 bar, 0.01 mm',
      good: true,
    })
    expect(answeredAs(test, { answer: 'leaks', detail: '5 bar, back by 4' })).toMatchObject({ good: false })
    expect(answeredAs(test, { answer: 'tight', detail: ' ' })).toEqual({
      ok: false,
      against: expect.stringMatching(/is empty/) as string,
    })
    const [other] = asked.filter(({ detail }) => detail?.needed === false)
    if (!other) throw new Error('all need a detail')
    const [good] = other.answers
    expect(answeredAs(other, { answer: good?.words ?? '', detail: '' })).toMatchObject({ words: good?.words })
  })
})
