import { minutesText } from '../units/minutesText'
import { moneyText } from '../units/moneyText'
import type { ReportLine } from './Report'
import { told } from './Report'

/** What was quoted, and what it came to. Money in hundredths. */
export interface Costs {
  readonly quoteCents: number | null
  readonly quoteMinutes: number | null
  readonly quoteSpecialist: string
  /** taken out of the drawers for it and not put back */
  readonly parts: readonly { readonly count: number; readonly priceCents: number }[]
  /** of the steps that were done, as they are reckoned */
  readonly minutes: number
  /** null where nobody said what an hour costs */
  readonly hourCents: number | null
}

const HOUR_MIN = 60

/** What a job was quoted at and what it came to, for the shop; empty where there is nothing of either. */
export function costLines(costs: Costs): ReportLine[] {
  const { quoteCents, quoteMinutes, quoteSpecialist, parts, minutes, hourCents } = costs
  const quoted = [
    ...(quoteCents === null ? [] : [moneyText(quoteCents)]),
    ...(quoteMinutes === null ? [] : [minutesText(quoteMinutes)]),
  ]
  const cameTo = totalCents(costs)
  if (quoted.length === 0 && parts.length === 0 && quoteSpecialist === '') return []
  return [
    ...(quoted.length === 0 ? [] : [told('Quoted', quoted.join(', '))]),
    told('Parts', partsWords(parts)),
    told(
      'Work',
      `${minutesText(minutes)}, as the steps that were done are reckoned${hourCents === null ? '; what an hour costs is not set' : `, at ${moneyText(hourCents)} an hour`}`,
    ),
    ...(cameTo === null ? [] : [told('Came to', `${moneyText(cameTo)}${againstQuote(cameTo, quoteCents)}`)]),
    ...(quoteSpecialist === '' ? [] : [told('A specialist has to quote', quoteSpecialist)]),
  ]
}

/** Parts and work together; null while a price is not known. */
export function totalCents({
  parts,
  minutes,
  hourCents,
}: Pick<Costs, 'parts' | 'minutes' | 'hourCents'>): number | null {
  if (hourCents === null || parts.some(({ priceCents }) => priceCents === 0)) return null
  return sumOf(parts) + Math.round((minutes / HOUR_MIN) * hourCents)
}

function sumOf(parts: Costs['parts']): number {
  return parts.reduce((sum, { count, priceCents }) => sum + count * priceCents, 0)
}

function partsWords(parts: Costs['parts']): string {
  if (parts.length === 0) return 'none out of the drawers'
  const unpriced = parts.filter(({ priceCents }) => priceCents === 0).length
  return `${moneyText(sumOf(parts))}${unpriced === 0 ? '' : `, and ${unpriced} without a price in the drawers`}`
}

function againstQuote(cents: number, quoteCents: number | null): string {
  if (quoteCents === null) return ''
  const over = cents - quoteCents
  if (over === 0) return ', as quoted'
  return `, ${moneyText(Math.abs(over))} ${over > 0 ? 'more' : 'less'} than quoted`
}
