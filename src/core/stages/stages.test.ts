import { STAGE_IDS, stageIndex, stageLabel, stageOf, toDoAt } from './stages'

describe('stages of the work', () => {
  it('go from intake to hand-back: read before anything presses, matched before anything is pressed in', () => {
    const before = (a: (typeof STAGE_IDS)[number], b: (typeof STAGE_IDS)[number]) =>
      stageIndex(a) < stageIndex(b)
    expect([STAGE_IDS[0], STAGE_IDS.at(-1)]).toEqual(['intake', 'hand-back'])
    expect(before('decase', 'measure') && before('measure', 'push-out')).toBe(true)
    expect(before('clean', 'match') && before('match', 'press-in')).toBe(true)
    expect(before('close', 'prove')).toBe(true)
  })

  it('each have a name of their own and say what they settle', () => {
    expect(new Set(STAGE_IDS.map(stageLabel)).size).toBe(STAGE_IDS.length)
    expect(new Set(STAGE_IDS.map((id) => stageOf(id).settles)).size).toBe(STAGE_IDS.length)
    for (const stage of STAGE_IDS) expect(stageOf(stage).settles).toMatch(/^[A-Z].*\.$/)
  })
})

describe('what to do next at a stage', () => {
  const job = {
    step: 'Blow the dial clean',
    reading: 'case bore, 12 to 6',
    read: { taken: 2, planned: 9 },
    picked: { what: '30.0 × 1.0 flat', where: 'drawer C-16' },
    home: false,
    size: '30.0 with 97 %',
  }

  it('is the next step, or to go on when all are ticked', () => {
    expect(toDoAt('clean', job)).toEqual({ next: 'Blow the dial clean', known: '30.0 with 97 %' })
    expect(toDoAt('clean', { ...job, step: null }).next).toBe('Clean is done: go on')
  })

  it('is the next reading while there is one', () => {
    expect(toDoAt('measure', job)).toEqual({
      next: 'Read case bore, 12 to 6',
      known: '2 of 9 read, 30.0 with 97 %',
    })
    expect(toDoAt('measure', { ...job, size: '' }).known).toBe('2 of 9 read')
    expect(toDoAt('measure', { ...job, reading: null }).next).toMatch(/^All read/)
  })

  it('is to pick, and to press what was picked', () => {
    expect(toDoAt('match', { ...job, picked: null }).next).toBe('Pick crystal with gasket')
    expect(toDoAt('match', { ...job, step: 'no seals taken out' })).toEqual({
      next: 'Still open: no seals taken out',
      known: '30.0 × 1.0 flat',
    })
    expect(toDoAt('press-in', job)).toEqual({ next: 'Press 30.0 × 1.0 flat', known: 'drawer C-16' })
    expect(toDoAt('press-in', { ...job, home: true }).next).toBe('Still open: Blow the dial clean')
    expect(toDoAt('press-in', { ...job, home: true, step: null }).next).toBe('Press in is done: go on')
    expect(toDoAt('press-in', { ...job, picked: null }).next).toMatch(/^Pick .* first$/)
  })
})
