import { LEAK_PLACE_WORDS } from '../dry-test/LeakPlace'
import { flowText, lastedText } from '../dry-test/dryWords'
import type { TrayCase } from '../tray/trayCase'
import { formatMm } from '../units/formatMm'
import type { ReportLine } from './Report'
import { told } from './Report'

/** What a dry tester's record said, what it could have seen, and where a leak was looked for. */
export function dryTestLines({ kept, dryTest, rules }: TrayCase): ReportLine[] {
  if (!dryTest) return []
  const { judged, words, isTight, at, read, record } = dryTest
  const limit = flowText(rules.policy.dryTest.limitUgPerMin)
  const simulated = record.trace.source === 'simulated' ? ', by a simulated tester' : ''
  return [
    { what: 'Dry test', words: words + simulated, mark: isTight ? 'done' : 'open', at },
    told(
      'Tested at',
      `${formatMm(read.air.pressureBar, 0.1)} bar for ${lastedText(judged.judgedForS)}, ${formatMm(read.air.volumeCm3, 0.1)} cm³ of air inside, ${formatMm(read.air.temperatureC, 1)} °C`,
    ),
    ...(judged.isOpen
      ? []
      : [
          told(
            'What it says',
            `between ${flowText(judged.flow.low)} and ${flowText(judged.flow.high)} µg of air a minute get in, 95 % sure; it could have seen a leak of ${flowText(judged.leastSeen)}, and ${limit} is the most allowed`,
          ),
        ]),
    ...kept.leakPlaces.map(({ place, reason, at: when }) =>
      told('Leak looked for', `${LEAK_PLACE_WORDS[place]}: “${reason}”`, when.toISOString()),
    ),
  ]
}
