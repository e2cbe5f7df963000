import { keptRestarts, PANIC_STATUS } from '../../scripts/lib/restarts.mjs'
import { PANIC_STATUS as STATUS_OF_SERVER } from '@/data/folder/endOnPanic'

it('is begun anew at most thrice a minute', () => {
  const restarts = keptRestarts()
  expect([0, 10_000, 20_000, 30_000, 59_999].map((at) => restarts.mayBegin(at))).toEqual([
    true,
    true,
    true,
    false,
    false,
  ])
  expect([60_000, 60_001].map((at) => restarts.mayBegin(at))).toEqual([true, false])
})

it('knows the status its server ends with', () => {
  expect(PANIC_STATUS).toBe(STATUS_OF_SERVER)
})
