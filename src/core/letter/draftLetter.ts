import { FINDING_WORDS } from '../intake/Finding'
import type { Finding } from '../intake/Finding'
import { ASKED_WORDS } from '../intake/jobWords'
import { isClassStated } from '../intake/waterClass'
import type { ReportLine } from '../report/Report'
import { opensBack } from '../procedure/opensBack'
import type { TrayCase } from '../tray/trayCase'
import type { TrailPartId } from '../trail/parts'
import { TRAIL_PARTS } from '../trail/parts'
import { capital } from '../units/capital'
import { formatMm } from '../units/formatMm'
import { careLines } from './careLines'
import { ownPartsBack } from './ownPartsBack'
import type { DraftLine, LetterPartId } from './OwnerLetter'

/** Words of the shop's own records that a letter is drafted from. */
export interface LetterRecords {
  readonly complaint: string
  /** what was fitted, a part a line */
  readonly fitted: readonly ReportLine[]
}

/** What an owner is told, drafted from the record in plain words. */
export function draftLetter(
  opened: TrayCase,
  records: LetterRecords,
): Readonly<Record<LetterPartId, readonly DraftLine[]>> {
  return {
    'came-in': cameIn(opened, records),
    found: opened.kept.findings.filter(isForOwner).map(foundLine),
    done: doneLines(opened, records),
    tested: testedLines(opened),
    'not-done': notDone(opened),
    care: careLines(opened),
  }
}

function cameIn({ kept: { tray } }: TrayCase, { complaint }: LetterRecords): DraftLine[] {
  const asked = tray.asked.map((one) => ASKED_WORDS[one]).join(', ')
  return [
    ...(asked === '' ? [] : [line('asked', `Asked for: ${asked}.`)]),
    ...(complaint === '' ? [] : [line('complaint', `You told us: “${complaint}”`)]),
    ...(tray.crystalState === 'whole'
      ? []
      : [line('crystal-state', `Its crystal was ${tray.crystalState}.`)]),
  ]
}

/** What cannot be repaired is told with what was not done; a back that came off as backs do says nothing. */
function isForOwner({ kind, words }: Pick<Finding, 'kind' | 'words'>): boolean {
  return kind !== 'cannot-repair' && !(kind === 'back-tightness' && words === 'usual')
}

/** What tightness tells, in an owner's words. */
const EASY =
  'The case back came off more easily than it should. Dirt in its thread or a tired seal lets water in.'

function foundLine({ id, kind, words }: Pick<Finding, 'id' | 'kind' | 'words'>): DraftLine {
  const key = `finding-${id}`
  if (kind !== 'back-tightness') return line(key, `${capital(FINDING_WORDS[kind])}: ${sentence(words)}`)
  return line(
    key,
    words === 'fell-open' || words === 'too-easy'
      ? EASY
      : `The case back came off: ${words.replaceAll('-', ' ')}.`,
  )
}

/** Told with what was fitted, not as parts of the trail. */
const FITTED: readonly TrailPartId[] = ['crystal', 'crystal-gasket', 'bezel', 'insert', 'chapter-ring']

function doneLines(opened: TrayCase, { fitted }: LetterRecords): DraftLine[] {
  const { kept, trail, procedure } = opened
  const back = new Set(trail.filter((one) => one.back + one.renewed > 0).map(({ part }) => part))
  const renewed = trail.filter((one) => one.renewed > 0 && !FITTED.includes(one.part))
  const resealed = renewed.some(({ part }) => part === 'back-seal')
  const bag = ownPartsBack(opened)
  const closed = opensBack(procedure) && back.has('back')
  return [
    ...fitted
      .filter(({ mark }) => mark === 'plain' || mark === 'done')
      .map(({ what, words }, at) => line(`fitted-${at}`, `${fittedWhat(what, words)}: ${words}.`)),
    ...renewed.map(({ part }) => line(`new-${part}`, `New ${TRAIL_PARTS[part].label}.`)),
    ...(closed && !resealed
      ? [
          line(
            'back-seal-again',
            'The case was opened and closed again on its own seal, cleaned and greased.',
          ),
        ]
      : []),
    ...(kept.tray.asked.includes('reseal') && back.has('stem')
      ? [line('crown', 'Crown, its tube and its seal cleaned and greased or renewed.')]
      : []),
    ...(bag.length > 0 ? [line('bag', `In the bag with it: ${bag.join(', ')}.`)] : []),
    ...(opened.rim?.judgement.isLevel
      ? [line('rim', 'The crystal stands level all round; it was measured.')]
      : []),
  ]
}

function fittedWhat(what: string, words: string): string {
  return words.toLowerCase().startsWith(ITS_OWN) ? what : `New ${what.toLowerCase()}`
}

/** How a part of the piece itself is told. */
const ITS_OWN = 'its own'

function testedLines({ dryTest, running, kept }: TrayCase): DraftLine[] {
  return [
    ...(dryTest ? [line('dry-test', dryWords(dryTest))] : [line('no-dry-test', NOT_TESTED)]),
    ...(dryTest?.isTight && isClassStated(kept.tray) ? [line('test-says', TEST_SAYS)] : []),
    ...(running && running.words !== '' ? [line('running', `It ${running.words}.`)] : []),
  ]
}

const NOT_TESTED = 'It was not tested for water: keep it dry.'
const TEST_SAYS =
  'That is how tight it was on the day of the test. Seals age, and a knock or an opening makes a new test due.'

function dryWords({ isTight, judged, read }: NonNullable<TrayCase['dryTest']>): string {
  const bar = `${formatMm(Math.abs(read.air.pressureBar), 0.1)} bar`
  const how = read.air.pressureBar < 0 ? `under ${bar} less than outside` : `under ${bar}`
  if (isTight) return `Tested dry ${how}: it is tight.`
  if (judged.verdict === 'fail') return `Tested dry ${how}: it is not tight. Keep it dry.`
  const why =
    judged.verdict === 'pass' ? 'it was tight, and was opened again since' : 'the test could not tell'
  return `Tested dry ${how}: ${why}. Keep it dry until it is tested again.`
}

function notDone({ kept, stages }: TrayCase): DraftLine[] {
  const cannot = kept.findings.filter(({ kind }) => kind === 'cannot-repair')
  const left = stages.flatMap(({ demands }) => demands).filter(({ met, leftOut }) => !met && leftOut !== null)
  return [
    ...cannot.map(({ id, words }) =>
      line(
        `finding-${id}`,
        `Cannot be put right here: ${sentence(words)} What it would cost, a specialist has to say.`,
      ),
    ),
    ...left.map(({ subject, open, leftOut }) =>
      line(
        `left-${subject.replace(/^step:/, '')}`,
        `${capital(open.replace(/\.$/, ''))}: ${sentence(leftOut?.reason ?? '')}`,
      ),
    ),
  ]
}

function line(key: string, words: string): DraftLine {
  return { key, words }
}

function sentence(words: string): string {
  return /[.!?…]$/.test(words) ? words : `${words}.`
}
