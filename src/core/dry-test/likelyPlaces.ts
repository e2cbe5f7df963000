import type { Finding } from '../intake/Finding'
import { isLooseBack } from '../intake/Finding'
import type { Job } from '../procedure/Job'
import type { Step } from '../procedure/Step'
import type { LeakPlace } from './LeakPlace'
import { LEAK_PLACES } from './LeakPlace'
import type { StageId } from '../stages/stages'

interface PlaceFacts {
  /** how often it is the one, before anything is known. From memory */
  readonly usual: number
  /** where the work on it begins anew */
  readonly stage: StageId
  /** steps that are open again then, as far as this job has them */
  readonly steps: readonly string[]
  /** what would tell. Common practice */
  readonly test: string
}

export const LEAK_PLACE_FACTS: Readonly<Record<LeakPlace, PlaceFacts>> = {
  back: {
    usual: 0.4,
    stage: 'close',
    steps: ['back-seal-in', 'underside-inspect', 'back-on'],
    test: 'Turn it on a little further, or press it home again, and test once more: a leak that changes is the back’s.',
  },
  crown: {
    usual: 0.35,
    stage: 'close',
    steps: ['crown-seal'],
    test: 'Grease the crown’s seal, or screw the crown down again, and test once more: a leak that changes is the crown’s.',
  },
  crystal: {
    usual: 0.2,
    stage: 'press-in',
    steps: ['rim-check'],
    test: 'Read the rim again, and look round the ring under the loupe for a nick or a fold.',
  },
  pusher: {
    usual: 0.25,
    stage: 'close',
    steps: ['pusher-seals'],
    test: 'Work each pusher and test once more: a leak that comes and goes is a pusher’s.',
  },
}

/** What of this piece and this shop makes a place likelier or less likely. */
export interface LeakSigns {
  readonly job: Pick<Job, 'facts' | 'crystalWork' | 'backOff' | 'backSealNew' | 'crystalGasketNew'>
  readonly findings: readonly Pick<Finding, 'kind' | 'words'>[]
  /** the rim was read and stands high on a side */
  readonly rimUneven: boolean
  /** places that were worked on here for a leak before: what was mended is less likely */
  readonly triedHere: readonly LeakPlace[]
  /** places that turned out to be the one on other pieces of this shop */
  readonly foundBefore: readonly LeakPlace[]
}

/** A place a leak may be at. */
export interface LikelyPlace {
  readonly place: LeakPlace
  /** 0 to 1; all together 1 */
  readonly share: number
  /** what speaks for it or against it, in words */
  readonly because: readonly string[]
}

/** How much likelier each sign makes its place. From memory */
const SIGN = {
  looseBack: 2.5,
  thread: 2,
  backSealKept: 1.6,
  crownSealKept: 1.6,
  rimUneven: 4,
  ringKept: 1.5,
  crystalUntouched: 0.5,
  screwedCrown: 1.2,
  triedHere: 0.3,
} as const
/** Leaks found before count as if so many had been found as usual already. */
const USUAL_COUNTS = 10

/** Where a leak is likely to be, the likeliest first. */
export function likelyPlaces(signs: LeakSigns): LikelyPlace[] {
  const { facts } = signs.job
  const has: Readonly<Record<LeakPlace, boolean>> = {
    back: facts.backKind !== 'one-piece-front-loader',
    crown: facts.crownKind !== 'none',
    crystal: true,
    pusher: facts.pushers,
  }
  const weighed = LEAK_PLACES.filter((place) => has[place]).map((place) => weigh(place, signs))
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0)
  return weighed
    .map(({ place, weight, because }) => ({ place, share: weight / total, because }))
    .toSorted((a, b) => b.share - a.share)
}

function weigh(place: LeakPlace, signs: LeakSigns) {
  const found = signs.foundBefore.filter((one) => one === place).length
  const usual = LEAK_PLACE_FACTS[place].usual * USUAL_COUNTS
  const seen = signsOf(place, signs).filter(({ is }) => is)
  return {
    place,
    weight: seen.reduce((weight, { times }) => weight * times, usual + found),
    because: [
      ...seen.map(({ words }) => words),
      ...(found > 0 ? [`it was the one ${found === 1 ? 'once' : `${found} times`} in this shop`] : []),
    ],
  }
}

interface Sign {
  readonly is: boolean
  readonly times: number
  readonly words: string
}

function signsOf(place: LeakPlace, { job, findings, rimUneven, triedHere }: LeakSigns): Sign[] {
  const { facts, backOff, backSealNew, crystalWork, crystalGasketNew } = job
  const resealed = facts.asked.includes('reseal') || facts.leaksSuspected.includes('crown')
  const tried: Sign = {
    is: triedHere.includes(place),
    times: SIGN.triedHere,
    words: 'it was worked on here for a leak already',
  }
  switch (place) {
    case 'back':
      return [
        { is: findings.some(isLooseBack), times: SIGN.looseBack, words: 'the back came off too easily' },
        {
          is: findings.some(({ kind }) => kind === 'thread'),
          times: SIGN.thread,
          words: 'something was found in its thread or lip',
        },
        { is: backOff && !backSealNew, times: SIGN.backSealKept, words: 'its old seal went back' },
        tried,
      ]
    case 'crown':
      return [
        { is: !resealed, times: SIGN.crownSealKept, words: 'its seal was not renewed here' },
        {
          is: facts.crownKind === 'screw-down',
          times: SIGN.screwedCrown,
          words: 'a crown that screws down hides a worn seal',
        },
        tried,
      ]
    case 'crystal':
      return [
        { is: rimUneven, times: SIGN.rimUneven, words: 'its rim stands high on a side' },
        { is: crystalWork && !crystalGasketNew, times: SIGN.ringKept, words: 'its old ring went back' },
        { is: !crystalWork, times: SIGN.crystalUntouched, words: 'it was not touched here' },
        tried,
      ]
    case 'pusher':
      return [tried]
  }
}

/** Steps of this job that are open again where a place is worked on for a leak. */
export function stepsAnew(place: LeakPlace, steps: readonly Pick<Step, 'id'>[]): string[] {
  return LEAK_PLACE_FACTS[place].steps.filter((id) => steps.some((step) => step.id === id))
}

/** Why a place cannot be worked on in this job; null where it can. */
export function againstWorkingOn(place: LeakPlace, { crystalWork }: Pick<Job, 'crystalWork'>): string | null {
  return place === 'crystal' && !crystalWork
    ? 'The crystal is none of this job: add it at Intake, once the owner agrees.'
    : null
}
