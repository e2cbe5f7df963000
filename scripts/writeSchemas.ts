import fs from 'node:fs'
import { CASE_SHEET_SCHEMA_PATH, caseSheetSchema } from '@/io/json/caseSheetJson'

fs.mkdirSync('public', { recursive: true })
fs.writeFileSync(`public${CASE_SHEET_SCHEMA_PATH}`, `${JSON.stringify(caseSheetSchema(), null, 2)}\n`)
