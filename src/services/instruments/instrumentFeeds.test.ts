import { feedOf, theBridge } from './instrumentFeeds'

const AT = { trayId: 1, dimension: 'bore', placeIndex: 0 } as const

it('serves twelve pages at once, tells one more, and takes it once another has gone', () => {
  const troubles: string[] = []
  const listen = () =>
    feedOf('bridge', undefined as never).listen(AT, {
      onLine: () => undefined,
      onTrouble: (words) => troubles.push(words),
    })
  const stops = Array.from({ length: 12 }, listen)
  expect(troubles).toEqual([])
  const refused = listen()
  expect(troubles).toEqual([expect.stringMatching(/^12 pages listen to instruments already/)])
  expect(theBridge().send({ line: '30.02', instrumentId: 1 })).toBe(12)
  // Going twice frees one place, and one that was never taken frees none.
  stops[0]?.()
  stops[0]?.()
  refused()
  stops[0] = listen()
  listen()
  expect(troubles).toHaveLength(2)
  expect(theBridge().send({ line: '30.02', instrumentId: 1 })).toBe(12)
  for (const stop of stops) stop()
})
