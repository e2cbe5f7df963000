import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { demoStore } from '../../../tests/stores/demoStore'
import { testStores } from '../../../tests/stores/testStores'
import { benchView } from '../bench/benchView'
import { shopTools } from '../shop/shopTools'
import { takeReading } from '../tray/takeReading'
import { checkInstrument } from './checkInstrument'

const NOW = new Date('2026-11-24T10:00:00Z')
const BEFORE = new Date('2026-11-24T09:50:00Z')
const AFTER = new Date('2026-11-24T10:05:00Z')

describe.each(testStores())('an instrument that failed its check, on $name', ({ openDemo }) => {
  const store = demoStore(openDemo)

  it('is asked about at its first figure of a dimension, reads wider, and is sound again once set right', async () => {
    const { instruments } = await openBrokenTray(store.db, 'Doubt', NOW)
    const instrumentId = instruments.find(({ kind }) => kind === 'caliper')?.id ?? 0
    const bore = async (reference: string) => {
      const { tray } = await openBrokenTray(store.db, reference, NOW)
      return (placeIndex: number, confirmed: boolean, at = AFTER) =>
        takeReading(
          store.db,
          {
            trayId: tray.id,
            dimension: 'bore',
            placeIndex,
            text: '30.95',
            instrumentId,
            source: 'typed',
            confirmed,
          },
          at,
        )
    }
    const uOf = (result: Awaited<ReturnType<typeof takeReading>>) => {
      if (!result.ok) throw new Error(JSON.stringify(result))
      return result.view.readout.measured.bore?.standardUncertaintyMm ?? 0
    }
    const check = (correct: boolean) =>
      checkInstrument(store.db, { instrumentId, nominal: '10.00', readings: ['10.05'], correct }, NOW)
    const off = async () => (await benchView(store.db, NOW)).instrumentsOff

    const sound = uOf(await (await bore('Sound'))(0, false))
    const readBefore = await bore('Read before')
    expect((await readBefore(0, false, BEFORE)).ok).toBe(true)
    expect((await check(false)).ok).toBe(true)
    expect(await readBefore(1, false)).toMatchObject({ ok: false, ask: { keepAllowed: true } })
    expect(await off()).toEqual([expect.stringMatching(/^Caliper showed \+0.05 on 10.00 at its last check/)])
    const read = await bore('Asked')
    expect(await read(0, false)).toMatchObject({
      ok: false,
      ask: {
        keepAllowed: true,
        suggestionMm: null,
        message: expect.stringMatching(/take its drift off in Settings/) as string,
      },
    })
    expect(uOf(await read(0, true))).toBeGreaterThan(2 * sound)
    expect((await read(1, false)).ok).toBe(true)
    expect((await shopTools(store.db)).checks[0]?.doubt).toMatch(/showed \+0.05/)

    expect((await check(true)).ok).toBe(true)
    expect(await off()).toEqual([])
    expect((await shopTools(store.db)).checks.map(({ doubt }) => doubt)).toEqual([null, null])
    expect(uOf(await (await bore('Right again'))(0, false))).toBeCloseTo(sound, 12)
  })
})
