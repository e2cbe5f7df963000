import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { STAGE_IDS } from '../stages/stages'
import { jobOf, ringTooOld } from './jobOf'
import type { JobFacts } from './JobFacts'
import { procedure, STEP_RULES, stepsOf } from './procedure'
import { NO_COMPUTED_TOOLS } from './Step'
import type { SchoolChoices } from './schools'
import { MOST_RING_YEARS, SCHOOL_IDS, SCHOOLS } from './schools'
import { schoolStand } from './schoolStand'

const ids = (facts: JobFacts, choices: SchoolChoices = {}) => procedure(facts, choices).steps.map((s) => s.id)

const anyChoices: fc.Arbitrary<SchoolChoices> = fc
  .tuple(...SCHOOL_IDS.map((id) => fc.constantFrom(...Object.keys(SCHOOLS[id].options))))
  .map((options) => Object.fromEntries(SCHOOL_IDS.map((id, i) => [id, options[i] ?? ''])))

/** What practitioners never do in the other order. Common practice, checked on every job there can be. */
const ORDER: readonly (readonly [before: string, after: string])[] = [
  ['stop-movement', 'photograph'],
  ['photograph', 'strap-off'],
  ['strap-off', 'back-off'],
  ['strap-off', 'bezel-off'],
  ['insert-soak', 'back-off'],
  ['shell-off', 'back-off'],
  ['back-off', 'cell-out'],
  ['cell-out', 'movement-out'],
  ['crown-ready', 'stem-out'],
  ['stem-out', 'movement-out'],
  ['movement-out', 'dust-cover'],
  ['dust-cover', 'magnifier-off'],
  ['dust-cover', 'fragments-out'],
  ['measure-thickness', 'crystal-out'],
  ['measure-thickness', 'bezel-off'],
  ['tape-bezel', 'bezel-off'],
  ['bezel-off', 'insert-push-out'],
  ['bezel-off', 'dial-covered'],
  ['dial-covered', 'crystal-out'],
  ['crystal-in', 'dial-uncovered'],
  ['dial-uncovered', 'bezel-light'],
  ['bezel-protected', 'crystal-out'],
  ['crystal-out', 'measure-diameter'],
  ['crystal-gasket-out', 'seat-clean'],
  ['hands-off', 'fragments-out'],
  ['fragments-out', 'crystal-in'],
  ['seat-clean', 'crystal-in'],
  ['measure-case', 'match-crystal'],
  ['match-crystal', 'crystal-clean'],
  ['crystal-clean', 'crystal-in'],
  ['ring-align', 'ring-fix'],
  ['ring-fix', 'crystal-in'],
  ['gasket-in-case', 'crystal-in'],
  ['chapter-ring-out', 'chapter-ring-in'],
  ['chapter-ring-in', 'crystal-in'],
  ['crystal-in', 'bezel-light'],
  ['crystal-in', 'magnifier-check'],
  ['movement-in', 'magnifier-check'],
  ['magnifier-check', 'bezel-home'],
  ['movement-in', 'bezel-home'],
  ['movement-in', 'insert-in'],
  ['bezel-home', 'insert-in'],
  ['underside-first', 'movement-in'],
  ['cover-off', 'cell-out'],
  ['cell-in', 'cover-on'],
  ['cover-on', 'back-on'],
  ['back-parts-together', 'back-on'],
  ['ring-dry', 'movement-for-reference'],
  ['movement-for-reference', 'ring-align'],
  ['bezel-spring-on', 'bezel-light'],
  ['bezel-light', 'bezel-home'],
  ['hands-on', 'movement-in'],
  ['movement-in', 'underside-inspect'],
  ['underside-inspect', 'back-on'],
  ['back-on', 'pressure-test'],
  ['pressure-test', 'wet-test'],
  ['pressure-test', 'condensation-warm'],
  ['condensation-warm', 'condensation-test'],
  ['back-seal-in', 'underside-inspect'],
  ['back-seal-in', 'back-on'],
  ['back-on', 'shell-on'],
  ['back-on', 'pressure-test'],
  ['trail-complete', 'pressure-test'],
  ['pressure-test', 'strap-on'],
]

describe('procedure, on every job there can be', () => {
  const each = (check: (facts: JobFacts, choices: SchoolChoices) => void) =>
    fc.assert(fc.property(anyJobFacts, anyChoices, check), { numRuns: 1500 })

  it('never names a step twice and never leaves one without title and reason', () => {
    each((facts, choices) => {
      const { steps } = procedure(facts, choices)
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length)
      const silent = steps.filter((s) => s.title === '' || s.why === '' || !(s.activeMinutes > 0))
      expect(silent).toEqual([])
    })
  })

  it('rests a step on earlier ones alone: no two wait for each other', () => {
    each((facts, choices) => {
      const { steps } = procedure(facts, choices)
      const order = steps.map(({ id }) => id)
      const late = steps.flatMap(({ id, after }) =>
        after
          .filter((other) => order.indexOf(other) > order.indexOf(id))
          .map((other) => `${id} after ${other}`),
      )
      expect(late).toEqual([])
    })
  })

  it('keeps every order constraint of the trade', () => {
    each((facts, choices) => {
      const order = ids(facts, choices)
      for (const [before, after] of ORDER) {
        const [i, j] = [order.indexOf(before), order.indexOf(after)]
        if (i >= 0 && j >= 0 && i > j) throw new Error(`${before} comes after ${after}`)
      }
    })
  })

  it('puts the movement in behind the crystal, or through the front before it', () => {
    each((facts, choices) => {
      const order = ids(facts, choices)
      const [crystal, movement] = [order.indexOf('crystal-in'), order.indexOf('movement-in')]
      if (crystal < 0 || movement < 0) return
      expect(movement < crystal).toBe(facts.backKind === 'one-piece-front-loader')
    })
  })

  it('walks the stages forward', () => {
    each((facts, choices) => {
      const stages = procedure(facts, choices).steps.map(({ stage }) => STAGE_IDS.indexOf(stage))
      expect(stages).toEqual([...stages].sort((a, b) => a - b))
    })
  })

  it('stops the movement first whenever the crystal broke over hands', () => {
    each((facts, choices) => {
      const broke = facts.crystalState === 'cracked' || facts.crystalState === 'shattered'
      const first = ids(facts, choices)[0]
      expect(first === 'stop-movement').toBe(broke && facts.movementKind !== 'digital')
    })
  })

  it('puts back what it took off', () => {
    const pairs = [
      ['strap-off', 'strap-on'],
      ['back-off', 'back-on'],
      ['shell-off', 'shell-on'],
      ['cell-out', 'cell-in'],
      ['movement-out', 'movement-in'],
      ['hands-off', 'hands-on'],
      ['bezel-off', 'bezel-home'],
      ['bezel-spring-off', 'bezel-spring-on'],
      ['insert-push-out', 'insert-in'],
      ['insert-soak', 'insert-in'],
    ] as const
    each((facts, choices) => {
      const order = ids(facts, choices)
      for (const [off, on] of pairs) {
        if (order.includes(off)) expect(order).toContain(on)
      }
      if (order.includes('crystal-out')) expect(order).toContain('crystal-in')
    })
  })

  it('never leaves a dial bare: what lifts off with its crystal has a cover laid under it, off again before it goes on', () => {
    each((facts, choices) => {
      const job = jobOf(facts, choices)
      const bare = job.bezelOff && facts.retention === 'press-in-bezel' && !job.movementOut
      const order = ids(facts, choices)
      expect([order.includes('dial-covered'), order.includes('dial-uncovered')]).toEqual([bare, bare])
    })
  })

  it('offers to leave a bezel on where nothing but the press asks for it to come off', () => {
    each((facts, choices) => {
      const off = procedure(facts, choices).steps.find(({ id, takesOff }) => {
        return id === 'bezel-off' && !takesOff.includes('bezel-screw')
      })
      if (!off) return
      const stays = { ...choices, 'bezel-at-the-press': 'protected' }
      const offered = off.school?.id === 'bezel-at-the-press'
      expect(offered).toBe(!ids(facts, stays).includes('bezel-off'))
    })
  })

  it('reads an insert’s seat only where another insert is chosen for it', () => {
    each((facts, choices) => {
      const job = jobOf(facts, choices)
      const step = procedure(facts, choices).steps.find((s) => s.id === 'measure-bezel')
      const chosen = job.insertWork && !facts.ownBack.includes('insert')
      expect(step?.title.startsWith('Read the insert seat') ?? false).toBe(chosen)
      if (step && !chosen) expect(facts.asked).toContain('bezel')
    })
  })

  it('covers a lying movement, looks under the glass before closing, and always walks the trail back', () => {
    each((facts, choices) => {
      const order = ids(facts, choices)
      expect(order.includes('movement-out')).toBe(order.includes('dust-cover'))
      if (order.includes('back-on')) expect(order).toContain('underside-inspect')
      expect(order).toContain('trail-complete')
    })
  })

  it('never soaks a broken crystal, acrylic, or a head with doubtful seals', () => {
    each((facts, choices) => {
      const soaks = ids(facts, choices).includes('insert-soak')
      const sound = facts.crystalState === 'whole' && !facts.sealsDoubtful
      const glass = facts.crystalMaterial !== null && facts.crystalMaterial !== 'acrylic'
      if (soaks) expect(sound && glass).toBe(true)
    })
  })
})

describe('procedure, kind by kind', () => {
  it('glass in a ring gasket: support and pusher, gasket in the case first', () => {
    const order = ids(jobFacts())
    expect(order).toEqual(
      expect.arrayContaining(['crystal-out', 'gasket-inspect', 'gasket-in-case', 'crystal-in', 'run-in']),
    )
    expect(order).not.toContain('bezel-off')
  })

  it('renews a ring a broken crystal may have cut, by the usual school; keeps it by the other', () => {
    const broken = jobFacts({ crystalState: 'cracked' })
    expect(jobOf(broken).crystalGasketNew).toBe(true)
    expect(jobOf(broken, { 'crystal-gasket': 'keep-if-sound' }).crystalGasketNew).toBe(false)
    expect(jobOf(jobFacts()).crystalGasketNew).toBe(false)
    expect(jobOf(jobFacts(), { 'crystal-gasket': 'renew-always' }).crystalGasketNew).toBe(true)
  })

  it('renews a ring by its age where that is the school: over the limit, of no known age, or under broken glass', () => {
    const renewed = (gasketAgeYears: number | null, crystalState: 'whole' | 'cracked' = 'whole') =>
      jobOf(jobFacts({ gasketAgeYears, crystalState }), { 'crystal-gasket': 'up-to-5-years' })
        .crystalGasketNew
    expect(renewed(5)).toBe(false)
    expect(renewed(6)).toBe(true)
    expect(renewed(0)).toBe(false)
    expect(renewed(null)).toBe(true)
    expect(renewed(2, 'cracked')).toBe(true)
    expect(ringTooOld({ gasketAgeYears: 6 }, 'up-to-5-years')).toBe('6 years old, 5 is the most here')
    expect(ringTooOld({ gasketAgeYears: 6 }, 'up-to-10-years')).toBeNull()
    expect(ringTooOld({ gasketAgeYears: 60 }, 'keep-if-sound')).toBeNull()
    expect(ringTooOld({ gasketAgeYears: null }, 'up-to-3-years')).toMatch(/nobody knows how old .* 3 years/)
  })

  it('has a limit for each school that goes by age, and for no other', () => {
    const ages = Object.keys(SCHOOLS['crystal-gasket'].options).filter((option) => option.endsWith('-years'))
    expect(Object.keys(MOST_RING_YEARS)).toEqual(ages)
    for (const option of ages) expect(option).toBe(`up-to-${MOST_RING_YEARS[option]}-years`)
  })

  it.each(['neck-and-bezel', 'press-in-bezel'] as const)(
    '%s: always a new gasket, whatever was chosen',
    (retention) => {
      const facts = jobFacts({ retention, bezelKind: 'crystal-retaining' })
      const stand = procedure(facts, { 'crystal-gasket': 'keep-if-sound' }).steps.find(
        (s) => s.id === 'match-gasket',
      )
      expect(stand?.school).toMatchObject({ option: 'renew-always', open: false })
    },
  )

  it('neck and bezel, acrylic: the cup itself is the seal', () => {
    const facts = jobFacts({
      retention: 'neck-and-bezel',
      bezelKind: 'crystal-retaining',
      crystalMaterial: 'acrylic',
    })
    const { steps } = procedure(facts)
    expect(steps.map((s) => s.id)).not.toContain('match-gasket')
    expect(steps.find((s) => s.id === 'crystal-in')?.title).toMatch(/acrylic is the seal/)
  })

  it('neck and bezel: opened and decased first, whole crystal or not; bezel off, crystal lifted, bezel pressed on last', () => {
    const order = ids(jobFacts({ retention: 'neck-and-bezel', bezelKind: 'crystal-retaining' }))
    expect(order.indexOf('bezel-off')).toBeLessThan(order.indexOf('crystal-out'))
    expect(order.indexOf('crystal-in')).toBeLessThan(order.indexOf('bezel-home'))
    expect(order.indexOf('movement-out')).toBeLessThan(order.indexOf('bezel-off'))
    expect(order).toContain('back-off')
  })

  it('looks at Prove for what this very piece has: a lens over its date, pushers, hands', () => {
    const check = (over: Parameters<typeof jobFacts>[0]) =>
      procedure(jobFacts(over)).steps.find(({ id }) => id === 'functions')?.check ?? ''
    expect(check({ magnifier: 'outside', pushers: true })).toMatch(/A date.*Each pusher.*lens lies over/)
    expect(check({ magnifier: 'none', pushers: false })).toBe(
      'A date, where there is one, jumps as the hands pass twelve.',
    )
    expect(check({ movementKind: 'digital', magnifier: 'none', pushers: false })).toMatch(/^Nothing flickers/)
  })

  it('presses a bezel home once: light, movement and stem in, looked at, and only then for good', () => {
    const order = ids(
      jobFacts({
        retention: 'neck-and-bezel',
        bezelKind: 'fixed-friction',
        crystalState: 'shattered',
        magnifier: 'outside',
      }),
    )
    const from = order.indexOf('bezel-light')
    expect(order.slice(from, from + 8)).toEqual([
      'bezel-light',
      'hands-on',
      'hands-travel',
      'underside-first',
      'movement-in',
      'hold-on',
      'magnifier-check',
      'bezel-home',
    ])
    expect(order.filter((id) => id === 'movement-in')).toHaveLength(1)
  })

  it('carries the crystal over into a new bezel that holds it, and leaves the back shut', () => {
    const order = ids(
      jobFacts({ retention: 'press-in-bezel', bezelKind: 'crystal-retaining', asked: ['bezel'] }),
    )
    for (const id of ['measure-thickness', 'bezel-off', 'crystal-out', 'crystal-in', 'bezel-home'])
      expect(order).toContain(id)
    expect(order).not.toContain('movement-out')
    expect(order).toContain('match-crystal')
    const other = ids(
      jobFacts({ retention: 'tension-gasket', bezelKind: 'fixed-friction', asked: ['bezel'] }),
    )
    expect(other).not.toContain('crystal-out')
  })

  it('takes the crown out for a reseal, once, and puts both parts of a back together again', () => {
    const order = ids(jobFacts({ asked: ['reseal'], twoPartBack: true }))
    expect(order).toContain('crown-out')
    expect(order.indexOf('back-parts-apart')).toBeLessThan(order.indexOf('back-parts-together'))
    const both = ids(jobFacts({ asked: ['reseal', 'crystal'] }))
    expect(both).toContain('stem-out')
    expect(both).not.toContain('crown-out')
    expect(ids(jobFacts({ asked: ['reseal'], crownKind: 'none' }))).not.toContain('crown-seal')
  })

  it('takes a circuit cover off before the cell and puts it back after', () => {
    const order = ids(jobFacts({ movementKind: 'hands-and-digital', asked: ['battery'] }))
    for (const id of ['cover-off', 'cell-out', 'cell-in', 'cover-on']) expect(order).toContain(id)
    expect(ids(jobFacts({ movementKind: 'quartz', asked: ['battery'] }))).not.toContain('cover-off')
  })

  it('press-in bezel: chapter ring and crystal into the bezel off the case, then the bezel over a new gasket', () => {
    const order = ids(
      jobFacts({ retention: 'press-in-bezel', bezelKind: 'crystal-retaining', crystalState: 'shattered' }),
    )
    const at = (id: string) => order.indexOf(id)
    expect(at('chapter-ring-in')).toBeLessThan(at('crystal-in'))
    expect(at('crystal-in')).toBeLessThan(at('bezel-gasket'))
    expect(at('bezel-gasket')).toBeLessThan(at('bezel-home'))
    expect(order).toContain('fragments-out')
  })

  it.each([
    ['snap-acrylic', /Squeeze the acrylic/],
    ['tension-ring-acrylic', /tension ring/],
    ['cemented', /cement/],
  ] as const)('%s says how it goes in', (retention, title) => {
    const { steps } = procedure(jobFacts({ retention, crystalMaterial: 'acrylic' }))
    expect(steps.find((s) => s.id === 'crystal-in')?.title).toMatch(title)
    expect(steps.map((s) => s.id)).not.toContain('gasket-in-case')
  })

  it('a cemented crystal waits for its cement', () => {
    expect(
      procedure(jobFacts({ retention: 'cemented' })).steps.find((s) => s.id === 'crystal-in')?.waitMinutes,
    ).toBe(60)
  })

  it('bezel off and on: spring, light fit, home, clicks counted', () => {
    const order = ids(diverFacts({ asked: ['bezel-off'] }))
    expect(order).toEqual(
      expect.arrayContaining([
        'tape-bezel',
        'bezel-off',
        'bezel-spring-off',
        'bezel-light',
        'bezel-home',
        'clicks',
      ]),
    )
    expect(order).not.toContain('back-off')
  })

  it('screwed bezel: screws by length, star order back, no tape and no lever', () => {
    const facts = jobFacts({ bezelKind: 'screwed', asked: ['bezel-off'] })
    const { steps } = procedure(facts)
    expect(steps.map((s) => s.id)).not.toContain('tape-bezel')
    expect(steps.find((s) => s.id === 'bezel-off')?.title).toMatch(/lengths apart/)
    expect(steps.find((s) => s.id === 'bezel-home')?.title).toMatch(/star order/)
  })

  it('insert by push-out: bezel off first, adhesive washed off, cement cures an hour', () => {
    const { steps } = procedure(diverFacts())
    const order = steps.map((s) => s.id)
    expect(order).toEqual(
      expect.arrayContaining(['bezel-off', 'insert-push-out', 'adhesive-off', 'insert-in']),
    )
    expect(order).not.toContain('insert-soak')
    expect(steps.find((s) => s.id === 'insert-in')?.waitMinutes).toBe(60)
  })

  it('insert by soak: head closed and bezel on, an hour’s wait', () => {
    const { steps } = procedure(diverFacts(), { 'insert-removal': 'soak' })
    const order = steps.map((s) => s.id)
    expect(order).toContain('insert-soak')
    expect(order).not.toContain('bezel-off')
    expect(steps.find((s) => s.id === 'insert-soak')?.waitMinutes).toBe(60)
  })

  it('a soak together with a reseal comes before the back is opened', () => {
    const order = ids(diverFacts({ asked: ['insert', 'reseal'] }), { 'insert-removal': 'soak' })
    expect(order.indexOf('insert-lift')).toBeLessThan(order.indexOf('back-off'))
  })

  it('a backed or taped insert does not wait', () => {
    const wait = (option: string) =>
      procedure(diverFacts(), { 'insert-fixing': option }).steps.find((s) => s.id === 'insert-in')
        ?.waitMinutes
    expect(wait('double-sided-ring')).toBe(0)
    expect(wait('backed-insert')).toBe(0)
  })

  it('magnifier off: movement out and covered before the flame', () => {
    const order = ids(
      jobFacts({ asked: ['magnifier-off'], magnifier: 'outside', crystalMaterial: 'sapphire' }),
    )
    expect(order.indexOf('dust-cover')).toBeLessThan(order.indexOf('magnifier-off'))
  })

  it('chapter ring: movement in for reference, dots, half an hour, then the crystal; or clamped without a wait', () => {
    const facts = jobFacts({ asked: ['chapter-ring'], chapterRing: 'keyed' })
    const order = ids(facts)
    expect(order.indexOf('movement-for-reference')).toBeLessThan(order.indexOf('ring-align'))
    expect(procedure(facts).steps.find((s) => s.id === 'ring-fix')?.waitMinutes).toBe(30)
    expect(ids(facts, { 'ring-fixing': 'crystal-clamps' })).not.toContain('ring-fix')
  })

  it('reseal of a two-part screw back and a crown', () => {
    const order = ids(jobFacts({ asked: ['reseal'], twoPartBack: true }))
    expect(order).toEqual(
      expect.arrayContaining([
        'back-parts-apart',
        'threads-clean',
        'match-seals',
        'crown-seal',
        'back-seal-in',
        'pressure-test',
      ]),
    )
    expect(order).not.toContain('movement-out')
    expect(order).not.toContain('crystal-out')
  })

  it('resin shell on a digital: shell screws, cover and contacts, push-buttons clear', () => {
    const facts = jobFacts({
      movementKind: 'digital',
      bezelKind: 'resin-shell',
      stemRelease: 'no-stem',
      crownKind: 'none',
      backKind: 'plate-screws',
      asked: ['crystal', 'resin-shell'],
      crystalState: 'shattered',
    })
    const { steps } = procedure(facts)
    const order = steps.map((s) => s.id)
    expect(order).toEqual(expect.arrayContaining(['shell-off', 'cover-off', 'shell-on']))
    expect(order).not.toContain('stem-out')
    expect(order).not.toContain('stop-movement')
    expect(order).not.toContain('hands-off')
    expect(order.indexOf('shell-buttons')).toBeGreaterThan(order.indexOf('shell-on'))
    expect(steps.find((s) => s.id === 'shell-buttons')?.question?.answers.map(({ good }) => good)).toEqual([
      true,
      false,
    ])
    expect(order.indexOf('adapters-tugged')).toBeGreaterThan(order.indexOf('strap-on'))
  })

  it('a bezel that stays on is protected at the press; one that is off, or a shell, is not', () => {
    const at = (bezelKind: JobFacts['bezelKind'], option: string) =>
      ids(jobFacts({ asked: ['crystal'], crystalState: 'whole', bezelKind }), {
        'bezel-at-the-press': option,
      })
    expect(at('fixed-friction', 'protected')).toContain('bezel-protected')
    expect(at('fixed-friction', 'off')).not.toContain('bezel-protected')
    expect(at('none', 'protected')).not.toContain('bezel-protected')
    expect(at('resin-shell', 'protected')).not.toContain('bezel-protected')
    // What turns may have turned under the press, or turn on grit.
    const turning = at('rotating-click', 'protected')
    expect(turning.indexOf('bezel-kept')).toBeGreaterThan(turning.indexOf('crystal-in'))
    expect(at('rotating-click', 'off')).not.toContain('bezel-kept')
    expect(at('fixed-friction', 'protected')).not.toContain('bezel-kept')
  })

  it('a resin shell comes off for what lies behind it, and stays on for what does not', () => {
    const shell = { movementKind: 'digital', bezelKind: 'resin-shell', crystalState: 'whole' } as const
    expect(ids(jobFacts({ ...shell, asked: ['resin-shell'] }))).toContain('shell-off')
    expect(ids(jobFacts({ ...shell, asked: ['crystal'], crystalState: 'shattered' }))).toContain('shell-off')
    expect(ids(jobFacts({ asked: ['crystal'], crystalState: 'shattered' }))).not.toContain('shell-off')
  })

  it('a case without a crown has no stem to take out, even when nobody noted its release', () => {
    const order = ids(jobFacts({ crownKind: 'none', stemRelease: null, movementKind: 'digital' }))
    expect(order).not.toContain('stem-out')
    expect(order).not.toContain('crown-ready')
  })

  it('marker: movement out, twenty minutes of cure', () => {
    const { steps } = procedure(jobFacts({ asked: ['marker'] }))
    expect(steps.find((s) => s.id === 'marker-refix')?.waitMinutes).toBe(20)
    expect(steps.map((s) => s.id)).toContain('dust-cover')
  })

  it('battery: back off, cell out and in, nothing decased', () => {
    const order = ids(jobFacts({ asked: ['battery'], movementKind: 'quartz', backKind: 'snap' }))
    expect(order).toEqual(expect.arrayContaining(['back-off', 'cell-out', 'cell-in', 'back-on']))
    expect(order).not.toContain('movement-out')
    expect(order).not.toContain('run-in')
  })

  it('one-piece case: crystal out first, then the movement through the front', () => {
    const order = ids(jobFacts({ backKind: 'one-piece-front-loader', stemRelease: 'split-stem' }))
    expect(order.indexOf('crystal-out')).toBeLessThan(order.indexOf('movement-out'))
    expect(order).not.toContain('back-off')
  })

  it('case screws that are screwed in to release are said to be', () => {
    const { steps } = procedure(jobFacts({ movementHold: 'screws-turn-in' }))
    expect(steps.find((s) => s.id === 'hold-off')?.title).toMatch(/^Case screws IN/)
    expect(steps.find((s) => s.id === 'hold-on')?.title).toMatch(/OUT/)
  })

  it('shows computed tools where they are known', () => {
    const tools = {
      ...NO_COMPUTED_TOOLS,
      pins: 'two pins 28.06 apart',
      pushOut: ['pusher P27'],
      pressIn: ['pusher P29'],
    }
    const { steps } = procedure(jobFacts(), {}, tools)
    expect(steps.find((s) => s.id === 'back-off')?.tools).toContain('two pins 28.06 apart')
    expect(steps.find((s) => s.id === 'crystal-out')?.tools).toEqual(['pusher P27'])
    expect(steps.find((s) => s.id === 'crystal-in')?.tools).toEqual(['pusher P29'])
  })

  it('adds its minutes up', () => {
    const plan = procedure(jobFacts({ asked: ['marker'] }))
    expect(plan.waitMinutes).toBe(20 + 24 * 60)
    expect(stepsOf(plan, 'intake').map((s) => s.id)).toEqual(['photograph', 'say-what-cannot-be-saved'])
  })
})

describe('schoolStand', () => {
  const whole = jobFacts({ crystalState: 'whole' })

  it('goes by the tray first, then by the shop, then by the case', () => {
    const shop = { ...whole, shopSchools: { 'crystal-gasket': 'renew-always' } }
    expect(schoolStand('crystal-gasket', whole, {}).option).toBe('renew-when-damaged')
    expect(schoolStand('crystal-gasket', shop, {})).toMatchObject({
      option: 'renew-always',
      because: 'this shop always does it so',
    })
    expect(schoolStand('crystal-gasket', shop, { 'crystal-gasket': 'keep-if-sound' })).toMatchObject({
      option: 'keep-if-sound',
      because: 'chosen for this tray',
    })
  })

  it('takes a bezel off that turns or holds ceramic, and leaves a fixed one on', () => {
    const stand = (over: Partial<JobFacts>) =>
      schoolStand(
        'bezel-at-the-press',
        { ...whole, bezelKind: 'fixed-friction', insertMaterial: 'none', ...over },
        {},
      ).because
    expect(stand({ insertMaterial: 'ceramic' })).toBe('a ceramic insert shatters under a slipping die')
    expect(stand({ insertMaterial: 'aluminium' })).toBe('a fixed bezel stays unless it must come off')
    expect(stand({ bezelKind: 'rotating-click' })).toMatch(/^a turning bezel overlaps the crystal/)
  })

  it('says of the ring what the crystal did to it', () => {
    const because = (crystalState: JobFacts['crystalState']) =>
      schoolStand('crystal-gasket', { ...whole, crystalState }, {}).because
    expect(because('whole')).toBe('a whole crystal leaves it whole')
    expect(because('shattered')).toBe('broken edges cut it: it is new here')
  })

  it('does not follow a shop where practice leaves no choice, or to what is no option', () => {
    const bezel = {
      ...whole,
      retention: 'press-in-bezel' as const,
      shopSchools: { 'crystal-gasket': 'keep-if-sound' },
    }
    expect(schoolStand('crystal-gasket', bezel, {})).toMatchObject({ option: 'renew-always', open: false })
    const old = { ...whole, shopSchools: { 'crystal-gasket': 'an option of an old version' } }
    expect(schoolStand('crystal-gasket', old, {}).option).toBe('renew-when-damaged')
  })
})

describe('STEP_RULES', () => {
  it('each belong to a stage of the work, and every rule holds for some job', () => {
    const seen = new Set<number>()
    fc.assert(
      fc.property(anyJobFacts, anyChoices, (facts, choices) => {
        const job = jobOf(facts, choices)
        STEP_RULES.forEach((rule, i) => rule.when(job) && seen.add(i))
      }),
      { numRuns: 4000, seed: 7 },
    )
    expect(STEP_RULES.filter((_, i) => !seen.has(i)).map((rule) => rule.id)).toEqual([])
    for (const rule of STEP_RULES) expect(STAGE_IDS).toContain(rule.stage)
  })
})
