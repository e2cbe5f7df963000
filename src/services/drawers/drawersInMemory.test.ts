import { testStores } from '../../../tests/stores/testStores'
import type { StockIndex } from '@/core/fit/stockIndex'
import { stockedEdges, stockIndex } from '@/core/fit/stockIndex'
import type { Store } from '@/data/client'
import { allCrystals, allGaskets, insertCrystals, insertGaskets } from '@/data/queries/stock'
import { updatePart } from '@/data/queries/partRecords'
import { moveStock } from '@/data/queries/stockMoves'
import { drawersInMemory } from './drawersInMemory'

const crystal = (code: string, diameterMm: number, quantity = 2) => ({
  code,
  drawer: 'C1',
  diameterMm,
  edgeThicknessMm: 1,
  centreThicknessMm: 1,
  undersideRiseMm: 0,
  bevelMm: 0.2,
  material: 'mineral' as const,
  profile: 'flat' as const,
  quantity,
  priceCents: 500,
})
const gasket = (code: string, outerDiameterMm: number) => ({
  code,
  drawer: 'G1',
  outerDiameterMm,
  wallMm: 0.5,
  heightMm: 1,
  section: 'I' as const,
  footMm: 0,
  material: 'nylon' as const,
  colour: 'black',
  quantity: 1,
  priceCents: 100,
})

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('drawers in memory, on $name', ({ open }) => {
  let store: Store
  beforeAll(async () => {
    store = await open()
    await insertCrystals(store.db, [crystal('A', 30), crystal('B', 29.9, 1)])
    await insertGaskets(store.db, [gasket('G', 31)])
  }, 240_000)
  afterAll(() => store.close())

  /** What the database holds, laid out anew. */
  const anew = async (): Promise<StockIndex> =>
    stockIndex(await allCrystals(store.db), await allGaskets(store.db))
  const same = async () => expect((await drawersInMemory(store.db)).index).toEqual(await anew())

  it('follow what is taken out, changed, moved and added, by whatever way', async () => {
    await same()
    const [first] = await allCrystals(store.db)
    const [ring] = await allGaskets(store.db)
    if (!first || !ring) throw new Error('empty')
    const out = { change: -1, reason: 'picked', trayId: null, movedAt: NOW } as const
    await moveStock(store.db, { ...out, kind: 'crystal', partId: first.id })
    await moveStock(store.db, { ...out, kind: 'gasket', partId: ring.id })
    await same()
    expect((await drawersInMemory(store.db)).index.inStock.reduce((sum, n) => sum + n, 0)).toBe(1)
    await updatePart(store.db, 'crystal', first.id, { ...crystal('B', 41.5), edgeThicknessMm: 2 }, NOW)
    await insertCrystals(store.db, [crystal('C', 12)])
    await same()
    expect([...stockedEdges((await drawersInMemory(store.db)).index, 'disc')].sort()).toEqual([1, 2])
  })

  it('see what another transaction wrote, once it is stored, and nothing that was rolled back', async () => {
    const [first] = await allCrystals(store.db)
    if (!first) throw new Error('empty')
    await store.db.transaction(async (tx) => {
      await updatePart(
        tx,
        'crystal',
        first.id,
        { ...crystal(first.code, first.diameterMm), quantity: 7 },
        NOW,
      )
    })
    await same()
    await expect(
      store.db.transaction(async (tx) => {
        await updatePart(
          tx,
          'crystal',
          first.id,
          { ...crystal(first.code, first.diameterMm), quantity: 99 },
          NOW,
        )
        throw new Error('changed my mind')
      }),
    ).rejects.toThrow('changed my mind')
    await same()
  })

  it('are read once: the same drawers are the same index', async () => {
    expect(await drawersInMemory(store.db)).toBe(await drawersInMemory(store.db))
  })
})
