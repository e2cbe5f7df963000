import { spawnSync } from 'node:child_process'
import fs from 'node:fs'
import path from 'node:path'
import { PANIC_STATUS } from '@/data/folder/endOnPanic'
import { seededRandom } from '@/devices/seededRandom'
import { HeardLedger } from './heardLedger'
import { startLife } from './life'
import { newShop } from './newShop'

/** What a disk that filled up came to, so many times. */
export interface FullCount {
  readonly runs: number
  /** said to be full, and worked again once there was room, with nothing started anew */
  readonly refused: number
  /** ended because the log could not grow */
  readonly panics: number
  readonly stored: number
  readonly wrong: readonly string[]
}

/** A small disk of its own, MB. */
const DISK_MB = 190
/** Left free at most, MB: more than what is asked for before a change, and less. */
const MOST_LEFT_MB = 90
/** A shop that has found room enough is no longer waited for, ms. */
const ENOUGH_MS = 1500

/** Mounts a small disk. @returns null where this machine does not allow it */
export function smallDisk(at: string): (() => void) | null {
  fs.mkdirSync(at, { recursive: true })
  const { status } = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', at])
  return status === 0 ? () => void spawnSync('umount', ['-l', at]) : null
}

/**
 * Fills the disk under a working shop so many times, to an amount drawn by a seed, makes room again and has the next one
 * look whether everything that was answered as stored is there once.
 * @param disk - a small one, with nothing on it
 */
export async function fillDisk(
  disk: string,
  runs: number,
  seed: number,
  told: (count: FullCount) => void = () => undefined,
): Promise<FullCount> {
  const random = seededRandom(seed)
  const folder = path.join(disk, 'data')
  const filler = path.join(disk, 'filler')
  const ledger = new HeardLedger(`${disk}.ledger.json`)
  await newShop(folder)
  let [refused, panics] = [0, 0]
  const counted = (done: number): FullCount => ({
    runs: done,
    refused,
    panics,
    stored: ledger.stored,
    wrong: ledger.wrong,
  })
  for (let run = 0; run < runs && ledger.wrong.length === 0; run++) {
    ledger.write()
    const leftMb = random.uniform(0, MOST_LEFT_MB)
    let wasFull = false
    let hasRoom = false
    const { child, ended } = startLife(
      'shopWorker.ts',
      [folder, ledger.file, String(seed * 10_000 + run)],
      (line) => {
        ledger.hear(line)
        const makeRoom = () => {
          fs.rmSync(filler, { force: true })
          hasRoom = true
        }
        if (line === 'whole') {
          fill(filler, leftMb)
          setTimeout(() => !wasFull && child.kill('SIGKILL'), ENOUGH_MS)
        }
        if (line === 'full' && !wasFull) {
          wasFull = true
          makeRoom()
        } else if (line.startsWith('stored') && hasRoom) child.kill('SIGKILL')
      },
    )
    const { signal, code, errors } = await ended
    fs.rmSync(filler, { force: true })
    if (code === PANIC_STATUS) panics++
    else if (signal !== 'SIGKILL') ledger.wrong.push(`run ${run} ended by itself with ${code}: ${errors}`)
    else if (wasFull) refused++
    ledger.endLife()
    told(counted(run + 1))
  }
  return counted(runs)
}

/** Takes all but so much of the disk. */
function fill(filler: string, leftMb: number): void {
  const { bavail, bsize } = fs.statfsSync(path.dirname(filler))
  const take = Math.max(0, Math.floor(bavail * bsize - leftMb * 1024 * 1024))
  const block = Buffer.alloc(1024 * 1024)
  const file = fs.openSync(filler, 'w')
  try {
    for (let taken = 0; taken < take; taken += block.length)
      fs.writeSync(file, block, 0, Math.min(block.length, take - taken))
  } finally {
    fs.closeSync(file)
  }
}
