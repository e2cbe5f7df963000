import { jobFacts } from '../../../tests/factories/jobFacts'
import { keptPick, keptRun } from '../../../tests/factories/keptTray'
import { cameOff, OFF_AT } from '../../../tests/factories/trailEvents'
import type { TrailEvent } from '../trail/partsTrail'
import { partsTrail } from '../trail/partsTrail'
import type { TrailPartId } from '../trail/parts'
import type { PieceNow } from '../methods/PieceNow'
import { standsNow } from './standsNow'

const back = (id: number, offId: number): TrailEvent => ({
  id,
  at: OFF_AT,
  kind: 'back',
  offId,
  count: 1,
  reason: '',
})
const FACTS = jobFacts({ crystalState: 'cracked', crystalMaterial: 'mineral' })

function now(
  events: readonly TrailEvent[],
  steps: readonly string[],
  work: Partial<Parameters<typeof standsNow>[2]> = {},
) {
  const ticks = Object.fromEntries(steps.map((id) => [`step:${id}`, OFF_AT]))
  return standsNow(FACTS, partsTrail(events), { ticks, picked: null, pressRuns: [], trail: events, ...work })
}

describe('a piece as it stands now', () => {
  it.each<[keyof PieceNow['off'], TrailPartId, string, string]>([
    ['strap', 'strap', 'strap-off', 'strap-on'],
    ['shell', 'shell', 'shell-off', 'shell-on'],
    ['back', 'back', 'back-off', 'back-on'],
    ['crown', 'stem', 'stem-out', 'movement-in'],
    ['crown', 'stem', 'crown-out', 'crown-seal'],
    ['bezel', 'bezel', 'bezel-off', 'bezel-light'],
    ['insert', 'insert', 'insert-push-out', 'insert-in'],
    ['insert', 'insert', 'insert-lift', 'insert-in'],
    ['insert', 'insert', 'insert-blade-off', 'insert-in'],
    ['crystalGasket', 'crystal-gasket', 'crystal-gasket-out', 'gasket-in-case'],
    ['backSeal', 'back-seal', 'back-seal-out', 'back-seal-in'],
    ['movement', 'movement', 'movement-out', 'movement-in'],
  ])('has its %s off by the trail, else by the steps', (name, part, offStep, onStep) => {
    expect(now([], []).off[name]).toBe(false)
    expect(now([], [offStep]).off[name]).toBe(true)
    expect(now([], [offStep, onStep]).off[name]).toBe(false)
    expect(now([cameOff(1, part)], []).off[name]).toBe(true)
    // What the hands recorded counts more than what was ticked.
    expect(now([cameOff(1, part)], [offStep, onStep]).off[name]).toBe(true)
    expect(now([cameOff(1, part), back(2, 1)], [offStep]).off[name]).toBe(false)
  })

  it('has the crystal it came with, none, or the one that a run brought home', () => {
    expect(now([], [])).toMatchObject({
      off: { crystal: false },
      crystal: { state: 'cracked', material: 'mineral' },
    })
    expect(now([], ['crystal-out']).off.crystal).toBe(true)
    const pick = keptPick(3)
    const picked = { ...pick, crystal: { ...pick.crystal, material: 'sapphire' as const } }
    const pressed = now([], ['crystal-out'], { picked, pressRuns: [keptRun(3, 'home')] })
    expect(pressed).toMatchObject({
      off: { crystal: false, crystalGasket: false },
      crystal: { state: 'whole', material: 'sapphire' },
    })
    const loose = now([], ['crystal-out'], { picked, pressRuns: [keptRun(3, 'loose')] })
    expect(loose.off.crystal).toBe(true)
  })
})
