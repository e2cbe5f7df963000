import { heatState } from '../removal/heatBursts'
import { OUTCOME_WORDS, WAY_LABELS } from '../removal/Removal'
import type { KeptTray } from '../tray/KeptTray'
import { capital } from '../units/capital'
import type { ReportLine } from './Report'
import { told } from './Report'

/** How what can be harmed by it came off, try by try, with the heat a magnifier's bond has had. */
export function removalLines({
  removals,
  heatBursts,
}: Pick<KeptTray, 'removals' | 'heatBursts'>): ReportLine[] {
  const tries = removals.map(({ part, way, outcome, note, at }) =>
    told(
      capital(part),
      [`${WAY_LABELS[way]}, ${OUTCOME_WORDS[outcome]}`, note && `“${note}”`].filter(Boolean).join(': '),
      at.toISOString(),
    ),
  )
  const { bursts, totalSeconds, tooMuch } = heatState(heatBursts)
  if (bursts === 0) return tries
  const heat = [`${bursts} ${bursts === 1 ? 'burst' : 'bursts'}, ${totalSeconds} s in all`, ...tooMuch].join(
    '. ',
  )
  return [...tries, told('Heat on the magnifier', heat)]
}
