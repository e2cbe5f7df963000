import type { ChildProcess } from 'node:child_process'
import { fork } from 'node:child_process'

/** A picture as it is kept. */
export interface Picture {
  /** JPEG */
  readonly bytes: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

export interface DecodedPicture extends Picture {
  /** true where it came no larger than it is kept */
  readonly wasSmall: boolean
}

export interface DecoderOptions {
  /** the program that decodes, from the project's folder */
  readonly script: string
  /** one that takes longer is killed, ms */
  readonly withinMs: number
  /** without work it is ended after this, ms */
  readonly idleMs: number
}

/**
 * Decodes pictures one after another in a process of its own: one that hangs or dies over a picture takes nothing else with
 * it, and the next picture gets a new one.
 * @returns null of what is no picture, and of what could not be decoded in time
 */
export function pictureDecoder(
  options: DecoderOptions,
): (bytes: Uint8Array) => Promise<DecodedPicture | null> {
  let child: ChildProcess | null = null
  let idle: NodeJS.Timeout | undefined
  let line: Promise<unknown> = Promise.resolve()

  const end = () => {
    child?.kill('SIGKILL')
    child = null
  }
  const decode = async (bytes: Uint8Array): Promise<DecodedPicture | null> => {
    clearTimeout(idle)
    child ??= started(options.script)
    const picture = await answerOf(child, bytes, options.withinMs)
    if (picture === 'none') end()
    // Nothing waits for it, and it keeps nobody from ending.
    idle = setTimeout(end, options.idleMs).unref()
    return picture === 'none' ? null : picture
  }
  return (bytes) => {
    const mine = line.then(() => decode(bytes))
    line = mine.catch(() => undefined)
    return mine
  }
}

function started(script: string): ChildProcess {
  const child = fork(/*turbopackIgnore: true*/ script, [], {
    serialization: 'advanced',
    stdio: 'ignore',
    execArgv: [],
  })
  child.unref()
  child.channel?.unref()
  return child
}

function answerOf(
  child: ChildProcess,
  bytes: Uint8Array,
  withinMs: number,
): Promise<DecodedPicture | null | 'none'> {
  return new Promise((resolve) => {
    const settle = (answer: DecodedPicture | null | 'none') => {
      clearTimeout(late)
      child.removeAllListeners()
      child.channel?.unref()
      resolve(answer)
    }
    const late = setTimeout(() => settle('none'), withinMs)
    child.once('message', (answer) => settle(answer as DecodedPicture | null))
    child.once('exit', () => settle('none'))
    child.once('error', () => settle('none'))
    child.channel?.ref()
    child.send(bytes, (error) => error && settle('none'))
  })
}
