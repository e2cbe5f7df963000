import { BIND, CLOSE, DESCRIBE, HEAD_BYTES, PARSE, STATEMENT } from './protocol'

/** Sends one message of PostgreSQL's protocol and gives what comes back: `execProtocolStream` of the embedded engine. */
export type SendMessage<Answer, Options> = (message: Uint8Array, options?: Options) => Promise<Answer[]>

/** Statements that are kept ready; the one used longest ago makes room. */
const MOST_STATEMENTS = 250
/** Longer ones are lists of rows to store: the same one hardly comes twice. */
const LONGEST_BYTES = 12_000
/** A plan is made for tables as large as they are then: after so many uses it is made anew. */
const MOST_USES = 500

interface Kept<Answer> {
  readonly name: string
  uses: number
  /** what a description of the statement came to; null before it was asked for */
  described: Answer[] | null
}

/**
 * Keeps statements ready. The embedded engine has every query parsed, described and planned anew, which takes several
 * times as long as running it; under a name of its own a statement is parsed once, and planned anew only until
 * PostgreSQL finds that one plan serves (documentation of PREPARE). What is sent and what comes back stays the same.
 * The engine sends one query after another, each as parse, describe, bind, describe, execute: the order this rests on.
 */
export function keptStatements<Answer, Options>(
  send: SendMessage<Answer, Options>,
): SendMessage<Answer, Options> {
  const statements = new Map<string, Kept<Answer>>()
  const letGo: string[] = []
  let count = 0
  let current: { readonly key: string; readonly kept: Kept<Answer> } | null = null

  const parse = async (message: Uint8Array, options?: Options): Promise<Answer[]> => {
    current = null
    if (!isUnnamed(message, HEAD_BYTES)) return send(message, options)
    if (message.length > LONGEST_BYTES) {
      for (const entry of statements) letKeptGo(...entry)
      return send(message, options)
    }
    const key = Buffer.from(message).toString('latin1')
    const { kept, answer } = readyBefore(key) ?? (await readied(message, options))
    kept.uses++
    // Last in line again: first comes what was used longest ago.
    statements.delete(key)
    statements.set(key, kept)
    current = { key, kept }
    const [longestAgo] = statements
    if (statements.size > MOST_STATEMENTS && longestAgo) letKeptGo(...longestAgo)
    for (const name of letGo.splice(0)) await send(closing(name), options)
    return answer
  }

  const readyBefore = (key: string): { kept: Kept<Answer>; answer: Answer[] } | null => {
    const kept = statements.get(key)
    if (!kept) return null
    if (kept.uses < MOST_USES) return { kept, answer: [] }
    letKeptGo(key, kept)
    return null
  }

  const readied = async (message: Uint8Array, options?: Options) => {
    const kept: Kept<Answer> = { name: `kept_${++count}`, uses: 0, described: null }
    return { kept, answer: await send(withName(message, HEAD_BYTES, kept.name), options) }
  }

  const letKeptGo = (key: string, { name }: Kept<Answer>): void => {
    statements.delete(key)
    letGo.push(name)
  }

  const describe = async (message: Uint8Array, { kept }: NonNullable<typeof current>, options?: Options) =>
    (kept.described ??= await send(withName(message, HEAD_BYTES + 1, kept.name), options))

  const bind = async (
    message: Uint8Array,
    { key, kept }: NonNullable<typeof current>,
    options?: Options,
  ): Promise<Answer[]> => {
    try {
      // After the name of the portal, which is empty.
      return await send(withName(message, HEAD_BYTES + 1, kept.name), options)
    } catch (error) {
      // Its tables may have changed since it was parsed: parsed anew it tells what is really wrong.
      letKeptGo(key, kept)
      throw error
    }
  }

  return (message, options) => {
    const [type] = message
    if (type === PARSE) return parse(message, options)
    if (current && type === DESCRIBE && message[HEAD_BYTES] === STATEMENT)
      return describe(message, current, options)
    if (current && type === BIND && isUnnamed(message, HEAD_BYTES)) return bind(message, current, options)
    return send(message, options)
  }
}

function isUnnamed(message: Uint8Array, at: number): boolean {
  return message[at] === 0
}

/** A message with a name put where it has an empty one. */
function withName(message: Uint8Array, at: number, name: string): Uint8Array {
  const bytes = Buffer.concat([message.subarray(0, at), Buffer.from(name, 'latin1'), message.subarray(at)])
  bytes.writeInt32BE(bytes.length - 1, 1)
  return bytes
}

function closing(name: string): Uint8Array {
  return withName(Uint8Array.of(CLOSE, 0, 0, 0, 0, STATEMENT, 0), HEAD_BYTES + 1, name)
}
