// Makes an empty, up-to-date data folder at the path given: tests start from copies of it, since making one takes the
// embedded database seconds and copying it none.
import { openStore } from '@/data/client'

const folder = process.argv[2]
if (!folder) throw new Error('say where: emptyStore.ts FOLDER')
await (await openStore({ kind: 'folder', folder })).close()
