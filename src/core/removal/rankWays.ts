import { isPressedOn } from '../construction/kinds'
import type { MethodAssessment, MethodProposal, MethodSituation } from '../methods/assessMethod'
import { assessMethod } from '../methods/assessMethod'
import type { MethodFinding } from '../methods/MethodFinding'
import type { Severity } from '../methods/harmTable'
import type { JobFacts } from '../procedure/JobFacts'
import type { BezelWay, InsertWay, RemovalWay, RemovedPart } from './Removal'
import { BEZEL_WAYS, INSERT_WAYS, WAY_LABELS } from './Removal'
import type { PastRemoval, WayRecord } from './wayRecord'
import { riskAfter, wayRecord } from './wayRecord'

/** One way to take something off, with what speaks for and against it on this case. */
export interface RankedWay {
  readonly id: RemovalWay
  readonly label: string
  readonly severity: Severity
  /** 0 no risk to 1 certain damage; an order, not a frequency. From memory, then by the shop's own removals */
  readonly risk: number
  /** what it would meet, worst first */
  readonly findings: readonly MethodFinding[]
  readonly reasons: readonly string[]
  readonly wayRound: string | null
  readonly record: WayRecord
}

/** What a way is judged by before anything was met or tried. */
interface Judged {
  readonly id: RemovalWay
  readonly risk: number
  readonly reasons: readonly string[]
  /** what may harm by it; null where nothing of the table is used */
  readonly harm: MethodProposal | null
}

/** How risky each way is on an easy steel bezel with a gap. From memory. */
const BASE_RISK: Readonly<Record<BezelWay, number>> = {
  'plastic-lever': 0.1,
  'four-jaw': 0.15,
  'steel-blade': 0.35,
  'grip-ball': 0.05,
}
const NO_ENTRY_RISK = 0.3
/** Most pressed bezels have a gap: one is looked for before anything else is tried. */
const NOT_LOOKED_RISK = 0.04
const SOFT_METAL_RISK = 0.25
/** A grip ball that slips wastes time and marks nothing, but rarely moves a tight bezel. */
const TIGHT_GRIP_RISK = 0.4

/** Ways to take a part off, safest first. Empty where this case has nothing to take off so. */
export function rankWays(
  part: RemovedPart,
  situation: MethodSituation,
  past: readonly PastRemoval[] = [],
): RankedWay[] {
  return judgedWays(part, situation.facts)
    .map((way) => ranked(way, situation, past))
    .sort((a, b) => a.risk - b.risk)
}

function judgedWays(part: RemovedPart, facts: JobFacts): Judged[] {
  switch (part) {
    case 'bezel':
      return isPressedOn(facts.bezelKind) ? BEZEL_WAYS.map((way) => bezelWay(way, facts)) : []
    case 'insert':
      return facts.insertMaterial === 'none' ? [] : INSERT_WAYS.map((way) => insertWay(way, facts))
    case 'magnifier':
      return facts.magnifier === 'none' ? [] : [heatWay(facts)]
  }
}

function bezelWay(id: BezelWay, facts: JobFacts): Judged {
  const reasons: string[] = []
  let risk = BASE_RISK[id]
  const add = (more: number, reason: string) => {
    risk += more
    reasons.push(reason)
  }
  const pried = id === 'plastic-lever' || id === 'steel-blade'
  if (pried && facts.bezelEntry === 'none')
    add(NO_ENTRY_RISK, 'no gap or slot to enter: look between the lugs')
  if (pried && facts.bezelEntry === 'lifting-slot') add(0, 'the lifting slot takes the lever')
  if (pried && facts.bezelEntry === 'gap') add(0, 'the gap takes the lever')
  if (pried && facts.bezelEntry === null) add(NOT_LOOKED_RISK, 'nobody has looked for a gap yet: look first')
  if (id === 'plastic-lever') add(0, 'plastic does not scar the case')
  if (id === 'four-jaw') add(0, 'four jaws lift evenly')
  if (id === 'steel-blade') add(0, 'steel works and scars: two layers of tape, one down the joint')
  if (id === 'steel-blade' && isSoft(facts))
    add(SOFT_METAL_RISK, `${facts.caseMaterial ?? 'aluminium'} bends and marks`)
  if (id === 'grip-ball') {
    if (facts.bezelKind === 'rotating-friction') add(0, 'a friction bezel may come off by hand')
    else add(TIGHT_GRIP_RISK, 'only for an easy one: this bezel is pressed on tight')
  }
  if (facts.bezelKind === 'crystal-retaining') add(0, 'as it lifts, the crystal’s ring goes slack')
  return { id, risk, reasons, harm: id === 'steel-blade' ? { process: 'steel-pry', scope: 'face' } : null }
}

function isSoft({ caseMaterial, insertMaterial }: JobFacts): boolean {
  return (
    ['aluminium', 'brass', 'gold', 'resin'].includes(caseMaterial ?? '') || insertMaterial === 'aluminium'
  )
}

/** How risky each way is for an insert of steel, cemented in. From memory. */
const INSERT_RISK: Readonly<Record<InsertWay, number>> = { 'push-out': 0.15, soak: 0.3, blade: 0.4 }
const CERAMIC_PUSH_RISK = 0.2
const ALUMINIUM_PUSH_RISK = 0.1
/** Nothing dissolves what friction holds: an hour for nothing. */
const USELESS_RISK = 0.9

function insertWay(id: InsertWay, facts: JobFacts): Judged {
  const { insertMaterial, insertHold } = facts
  const base = INSERT_RISK[id]
  switch (id) {
    case 'push-out': {
      const reasons = ['bezel off first, then pushed from behind: nothing soaks']
      if (insertMaterial === 'ceramic')
        return {
          id,
          risk: base + CERAMIC_PUSH_RISK,
          reasons: [...reasons, 'ceramic: push all round in small moves, never at one spot'],
          harm: null,
        }
      if (insertMaterial === 'aluminium')
        return {
          id,
          risk: base + ALUMINIUM_PUSH_RISK,
          reasons: [...reasons, 'aluminium bends: push close to the edge, all round'],
          harm: null,
        }
      return { id, risk: base, reasons, harm: null }
    }
    case 'soak': {
      const isUseless = insertHold === 'friction'
      return {
        id,
        risk: isUseless ? USELESS_RISK : base,
        reasons: [
          'bezel stays on, about an hour, longer when it does not turn',
          ...(isUseless ? ['held by friction: there is no adhesive to dissolve'] : []),
        ],
        harm: { process: 'acetone-bath', scope: 'face' },
      }
    }
    case 'blade':
      return {
        id,
        risk: base,
        reasons: ['bezel stays on, tape round the insert, small moves all round'],
        harm: { process: 'steel-pry', scope: 'face' },
      }
  }
}

/** How risky the flame is on a bare sapphire. From memory. */
const FLAME_RISK = 0.25

function heatWay({ magnifier }: JobFacts): Judged {
  const inside = magnifier === 'inside' ? ['it sits inside: crystal out first'] : []
  return {
    id: 'flame',
    risk: FLAME_RISK,
    reasons: [
      'a few seconds at a time, cooling between; a white puff says that the bond lets go, then pegwood',
      'too much heat loosens the crystal: it is looked at afterwards',
      ...inside,
    ],
    harm: { process: 'flame', scope: 'face' },
  }
}

/** What a warning adds. From memory. */
const WARNED_RISK = 0.2

function ranked(
  { id, risk, reasons, harm }: Judged,
  situation: MethodSituation,
  past: readonly PastRemoval[],
): RankedWay {
  const met: MethodAssessment | null = harm && assessMethod(harm, situation)
  const severity = met?.severity ?? 'allow'
  const raised = severity === 'warn' ? risk + WARNED_RISK : risk
  return {
    id,
    label: WAY_LABELS[id],
    severity,
    // What is blocked stays last, however often it went well.
    risk: severity === 'block' ? 1 : Math.min(1, riskAfter(raised, id, past)),
    findings: met?.findings ?? [],
    reasons,
    wayRound: met?.wayRound ?? null,
    record: wayRecord(id, past),
  }
}
