import fc from 'fast-check'
import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { pieceNow } from '../../../tests/factories/pieceNow'
import type { MethodProposal, MethodSituation } from './assessMethod'
import type { Scope } from './scopes'
import { assessmentText, assessMethod } from './assessMethod'
import { SCOPES } from './scopes'
import { HARM_TABLE, PROCESSES, SUBSTANCES } from './harmTable'
import type { Process } from './harmTable'

/** The piece as it came in, its strap off; override what the test is about. */
const situation = (over: Partial<MethodSituation> = {}): MethodSituation => {
  const facts = over.facts ?? diverFacts()
  const piece = pieceNow({}, { state: facts.crystalState, material: facts.crystalMaterial })
  return { facts, piece, bench: [], ...over }
}
/** What is used on a part alone is used on it off the case. */
const OFF: Readonly<Partial<Record<Scope, Parameters<typeof pieceNow>[0]>>> = {
  insert: { insert: true },
  bezel: { insert: true, bezel: true },
  crystal: { crystal: true },
  case: { movement: true, crystal: true, crystalGasket: true, crown: true, back: true, backSeal: true },
}
const assess = (process: Process, scope: Scope, over: Partial<MethodSituation> = {}) =>
  assessMethod({ process, scope }, situation({ piece: partOff(scope, over), ...over }))
function partOff(scope: Scope, { facts = diverFacts() }: Partial<MethodSituation>) {
  return pieceNow(OFF[scope], { state: facts.crystalState, material: facts.crystalMaterial })
}

describe('HARM_TABLE', () => {
  it('has a cell for every process and substance, each severity with what it needs', () => {
    for (const process of PROCESSES) {
      for (const substance of SUBSTANCES) {
        const { severity, why, protect } = HARM_TABLE[process][substance]
        expect([process, substance, why !== '']).toEqual([process, substance, severity !== 'allow'])
        expect([process, substance, protect !== '']).toEqual([process, substance, severity === 'warn'])
      }
    }
  })
})

describe('assessMethod', () => {
  it('blocks acetone on acrylic and says what to do instead', () => {
    const outcome = assess('acetone-bath', 'face', { facts: diverFacts({ crystalMaterial: 'acrylic' }) })
    expect(outcome.severity).toBe('block')
    expect(outcome.findings[0]).toMatchObject({
      about: 'acrylic crystal',
      why: 'acetone crazes and dissolves acrylic',
    })
    expect(outcome.wayRound).toMatch(/push the insert out from behind.*hot water and detergent/)
  })

  it('takes a crystal nobody knows for acrylic', () => {
    expect(assess('flame', 'head', { facts: jobFacts({ crystalMaterial: null }) }).severity).toBe('block')
  })

  it('allows the face of a sound sapphire diver with care, and not the whole head', () => {
    const face = assess('acetone-bath', 'face')
    expect(face.severity).toBe('warn')
    expect(face.findings.map((f) => f.about)).toEqual(
      expect.arrayContaining(['aluminium insert', 'printed or luminous pip', 'back and crown seals']),
    )
    for (const finding of face.findings) expect(finding.protect).not.toBe('')
    const head = assess('acetone-bath', 'head')
    expect(head.severity).toBe('block')
    expect(head.findings[0]?.about).toBe('rubber seals')
  })

  it('does not soak with a cracked crystal, doubtful seals or the strap on', () => {
    const block = (over: Partial<MethodSituation>) => assess('acetone-bath', 'face', over).findings[0]
    expect(block({ facts: diverFacts({ crystalState: 'cracked' }) })).toMatchObject({
      severity: 'block',
      about: 'the crystal',
    })
    expect(block({ facts: diverFacts({ sealsDoubtful: true }) })).toMatchObject({ about: 'the seals' })
    expect(block({ piece: pieceNow({ strap: false }) })).toMatchObject({ about: 'leather or resin' })
  })

  it('soaks no head that is open, and says what would make it allowed', () => {
    const blocks = (off: Parameters<typeof pieceNow>[0]) =>
      assess('acetone-bath', 'face', { piece: pieceNow(off) })
        .findings.filter(({ severity }) => severity === 'block')
        .map(({ about, protect }) => `${about}: ${protect}`)
    expect(blocks({})).toEqual([])
    expect(blocks({ back: true })).toEqual(['the back: allowed once the head is shut again'])
    expect(blocks({ crown: true })).toEqual(['the crown: allowed once it is back'])
    expect(blocks({ crystal: true })).toEqual(['the crystal: allowed once one is home'])
    expect(
      assess('acetone-bath', 'insert', { piece: pieceNow({ back: true, insert: true }) }).severity,
    ).not.toBe('block')
  })

  it('asks what is still on the piece, not what its sheet lists', () => {
    const flame = (off: Parameters<typeof pieceNow>[0]) => assess('flame', 'face', { piece: pieceNow(off) })
    const onIt = flame({})
    expect(onIt.severity).toBe('block')
    expect(onIt.findings[0]).toMatchObject({
      about: 'aluminium insert',
      protect: 'allowed once the insert is off',
    })
    for (const off of [{ insert: true }, { bezel: true }])
      expect(flame(off).findings.map(({ about, severity }) => `${severity} ${about}`)).toEqual([
        'warn nylon gasket',
      ])
    expect(flame({ insert: true, crystal: true }).severity).toBe('allow')
    expect(flame({ insert: true, strap: false }).findings[0]).toMatchObject({
      about: 'leather or resin',
      protect: 'allowed once strap and shell are off',
    })
    const ceramic = diverFacts({ insertMaterial: 'ceramic' })
    const blade = (insert: boolean) =>
      assess('steel-pry', 'face', { facts: ceramic, piece: pieceNow({ insert }) }).severity
    expect([blade(false), blade(true)]).toEqual(['block', 'allow'])
  })

  it('goes by the crystal that is in it now', () => {
    const cracked = diverFacts({ crystalState: 'cracked', crystalMaterial: 'acrylic' })
    expect(assess('acetone-bath', 'face', { facts: cracked }).severity).toBe('block')
    expect(assess('acetone-bath', 'face', { facts: cracked, piece: pieceNow() }).severity).toBe('warn')
    const out = pieceNow({ crystal: true, insert: true }, { state: 'cracked', material: 'acrylic' })
    expect(assess('flame', 'face', { facts: cracked, piece: out }).severity).toBe('allow')
    const old = diverFacts({ oldLume: true, insertMaterial: 'none' })
    const lume = (crystal: boolean) =>
      assess('hot-water', 'head', { facts: old, piece: pieceNow({ crystal }) }).severity
    expect([lume(false), lume(true)]).toEqual(['allow', 'block'])
  })

  it('asks for care with a crown that cannot be screwed down', () => {
    const outcome = assess('acetone-bath', 'face', { facts: diverFacts({ crownKind: 'push-pull' }) })
    expect(outcome.findings.map((f) => f.about)).toContain('the crown')
  })

  it('lights no flame while a solvent bath is open on any tray, and opens no bath beside a flame', () => {
    const facts = jobFacts({
      magnifier: 'outside',
      crystalMaterial: 'sapphire',
      backSeal: 'none',
      crownKind: 'none',
    })
    const open = { facts, bench: [{ trayNumber: 218, process: 'acetone-bath' }] } as const
    const flame = assess('flame', 'crystal', open)
    expect(flame.severity).toBe('block')
    expect(flame.findings[0]?.why).toMatch(/open on tray 218/)
    expect(flame.wayRound).toMatch(/End that bath first/)
    expect(assess('flame', 'crystal', { facts }).severity).toBe('allow')
    const bath = assess('acetone-bath', 'insert', { bench: [{ trayNumber: 207, process: 'flame' }] })
    expect(bath.findings[0]?.why).toMatch(/flame is in use on tray 207/)
  })

  it('blocks the flame on a coated crystal and warns on mineral', () => {
    const facts = jobFacts({ magnifier: 'outside', crystalMaterial: 'sapphire' })
    expect(assess('flame', 'crystal', { facts: { ...facts, arCoating: 'inside' } }).severity).toBe('block')
    expect(assess('flame', 'crystal', { facts: { ...facts, crystalMaterial: 'mineral' } }).severity).toBe(
      'warn',
    )
  })

  it('keeps old luminous paint out of every bath and every wipe', () => {
    const facts = jobFacts({ oldLume: true })
    for (const process of ['ultrasonic', 'hot-water', 'alcohol-wipe', 'acetone-bath', 'flame'] as const) {
      expect(assess(process, 'case', { facts }).severity).toBe('block')
    }
  })

  it('gives a way round whenever it blocks, and only then; worst findings first', () => {
    const severities = ['block', 'warn', 'allow']
    fc.assert(
      fc.property(
        fc.constantFrom(...PROCESSES),
        fc.constantFrom(...SCOPES),
        fc.constantFrom('acrylic', 'mineral', 'sapphire', null),
        fc.constantFrom('none', 'aluminium', 'ceramic'),
        fc.boolean(),
        (process, scope, crystalMaterial, insertMaterial, oldLume) => {
          const facts = diverFacts({ crystalMaterial, insertMaterial, oldLume, crystalState: 'cracked' })
          const { severity, findings, wayRound } = assess(process, scope, { facts })
          expect(wayRound !== null).toBe(severity === 'block')
          const order = findings.map((f) => severities.indexOf(f.severity))
          expect(order).toEqual([...order].sort((a, b) => a - b))
          expect(findings.every((f) => f.severity !== 'allow')).toBe(true)
        },
      ),
    )
  })

  it('puts the worst into one sentence', () => {
    const proposal: MethodProposal = { process: 'steel-pry', scope: 'face' }
    const facts = diverFacts({ insertMaterial: 'ceramic' })
    expect(assessmentText(proposal, assessMethod(proposal, situation({ facts })))).toBe(
      'prying with steel, ceramic insert: ceramic shatters when pried.',
    )
    const fine = assess('hot-water', 'bezel')
    expect(assessmentText({ process: 'hot-water' }, fine)).toMatch(/nothing speaks against it/)
  })
})
