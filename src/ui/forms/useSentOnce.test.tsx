import { renderHook } from '@testing-library/react'
import { useSentOnce } from './useSentOnce'

it('sends the same under the same key until it is answered, and anything else under another', async () => {
  const keys: unknown[] = []
  let away = true
  const { result } = renderHook(() =>
    useSentOnce((_: { pieces: number }, key?: string) => {
      keys.push(key)
      return away ? Promise.reject(new Error('away')) : Promise.resolve('stored')
    }),
  )
  const send = (pieces: number) => result.current({ pieces })
  await expect(send(2)).rejects.toThrow('away')
  await expect(send(2)).rejects.toThrow('away')
  expect(keys[1]).toBe(keys[0])
  await expect(send(3)).rejects.toThrow('away')
  expect(keys[2]).not.toBe(keys[0])
  away = false
  expect(await send(3)).toBe('stored')
  expect(keys[3]).toBe(keys[2])
  await send(3)
  expect(keys[4]).not.toBe(keys[3])
})
