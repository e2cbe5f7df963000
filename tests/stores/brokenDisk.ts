// Stores a reading on a data folder, then another one while the disk takes nothing any more.
import fs from 'node:fs'
import { PGlite } from '@electric-sql/pglite'
import { DURABLE_START, DurableFiles } from '@/data/folder/durableFiles'
import { endOnPanic, endProcess } from '@/data/folder/endOnPanic'

const [folder = ''] = process.argv.slice(2)
let broken = false
const files = new DurableFiles(folder, (descriptor) => {
  if (broken) throw new Error('EIO')
  fs.fsyncSync(descriptor)
})
const engine = await PGlite.create({ fs: files, startParams: [...DURABLE_START] })
engine.execProtocolStream = endOnPanic(engine.execProtocolStream.bind(engine), endProcess)
const store = () => engine.query('insert into readings (mm) values ($1)', [30.02])

await engine.query('insert into nothing values (1)').catch(() => undefined)
await store()
console.log('stored')
broken = true
console.log('broken')
await store()
console.log('stored')
