// Writes docs/limits.md anew from the code, laid out as the formatter would: after a limit was changed on purpose.
import fs from 'node:fs'
import { format, resolveConfig } from 'prettier'
import { limitsPage } from './limitsPage'

const file = 'docs/limits.md'
const options = await resolveConfig(file)
fs.writeFileSync(file, await format(limitsPage(), { ...options, filepath: file }))
