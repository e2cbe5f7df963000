import { stageAfter, STAGE_IDS, stageIndex, stageLabel, stageOf } from './stages'

describe('stages of the work', () => {
  it('go from intake to hand-back: read before anything presses, matched before anything is pressed in', () => {
    const before = (a: (typeof STAGE_IDS)[number], b: (typeof STAGE_IDS)[number]) =>
      stageIndex(a) < stageIndex(b)
    expect([STAGE_IDS[0], STAGE_IDS.at(-1)]).toEqual(['intake', 'hand-back'])
    expect(before('decase', 'measure') && before('measure', 'push-out')).toBe(true)
    expect(before('clean', 'match') && before('match', 'press-in')).toBe(true)
    expect(before('close', 'prove')).toBe(true)
  })

  it('lead one to the next and stay at both ends', () => {
    for (const [index, stage] of STAGE_IDS.entries()) {
      expect(stageAfter(stage, 1)).toBe(STAGE_IDS[Math.min(index + 1, STAGE_IDS.length - 1)])
      expect(stageAfter(stage, -1)).toBe(STAGE_IDS[Math.max(index - 1, 0)])
    }
  })

  it('each have a name of their own and say what they settle', () => {
    expect(new Set(STAGE_IDS.map(stageLabel)).size).toBe(STAGE_IDS.length)
    expect(new Set(STAGE_IDS.map((id) => stageOf(id).settles)).size).toBe(STAGE_IDS.length)
    for (const stage of STAGE_IDS) expect(stageOf(stage).settles).toMatch(/^[A-Z].*\.$/)
  })
})
