/** Why the body of a change cannot be read as one. */
export interface Unreadable {
  readonly status: 400 | 405 | 415
  readonly message: string
}

/** Name, input, key, and what the page saw of its tray. */
const MOST_ARGUMENTS = 4
const PLAIN = /^text\/plain\b/i
/** Values that JSON has no words for, as pages write them; a text that begins with the sign itself begins with two. */
const WORDS: readonly string[] = ['undefined', 'NaN', 'Infinity', '-Infinity', '-0']

/**
 * Whether what a page posts can be read at all, before it is handed to what would fail over it. The pages of an
 * application post nothing but changes: a list of arguments as JSON, in which a text that begins with “$” says more than
 * itself (react-server-dom, `encodeReply`).
 * @param change - name of the door it goes to; null where it goes to none
 * @param body - asked for only where it has to be read
 * @returns why not, or null
 */
export async function unreadable(
  change: string | null,
  contentType: string | null,
  body: () => Promise<string>,
): Promise<Unreadable | null> {
  if (change === null)
    return { status: 405, message: 'A page is looked at, not sent to. Nothing was stored.' }
  if (!PLAIN.test(contentType ?? ''))
    return { status: 415, message: 'A change is sent as text. Nothing was stored. Use Whyalon’s own pages.' }
  return areArguments(await body()) ? null : MANGLED
}

export const NO_FORM: Unreadable = {
  status: 415,
  message: 'Nothing here takes a form. Nothing was stored. Send the file itself, with its own type.',
}

const MANGLED: Unreadable = {
  status: 400,
  message:
    'This change cannot be read: it was cut short, or no page of Whyalon’s sent it. Nothing was stored; load the page again.',
}

function areArguments(text: string): boolean {
  let given: unknown
  try {
    given = JSON.parse(text)
  } catch {
    return false
  }
  return Array.isArray(given) && given.length <= MOST_ARGUMENTS && isReadable(given, given)
}

function isReadable(value: unknown, root: unknown): boolean {
  if (typeof value === 'string') return !value.startsWith('$') || isKnown(value.slice(1), root)
  if (typeof value !== 'object' || value === null) return true
  return Object.values(value).every((part) => isReadable(part, root))
}

/** True of a word pages write, a text that begins with “$”, or a way to another place of the arguments: “0:1:fields”. */
function isKnown(word: string, root: unknown): boolean {
  if (word.startsWith('$') || WORDS.includes(word)) return true
  const [first, ...way] = word.split(':')
  if (first !== '0') return false
  let at = root
  for (const step of way) {
    if (typeof at !== 'object' || at === null || !Object.hasOwn(at, step)) return false
    at = (at as Readonly<Record<string, unknown>>)[step]
  }
  return true
}
