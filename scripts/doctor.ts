// Looks at the shop's data and says what is wrong with it; changes nothing of it without being told to.
//   npm run doctor                 looks, on a copy
//   npm run doctor -- --repair     puts back what the newest backup holds, in a new folder
//   npm run doctor -- --accept     goes on with what is there, and writes down what differed
import path from 'node:path'
import { parseArgs } from 'node:util'
import { MIGRATIONS } from '@/data/client'
import { acceptFolder } from '@/data/doctor/acceptFolder'
import { examineFolder } from '@/data/doctor/examineFolder'
import { repairFolder } from '@/data/doctor/repairFolder'
import { isSound, repairText, reportOf } from '@/data/doctor/report'
import { backupsFolder, dataLocation } from '@/data/environment'

try {
  process.exitCode = (await look()) ? 0 : 1
} catch (error) {
  console.error(`whyalon: ${error instanceof Error ? error.message : String(error)}`)
  process.exitCode = 1
}

async function look(): Promise<boolean> {
  const { values } = parseArgs({ options: { repair: { type: 'boolean' }, accept: { type: 'boolean' } } })
  const location = dataLocation(process.env)
  if (location.kind === 'server')
    throw new Error(
      'the data is on the server of DATABASE_URL. It is compared with its sums at the first start of a day; to go back, restore a backup into an empty database.',
    )
  const backups = backupsFolder(process.env, location)
  const examination = await examineFolder(location.folder, backups)
  for (const line of reportOf(examination)) console.log(line)
  if (isSound(examination)) return true
  if (values.repair) {
    const repair = await repairFolder(examination, backups ?? '', path.resolve(MIGRATIONS))
    for (const line of repairText(repair)) console.log(line)
    return repair.left.length === 0
  }
  if (values.accept) {
    const accepted = await acceptFolder(location.folder)
    console.log(`accepted  ${accepted.join('\n          ')}`)
    return true
  }
  return false
}
