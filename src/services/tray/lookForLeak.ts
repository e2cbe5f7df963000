import Joi from 'joi'
import type { LeakPlace } from '@/core/dry-test/LeakPlace'
import { LEAK_PLACES } from '@/core/dry-test/LeakPlace'
import { againstWorkingOn, LEAK_PLACE_FACTS, stepsAnew } from '@/core/dry-test/likelyPlaces'
import { jobOf } from '@/core/procedure/jobOf'
import { procedure } from '@/core/procedure/procedure'
import { insertLeakPlace } from '@/data/queries/dryRecords'
import { insertTick } from '@/data/queries/ticks'
import { setTrayStage } from '@/data/queries/trays'
import { idSchema, reasonSchema, refuse } from '../boundary'
import { trayChange } from './trayChange'

interface Sent {
  readonly trayId: number
  readonly place: LeakPlace
  readonly reason: string
}

const schema = Joi.object<Sent>({
  trayId: idSchema.required(),
  place: Joi.string()
    .valid(...LEAK_PLACES)
    .required(),
  reason: reasonSchema('leak changed as the crown was greased').required(),
})

/** Goes back to where a leak is looked for: the steps on it are open again, and the reason is kept with the test. */
export const lookForLeak = trayChange<Sent>(
  schema,
  async (tx, { trayId, place, reason }, opened, now) => {
    const { dryTest, facts, kept, procedure: before } = opened
    if (!dryTest) return refuse('No dry test was recorded yet: nothing says that it leaks.')
    if (dryTest.judged.verdict === 'pass')
      return refuse('The last dry test found it tight: there is no leak to look for.')
    const against = againstWorkingOn(place, jobOf(facts, kept.tray.schools))
    if (against !== null) return refuse(against, 'place')
    await insertLeakPlace(tx, { trayId, dryRecordId: dryTest.record.id, place, reason, at: now })
    const { steps } = procedure(
      { ...facts, leaksSuspected: [...facts.leaksSuspected, place] },
      kept.tray.schools,
    )
    for (const id of stepsAnew(place, [...before.steps, ...steps])) {
      const subject = `step:${id}`
      if (kept.ticks[subject] !== undefined) await insertTick(tx, { trayId, subject, done: false, at: now })
    }
    await setTrayStage(tx, trayId, LEAK_PLACE_FACTS[place].stage, null)
    return null
  },
  'decision',
)
