import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { keptTray } from '../../../tests/factories/keptTray'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { cameOff, OFF_AT } from '../../../tests/factories/trailEvents'
import { policyWith } from '../policy/policyChanges'
import { procedure, STEP_RULES } from '../procedure/procedure'
import type { Step } from '../procedure/Step'
import type { TrailPartId } from '../trail/parts'
import { HAZARD_IDS, stepsBeforeDealing } from '../tray/hazards'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import type { Order } from './inOrder'
import { againstBack, againstDealing, againstPress, againstStep, orderOf, outOfTurn } from './inOrder'

const RULES = { policy: policyWith({}), schools: {}, invented: false }

function standing(over: Partial<KeptTray>): Order {
  const { procedure, stages, trail } = trayCase(keptTray(over), RULES)
  return orderOf(procedure.steps, stages, trail)
}

/** Ticks for steps that are done with all they rest on. */
function inTurn(ids: readonly string[], tray: KeptTray['tray']): Record<string, string> {
  const { steps } = standing({ tray })
  const done = new Set<string>()
  const add = (id: string) => {
    done.add(id)
    steps.find((step) => step.id === id)?.after.forEach(add)
  }
  ids.forEach(add)
  return Object.fromEntries([...done].map((id) => [`step:${id}`, OFF_AT]))
}

function job(over: Partial<KeptTray> = {}): Order {
  const tray = { ...keptTray().tray, asked: ['crystal', 'insert', 'reseal'] as const }
  const sheet = caseSheet({
    bezelKind: 'rotating-click',
    insertMaterial: 'aluminium',
    backSeal: 'o-ring',
    ...over.sheet,
  })
  return standing({ tray, sheet, ...over })
}

function stepOf(id: string, { steps }: Order): Step {
  const step = steps.find((one) => one.id === id)
  if (!step) throw new Error(`${id} is not a step of this job`)
  return step
}

const against = (id: string, order: Order) => againstStep(stepOf(id, order), order)

const takenOut = (kind: 'insert' | 'o-ring') => ({ kind, partId: 1, count: 1, since: new Date(OFF_AT) })

describe('the order of the steps', () => {
  it('knows every step that another one rests on', () => {
    const ids = STEP_RULES.map(({ id }) => id)
    fc.assert(
      fc.property(anyJobFacts, (facts) => {
        const rested = procedure(facts).steps.flatMap(({ after }) => after)
        expect(rested.filter((id) => !ids.includes(id))).toEqual([])
      }),
    )
  })

  it.each([
    ['insert-in', 'insert', 'First at Match: Pick the insert'],
    ['back-seal-in', 'o-ring', 'First at Match: '],
  ] as const)(
    'has %s only once its part was taken out, or that was left out for a reason',
    (id, kind, words) => {
      expect(against(id, job())).toMatch(new RegExp(`^${words}`))
      expect(against(id, job({ partsOut: [takenOut(kind)] }))).toBeNull()
      const reason = { reason: 'owner brings it', at: OFF_AT }
      expect(against(id, job({ leftOut: { 'insert-out': reason, 'seals-out': reason } }))).toBeNull()
    },
  )

  it('holds for the trail as for the tick', () => {
    expect(againstBack('insert', job())).toMatch(/^First at Match/)
    expect(againstBack('insert', job({ partsOut: [takenOut('insert')] }))).toBeNull()
    // Nothing of a strap is chosen.
    expect(againstBack('strap', job())).toBeNull()
  })

  it('looks at no rim before the crystal is home', () => {
    expect(against('rim-check', job())).toMatch(/^First at Press in/)
  })

  it('proves nothing while the case lies open', () => {
    expect(against('functions', job({ trail: [cameOff(1, 'back')] }))).toMatch(/^Still off.*1 case back/)
    expect(against('functions', job())).toBeNull()
    // The strap goes on last of all: nothing waits for it.
    expect(against('functions', job({ trail: [cameOff(1, 'strap')] }))).toBeNull()
  })
})

describe('a wait', () => {
  const tray = { ...keptTray().tray, asked: ['reseal'] as const, diver: true, waterClass: 20 }
  const warm = { ...inTurn(['condensation-warm'], tray), 'step:condensation-warm': OFF_AT }
  const drop = (over: Partial<KeptTray> = {}) =>
    against('condensation-test', standing({ tray, ticks: warm, ...over }))
  const later = '2026-11-24T10:20:00.000Z'

  it('holds up what rests on it until it is said to be over, or is cut short for a reason', () => {
    expect(drop()).toMatch(/^Not while it waits: Laid on a plate of 40 to 45.°C/)
    expect(drop({ ticks: { ...warm, 'wait:condensation-warm': later } })).toBeNull()
    const reason = { reason: '41 °C all through', at: later }
    expect(drop({ leftOut: { 'wait:condensation-warm': reason } })).toBeNull()
  })

  it('holds up nothing before it was begun: there its step does', () => {
    const { 'step:condensation-warm': _, ...rest } = warm
    expect(drop({ ticks: rest })).toMatch(/^First at Prove: Laid on a plate/)
  })
})

describe('the movement', () => {
  const tray = { ...keptTray().tray, asked: ['crystal'] as const, crystalState: 'whole' as const }
  const order = (ticks: KeptTray['ticks'] = {}, events: KeptTray['trail'] = []) => {
    return standing({ tray, ticks, trail: events })
  }

  it('goes back, by its step or on the trail, once the underside it will cover was looked at', () => {
    const early = /^First at Close: Underside of the glass looked at/
    expect(againstBack('movement', order())).toMatch(early)
    expect(againstBack('movement', order({ 'step:underside-first': OFF_AT }))).toBeNull()
  })

  it('is in before what holds it goes back, by its step or on the trail', () => {
    const clamp = cameOff(1, 'clamp')
    const both = order({}, [clamp, cameOff(2, 'movement')])
    const early = /^Still off by the parts trail: 1 movement\. Put each back first/
    expect(againstBack('clamp', both)).toMatch(early)
    expect(against('hold-on', both)).toMatch(early)
    // Taken off and put back again while the movement stayed where it was.
    expect(againstBack('clamp', order({}, [clamp]))).toBeNull()
    expect(against('hold-on', order({}, [clamp]))).toBeNull()
    expect(againstBack('strap', order({}, [cameOff(1, 'strap'), cameOff(2, 'movement')]))).toBeNull()
  })
})

describe('dealing with a hazard', () => {
  const tray = {
    ...keptTray().tray,
    asked: ['crystal', 'marker'] as const,
    crystalState: 'shattered' as const,
    looseMarkers: true,
  }
  const shattered = (...done: readonly string[]) => standing({ tray, ticks: inTurn(done, tray) })

  it('is not said before what it rests on was done', () => {
    expect(againstDealing('movement-running', shattered())).toBeNull()
    expect(againstDealing('glass-splinters', shattered())).toMatch(
      /^First at Push out: Take out what is left/,
    )
    expect(againstDealing('loose-markers', shattered())).toMatch(/^First at \w+: /)
    expect(againstDealing('old-lume', shattered())).toBeNull()
  })

  it('is said once that was done', () => {
    const clean = shattered('crystal-out', 'fragments-out', 'seat-clean')
    expect(againstDealing('glass-splinters', clean)).toBeNull()
    const noSeat = shattered('crystal-out', 'fragments-out')
    expect(againstDealing('glass-splinters', noSeat)).toMatch(/^First at Clean: /)
  })

  it('knows every step a hazard rests on', () => {
    const ids = STEP_RULES.map(({ id }) => id)
    expect(HAZARD_IDS.flatMap(stepsBeforeDealing).filter((id) => !ids.includes(id))).toEqual([])
  })
})

describe('a press', () => {
  const tray = { ...keptTray().tray, asked: ['crystal'] as const, crystalState: 'whole' as const }
  const order = (...done: readonly string[]) => standing({ tray, ticks: inTurn(done, tray) })

  it('pushes no crystal out from behind while back or movement lies in its way', () => {
    expect(againstPress('push-out', order())).toMatch(/^First at Open: Unscrew the notched back/)
    expect(againstPress('push-out', order('back-off'))).toMatch(/^First at Decase: Movement out/)
    expect(againstPress('push-out', order('back-off', 'movement-out'))).toBeNull()
  })

  it('brings no crystal home in a seat that holds another one', () => {
    expect(againstPress('crystal-in', order('back-off', 'movement-out'))).toMatch(/^First at Push out: /)
    expect(againstPress('crystal-in', order('crystal-out'))).toMatch(/^First at Press in: Clean the crystal/)
    expect(againstPress('crystal-in', order('crystal-out', 'crystal-clean'))).toBeNull()
  })

  it('snaps no back on over what was not put in or looked at', () => {
    const inside = ['movement-in', 'cell-in', 'cover-on', 'back-seal-in']
    expect(againstPress('back-on', order())).toMatch(/^First at Close: /)
    expect(againstPress('back-on', order(...inside))).toMatch(/^First at Close: .*underside of the glass/)
    expect(againstPress('back-on', order(...inside, 'underside-inspect'))).toBeNull()
  })

  it('that does no step of its own waits for none', () => {
    expect(againstPress('ring-clamp', order())).toBeNull()
  })
})

describe('what stands otherwise than its turn', () => {
  const tray = { ...keptTray().tray, asked: ['crystal'] as const, crystalState: 'whole' as const }
  const told = (id: string, { ticks = [] as readonly string[], off = [] as readonly TrailPartId[] }) => {
    const order = standing({
      tray,
      ticks: Object.fromEntries(ticks.map((one) => [`step:${one}`, OFF_AT])),
      trail: off.map((part, i) => cameOff(i + 1, part)),
    })
    return outOfTurn(stepOf(id, order), ticks.includes(id), order)
  }

  it('says of a crystal off by the trail alone that nobody pressed it out', () => {
    expect(told('crystal-out', { off: ['crystal'] })).toMatch(
      /^The parts trail tells it before.*First at Open/,
    )
    expect(told('crystal-out', {})).toBeNull()
    const behind = ['back-off', 'movement-out'] as const
    expect(told('crystal-out', { ticks: behind, off: ['back', 'movement', 'crystal'] })).toBeNull()
  })

  it('says of a step done by a file, or before the job changed, that it is to be looked at again', () => {
    expect(told('crystal-out', { ticks: ['crystal-out'] })).toMatch(/^Done before its turn: .* First at Open/)
    expect(told('crystal-out', { ticks: ['crystal-out', 'back-off', 'movement-out'] })).toBeNull()
  })
})
