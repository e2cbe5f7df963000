// Restores a backup into a new data folder, or an empty database: npm run restore -- FILE
import path from 'node:path'
import { restoreBackup } from '@/data/backup/backups'
import { MIGRATIONS } from '@/data/client'
import { dataLocation } from '@/data/environment'

const [file] = process.argv.slice(2)
const location = dataLocation(process.env)
const where = location.kind === 'server' ? 'the database of DATABASE_URL' : location.folder
if (!file) {
  console.error('whyalon: which backup? npm run restore -- FILE, with WHYALON_DATA set to a new folder.')
  process.exit(1)
}
try {
  const { madeAt, tables } = await restoreBackup(
    path.resolve(process.env.INIT_CWD ?? '.', file),
    location,
    path.resolve(MIGRATIONS),
  )
  const rows = tables.reduce((sum, table) => sum + table.rows, 0)
  console.log(`whyalon: restored into ${where}: ${rows} rows of ${tables.length} tables, as of ${madeAt}`)
} catch (error) {
  console.error(`whyalon: not restored. ${error instanceof Error ? error.message : String(error)}`)
  process.exit(1)
}
