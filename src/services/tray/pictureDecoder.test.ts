import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import sharp from 'sharp'
import { pictureDecoder } from './pictureDecoder'

let home: string
beforeAll(() => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-decoder-'))
})
afterAll(() => fs.rmSync(home, { recursive: true, force: true }))

/** A decoder over a program that does as told with what it is sent. */
function decoderThat(name: string, does: string, withinMs = 10_000) {
  const script = path.join(home, `${name}.mjs`)
  fs.writeFileSync(
    script,
    `import fs from 'node:fs'
fs.appendFileSync(${JSON.stringify(path.join(home, name))}, process.pid + ' ')
process.on('message', (bytes) => { ${does} })
process.on('disconnect', () => process.exit())
`,
  )
  return pictureDecoder({ script, withinMs, idleMs: 100 })
}
const processes = (name: string) =>
  fs.readFileSync(path.join(home, name), 'utf8').trim().split(' ').map(Number)
const isAlive = (pid: number) => {
  try {
    return process.kill(pid, 0)
  } catch {
    return false
  }
}
const ANSWER = 'process.send({ bytes, widthPx: bytes.length, heightPx: 1, wasSmall: true })'
const HANG = Uint8Array.of(0)

it('decodes one after another in one process, and ends it when nothing is left to do', async () => {
  const decode = decoderThat('plain', ANSWER)
  const answers = await Promise.all([1, 2, 3].map((length) => decode(new Uint8Array(length))))
  expect(answers.map((picture) => picture?.widthPx)).toEqual([1, 2, 3])
  const [pid = 0, ...more] = processes('plain')
  expect(more).toEqual([])
  while (isAlive(pid)) await new Promise((resolve) => setTimeout(resolve, 20))
  expect((await decode(new Uint8Array(4)))?.widthPx).toBe(4)
  expect(processes('plain')).toHaveLength(2)
})

it('kills one that hangs over a picture; the next picture has a new one', async () => {
  const decode = decoderThat('hangs', `if (bytes[0] === 0) for (;;); ${ANSWER}`, 6000)
  const [hung, next] = await Promise.all([decode(HANG), decode(Uint8Array.of(1, 2))])
  expect(hung).toBeNull()
  expect(next?.widthPx).toBe(2)
  const [first = 0, second] = processes('hangs')
  expect(second).not.toBe(first)
  while (isAlive(first)) await new Promise((resolve) => setTimeout(resolve, 20))
})

it('outlives one that dies over a picture, and one that cannot be started', async () => {
  const decode = decoderThat('dies', `if (bytes[0] === 0) process.abort(); ${ANSWER}`)
  expect(await decode(HANG)).toBeNull()
  expect((await decode(Uint8Array.of(1)))?.widthPx).toBe(1)
  const none = pictureDecoder({ script: path.join(home, 'not-there.mjs'), withinMs: 5000, idleMs: 100 })
  expect(await none(HANG)).toBeNull()
})

it('makes of a picture what is kept, and nothing of what is none', async () => {
  const decode = pictureDecoder({ script: 'scripts/decodePictures.mjs', withinMs: 30_000, idleMs: 100 })
  const picture = await sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#234' } })
    .jpeg()
    .withMetadata({ orientation: 6 })
    .toBuffer()
  expect(await decode(picture)).toMatchObject({ widthPx: 800, heightPx: 1600, wasSmall: false })
  expect(
    await decode(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
  ).toBeNull()
  expect(await decode(Buffer.from('no picture'))).toBeNull()
  // Cut off in the middle.
  expect(await decode(picture.subarray(0, picture.length / 2))).toBeNull()
})
