import fs from 'node:fs'
import { trayRecordsSchema } from '@/data/exchange/trayRecordsSchema'
import { LIMITS_SCHEMA_PATH, limitsSchema } from '@/io/json/limitsJson'
import { TRAY_SCHEMA_PATH, traySchema } from '@/io/json/trayJson'
import { CASE_SHEET_SCHEMA_PATH, caseSheetSchema } from '@/io/json/caseSheetJson'

const SCHEMAS = {
  [CASE_SHEET_SCHEMA_PATH]: caseSheetSchema(),
  [TRAY_SCHEMA_PATH]: traySchema(trayRecordsSchema()),
  [LIMITS_SCHEMA_PATH]: limitsSchema(),
}

fs.mkdirSync('public', { recursive: true })
for (const [name, schema] of Object.entries(SCHEMAS))
  fs.writeFileSync(`public${name}`, `${JSON.stringify(schema, null, 2)}\n`)
