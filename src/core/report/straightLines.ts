import { straightOf } from '../stages/straightDemands'
import { PAIR_WORDS } from '../straight/pairs'
import type { StandingPair } from '../straight/standingPairs'
import { standsHow, standsStraight } from '../straight/standingPairs'
import type { TrayCase } from '../tray/trayCase'
import { capital } from '../units/capital'
import type { ReportLine } from './Report'

/** How rings, marks and an insert stand: as found, what was done, as they are now. Why one stays so is told with the work. */
export function straightLines({ straight, insertLevel, stages }: TrayCase): ReportLine[] {
  const standing = insertLevel?.standing
  return [
    ...straight.map((pair): ReportLine => {
      const subject = straightOf(pair.pair)
      const left = stages.flatMap(({ demands }) => demands).find((one) => one.subject === subject)?.leftOut
      const isStraight = standsStraight(pair)
      return {
        what: capital(PAIR_WORDS[pair.pair].label),
        words: roundsOf(pair),
        mark: isStraight ? 'done' : left ? 'left-out' : 'open',
        at: pair.last.at.toISOString(),
      }
    }),
    ...(standing
      ? [
          {
            what: 'Insert',
            words: standing.words,
            mark: standing.isLevel ? ('done' as const) : ('open' as const),
            at: null,
          },
        ]
      : []),
  ]
}

/** “turned 2.46° clockwise; after “Turn the bezel one click” straight”. */
function roundsOf({ looks, last, movedSince }: StandingPair): string {
  return looks
    .map(({ afterWords, judgement }, at) => {
      const words = at === looks.length - 1 ? standsHow({ last, movedSince }) : judgement.words
      if (afterWords !== '') return `after “${afterWords}” ${words}`
      return at === 0 && looks.length > 1 ? `as found ${words}` : words
    })
    .join('; ')
}
