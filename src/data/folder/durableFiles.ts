import fs from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { NodeFS } from '@electric-sql/pglite/nodefs'

/**
 * How the engine is started so that it waits for the disk: as shipped it runs with `-F`, which turns syncing off, and
 * its usual way of syncing the log does nothing in this file layer. PostgreSQL documentation, 19.5 Write Ahead Log.
 */
export const DURABLE_START: readonly string[] = [
  ...PGlite.defaultStartParams.filter((param) => param !== '-F'),
  '-c',
  'wal_sync_method=fsync',
]

/** Answered to the engine where a sync failed: it must not believe that anything was kept (POSIX errno, WASI numbering). */
const EIO = 29

type Start = Parameters<NodeFS['init']>[1]

/** What of the engine's file layer is given a sync of its own. */
interface SyncableLayer {
  stream_ops: { fsync?: (stream: { readonly nfd: number }) => number }
}

/** The engine's files in a folder of the disk: what it wants kept is on the disk before it goes on. */
export class DurableFiles extends NodeFS {
  constructor(
    folder: string,
    /** replaced where a test counts or fails it */
    private readonly sync: (descriptor: number) => void = fs.fsyncSync,
  ) {
    super(folder)
  }

  override async init(engine: PGlite, start: Start): ReturnType<NodeFS['init']> {
    const { emscriptenOpts } = await super.init(engine, start)
    const preRun = [
      ...(emscriptenOpts.preRun ?? []),
      (module: { readonly NODEFS: unknown }) => {
        const layer = module.NODEFS as SyncableLayer
        layer.stream_ops.fsync = ({ nfd }) => {
          try {
            this.sync(nfd)
            return 0
          } catch {
            return EIO
          }
        }
      },
    ]
    return { emscriptenOpts: { ...emscriptenOpts, preRun } }
  }
}

/** Puts every file of a folder and the folders themselves on the disk: what was laid down before anything was synced. */
export function syncFolder(folder: string): void {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name)
    if (entry.isDirectory()) syncFolder(at)
    else if (entry.isFile()) syncEntry(at)
  }
  syncEntry(folder)
}

/** Puts one file, or the names in one folder, on the disk. */
export function syncEntry(at: string): void {
  const descriptor = fs.openSync(at, 'r')
  try {
    fs.fsyncSync(descriptor)
  } finally {
    fs.closeSync(descriptor)
  }
}
