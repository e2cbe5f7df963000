import { isPressedOn } from '../construction/kinds'
import type { JobFacts } from '../procedure/JobFacts'
import type { MethodAssessment, MethodSituation } from './assessMethod'
import { assessMethod } from './assessMethod'
import type { Severity } from './harmTable'

/** One way to take something off, with what speaks for and against it on this case. */
export interface RankedMethod {
  readonly id: string
  readonly label: string
  readonly severity: Severity
  /** 0 no risk to 1 certain damage; an order, not a frequency. From memory. */
  readonly risk: number
  readonly reasons: readonly string[]
  readonly wayRound: string | null
}

export const BEZEL_METHODS = ['plastic-lever', 'four-jaw', 'steel-blade', 'grip-ball'] as const
type BezelMethod = (typeof BEZEL_METHODS)[number]

const BEZEL_LABELS: Readonly<Record<BezelMethod, string>> = {
  'plastic-lever': 'nylon or ABS lever',
  'four-jaw': 'four-jaw remover',
  'steel-blade': 'steel blade',
  'grip-ball': 'rubber grip ball',
}

/** How risky each way is on an easy steel bezel with a gap. From memory. */
const BASE_RISK: Readonly<Record<BezelMethod, number>> = {
  'plastic-lever': 0.1,
  'four-jaw': 0.15,
  'steel-blade': 0.35,
  'grip-ball': 0.05,
}
const NO_ENTRY_RISK = 0.3
const SOFT_METAL_RISK = 0.25
/** A grip ball that slips wastes time and marks nothing, but rarely moves a tight bezel. */
const TIGHT_GRIP_RISK = 0.4

/** Ways to take a pressed bezel off, safest first. Empty when the bezel is not pressed on. */
export function rankBezelRemoval(situation: MethodSituation): RankedMethod[] {
  const { facts } = situation
  if (!isPressedOn(facts.bezelKind)) return []
  return rank(BEZEL_METHODS.map((id) => bezelMethod(id, situation)))
}

function bezelMethod(id: BezelMethod, situation: MethodSituation): RankedMethod {
  const { facts } = situation
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
  if (pried && facts.bezelEntry === null) add(NO_ENTRY_RISK / 2, 'nobody has looked for a gap yet')
  if (id === 'plastic-lever') add(0, 'plastic does not scar the case')
  if (id === 'four-jaw') add(0, 'four jaws lift evenly')
  if (id === 'steel-blade') add(0, 'steel works and scars: two layers of tape, one down the joint')
  if (id === 'steel-blade' && isSoft(facts))
    add(SOFT_METAL_RISK, `${facts.caseMaterial ?? 'aluminium'} bends and marks`)
  if (id === 'grip-ball') {
    if (facts.bezelKind === 'rotating-friction') add(0, 'a friction bezel may come off by hand')
    else add(TIGHT_GRIP_RISK, 'only for an easy one: this bezel is pressed on tight')
  }
  if (id !== 'steel-blade') return method(id, BEZEL_LABELS[id], risk, reasons, null)
  const harm = assessMethod({ process: 'steel-pry', scope: 'face' }, situation)
  return method(id, BEZEL_LABELS[id], risk, reasons, harm)
}

function isSoft({ caseMaterial, insertMaterial }: JobFacts): boolean {
  return (
    ['aluminium', 'brass', 'gold', 'resin'].includes(caseMaterial ?? '') || insertMaterial === 'aluminium'
  )
}

/** Ways to take an insert out, safest first. Empty when there is none. */
export function rankInsertRemoval(situation: MethodSituation): RankedMethod[] {
  const { facts } = situation
  if (facts.insertMaterial === 'none') return []
  const soak = assessMethod({ process: 'acetone-bath', scope: 'face' }, situation)
  const pushReasons = ['bezel off first, then pushed from behind: nothing soaks']
  let pushRisk = 0.15
  if (facts.insertMaterial === 'ceramic') {
    pushRisk += 0.2
    pushReasons.push('ceramic: push all round in small moves, never at one spot')
  }
  if (facts.insertMaterial === 'aluminium') {
    pushRisk += 0.1
    pushReasons.push('aluminium bends: push close to the edge, all round')
  }
  const softened =
    facts.insertHold === 'friction' ? ['held by friction: there is no adhesive to dissolve'] : []
  return rank([
    method('push-out', 'push out from behind', pushRisk, pushReasons, null),
    method(
      'soak',
      'soak the face in acetone',
      softened.length > 0 ? 0.9 : 0.3,
      ['bezel stays on, about an hour, longer when it does not turn', ...softened],
      soak,
    ),
  ])
}

function method(
  id: string,
  label: string,
  risk: number,
  reasons: readonly string[],
  harm: MethodAssessment | null,
): RankedMethod {
  const severity = harm?.severity ?? 'allow'
  const against = harm?.findings.map((f) => `${f.about}: ${f.why}${f.protect ? `; ${f.protect}` : ''}`) ?? []
  const raised = severity === 'block' ? 1 : severity === 'warn' ? risk + 0.2 : risk
  return {
    id,
    label,
    severity,
    risk: Math.min(1, raised),
    reasons: [...against, ...reasons],
    wayRound: harm?.wayRound ?? null,
  }
}

function rank(methods: readonly RankedMethod[]): RankedMethod[] {
  return [...methods].sort((a, b) => a.risk - b.risk)
}
