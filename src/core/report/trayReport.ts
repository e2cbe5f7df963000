import { dryPlot } from '../dry-test/dryPlot'
import { minutesText } from '../units/minutesText'
import { FINDING_WORDS } from '../intake/Finding'
import { ASKED_WORDS } from '../intake/jobWords'
import type { ReturnedPiece } from '../intake/returnedPiece'
import { classWords, isClassStated } from '../intake/waterClass'
import { OWN_PARTS } from '../own-parts/OwnPart'
import type { OwnPartId } from '../own-parts/OwnPart'
import type { StageId } from '../stages/stages'
import type { KeptTray } from '../tray/KeptTray'
import type { TrayCase } from '../tray/trayCase'
import { capital } from '../units/capital'
import type { Wait } from '../waits/waits'
import type { Costs } from './costLines'
import { costLines } from './costLines'
import { dryTestLines } from './dryTestLines'
import { figureLines } from './figureLines'
import { partLines } from './partLines'
import { removalLines } from './removalLines'
import type { ReportLine, TrayReport } from './Report'
import { told } from './Report'
import { runningLines } from './runningLines'
import { straightLines } from './straightLines'
import { stageLines, stepLines } from './workLines'

/** What a report tells that is worked out nowhere in the core: words of the shop's own records. */
export interface ToldBeside {
  readonly complaint: string
  readonly promises: string
  /** what it was quoted at and came to, for the shop */
  readonly costs: Costs
  /** what was fitted, a part a line */
  readonly fitted: readonly ReportLine[]
  /** every run at the press */
  readonly pressed: readonly ReportLine[]
  /** an instrument's name by its number */
  readonly nameOf: (id: number) => string
}

/** Stages told beside the others: the proofs one by one, and taking in and handing back by their own sections. */
const TOLD_APART: readonly StageId[] = ['prove', 'hand-back']

/**
 * Everything that became of a tray, told from its record: nothing in it is typed for the report alone, and what was left
 * out or is still open stands beside what was done.
 */
export function trayReport(opened: TrayCase, beside: ToldBeside): TrayReport {
  const { kept, stages, procedure, trail, now } = opened
  const work = { procedure, ticks: kept.ticks, said: kept.said }
  const needed = stages.filter(({ standing }) => standing !== 'not-needed')
  const straight = straightLines(opened)
  const costs = costLines(beside.costs)
  const proofs = needed.filter(({ stage }) => stage === 'prove')
  return {
    plot: opened.dryTest && dryPlot(opened.dryTest, opened.rules.policy.dryTest.limitUgPerMin),
    sections: [
      { title: 'As it came in', lines: intakeLines(opened, beside), none: 'Nothing was written down.' },
      { title: 'Found', lines: foundLines(opened), none: 'Nothing beside the work asked for.' },
      {
        title: 'Measured',
        lines: figureLines(now.readout.measured, beside.nameOf),
        none: 'Nothing was measured.',
      },
      { title: 'Fitted', lines: [...beside.fitted, ...beside.pressed], none: 'No part was fitted.' },
      ...(straight.length === 0 ? [] : [{ title: 'Straight', lines: straight, none: '' }]),
      {
        title: 'Off and on again',
        lines: [...partLines(trail), ...removalLines(kept)],
        none: 'No part came off.',
      },
      {
        title: 'Work',
        lines: [
          ...needed
            .filter(({ stage }) => !TOLD_APART.includes(stage))
            .flatMap((state) => stageLines(state, work)),
          ...opened.waits.map(waitLine),
        ],
        none: 'Nothing was done yet.',
      },
      {
        title: 'Proved',
        lines: [
          ...dryTestLines(opened),
          ...runningLines(opened),
          ...proofs.flatMap((state) => stepLines('Proof', state, work)),
        ],
        none: 'This job asks for no proof.',
      },
      ...(costs.length === 0 ? [] : [{ title: 'Cost', lines: costs, none: '' }]),
    ],
    notes: notesFor(kept.tray),
  }
}

function intakeLines({ kept, facts }: TrayCase, { complaint, promises }: ToldBeside): ReportLine[] {
  const { tray } = kept
  return [
    ...(tray.asked.length === 0 ? [] : [told('Asked for', tray.asked.map((a) => ASKED_WORDS[a]).join(', '))]),
    ...(complaint === '' ? [] : [told('The owner says', `“${complaint}”`)]),
    ...(promises === '' ? [] : [told('Promised', `“${promises}”`)]),
    told(
      'Crystal',
      [tray.crystalState, facts.crystalMaterial?.replaceAll('-', ' ')].filter(Boolean).join(', '),
    ),
    ...(kept.returned === null ? [] : [told('Here before', returnedWords(kept.returned))]),
    told('Water', `${classWords(tray)}; worn as ${tray.use} watch`),
  ]
}

function returnedWords({ trayNumber, daysAfter, maybe }: ReturnedPiece): string {
  return `tray ${trayNumber}, ${daysAfter} days before${maybe ? ', if it is the same piece: no mark tells' : ''}`
}

function foundLines({ kept, allHazards }: TrayCase): ReportLine[] {
  return [
    ...kept.findings.map(({ kind, words }) =>
      told(
        capital(FINDING_WORDS[kind]),
        kind === 'back-tightness' ? words.replaceAll('-', ' ') : `“${words}”`,
      ),
    ),
    ...lookedOver(kept),
    ...allHazards.map(({ label, dealt, dealtAt }): ReportLine => {
      if (dealt === null) return told(capital(label), 'stays; handled as such')
      return dealtAt === null
        ? { what: capital(label), words: 'not dealt with', mark: 'open', at: null }
        : { what: capital(label), words: dealt, mark: 'done', at: dealtAt }
    }),
  ]
}

function lookedOver({ looked }: Pick<KeptTray, 'looked'>): ReportLine[] {
  return Object.entries(looked).map(([id, { seen }]) =>
    // The keys of the very table.
    told(`Its own ${OWN_PARTS[id as OwnPartId].label}`, seen),
  )
}

function waitLine({ title, startedAt, overAt, cutShort }: Wait): ReportLine {
  const what = 'Wait'
  if (cutShort !== null)
    return { what, words: `${title}: cut short, “${cutShort}”`, mark: 'left-out', at: startedAt }
  if (overAt === null) return { what, words: `${title}: running`, mark: 'open', at: startedAt }
  return {
    what,
    words: `${title}: ${minutesText(minutesBetween(startedAt, overAt))}`,
    mark: 'done',
    at: startedAt,
  }
}

const MINUTE_MS = 60_000

function minutesBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / MINUTE_MS)
}

/** Source: ISO 22810: resistance to water is no lasting quality; a seal ages and every opening unmakes the last test. */
function notesFor(tray: KeptTray['tray']): string[] {
  return [
    '± is the expanded uncertainty: the true figure lies inside it about 95 times of 100.',
    isClassStated(tray)
      ? 'A test for water says how tight it was on its day. Seals age, and every opening or knock makes a new test due.'
      : 'No water class is stated: keep it from water, whatever was tested.',
  ]
}
