import type Joi from 'joi'
import { troubleOf } from '@/core/tray/CaseTrouble'
import type { Db } from '@/data/client'
import { dataTrouble } from '@/data/errors'
import type { Refusal, Validated } from './boundary'
import { refuse, validate } from './boundary'

/** How an input is checked: by a schema, or by the fields of several forms at once. */
export type Check<Checked> = Joi.ObjectSchema<Checked> | ((input: unknown) => Validated<Checked>)

/**
 * One thing that can be asked of the server, declared once: how its input is checked and what is done. What comes in is
 * never trusted; the type of what is sent is for those who send it, and nothing holds it.
 */
export type Action<Sent, Result> = ((db: Db, input: unknown, now: Date) => Promise<Result | Refusal>) & {
  readonly sent?: Sent
  /** the schema of its input; null where it is checked by the fields of forms */
  readonly schema: Joi.ObjectSchema | null
}

type SentTo<A> = A extends Action<infer Sent, unknown> ? Sent : never
type AnswerOf<A> = A extends (...args: never[]) => Promise<infer Answer> ? Answer : never

/** A set of actions as a page calls them: by their input, and a key where it may have to send them once more. */
export type CallsOf<Actions> = {
  readonly [Name in keyof Actions]: (
    input: SentTo<Actions[Name]>,
    key?: string,
  ) => Promise<AnswerOf<Actions[Name]>>
}

/** Declares an action. What cannot be judged is refused with the reason. @param run - is given input that has been checked */
export function action<Checked, Result, Sent = Checked>(
  check: Check<Checked>,
  run: (db: Db, input: Checked, now: Date) => Promise<Result | Refusal>,
): Action<Sent, Result> {
  const act: (db: Db, input: unknown, now: Date) => Promise<Result | Refusal> = async (db, input, now) => {
    const checked = typeof check === 'function' ? check(input) : validate(check, input)
    if (!checked.ok) return checked
    try {
      return await run(db, checked.value, now)
    } catch (error) {
      return refuse(dataTrouble(error) ?? troubleOf(error))
    }
  }
  return Object.assign(act, { schema: typeof check === 'function' ? null : check })
}
