import { jobFacts } from '../../../tests/factories/jobFacts'
import { procedure, stepsOf } from '../procedure/procedure'
import type { StandingWork } from './Stage'
import type { StageId } from './stages'
import { STAGE_IDS } from './stages'
import type { StageState } from './StageState'
import { leftBehind, neededAfter, openOf, standsAfter } from './StageState'
import { stageStates } from './stageStates'

const AT = '2026-11-24T10:00:00.000Z'
const FACTS = jobFacts({ crystalState: 'cracked', asked: ['crystal'] })
const PROCEDURE = procedure(FACTS)
const STEPS = PROCEDURE.steps.map(({ id }) => id)
const NOTHING_YET: StandingWork = {
  steps: STEPS,
  tightnessNoted: true,
  glass: { planned: true, missing: '3 readings of crystal edge thickness missing' },
  rest: { planned: true, missing: '2 readings of case bore missing' },
  out: [],
  sealsOut: false,
  looked: [],
  goBack: [],
  picked: false,
  home: false,
  rim: null,
  insertLevel: null,
  rimSeenEven: false,
  straight: [],
  bezelAction: null,
  dryTest: null,
  running: null,
  hands: null,
  onOtherFigures: {},
  partsOpen: '1 case back',
}

function states(
  work: Partial<StandingWork> = {},
  ticked: readonly string[] = [],
  leftOut: Readonly<Record<string, string>> = {},
): StageState[] {
  return stageStates({
    procedure: PROCEDURE,
    ticks: Object.fromEntries(ticked.map((id) => [`step:${id}`, AT])),
    said: {},
    leftOut: Object.fromEntries(Object.entries(leftOut).map(([id, reason]) => [id, { reason, at: AT }])),
    work: { ...NOTHING_YET, ...work },
  })
}
const at = (all: readonly StageState[], stage: StageId) => {
  const found = all.find((state) => state.stage === stage)
  if (!found) throw new Error(stage)
  return found
}
const openAt = (all: readonly StageState[], stage: StageId) => openOf(at(all, stage)).map(({ open }) => open)
const idsOf = (stage: StageId) => stepsOf(PROCEDURE, stage).map(({ id }) => id)

describe('a stage', () => {
  it('at Align has nothing to ask of an insert nobody read round, and asks for one that is read uneven', () => {
    const uneven = { words: '0.12 up at 3 alone', isLevel: false }
    const told = 'insert 0.12 up at 3 alone'
    expect(openAt(states(), 'align')).not.toContain(told)
    expect(openAt(states({ insertLevel: uneven }), 'align')).toContain(told)
    expect(openAt(states({ insertLevel: { ...uneven, isLevel: true } }), 'align')).not.toContain(told)
    expect(
      openAt(states({ insertLevel: uneven }, [], { 'insert-level': 'owner’s wish' }), 'align'),
    ).not.toContain(told)
  })

  it('is done when each of its steps is ticked, and names the ones that are not', () => {
    const [first = '', ...others] = idsOf('intake')
    expect(at(states({}, [first, ...others]), 'intake').standing).toBe('done')
    const short = states({}, others)
    expect(at(short, 'intake').standing).toBe('open')
    expect(openAt(short, 'intake')).toEqual(
      stepsOf(PROCEDURE, 'intake')
        .slice(0, 1)
        .map(({ title }) => title),
    )
  })

  it('is left out when what is not done has a reason, and takes a reason for nothing that was done', () => {
    const [first = '', ...others] = idsOf('intake')
    const excused = at(states({}, others, { [`step:${first}`]: 'came in stopped' }), 'intake')
    expect(excused.standing).toBe('left-out')
    expect(excused.demands.find(({ subject }) => subject === `step:${first}`)?.leftOut?.reason).toBe(
      'came in stopped',
    )
    const done = at(states({}, [first, ...others], { [`step:${first}`]: 'came in stopped' }), 'intake')
    expect(done.standing).toBe('done')
    expect(done.demands.every(({ leftOut }) => leftOut === null)).toBe(true)
  })

  it.each<[StageId, Partial<StandingWork>, string]>([
    ['measure', { glass: { planned: true, missing: '' } }, '3 readings of crystal edge thickness missing'],
    ['match', { picked: true }, 'crystal and ring not picked'],
  ])('%s is done by what was really done there, never by ticks', (stage, work, open) => {
    expect(openAt(states({}, STEPS), stage)).toEqual([open])
    expect(at(states({}, STEPS), stage).stepsDone).toEqual([])
    const shown = at(states(work), stage)
    expect(shown.standing).toBe('done')
    expect(shown.stepsDone).toEqual(idsOf(stage))
    expect(shown.stepsShown).toEqual(idsOf(stage))
  })

  it('demands a run that came home, the rest read, and every part of the trail beside the steps', () => {
    expect(openAt(states({}, STEPS), 'press-in')).toContain('press run not logged as home')
    expect(at(states({ home: true }, STEPS), 'press-in').standing).toBe('done')
    expect(openAt(states({}, STEPS), 'clean')).toEqual(['2 readings of case bore missing'])
    expect(at(states({ rest: { planned: true, missing: '' } }, STEPS), 'clean').standing).toBe('done')
    expect(openAt(states({}, STEPS), 'close')).toEqual(['1 case back not accounted for'])
    expect(at(states({ partsOpen: '' }, STEPS), 'close').standing).toBe('done')
  })

  it('asks for insert and seals to be taken out where the job has them', () => {
    const other = procedure(
      jobFacts({ asked: ['insert', 'reseal'], insertMaterial: 'steel', bezelKind: 'rotating-click' }),
    )
    const match = (out: StandingWork['out'], sealsOut = false) =>
      openOf(
        at(
          stageStates({
            procedure: other,
            ticks: {},
            said: {},
            leftOut: {},
            work: { ...NOTHING_YET, steps: other.steps.map(({ id }) => id), out, sealsOut },
          }),
          'match',
        ),
      ).map(({ open }) => open)
    expect(match([])).toEqual(['no insert taken out, nor its own said to go back', 'no seals taken out'])
    expect(match(['insert'])).toEqual(['no seals taken out'])
    expect(match(['insert', 'o-ring'], true)).toEqual([])
  })

  it('says wherever a failed proof is named what was seen of it', () => {
    const id = stepsOf(PROCEDURE, 'prove').find(({ question }) => question)?.id ?? ''
    const all = stageStates({
      procedure: PROCEDURE,
      ticks: {},
      said: { [`step:${id}`]: { words: 'leaks: 5 bar, by 4', good: false, at: AT } },
      leftOut: {},
      work: NOTHING_YET,
    })
    expect(openAt(all, 'prove')).toContainEqual(expect.stringMatching(/ \(leaks: 5 bar, by 4\)$/))
  })

  it('counts nothing that was done before its turn, nor what rests on that, until its turn has come', () => {
    const behind = PROCEDURE.steps.find(({ id }) => id === 'crystal-out')?.after ?? []
    expect(behind.length).toBeGreaterThan(0)
    const early = at(states({}, ['crystal-out']), 'push-out')
    expect(early).toMatchObject({ stepsDone: [], stepsEarly: ['crystal-out'] })
    expect(openOf(early).map(({ open }) => open)).toContainEqual(
      expect.stringMatching(/^done before its turn: /),
    )
    // A pick and a run show no more than a tick does.
    const pressed = at(states({ picked: true, home: true }), 'press-in')
    expect(pressed.stepsDone).not.toContain('crystal-in')
    expect(openOf(pressed).find(({ subject }) => subject === 'press-run')?.open).toMatch(/before its turn/)
    const inTurn = at(states({}, ['crystal-out', ...behind]), 'push-out')
    expect(inTurn).toMatchObject({ stepsEarly: [] })
    expect(inTurn.stepsDone).toContain('crystal-out')
    // What was left out for a reason holds nothing up.
    const left = Object.fromEntries(behind.map((id) => [`step:${id}`, 'came in so']))
    expect(at(states({}, ['crystal-out'], left), 'push-out').stepsDone).toContain('crystal-out')
  })

  it('is not needed where the job demands nothing of it', () => {
    const battery = procedure(jobFacts({ asked: ['battery'], crystalState: 'whole' }))
    const none = stageStates({
      procedure: battery,
      ticks: {},
      said: {},
      leftOut: {},
      work: {
        ...NOTHING_YET,
        steps: battery.steps.map(({ id }) => id),
        glass: { planned: false, missing: '' },
        rest: { planned: false, missing: '' },
      },
    })
    for (const stage of ['measure', 'match', 'press-in'] as const)
      expect([stage, at(none, stage).standing]).toEqual([stage, 'not-needed'])
    expect(at(none, 'prove').standing).toBe('open')
    expect(neededAfter(none, 'open', 1)).not.toBe('measure')
  })
})

describe('leftBehind', () => {
  it('is every stage from where the tray stands up to the one said done; behind it, that one alone', () => {
    const names = (standsAt: StageId, done: StageId) =>
      leftBehind(states(), standsAt, done).map(({ stage }) => stage)
    expect(names('open', 'measure')).toEqual(['open', 'decase', 'measure'])
    expect(names('open', 'open')).toEqual(['open'])
    expect(names('match', 'open')).toEqual(['open'])
  })
})

describe('standsAfter', () => {
  const picked = { stage: 'match', subject: 'pick' } as const
  const read: Partial<StandingWork> = {
    glass: { planned: true, missing: '' },
    rest: { planned: true, missing: '' },
  }

  it('is the next stage where the act was all that was open', () => {
    expect(standsAfter(states(read, STEPS), 'match', picked)).toBe('press-in')
    expect(standsAfter(states(read, STEPS), 'clean', picked)).toBe('press-in')
  })

  it('is where it stood while anything else up to there has neither been done nor a reason', () => {
    expect(standsAfter(states({}, STEPS), 'clean', picked)).toBe('clean')
    const excused = states({}, STEPS, { 'rest-read': 'the sheet knows it' })
    expect(standsAfter(excused, 'clean', picked)).toBe('press-in')
  })

  it('is never further back', () => {
    expect(standsAfter(states(), 'close', picked)).toBe('close')
  })
})

describe('neededAfter', () => {
  it('goes over what the job does not need, and stays at both ends', () => {
    const some = STAGE_IDS.map((stage): StageState => ({
      stage,
      standing: stage === 'align' || stage === 'close' ? 'not-needed' : 'open',
      demands: [],
      stepsDone: [],
      stepsShown: [],
      stepsEarly: [],
    }))
    expect(neededAfter(some, 'press-in', 1)).toBe('prove')
    expect(neededAfter(some, 'prove', -1)).toBe('press-in')
    expect(neededAfter(some, 'close', -1)).toBe('press-in')
    expect(neededAfter(some, 'intake', -1)).toBe('intake')
    expect(neededAfter(some, 'hand-back', 1)).toBe('hand-back')
  })
})
