import path from 'node:path'
import { fillDisk, smallDisk } from './fullDisk'
import { inHome } from './inHome'

// More are done by `npm run torture -- --only disk`.
it(
  'a shop on a disk that fills up says so, goes on once there is room, and has all it said was stored',
  () =>
    inHome(async (home) => {
      const disk = path.join(home, 'disk')
      const unmount = smallDisk(disk)
      // Only who administers a machine may mount a disk; `npm run torture` says so.
      if (unmount === null) return
      try {
        const { wrong, refused } = await fillDisk(disk, 2, 20)
        expect(wrong).toEqual([])
        expect(refused).toBeGreaterThan(0)
      } finally {
        unmount()
      }
    }),
  240_000,
)
