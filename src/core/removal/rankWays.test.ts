import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { pieceNow } from '../../../tests/factories/pieceNow'
import type { MethodSituation } from '../methods/assessMethod'
import { BEZEL_WAYS } from './Removal'
import { rankWays } from './rankWays'
import type { PastRemoval } from './wayRecord'

/** The piece as it came in, its strap off; override what the test is about. */
const situation = (over: Partial<MethodSituation> = {}): MethodSituation => {
  const facts = over.facts ?? diverFacts()
  const piece = pieceNow({}, { state: facts.crystalState, material: facts.crystalMaterial })
  return { facts, piece, bench: [], ...over }
}

describe('rankWays, a bezel', () => {
  it('speaks of the way in only to what is pried, and only of the one there is', () => {
    const said = { gap: 'the gap takes the lever', 'lifting-slot': 'the lifting slot takes the lever' }
    for (const bezelEntry of ['gap', 'lifting-slot', 'none'] as const)
      for (const { id, reasons } of rankWays('bezel', situation({ facts: diverFacts({ bezelEntry }) })))
        for (const [entry, words] of Object.entries(said))
          expect([bezelEntry, id, reasons.includes(words)]).toEqual([
            bezelEntry,
            id,
            entry === bezelEntry && ['plastic-lever', 'steel-blade'].includes(id),
          ])
  })

  it('puts the plastic lever first where a gap takes it, and steel last', () => {
    const ranked = rankWays('bezel', situation())
    expect(ranked.map((m) => m.id)[0]).toBe('plastic-lever')
    expect(ranked.map((m) => m.id).at(-1)).toBe('steel-blade')
    expect(ranked).toHaveLength(BEZEL_WAYS.length)
  })

  it('blocks steel on a ceramic insert and prefers four jaws where there is no gap', () => {
    const ranked = rankWays(
      'bezel',
      situation({ facts: diverFacts({ insertMaterial: 'ceramic', bezelEntry: 'none' }) }),
    )
    expect(ranked[0]?.id).toBe('four-jaw')
    const steel = ranked.find((m) => m.id === 'steel-blade')
    expect(steel).toMatchObject({ severity: 'block', risk: 1 })
    expect(steel?.wayRound).toMatch(/four-jaw/)
  })

  it('lets a friction bezel be tried by hand', () => {
    const ranked = rankWays('bezel', situation({ facts: diverFacts({ bezelKind: 'rotating-friction' }) }))
    expect(ranked[0]?.id).toBe('grip-ball')
  })

  it('has nothing to say of a bezel that is not pressed on', () => {
    expect(rankWays('bezel', situation({ facts: jobFacts() }))).toEqual([])
  })

  it('says of a bezel that holds the crystal that its ring goes slack', () => {
    const ways = rankWays('bezel', situation({ facts: diverFacts({ bezelKind: 'crystal-retaining' }) }))
    for (const { reasons } of ways) expect(reasons).toContain('as it lifts, the crystal’s ring goes slack')
  })

  it('goes by what this shop saw of a way, but never takes what is blocked', () => {
    const bad: PastRemoval = {
      ...{ part: 'bezel', way: 'plastic-lever', outcome: 'marked', minutes: 9 },
      ...{ sameCase: true, alike: true },
    }
    const before = rankWays('bezel', situation())
    const after = rankWays('bezel', situation(), [bad, bad])
    expect(before[0]?.id).toBe('plastic-lever')
    expect(after[0]?.id).toBe('four-jaw')
    const blade: PastRemoval = { ...bad, way: 'steel-blade', outcome: 'clean' }
    const ceramic = situation({ facts: diverFacts({ insertMaterial: 'ceramic' }) })
    expect(rankWays('bezel', ceramic, Array<PastRemoval>(50).fill(blade)).at(-1)).toMatchObject({
      id: 'steel-blade',
      risk: 1,
    })
  })
})

describe('rankWays, an insert', () => {
  it('pushes out before it soaks, and says why', () => {
    const [first, second] = rankWays('insert', situation())
    expect(first?.id).toBe('push-out')
    expect(second).toMatchObject({ id: 'soak', severity: 'warn' })
  })

  it('lets no blade near a ceramic one, and says of an aluminium one that it bends', () => {
    const blade = (insertMaterial: 'ceramic' | 'aluminium') =>
      rankWays('insert', situation({ facts: diverFacts({ insertMaterial }) })).find(
        ({ id }) => id === 'blade',
      )
    expect(blade('ceramic')).toMatchObject({ severity: 'block', risk: 1 })
    expect(blade('aluminium')?.findings[0]).toMatchObject({ severity: 'warn', why: 'aluminium bends' })
  })

  it('blocks the soak where it harms, with the way round', () => {
    const soak = rankWays('insert', situation({ facts: diverFacts({ crystalState: 'cracked' }) })).find(
      (m) => m.id === 'soak',
    )
    expect(soak?.severity).toBe('block')
    expect(soak?.wayRound).toMatch(/push the insert out/)
  })

  it('does not soak what friction holds', () => {
    const ways = rankWays('insert', situation({ facts: diverFacts({ insertHold: 'friction' }) }))
    const soak = ways.find(({ id }) => id === 'soak')
    expect(soak?.reasons.join()).toMatch(/no adhesive to dissolve/)
    expect(rankWays('insert', situation({ facts: jobFacts() }))).toEqual([])
  })
})

describe('rankWays, a magnifier', () => {
  it('knows one way, blocked where its heat would harm', () => {
    const facts = jobFacts({ magnifier: 'outside', crystalMaterial: 'sapphire' })
    const [flame, ...others] = rankWays('magnifier', situation({ facts }))
    expect(others).toEqual([])
    expect(flame).toMatchObject({ id: 'flame', wayRound: null })
    const acrylic = jobFacts({ magnifier: 'outside', crystalMaterial: 'acrylic' })
    expect(rankWays('magnifier', situation({ facts: acrylic }))[0]).toMatchObject({
      severity: 'block',
      wayRound: 'Leave the magnifier, or choose a new crystal without one.',
    })
    expect(rankWays('magnifier', situation({ facts: jobFacts({ magnifier: 'none' }) }))).toEqual([])
  })
})
