import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { pieceNow } from '../../../tests/factories/pieceNow'
import type { JobFacts } from '../procedure/JobFacts'
import { procedure } from '../procedure/procedure'
import type { SchoolChoices } from '../procedure/schools'
import { schoolStand } from '../procedure/schoolStand'
import { againstLogging } from './againstLogging'
import { planRemovals, removalStep } from './planRemoval'
import { REMOVED_PARTS } from './Removal'

const plans = (facts: JobFacts, choices: SchoolChoices = {}) =>
  planRemovals(
    { facts, piece: pieceNow({}, { state: facts.crystalState, material: facts.crystalMaterial }), bench: [] },
    choices,
    [],
  )
const planOf = (facts: JobFacts, part: string, choices: SchoolChoices = {}) => {
  const found = plans(facts, choices).find((plan) => plan.part === part)
  if (!found) throw new Error(`no plan for the ${part}`)
  return found
}
const insertJob = diverFacts({ asked: ['insert'], crystalState: 'whole' })

describe('planRemovals', () => {
  it('plans nothing where nothing comes off that can be harmed by it', () => {
    expect(plans(jobFacts({ asked: ['battery'] }))).toEqual([])
  })

  it('says of each way what it adds to this very job, its waits told apart', () => {
    const { ways } = planOf(insertJob, 'insert')
    const [pushed, soaked] = ['push-out', 'soak'].map((id) => ways.find((way) => way.id === id))
    const titles = (way: typeof pushed) => way?.steps.map(({ title }) => title).join('\n')
    expect(titles(pushed)).toMatch(/Bezel off[^]*Push the insert out from behind[^]*Old adhesive off/)
    expect(pushed?.waitMinutes).toBe(0)
    expect(titles(soaked)).toMatch(/^Soak the face[^]*Turn the insert out/)
    expect(titles(soaked)).not.toMatch(/Bezel off/)
    expect(soaked?.waitMinutes).toBe(60)
  })

  it('adds up to the whole job: the ways differ by what they add, and by nothing else', () => {
    const { ways } = planOf(insertJob, 'insert')
    const rest = ways
      .filter(({ against }) => against === null)
      .map(
        ({ id, activeMinutes }) =>
          procedure(insertJob, { 'insert-removal': id }).activeMinutes - activeMinutes,
      )
    expect(new Set(rest).size).toBe(1)
  })

  it('is shown wherever one of the open ways takes the part off', () => {
    expect(planOf(insertJob, 'insert').at).toEqual(['push-out', 'open'])
    expect(planOf({ ...insertJob, insertHold: 'friction' }, 'insert').at).toEqual(['push-out'])
  })

  it('takes one way, by choice where it is open, and never one that is not', () => {
    const taken = (facts: JobFacts, choices: SchoolChoices) =>
      planOf(facts, 'bezel', choices).ways.filter(({ isTaken }) => isTaken)
    expect(taken(insertJob, {})).toHaveLength(1)
    expect(taken(insertJob, { 'bezel-removal': 'four-jaw' })[0]?.id).toBe('four-jaw')
    const ceramic = { ...insertJob, insertMaterial: 'ceramic' as const }
    const choices = { 'bezel-removal': 'steel-blade' }
    expect(taken(ceramic, choices)[0]?.id).not.toBe('steel-blade')
    const blade = planOf(ceramic, 'bezel', choices).ways.find(({ id }) => id === 'steel-blade')
    expect(blade).toMatchObject({ against: 'ceramic insert, ceramic shatters when pried', steps: [] })
  })

  it('has last what this case does not allow, though the piece as it stands meets no harm by it', () => {
    const facts = { ...insertJob, insertMaterial: 'ceramic' as const, bezelEntry: 'lifting-slot' as const }
    const [plan] = planRemovals({ facts, piece: pieceNow({ bezel: true, insert: true }), bench: [] }, {}, [])
    expect(plan?.ways.at(-1)).toMatchObject({ id: 'steel-blade', severity: 'allow' })
    expect(plan?.ways.at(-1)?.against).not.toBeNull()
  })

  it('the steps of the job follow the way taken', () => {
    const titleBy = (option: string) =>
      removalStep('bezel', procedure(insertJob, { 'bezel-removal': option }).steps)?.title
    expect(titleBy('four-jaw')).toMatch(/four jaws/)
    expect(titleBy('plastic-lever')).toMatch(/plastic lever/)
    const byBall = procedure(insertJob, { 'bezel-removal': 'grip-ball' }).steps
    expect(byBall.some(({ id }) => id === 'tape-bezel')).toBe(false)
  })

  it('finds the step of every part in a job that takes it off', () => {
    const all = diverFacts({
      asked: ['insert', 'magnifier-off'],
      crystalState: 'whole',
      magnifier: 'outside',
      crystalMaterial: 'sapphire',
    })
    expect(plans(all).map(({ part }) => part)).toEqual([...REMOVED_PARTS])
    expect(schoolStand('insert-removal', all, {}).option).toBe('push-out')
  })
})

describe('againstLogging', () => {
  const off = { part: 'bezel' } as Parameters<typeof againstLogging>[1][number]
  it('lets nothing come off in words that is on by the trail', () => {
    expect(againstLogging({ part: 'bezel', outcome: 'clean' }, [])).toMatch(/on by the parts trail/)
    expect(againstLogging({ part: 'bezel', outcome: 'did-not-move' }, [])).toBeNull()
    expect(againstLogging({ part: 'bezel', outcome: 'marked' }, [off])).toBeNull()
    // A magnifier is no line of the trail.
    expect(againstLogging({ part: 'magnifier', outcome: 'clean' }, [])).toBeNull()
  })
})
