import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { keptTray } from '../../../tests/factories/keptTray'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { cameOff, OFF_AT } from '../../../tests/factories/trailEvents'
import { policyWith } from '../policy/policyChanges'
import { procedure, STEP_RULES } from '../procedure/procedure'
import { HAZARD_IDS, stepsBeforeDealing } from '../tray/hazards'
import type { KeptTray } from '../tray/KeptTray'
import { trayCase } from '../tray/trayCase'
import { againstBack, againstDealing, againstPress, againstStep } from './inOrder'

const RULES = { policy: policyWith({}), schools: {}, invented: false }

function orderOf(over: Partial<KeptTray> = {}) {
  const tray = { ...keptTray().tray, asked: ['crystal', 'insert', 'reseal'] as const }
  const sheet = caseSheet({
    bezelKind: 'rotating-click',
    insertMaterial: 'aluminium',
    backSeal: 'o-ring',
    ...over.sheet,
  })
  const { procedure, stages, trail } = trayCase(keptTray({ tray, sheet, ...over }), RULES)
  return { steps: procedure.steps, stages, trail }
}

function against(id: string, order: ReturnType<typeof orderOf>): string | null {
  const step = order.steps.find((one) => one.id === id)
  if (!step) throw new Error(`${id} is not a step of this job`)
  return againstStep(step, order)
}

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
      expect(against(id, orderOf())).toMatch(new RegExp(`^${words}`))
      expect(against(id, orderOf({ partsOut: [takenOut(kind)] }))).toBeNull()
      const reason = { reason: 'owner brings it', at: OFF_AT }
      expect(against(id, orderOf({ leftOut: { 'insert-out': reason, 'seals-out': reason } }))).toBeNull()
    },
  )

  it('holds for the trail as for the tick', () => {
    expect(againstBack('insert', orderOf())).toMatch(/^First at Match/)
    expect(againstBack('insert', orderOf({ partsOut: [takenOut('insert')] }))).toBeNull()
    // Nothing of a strap is chosen.
    expect(againstBack('strap', orderOf())).toBeNull()
  })

  it('looks at no rim before the crystal is home', () => {
    expect(against('rim-check', orderOf())).toMatch(/^First at Press in/)
  })

  it('proves nothing while the case lies open', () => {
    expect(against('functions', orderOf({ trail: [cameOff(1, 'back')] }))).toMatch(/^Still off.*1 case back/)
    expect(against('functions', orderOf())).toBeNull()
    // The strap goes on last of all: nothing waits for it.
    expect(against('functions', orderOf({ trail: [cameOff(1, 'strap')] }))).toBeNull()
  })
})

describe('the movement', () => {
  const tray = { ...keptTray().tray, asked: ['crystal'] as const, crystalState: 'whole' as const }
  const order = (ticks: KeptTray['ticks'] = {}, events: KeptTray['trail'] = []) => {
    const { procedure, stages, trail } = trayCase(keptTray({ tray, ticks, trail: events }), RULES)
    return { steps: procedure.steps, stages, trail }
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
  const shattered = (over: Partial<KeptTray> = {}) => {
    const tray = {
      ...keptTray().tray,
      asked: ['crystal', 'marker'] as const,
      crystalState: 'shattered' as const,
      looseMarkers: true,
    }
    const { procedure, stages, trail } = trayCase(keptTray({ tray, ...over }), RULES)
    return { steps: procedure.steps, stages, trail }
  }
  const done = (...steps: readonly string[]) => ({
    ticks: Object.fromEntries(steps.map((id) => [`step:${id}`, OFF_AT])),
  })

  it('is not said before what it rests on was done', () => {
    expect(againstDealing('movement-running', shattered())).toBeNull()
    expect(againstDealing('glass-splinters', shattered())).toMatch(
      /^First at Push out: Take out what is left/,
    )
    expect(againstDealing('loose-markers', shattered())).toMatch(/^First at \w+: /)
    expect(againstDealing('old-lume', shattered())).toBeNull()
  })

  it('is said once that was done', () => {
    const clean = shattered(done('crystal-out', 'fragments-out', 'seat-clean'))
    expect(againstDealing('glass-splinters', clean)).toBeNull()
    const noSeat = shattered(done('crystal-out', 'fragments-out'))
    expect(againstDealing('glass-splinters', noSeat)).toMatch(/^First at Clean: /)
  })

  it('knows every step a hazard rests on', () => {
    const ids = STEP_RULES.map(({ id }) => id)
    expect(HAZARD_IDS.flatMap(stepsBeforeDealing).filter((id) => !ids.includes(id))).toEqual([])
  })
})

describe('a press', () => {
  const tray = { ...keptTray().tray, asked: ['crystal'] as const, crystalState: 'whole' as const }
  const order = (...done: readonly string[]) => {
    const ticks = Object.fromEntries(done.map((id) => [`step:${id}`, OFF_AT]))
    const { procedure, stages, trail } = trayCase(keptTray({ tray, ticks }), RULES)
    return { steps: procedure.steps, stages, trail }
  }

  it('pushes no crystal out from behind while back or movement lies in its way', () => {
    expect(againstPress('push-out', order())).toMatch(/^First at Open: Unscrew the notched back/)
    expect(againstPress('push-out', order('back-off'))).toMatch(/^First at Decase: Movement out/)
    expect(againstPress('push-out', order('back-off', 'movement-out'))).toBeNull()
  })

  it('brings no crystal home in a seat that holds another one', () => {
    expect(againstPress('crystal-in', order('back-off', 'movement-out'))).toMatch(/^First at Push out: /)
    expect(againstPress('crystal-in', order('crystal-out'))).toBeNull()
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
