import { Server } from './support/Server'
import { expect, test } from './support/bench'

test('a second Whyalon on the same data says who holds it, and starts once it is free', async ({
  server,
}) => {
  test.setTimeout(150_000)
  const second = new Server(server.data, 3217)
  const { status } = await second.start()
  expect(status).toBe(500)
  await server.stop()
  await expect.poll(async () => (await fetch(second.address)).status, { timeout: 30_000 }).toBe(200)
  await second.stop()
  expect((await server.start()).status).toBe(200)
})
