import { jest } from '@jest/globals'
import { sendPicture } from './sendPicture'

const file = new File([new Uint8Array([1, 2, 3])], 'front.jpg', { type: 'image/jpeg' })

describe('a picture that no answer came for', () => {
  const { fetch } = globalThis
  beforeEach(() => {
    jest.useFakeTimers()
  })
  afterEach(() => {
    jest.useRealTimers()
    globalThis.fetch = fetch
  })

  /** Answers as told, one after another; the last for good. @returns keys it was sent under */
  function answering(...answers: readonly (() => Promise<Response>)[]): (string | null)[] {
    const keys: (string | null)[] = []
    globalThis.fetch = (_, init) => {
      keys.push(new Headers(init?.headers).get('x-key'))
      return (answers[keys.length - 1] ?? answers.at(-1) ?? noAnswer)()
    }
    return keys
  }
  const noAnswer = () => Promise.reject(new TypeError('no answer'))
  const kept = () => Promise.resolve(Response.json({ ok: true, id: 7 }, { status: 201 }))

  it('is sent again under the same key until there is one', async () => {
    const keys = answering(noAnswer, noAnswer, kept)
    const sent = sendPicture(3, file)
    await jest.runAllTimersAsync()
    expect(await sent).toEqual({ ok: true, id: 7 })
    expect(keys).toHaveLength(3)
    expect(new Set(keys).size).toBe(1)
    expect(keys[0]).toMatch(/^[0-9a-f-]{36}$/)
  })

  it('is not said to be kept or not where none comes for long', async () => {
    const keys = answering(noAnswer)
    const sent = sendPicture(3, file)
    await jest.runAllTimersAsync()
    expect(await sent).toMatchObject({ ok: false, message: expect.stringMatching(/^Not known/) as string })
    expect(keys.length).toBeGreaterThan(3)
    // Added once more by hand it is the same picture: kept before, it is not kept twice.
    const later = answering(kept)
    expect(await sendPicture(3, file)).toEqual({ ok: true, id: 7 })
    expect(later).toEqual([keys[0]])
  })

  it('is said to be sent again while it is', async () => {
    answering(noAnswer, noAnswer, kept)
    const again = jest.fn()
    const sent = sendPicture(3, file, again)
    await jest.runAllTimersAsync()
    await sent
    expect(again).toHaveBeenCalledTimes(2)
  })

  it('is another one each time somebody adds one', async () => {
    const keys = answering(kept)
    await sendPicture(3, file)
    await sendPicture(3, file)
    expect(new Set(keys).size).toBe(2)
  })
})
