import { constructionOf } from '../construction/constructions'
import type { JobFacts } from '../procedure/JobFacts'
import type { MethodFinding } from './MethodFinding'
import { notAsSaid } from './notAsSaid'
import type { PieceNow } from './PieceNow'
import type { Scope } from './scopes'
import type { Process, Severity, Substance } from './harmTable'
import { HARM_TABLE, PROCESS_WORDS, SUBSTANCE_WORDS } from './harmTable'

/** A process running somewhere on the bench. */
export interface OpenProcess {
  readonly trayNumber: number
  readonly process: Process
}

export interface MethodProposal {
  readonly process: Process
  readonly scope: Scope
}

export interface MethodSituation {
  readonly facts: JobFacts
  readonly piece: PieceNow
  /** everything running on the bench now, this tray's own included */
  readonly bench: readonly OpenProcess[]
}

export interface MethodAssessment {
  readonly severity: Severity
  /** worst first; only what speaks against it or needs care */
  readonly findings: readonly MethodFinding[]
  /** how to reach the same end when it is blocked; null otherwise */
  readonly wayRound: string | null
}

const ORDER: readonly Severity[] = ['block', 'warn', 'allow']

/**
 * Checks a method against everything it would touch on this tray and against what else is open on the bench.
 * @source common practice and memory, cell by cell in `HARM_TABLE`
 */
export function assessMethod(proposal: MethodProposal, situation: MethodSituation): MethodAssessment {
  const unsaid = notAsSaid(proposal.scope, situation)
  const findings = [
    ...touched(proposal.scope, situation).map((substance) => substanceFinding(proposal, substance)),
    ...conditionFindings(proposal, situation),
    ...benchFindings(proposal.process, situation.bench),
    ...unsaid,
  ]
    .filter((finding) => finding.severity !== 'allow')
    .sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity))
  const severity = findings[0]?.severity ?? 'allow'
  const blocks = findings.filter((f) => f.severity === 'block')
  const byBench = blocks.some((f) => f.about === BENCH)
  return {
    severity,
    findings,
    wayRound:
      severity !== 'block'
        ? null
        : blocks.length === unsaid.length
          ? 'Take that off first, or say what it is really used on.'
          : wayRound(proposal, situation, byBench),
  }
}

/** Everything the process would meet. What nobody knows counts as the worst it may be. */
function touched(scope: Scope, { facts, piece }: MethodSituation): Substance[] {
  const { off } = piece
  const insert: (Substance | false)[] = [
    facts.insertMaterial === 'aluminium' && 'aluminium-insert',
    facts.insertMaterial === 'ceramic' && 'ceramic-insert',
    facts.insertMaterial !== 'none' && 'printed-pip',
  ]
  const crystal: (Substance | false)[] =
    piece.crystal.state === 'missing'
      ? []
      : [crystalSubstance(piece.crystal.material), facts.arCoating !== 'none' && 'ar-coat']
  const dialBare = off.crystal || piece.crystal.state !== 'whole'
  const onHead: (Substance | false)[] = [
    ...(off.crystal ? [] : crystal),
    ...(off.insert || off.bezel ? [] : insert),
    constructionOf(facts.retention).ring.atFace && facts.gasketPresent && !off.crystal && 'nylon-gasket',
    facts.bezelKind === 'resin-shell' && !off.shell && 'leather-or-resin',
    !off.strap && 'leather-or-resin',
    facts.oldLume && dialBare && 'old-lume',
  ]
  const sealed = facts.backSeal === 'o-ring' || facts.backSeal === 'flat-gasket' || facts.crownKind !== 'none'
  const list: Readonly<Record<Scope, (Substance | false)[]>> = {
    head: [...onHead, sealed && 'rubber-gasket'],
    face: onHead,
    insert,
    bezel: [],
    crystal,
    case: [facts.oldLume && 'old-lume'],
  }
  return [...new Set(list[scope].filter((s) => s !== false))]
}

function crystalSubstance(material: PieceNow['crystal']['material']): Substance {
  switch (material) {
    case 'sapphire':
      return 'sapphire'
    case 'mineral':
    case 'hardened-mineral':
      return 'mineral'
    default:
      return 'acrylic'
  }
}

/** What would make a block fall away: the part is off. */
const ALLOWED_ONCE: Readonly<Partial<Record<Substance, string>>> = {
  'aluminium-insert': 'allowed once the insert is off',
  'ceramic-insert': 'allowed once the insert is off',
  'printed-pip': 'allowed once the insert is off',
  'leather-or-resin': 'allowed once strap and shell are off',
}

function substanceFinding({ process }: MethodProposal, substance: Substance): MethodFinding {
  const { severity, why, protect } = HARM_TABLE[process][substance]
  const once = severity === 'block' ? (ALLOWED_ONCE[substance] ?? '') : protect
  return { about: SUBSTANCE_WORDS[substance], severity, why, protect: once }
}

const BENCH = 'the bench'
const isSoak = (process: Process) => process === 'acetone-bath'

function conditionFindings({ process, scope }: MethodProposal, situation: MethodSituation): MethodFinding[] {
  const { facts, piece } = situation
  const onHead = scope === 'head' || scope === 'face'
  if (!isSoak(process) || !onHead) return []
  const findings: MethodFinding[] = []
  const blocked = (about: string, why: string, protect = '') =>
    findings.push({ about, severity: 'block', why, protect })
  const { off, crystal } = piece
  if (off.back) blocked('the back', 'it is off: the bath would run in', 'allowed once the head is shut again')
  if (off.crown)
    blocked('the crown', 'it is out: the bath would run in at its tube', 'allowed once it is back')
  if (off.crystal)
    blocked('the crystal', 'it is out: the bath would reach dial and movement', 'allowed once one is home')
  else if (crystal.state !== 'whole') {
    blocked('the crystal', `it is ${crystal.state}: the bath would reach dial and movement`)
  }
  if (facts.sealsDoubtful) blocked('the seals', 'they are doubtful: the bath would creep in')
  if (facts.crownKind === 'push-pull' && !off.crown) {
    findings.push({
      about: 'the crown',
      severity: 'warn',
      why: 'it cannot be screwed down',
      protect: 'push it fully in and keep the level below it',
    })
  }
  if (scope === 'face') {
    findings.push({
      about: 'back and crown seals',
      severity: 'warn',
      why: 'rubber swells where acetone stands on it',
      protect: 'face down, level below the joint of the back; look at the seals afterwards',
    })
  }
  return findings
}

function benchFindings(process: Process, bench: readonly OpenProcess[]): MethodFinding[] {
  const against = process === 'flame' ? 'acetone-bath' : process === 'acetone-bath' ? 'flame' : null
  if (against === null) return []
  const trays = bench.filter((open) => open.process === against).map((open) => open.trayNumber)
  if (trays.length === 0) return []
  const where = `tray ${trays.join(', ')}`
  return [
    {
      about: BENCH,
      severity: 'block',
      why:
        process === 'flame'
          ? `a solvent bath is open on ${where}: its vapour catches fire`
          : `a flame is in use on ${where}: the vapour catches fire`,
      protect: '',
    },
  ]
}

function wayRound({ process, scope }: MethodProposal, { facts }: MethodSituation, byBench: boolean): string {
  if (byBench && process === 'flame') {
    return 'End that bath first: lid on, tray away, room aired. Then start the flame.'
  }
  if (byBench) return 'Put the flame out first; it can be started again when this bath is away.'
  switch (process) {
    case 'acetone-bath':
      if (scope === 'insert') return 'Hot water with detergent softens the adhesive without acetone.'
      return facts.insertMaterial === 'none'
        ? 'Hot water with detergent, on the part alone.'
        : 'Take the bezel off, push the insert out from behind, and wash the adhesive off with hot water and detergent.'
    case 'flame':
      return 'Leave the magnifier, or choose a new crystal without one.'
    case 'ultrasonic':
      return 'Clean by hand: putty, air and a soft brush; what carries luminous paint goes to a specialist.'
    case 'steel-pry':
      return 'A plastic lever at the gap, or a four-jaw remover that lifts evenly.'
    case 'alcohol-wipe':
    case 'hot-water':
      return 'Dry cleaning only: putty and air; leave the paint alone.'
  }
}

/** “blocked: acetone bath, acrylic crystal: acetone crazes …” for a message. */
export function assessmentText(
  { process }: Pick<MethodProposal, 'process'>,
  assessment: MethodAssessment,
): string {
  const worst = assessment.findings[0]
  if (!worst) return `${PROCESS_WORDS[process]}: nothing speaks against it.`
  const reasons = assessment.findings
    .filter((f) => f.severity === worst.severity)
    .map((f) => `${f.about}: ${f.why}`)
    .join('; ')
  return `${PROCESS_WORDS[process]}, ${reasons}.`
}
