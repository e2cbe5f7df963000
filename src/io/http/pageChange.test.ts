import { jest } from '@jest/globals'
import { unreadable } from './pageChange'

const TEXT = 'text/plain;charset=UTF-8'
const read = (body: string, type: string | null = TEXT, change: string | null = 'door') =>
  unreadable(change, type, () => Promise.resolve(body)).then((found) => found?.status ?? 'read')

it.each([
  ['["takeReading",{"text":"30.94"},"key",{"page":"p","revision":3}]'],
  ['["takeReading","$undefined","$undefined","$NaN"]'],
  ['["note",{"text":"$$5 for the crystal"}]'],
  ['["saveRecord",{"fields":{"a":1},"again":"$0:1:fields"}]'],
  ['[]'],
])('what a page sends is read: %s', async (body) => {
  expect(await read(body)).toBe('read')
})

it.each([
  ['cut short', '["takeReading",{"text":"30.9'],
  ['nothing', ''],
  ['no list', '{"0":"takeReading"}'],
  ['too many arguments', '[1,2,3,4,5]'],
  ['a part that was never sent', '["takeReading","$5"]'],
  ['a way that leads nowhere', '["takeReading","$0:1:fields"]'],
  ['a way into what everything has', '["takeReading","$0:constructor"]'],
  ['a function', '["takeReading",{"deep":["$h1"]}]'],
  ['a stream', '["takeReading","$R0"]'],
])('%s is refused as unreadable', async (_, body) => {
  expect(await read(body)).toBe(400)
})

it('is asked for its body only where that is text for a door', async () => {
  const body = jest.fn(() => Promise.resolve('[]'))
  expect((await unreadable('door', 'multipart/form-data', body))?.status).toBe(415)
  expect((await unreadable('door', null, body))?.status).toBe(415)
  expect((await unreadable(null, TEXT, body))?.status).toBe(405)
  expect(body).not.toHaveBeenCalled()
})
