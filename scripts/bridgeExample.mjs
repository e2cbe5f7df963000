// Passes lines of a real instrument to Whyalon, one a line of standard input.
//   node scripts/bridgeExample.mjs --instrument 1 --token-file bridge-token.txt < /dev/ttyUSB0
// --url is http://127.0.0.1:3000 unless given. The token is made in Settings, Instrument bridge.
import { readFileSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'

const { values } = parseArgs({
  options: {
    url: { type: 'string', default: 'http://127.0.0.1:3000' },
    instrument: { type: 'string' },
    'token-file': { type: 'string' },
  },
})
if (!values.instrument || !values['token-file']) {
  console.error('Give --instrument NUMBER (from Settings) and --token-file FILE (the token made there).')
  process.exit(2)
}
const token = readFileSync(values['token-file'], 'utf8').trim()

for await (const line of createInterface({ input: process.stdin })) {
  if (line.trim() === '') continue
  const response = await fetch(`${values.url}/api/instruments/${values.instrument}/lines`, {
    method: 'POST',
    headers: { authorization: `Bearer ${token}`, 'content-type': 'text/plain' },
    body: line,
  }).catch((error) => ({ ok: false, status: 0, json: () => ({ errors: { form: error.message } }) }))
  const answer = await response.json()
  if (response.ok && answer.heard > 0) console.log(`${answer.valueMm} mm`)
  else if (response.ok) console.error(`${answer.valueMm} mm: no tray’s page is listening to the bridge`)
  else console.error(Object.values(answer.errors ?? {})[0] ?? `status ${response.status}`)
}
